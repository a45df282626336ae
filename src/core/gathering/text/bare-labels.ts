// Letters and numbers that a blank alone parts from their text, 'A Utrecht': labels only where line after line counts up.
import { marked, type Label } from './labels';
import type { TypedLine } from './typed-line';
import { letterPlace } from '../../shared/plain';

const LETTER = /^\s*([A-Ja-j])[ \u00a0](?=\S)/u;
const NUMBER = /^\s*(\d{1,3})[ \u00a0](?=[\p{L}"'“‘«¿¡(_])/u;

/** So many lines in a row have to count up. */
const LEAST = 2;
/** Lines that begin with a number for another reason, '20 minutes later', are few. */
const MOSTLY = 0.8;

type Bare = { line: TypedLine; label: Label; n: number };

function bare(line: TypedLine, pattern: RegExp): Bare | undefined {
  const match = pattern.exec(line.text);
  const value = match?.[1];
  // 'A 40 °C' may be a letter in front of a number, and is no word in front of its count where letters count up.
  const isOwn = line.labels.every(({ word }) => word === value?.toLowerCase());
  if (!match || value === undefined || !isOwn) {
    return undefined;
  }
  const isNumber = /^\d/.test(value);
  const n = isNumber ? Number(value) - 1 : letterPlace(value);
  const isUpper = value === value.toUpperCase();
  const sign = isUpper ? 'A' : 'a';
  const counts = isUpper ? 'upper' : 'lower';
  const about: Omit<Label, 'to'> = {
    family: isNumber ? '1' : sign,
    counts: isNumber ? 'number' : counts,
    n,
    from: match[0].length,
  };
  return { line, n, label: marked(line.text, about, { from: 0, to: line.text.length }) };
}

/** Letters that stand right below one another and count up from the first. */
function lettersIn(filled: readonly TypedLine[]): Bare[] {
  const found: Bare[] = [];
  let run: Bare[] = [];
  const close = (): void => {
    found.push(...(run.length >= LEAST ? run : []));
    run = [];
  };
  for (const line of filled) {
    const one = bare(line, LETTER);
    const goesOn =
      one !== undefined &&
      one.n === run.length &&
      (run[0]?.label.family ?? one.label.family) === one.label.family;
    if (!goesOn) {
      close();
    }
    if (one && (goesOn || one.n === 0)) {
      run.push(one);
    }
  }
  close();
  return found;
}

/** Numbers that count up, or begin anew, through the whole text. */
function numbersIn(filled: readonly TypedLine[]): Bare[] {
  const all = filled.flatMap((line) => bare(line, NUMBER) ?? []);
  const counted = all.filter(({ n }, index) => n === 0 || n === (all[index - 1]?.n ?? -1) + 1);
  const begins = all.some(({ n }, index) => n === 0 && all[index + 1]?.n === 1);
  return begins && counted.length >= all.length * MOSTLY ? counted : [];
}

/** Lines with the labels that only the lines around them tell. */
export function withBareLabels(lines: readonly TypedLine[]): TypedLine[] {
  const filled = lines.filter(({ isBlank }) => !isBlank);
  const own = new Map(
    [...lettersIn(filled), ...numbersIn(filled)].map(({ line, label }) => [line, label]),
  );
  return lines.map((line) => {
    const label = own.get(line);
    return label ? { ...line, labels: [label, ...line.labels] } : line;
  });
}
