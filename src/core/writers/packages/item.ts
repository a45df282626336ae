// One question as an item of QTI 3.0 or 2.1.
import type { Item, Standard } from '../../model';
import { inline, picturesAt } from './content';
import { partsOf } from './interactions';
import type { Made } from './scoring';
import { HEAD, el, text, xmlOf, type Node } from './xml';
import { defined } from '../../shared/defined';

/** The versions that hold each question in a file of its own. */
export type TestStandard = Exclude<Standard, 'common-cartridge-1.3'>;

// Namespaces and schema places as the standard's examples have them, from memory.
const SPACES: Record<TestStandard, Record<string, string>> = {
  'qti-3.0': {
    xmlns: 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0',
    'xmlns:xsi': 'http://www.w3.org/2001/XMLSchema-instance',
    'xsi:schemaLocation':
      'http://www.imsglobal.org/xsd/imsqtiasi_v3p0 https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd',
  },
  'qti-2.1': {
    xmlns: 'http://www.imsglobal.org/xsd/imsqti_v2p1',
    'xmlns:xsi': 'http://www.w3.org/2001/XMLSchema-instance',
    'xsi:schemaLocation':
      'http://www.imsglobal.org/xsd/imsqti_v2p1 http://www.imsglobal.org/xsd/qti/qtiv2p1/imsqti_v2p1.xsd',
  },
};

/** A variable of the item that is given out. */
type Outcome = {
  identifier: string;
  cardinality: 'single' | 'multiple';
  baseType: 'float' | 'identifier';
  /** What it holds before anybody has answered. */
  start?: number;
  externalScored?: 'human' | undefined;
};

const outcome = ({ identifier, cardinality, baseType, start, externalScored }: Outcome): Node =>
  el(
    'qti-outcome-declaration',
    { identifier, cardinality, 'base-type': baseType, 'external-scored': externalScored },
    start === undefined
      ? undefined
      : el('qti-default-value', {}, el('qti-value', {}, text(String(start)))),
  );

const setOutcome = (identifier: string, value: Node): Node =>
  el('qti-set-outcome-value', { identifier }, value);

/** What a question tells beside its score: the feedback of the option that was picked, an explanation. */
type Telling = { outcome: Node; processing: Node };

/** The feedback of options is shown for what was picked. */
const tellsFeedback = ({ kind }: Item): Telling => ({
  outcome: outcome({
    identifier: 'PICKED',
    cardinality: kind === 'choice-many' ? 'multiple' : 'single',
    baseType: 'identifier',
  }),
  processing: setOutcome('PICKED', el('qti-variable', { identifier: 'RESPONSE' })),
});

/** The explanation is shown once the question is answered. */
const tellsExplanation = (): Telling => ({
  outcome: outcome({ identifier: 'SHOWN', cardinality: 'multiple', baseType: 'identifier' }),
  processing: setOutcome(
    'SHOWN',
    el(
      'qti-multiple',
      {},
      el('qti-base-value', { 'base-type': 'identifier' }, text('explanation')),
    ),
  ),
});

function tellingsOf(item: Item): Telling[] {
  return [
    ...(item.options?.some((option) => option.feedback?.plain) ? [tellsFeedback(item)] : []),
    ...(item.explanation?.plain ? [tellsExplanation()] : []),
  ];
}

function explanationOf(item: Item, made: Omit<Made, 'points'>): Node | undefined {
  if (!item.explanation?.plain) {
    return undefined;
  }
  const content = [inline(item.explanation), ...picturesAt(item, { at: 'explanation' }, made)];
  return el(
    'qti-modal-feedback',
    { 'outcome-identifier': 'SHOWN', identifier: 'explanation', 'show-hide': 'show' },
    el('qti-content-body', {}, el('p', {}, ...content)),
  );
}

/** The body holds blocks only; what is not a paragraph stands in a division. */
const asBlock = (node: Node): Node =>
  'name' in node && node.name === 'p' ? node : el('div', {}, node);

function attributesOf(item: Item, identifier: string, standard: TestStandard) {
  return defined({
    ...SPACES[standard],
    identifier,
    title: item.title || item.ref || identifier,
    label: item.ref && item.ref !== identifier ? item.ref : undefined,
    adaptive: false,
    'time-dependent': false,
  });
}

/** What the XML of an item is made with. */
export type ItemFrame = Omit<Made, 'points'> & { identifier: string; standard: TestStandard };

/** The XML of an item; a question without points is worth one. */
export function itemXml(item: Item, { identifier, standard, media, from }: ItemFrame): string {
  const points = item.points ?? 1;
  const { declarations, body, scoring } = partsOf(item, { media, from, points });
  const tellings = tellingsOf(item);
  const processing = [...scoring, ...tellings.map((telling) => telling.processing)];
  const isScoredByPerson = !scoring.length && standard === 'qti-3.0';
  const root = el(
    'qti-assessment-item',
    attributesOf(item, identifier, standard),
    ...declarations,
    outcome({
      identifier: 'SCORE',
      cardinality: 'single',
      baseType: 'float',
      start: 0,
      externalScored: isScoredByPerson ? 'human' : undefined,
    }),
    outcome({ identifier: 'MAXSCORE', cardinality: 'single', baseType: 'float', start: points }),
    ...tellings.map((telling) => telling.outcome),
    el('qti-item-body', {}, ...body.map(asBlock)),
    processing.length ? el('qti-response-processing', {}, ...processing) : undefined,
    explanationOf(item, { media, from }),
  );
  return HEAD + xmlOf(root, standard);
}

/** The namespaces that a version declares. */
export const spacesOf = (standard: TestStandard): Record<string, string> => SPACES[standard];
