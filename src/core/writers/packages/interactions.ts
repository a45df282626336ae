// Each kind of question as its interaction, its declarations and its scoring, in the names of QTI 3.
import type { Item } from '../../model';
import { seeded, shuffled } from '../../shared/chance';
import { optionLetter } from '../../shared/plain';
import { inline, picturesAt, type Media } from './content';
import { el, text, type Node } from './xml';
import { defined } from '../../shared/defined';

/** What an item is made of. `scoring` sets SCORE; a person scores where it is empty. */
export type Parts = { declarations: Node[]; body: Node[]; scoring: Node[] };
export type Made = {
  media: Media;
  /** The way from the item's folder to the package's root. */ from: string;
  points: number;
};

const RESPONSE = 'RESPONSE';
const value = (content: string | number): Node => el('qti-value', {}, text(String(content)));
const variable = (identifier: string): Node => el('qti-variable', { identifier });
const round = (n: number): number => Math.round(n * 10_000) / 10_000;

type Mapped = { key: string; score: number; isText?: boolean };

function declare(
  identifier: string,
  cardinality: string,
  baseType: string,
  correct: readonly (string | number)[],
  mapped: readonly Mapped[] = [],
  bounds: { upper?: number } = {},
): Node {
  const entries = mapped.map(({ key, score, isText }) =>
    el(
      'qti-map-entry',
      defined({
        'map-key': key,
        'mapped-value': round(score),
        'case-sensitive': isText ? false : undefined,
      }),
    ),
  );
  return el(
    'qti-response-declaration',
    { identifier, cardinality, 'base-type': baseType },
    correct.length ? el('qti-correct-response', {}, ...correct.map(value)) : undefined,
    entries.length
      ? el(
          'qti-mapping',
          defined({
            'lower-bound': 0,
            'upper-bound': bounds.upper !== undefined ? round(bounds.upper) : undefined,
            'default-value': 0,
          }),
          ...entries,
        )
      : undefined,
  );
}

const setScore = (expression: Node): Node =>
  el('qti-set-outcome-value', { identifier: 'SCORE' }, expression);
const mapResponse = (identifier = RESPONSE): Node => el('qti-map-response', { identifier });
const scoreIf = (condition: Node, points: number): Node =>
  el(
    'qti-response-condition',
    {},
    el(
      'qti-response-if',
      {},
      condition,
      setScore(el('qti-base-value', { 'base-type': 'float' }, text(String(points)))),
    ),
  );
const whenCorrect = (points: number): Node =>
  scoreIf(
    el('qti-match', {}, variable(RESPONSE), el('qti-correct', { identifier: RESPONSE })),
    points,
  );

const stemOf = (item: Item, { media, from }: Made): Node[] => [
  inline(item.stem),
  ...picturesAt(item, 'stem', media, from),
];
const prompt = (item: Item, made: Made): Node => el('qti-prompt', {}, ...stemOf(item, made));
const paragraph = (item: Item, made: Made): Node => el('p', {}, ...stemOf(item, made));

function choice(item: Item, made: Made): Parts {
  const options = item.options ?? [];
  const right = options.flatMap((option, index) => (option.right ? [optionLetter(index)] : []));
  const isSingle = item.kind !== 'choice-many';
  const weighted = options.some((option) => option.weight !== undefined);
  const mapped = weighted
    ? options.map((option, index) => ({
        key: optionLetter(index),
        score: ((option.weight ?? (option.right ? 100 / right.length : 0)) / 100) * made.points,
      }))
    : [];
  const choices = options.map((option, index) =>
    el(
      'qti-simple-choice',
      { identifier: optionLetter(index) },
      inline(option.text),
      ...picturesAt(item, 'option', made.media, made.from, index),
      option.feedback?.plain
        ? el(
            'qti-feedback-inline',
            {
              'outcome-identifier': 'PICKED',
              identifier: optionLetter(index),
              'show-hide': 'show',
            },
            inline(option.feedback),
          )
        : undefined,
    ),
  );
  return {
    declarations: [
      declare(RESPONSE, isSingle ? 'single' : 'multiple', 'identifier', right, mapped, {
        upper: made.points,
      }),
    ],
    body: [
      el(
        'qti-choice-interaction',
        {
          'response-identifier': RESPONSE,
          shuffle: item.shuffle ?? false,
          'max-choices': isSingle ? 1 : 0,
          ...(item.across !== undefined
            ? { orientation: item.across ? 'horizontal' : 'vertical' }
            : {}),
        },
        prompt(item, made),
        ...choices,
      ),
    ],
    scoring: weighted ? [setScore(mapResponse())] : [whenCorrect(made.points)],
  };
}

/** Pairs; a right-hand side that serves several is offered once and may be used as often. */
function match(item: Item, made: Made): Parts {
  const pairs = item.pairs ?? [];
  const sides = [...new Map(pairs.map(({ right }) => [right.plain, right])).values()];
  const places = new Map(sides.map((side, index) => [side.plain, index + 1]));
  const sideOf = (plain: string): string => `R${places.get(plain)}`;
  const uses = new Map<string, number>();
  pairs.forEach(({ right }) => uses.set(right.plain, (uses.get(right.plain) ?? 0) + 1));
  const keys = pairs.map(({ right }, index) => `L${index + 1} ${sideOf(right.plain)}`);
  const associable = (identifier: string, content: Node, times: number): Node =>
    el('qti-simple-associable-choice', { identifier, 'match-max': times }, content);
  return {
    declarations: [
      declare(
        RESPONSE,
        'multiple',
        'directedPair',
        keys,
        keys.map((key) => ({ key, score: made.points / keys.length })),
        { upper: made.points },
      ),
    ],
    body: [
      el(
        'qti-match-interaction',
        {
          'response-identifier': RESPONSE,
          shuffle: item.shuffle ?? true,
          'max-associations': pairs.length,
        },
        prompt(item, made),
        el(
          'qti-simple-match-set',
          {},
          ...pairs.map(({ left }, index) => associable(`L${index + 1}`, inline(left), 1)),
        ),
        el(
          'qti-simple-match-set',
          {},
          ...shuffled(sides, seeded(sides.length * 31 + 7)).map((side) =>
            associable(sideOf(side.plain), inline(side), uses.get(side.plain) ?? 0),
          ),
        ),
      ),
    ],
    scoring: [setScore(mapResponse())],
  };
}

function order(item: Item, made: Made): Parts {
  const steps = (item.steps ?? []).map((step, index) => ({ step, id: `S${index + 1}` }));
  // Drawn order in the file too, so that a program that does not shuffle gives nothing away.
  const drawn = shuffled(steps, seeded(steps.length * 17 + 3));
  return {
    declarations: [
      declare(
        RESPONSE,
        'ordered',
        'identifier',
        steps.map(({ id }) => id),
      ),
    ],
    body: [
      el(
        'qti-order-interaction',
        { 'response-identifier': RESPONSE, shuffle: true },
        prompt(item, made),
        ...drawn.map(({ step, id }) => el('qti-simple-choice', { identifier: id }, inline(step))),
      ),
    ],
    scoring: [whenCorrect(made.points)],
  };
}

const entry = (identifier: string, length: number): Node =>
  el('qti-text-entry-interaction', {
    'response-identifier': identifier,
    'expected-length': Math.max(4, length),
  });
const longest = (texts: readonly string[]): number =>
  Math.max(1, ...texts.map((one) => one.length));

function short(item: Item, made: Made): Parts {
  const accepted = item.accepted ?? [];
  return {
    declarations: [
      declare(
        RESPONSE,
        'single',
        'string',
        accepted.slice(0, 1),
        accepted.map((key) => ({ key, score: made.points, isText: true })),
        { upper: made.points },
      ),
    ],
    body: [paragraph(item, made), el('p', {}, entry(RESPONSE, longest(accepted)))],
    scoring: [setScore(mapResponse())],
  };
}

function number(item: Item, made: Made): Parts {
  const { value: right, tolerance, unit } = item.number!;
  const bound = (at: number): Node =>
    el('qti-base-value', { 'base-type': 'float' }, text(String(Number(at.toPrecision(12)))));
  // Two bounds rather than an equality with a tolerance, since programs leave that mode out.
  const equal =
    tolerance > 0
      ? el(
          'qti-and',
          {},
          el('qti-gte', {}, variable(RESPONSE), bound(right - tolerance)),
          el('qti-lte', {}, variable(RESPONSE), bound(right + tolerance)),
        )
      : el(
          'qti-equal',
          { 'tolerance-mode': 'exact' },
          variable(RESPONSE),
          el('qti-correct', { identifier: RESPONSE }),
        );
  return {
    declarations: [declare(RESPONSE, 'single', 'float', [right])],
    body: [
      paragraph(item, made),
      el(
        'p',
        {},
        entry(RESPONSE, 8),
        ...(unit ? [el('span', { class: 'unit' }, text(` ${unit}`))] : []),
      ),
    ],
    scoring: [scoreIf(equal, made.points)],
  };
}

/** Typed or chosen gaps in a running sentence, each worth its share. */
function gap(item: Item, made: Made): Parts {
  const gaps = item.gaps ?? [];
  const share = made.points / Math.max(1, gaps.length);
  const id = (index: number): string => `RESPONSE_${index + 1}`;
  const declarations = gaps.map(({ accepted, options }, index) => {
    if (!options?.length) {
      return declare(
        id(index),
        'single',
        'string',
        accepted.slice(0, 1),
        accepted.map((key) => ({ key, score: share, isText: true })),
      );
    }
    const keys = accepted
      .map((word) => optionLetter(options.indexOf(word)))
      .filter((key) => key >= 'A');
    return declare(
      id(index),
      'single',
      'identifier',
      keys.slice(0, 1),
      keys.map((key) => ({ key, score: share })),
    );
  });
  const place = ({ accepted, options }: NonNullable<Item['gaps']>[number], index: number): Node =>
    options?.length
      ? el(
          'qti-inline-choice-interaction',
          { 'response-identifier': id(index), shuffle: false },
          ...options.map((word, n) =>
            el('qti-inline-choice', { identifier: optionLetter(n) }, text(word)),
          ),
        )
      : entry(id(index), longest(accepted));
  const sentence = (inline(item.stem) as { raw: string }).raw
    .split(/\{\{(\d+)\}\}/)
    .map((part, index): Node =>
      index % 2
        ? gaps[Number(part) - 1]
          ? place(gaps[Number(part) - 1]!, Number(part) - 1)
          : text('')
        : { raw: part },
    );
  return {
    declarations,
    body: [el('p', {}, ...sentence, ...picturesAt(item, 'stem', made.media, made.from))],
    scoring: [setScore(el('qti-sum', {}, ...gaps.map((_, index) => mapResponse(id(index)))))],
  };
}

const MIME: Record<string, string> = {
  '.pdf': 'application/pdf',
  '.png': 'image/png',
  '.jpg': 'image/jpeg',
  '.jpeg': 'image/jpeg',
  '.gif': 'image/gif',
  '.txt': 'text/plain',
  '.csv': 'text/csv',
  '.docx': 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  '.odt': 'application/vnd.oasis.opendocument.text',
  '.xlsx': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  '.ods': 'application/vnd.oasis.opendocument.spreadsheet',
  '.zip': 'application/zip',
  '.mp3': 'audio/mpeg',
  '.mp4': 'video/mp4',
};

function open(item: Item, made: Made): Parts {
  return {
    declarations: [declare(RESPONSE, 'single', 'string', [])],
    body: [
      el(
        'qti-extended-text-interaction',
        defined({
          'response-identifier': RESPONSE,
          'expected-lines': item.lines || undefined,
        }),
        prompt(item, made),
      ),
    ],
    scoring: [],
  };
}

function upload(item: Item, made: Made): Parts {
  const types = (item.endings ?? []).flatMap((ending) => MIME[ending.toLowerCase()] ?? []);
  return {
    declarations: [declare(RESPONSE, 'single', 'file', [])],
    body: [
      el(
        'qti-upload-interaction',
        defined({
          'response-identifier': RESPONSE,
          type: types.length === 1 ? types[0] : undefined,
        }),
        prompt(item, made),
      ),
    ],
    scoring: [],
  };
}

/** The parts of an item. Cards have no interaction of their own; fitting has made them short answers. */
export function partsOf(item: Item, made: Made): Parts {
  switch (item.kind) {
    case 'match':
      return match(item, made);
    case 'order':
      return order(item, made);
    case 'number':
      return number(item, made);
    case 'gap':
      return gap(item, made);
    case 'open':
      return open(item, made);
    case 'upload':
      return upload(item, made);
    case 'short':
    case 'card':
      return short(item, made);
    default:
      return choice(item, made);
  }
}
