// One question as an item of QTI 3.0 or 2.1.
import type { Item, Standard } from '../../model';
import { inline, picturesAt } from './content';
import { partsOf, type Made } from './interactions';
import { HEAD, el, text, xmlOf, type Node } from './xml';
import { defined } from '../../shared/defined';

// Namespaces and schema places as the standard's examples have them, from memory.
const SPACES: Record<Exclude<Standard, 'common-cartridge-1.3'>, Record<string, string>> = {
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

const outcome = (
  identifier: string,
  cardinality: string,
  baseType: string,
  start?: number,
  more: Record<string, string> = {},
): Node =>
  el(
    'qti-outcome-declaration',
    { identifier, cardinality, 'base-type': baseType, ...more },
    start === undefined
      ? undefined
      : el('qti-default-value', {}, el('qti-value', {}, text(String(start)))),
  );

const show = (identifier: string, name: string): Node =>
  el(
    'qti-set-outcome-value',
    { identifier },
    el('qti-multiple', {}, el('qti-base-value', { 'base-type': 'identifier' }, text(name))),
  );

/** The XML of an item. `points` are those of a right answer; a question without points is worth one. */
export function itemXml(
  item: Item,
  identifier: string,
  standard: Exclude<Standard, 'common-cartridge-1.3'>,
  made: Omit<Made, 'points'>,
): string {
  const points = item.points ?? 1;
  const { declarations, body, scoring } = partsOf(item, { ...made, points });
  const picks = item.options?.some((option) => option.feedback?.plain);
  const explains = item.explanation?.plain;
  const processing = [
    ...scoring,
    ...(picks
      ? [
          el(
            'qti-set-outcome-value',
            { identifier: 'PICKED' },
            el('qti-variable', { identifier: 'RESPONSE' }),
          ),
        ]
      : []),
    ...(explains ? [show('SHOWN', 'explanation')] : []),
  ];
  const root = el(
    'qti-assessment-item',
    defined({
      ...SPACES[standard],
      identifier,
      title: item.title || item.ref || identifier,
      label: item.ref && item.ref !== identifier ? item.ref : undefined,
      adaptive: false,
      'time-dependent': false,
    }),
    ...declarations,
    outcome(
      'SCORE',
      'single',
      'float',
      0,
      !scoring.length && standard === 'qti-3.0' ? { 'external-scored': 'human' } : {},
    ),
    outcome('MAXSCORE', 'single', 'float', points),
    ...(picks
      ? [outcome('PICKED', item.kind === 'choice-many' ? 'multiple' : 'single', 'identifier')]
      : []),
    ...(explains ? [outcome('SHOWN', 'multiple', 'identifier')] : []),
    el(
      'qti-item-body',
      {},
      ...body.map((node) => ('name' in node && node.name === 'p' ? node : el('div', {}, node))),
    ),
    processing.length ? el('qti-response-processing', {}, ...processing) : undefined,
    explains
      ? el(
          'qti-modal-feedback',
          { 'outcome-identifier': 'SHOWN', identifier: 'explanation', 'show-hide': 'show' },
          el(
            'qti-content-body',
            {},
            el(
              'p',
              {},
              inline(item.explanation!),
              ...picturesAt(item, 'explanation', made.media, made.from),
            ),
          ),
        )
      : undefined,
  );
  return HEAD + xmlOf(root, standard);
}

/** The namespaces that a version declares. */
export const spacesOf = (
  standard: Exclude<Standard, 'common-cartridge-1.3'>,
): Record<string, string> => SPACES[standard];
