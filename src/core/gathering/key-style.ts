// How the source tells the right answer, found from the columns and their cells.
import type { Column, Key, Role, Sheet } from '../model';
import { columnIndex } from '../shared/cells';
import { quoted } from '../shared/plain';
import type { Region } from '../shared/table/region';
import { carryShares } from '../shared/weights';
import { findMarks, type Marks } from '../understanding';
import { findVerdicts } from '../understanding';
import { EMPHASES, emphasisWords, isSetOff } from './rich';
import { Row, slotsOf } from './row';
import { headingRepeats } from './rows';
import { partsOfOptions, separatorBeside, textsBeside } from './option-texts';
import { fromKeyColumn, type KeyGuess } from './key-column';
import { explainsFirst, toldFirst } from './told-first';
import { say } from '../shared/say';

const SAMPLE = 200;

/** What the guess looks at: filled rows of the sample under their roles. */
type Look = {
  rows: Row[];
  columns: readonly Column[];
  region: Region;
  /** Whether a program wrote the source, which counts from 0 as readily as from 1. */
  isProgram: boolean;
  /** All sheets of the source. */
  sheets: readonly Sheet[];
};

const of = (look: Look, role: Role): Column[] =>
  look.columns.filter((column) => column.role === role);
const texts = (look: Look, role: Role): string[] =>
  look.rows.map((row) => row.text(role)).filter(Boolean);

/** The emphasis that sets off some, but not all, of the options in most rows. */
function findEmphasis({ rows, region }: Look, options: Column[]): KeyGuess | undefined {
  if (!region.sheet.rich || options.length < 2) {
    return undefined;
  }
  const tally = EMPHASES.map((emphasis) => ({ emphasis, hits: 0 }));
  let several = 0;
  for (const row of rows) {
    const filled = options
      .map((option) => columnIndex(option.column))
      .filter((c) => region.cell(row.row, c));
    if (filled.length < 2) {
      continue;
    }
    several++;
    for (const one of tally) {
      const set = filled.filter((c) => isSetOff(row, c, one.emphasis)).length;
      one.hits += set > 0 && set < filled.length ? 1 : 0;
    }
  }
  const best = tally.sort((a, b) => b.hits - a.hits)[0]!;
  if (!several || best.hits < several * 0.5) {
    return undefined;
  }
  return {
    key: { style: 'marker', marker: best.emphasis },
    sure: true,
    because: say('{hits} of {several} rows set some of their options in {emphasis}', {
      hits: best.hits,
      several,
      emphasis: emphasisWords(best.emphasis),
    }),
  };
}

const styleOfMarks = ({ right, wrong, rows, of: all }: Marks): KeyGuess => ({
  key: {
    style: 'marker',
    marker: right.sign,
    ...(wrong ? { wrong: wrong.sign } : {}),
  },
  sure: true,
  because: say(
    '{rows} of {all, plural, one {# row} other {# rows}} have {sign} at some of their options',
    { rows, all, sign: quoted(right.sign) },
  ),
});

function fromVerdicts(look: Look): KeyGuess {
  const separator = separatorBeside(look.rows, 'verdict');
  const rows = look.rows.map((row) => textsBeside(row, 'verdict', separator));
  const found = findVerdicts(rows);
  const isAlone = found && found.wrong === undefined;
  const key: Key = {
    style: 'verdict',
    ...(found ? { right: found.right } : {}),
    ...(found?.wrong ? { wrong: found.wrong } : {}),
  };
  return {
    key,
    sure: found !== undefined,
    because: isAlone
      ? say('{right} stands beside the right options', { right: quoted(found.right) })
      : say('a column beside each option says right or wrong'),
  };
}

function withoutColumn(look: Look, first: number): KeyGuess {
  const options = of(look, 'option');
  const cells = look.rows.map((row) => partsOfOptions(row));
  if (carryShares(cells)) {
    return { key: { style: 'weight' }, sure: true, because: say('per cent stand at each option') };
  }
  const marks = findMarks(cells);
  if (marks) {
    return styleOfMarks(marks);
  }
  const emphasis = findEmphasis(look, options);
  if (emphasis) {
    return emphasis;
  }
  if (!options.length && !of(look, 'options').length && !of(look, 'wrong').length) {
    return {
      key: { style: 'text' },
      sure: true,
      because: say('there are no options to choose from'),
    };
  }
  if (explainsFirst(look.region, options, first)) {
    return {
      key: { style: 'first' },
      sure: true,
      because: say('the row below the headings says which one is right'),
    };
  }
  const told = toldFirst(look.region, first, look.sheets);
  if (told) {
    return {
      key: { style: 'first' },
      sure: true,
      because: say('it is said: {told}', { told: quoted(told, 60) }),
    };
  }
  return {
    key: { style: 'letter' },
    sure: false,
    because: say('no column and no sign tells the right answer'),
  };
}

type Rows = {
  first: number;
  headingRow: number | null;
  isProgram?: boolean;
  sheets?: readonly Sheet[];
};

/**
 * The key style of a source with the reason; `first` is the first row of content and `headingRow` that of the headings, from 0;
 * `isProgram` where a program wrote the source; `sheets` are all of it, since another one may say how.
 */
export function guessKey(
  region: Region,
  columns: readonly Column[],
  { first, headingRow, isProgram = false, sheets = [] }: Rows,
): KeyGuess {
  const slots = slotsOf(columns);
  const rows: Row[] = [];
  const repeats = headingRepeats(region, headingRow);
  for (let r = first; r <= region.bottom && rows.length < SAMPLE; r++) {
    if (!repeats(r)) {
      rows.push(new Row(region, slots, r));
    }
  }
  const look: Look = { rows, columns, region, isProgram, sheets };
  if (of(look, 'right').length) {
    return {
      key: { style: 'right-column' },
      sure: true,
      because: say('the right answer has column {column} to itself', {
        column: of(look, 'right')[0]!.column,
      }),
    };
  }
  if (of(look, 'verdict').length) {
    return fromVerdicts(look);
  }
  if (of(look, 'weight').length) {
    return {
      key: { style: 'weight' },
      sure: true,
      because: say('a column after each option holds per cent'),
    };
  }
  const key = of(look, 'key')[0];
  return key && texts(look, 'key').length ? fromKeyColumn(look, key) : withoutColumn(look, first);
}
