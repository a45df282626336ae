// A row of a reply as a question, with what is wrong in it.
import type { Asked, AskedColumn, Finding, Item } from '../../model';
import { categoryPath } from '../../shared/category-path';
import { alike } from '../../shared/normalise';
import { letterPlace, optionLetter, quoted } from '../../shared/plain';
import { cutFaults, lengthFaults, optionFaults, type Fault } from './faults';
import type { Row } from './rows';
import { say } from '../../shared/say';

export type RowItem = {
  item: Item;
  line: number;
  faults: Fault[];
  /** The key as it was written. */ key: string;
};

const TRUE =
  /^(?:true|t|yes|right|correct|wahr|richtig|ja|vrai|oui|vero|verdadero|waar|sant|sand)$/i;
const FALSE = /^(?:false|f|no|wrong|incorrect|falsch|nein|faux|non|falso|onwaar|falskt|falsk)$/i;

/** The cells by what they hold, once their number is right. */
function cellsFor(
  cells: readonly string[],
  columns: readonly AskedColumn[],
  role: AskedColumn['role'],
): string[] {
  return columns.flatMap((column, at) => (column.role === role ? [cells[at] ?? ''] : []));
}

/** Which option a key names, from 0; undefined where it names none. */
export function placeOfKey(
  key: string,
  { key: { style }, options }: Asked,
  texts: readonly string[],
): number | undefined {
  const plain = key
    .replace(/^(?:option|answer)\s+/i, '')
    .replace(/[().:]/g, '')
    .trim();
  const letter = /^[A-Za-z]$/.test(plain) ? letterPlace(plain) : undefined;
  if (letter !== undefined) {
    return letter;
  }
  if (/^\d{1,2}$/.test(plain) && style !== 'text') {
    return Number(plain) - (style === 'number-from-0' ? 0 : 1);
  }
  const at = texts.findIndex((text) => alike(text) === alike(key));
  return at >= 0 && at < Math.max(options, texts.length) ? at : undefined;
}

/** Cells that slipped: an empty one in front, or one too many that a separator inside a text made. */
function straightened(
  cells: string[],
  columns: readonly AskedColumn[],
): { cells: string[]; fault?: Fault } {
  const [has, wanted] = [cells.length, columns.length];
  const fault = (message: string, level: Finding['level'], again?: string): Fault => ({
    rule: 'reply-shifted',
    level,
    message,
    ...(again ? { again } : {}),
  });
  if (has === wanted) {
    return { cells };
  }
  if (has > wanted && cells[0] === '') {
    return {
      cells: cells.slice(has - wanted),
      fault: fault(
        say(
          'The line begins with an empty part, so all else stood one place too far; it is moved back.',
        ),
        'note',
      ),
    };
  }
  if (has > wanted && cells.slice(wanted).every((cell) => !cell)) {
    return { cells: cells.slice(0, wanted) };
  }
  return {
    cells,
    fault: fault(
      say(
        'The line has {has, plural, one {# part} other {# parts}} where {wanted} were asked for.',
        { has, wanted },
      ),
      'block',
      say('these lines did not have {wanted} parts', { wanted }),
    ),
  };
}

function keyFault(key: string, options: number): Fault {
  const message = key
    ? say('The key says {key}, which is none of the options A to {options}.', {
        key: quoted(key, 20),
        options: optionLetter(options - 1),
      })
    : say('It does not say which option is right.');
  return {
    rule: 'reply-key-unknown',
    level: 'block',
    field: 'key',
    message,
    again: say('the key of these named no option'),
  };
}

type Answer = { fields: Partial<Item>; faults: Fault[]; texts: [string, string][] };

function choiceAnswer(asked: Asked, cells: readonly string[], key: string, off: number): Answer {
  const texts = cellsFor(cells, asked.columns, 'option');
  const named = placeOfKey(key, asked, texts);
  const place = named === undefined ? undefined : named + off;
  const isKnown = place !== undefined && place >= 0 && Boolean(texts[place]);
  const options = texts.flatMap((text, at) =>
    text ? [{ text: { plain: text }, right: isKnown && at === place }] : [],
  );
  return {
    fields: { options },
    texts: texts.map((text, at) => [`options.${at}`, text]),
    faults: [...optionFaults(asked, texts), ...(isKnown ? [] : [keyFault(key, texts.length)])],
  };
}

function truthAnswer(key: string): Answer {
  const isTrue = TRUE.test(key.trim());
  const isKnown = isTrue || FALSE.test(key.trim());
  const options = [true, false].map((value) => ({
    text: { plain: value ? 'True' : 'False' },
    right: isKnown && value === isTrue,
  }));
  return { fields: { options }, texts: [], faults: isKnown ? [] : [keyFault(key, 2)] };
}

function typedAnswer(asked: Asked, cells: readonly string[]): Answer {
  const accepted = cellsFor(cells, asked.columns, 'accepted').filter(Boolean);
  const missing: Fault = {
    rule: 'reply-answer-missing',
    level: 'block',
    message: say('It has no answer.'),
    again: say('these had no answer'),
  };
  return {
    fields: { accepted },
    texts: accepted.map((text, at) => [`accepted.${at}`, text]),
    faults: accepted.length ? [] : [missing],
  };
}

function answerOf(asked: Asked, cells: readonly string[], key: string, off: number): Answer {
  const [kind] = asked.kinds;
  if (kind === 'true-false') {
    return truthAnswer(key);
  }
  return kind === 'short' || kind === 'card'
    ? typedAnswer(asked, cells)
    : choiceAnswer(asked, cells, key, off);
}

const beside = (cells: readonly string[], { columns, category }: Asked): Partial<Item> => {
  const [own] = cellsFor(cells, columns, 'category').filter(Boolean);
  const [explanation] = cellsFor(cells, columns, 'explanation').filter(Boolean);
  const [hint] = cellsFor(cells, columns, 'hint').filter(Boolean);
  const path = own ?? category;
  return {
    ...(path ? { category: categoryPath(path) } : {}),
    ...(explanation ? { explanation: { plain: explanation } } : {}),
    ...(hint ? { hint: { plain: hint } } : {}),
  };
};

/** The key of a row as it is written. */
export const keyOfRow = ({ cells }: Row, { columns }: Asked): string =>
  cellsFor(straightened([...cells], columns).cells, columns, 'key')[0] ?? '';

/** Makes a question of a row; `off` is by how much every key of the reply is beside the option that it means. */
export function itemOfRow(row: Row, asked: Asked, id: string, off = 0): RowItem {
  const { cells, fault } = straightened([...row.cells], asked.columns);
  const [stem = ''] = cellsFor(cells, asked.columns, 'stem');
  const [key = ''] = cellsFor(cells, asked.columns, 'key');
  const answer = answerOf(asked, cells, key, off);
  const texts: [string, string][] = [['stem', stem], ...answer.texts];
  const { limits } = asked;
  const item: Item = {
    id,
    ref: '',
    kind: asked.kinds[0] ?? 'choice-one',
    stem: { plain: stem },
    ...answer.fields,
    ...beside(cells, asked),
    origin: { row: row.line },
  };
  const measured = texts.map(
    ([field, text]) => [field, text, field === 'stem' ? limits.stem : limits.option] as const,
  );
  // Of a line whose parts do not fit, nothing else is worth telling.
  const faults =
    fault?.level === 'block'
      ? [fault]
      : [
          ...(fault ? [fault] : []),
          ...answer.faults,
          ...cutFaults(texts),
          ...lengthFaults(asked, measured),
        ];
  return { item, line: row.line, faults, key };
}
