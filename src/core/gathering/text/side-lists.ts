// Two lists to match that stand side by side, line by line: '1. windlass   a. winds paddles'.
import type { Collected } from './collected';
import { labelsOf, type Counting, type Label } from './labels';
import { titleOf } from './part';
import { whole, type SideLine, type TypedLine } from './typed-line';

/** Behind a tab or wide blanks the second list begins. */
const SECOND = /(?:\t+|[ \u00a0]{2,})(?=\S)/gu;

const COUNTS: ReadonlySet<Counting> = new Set(['number', 'upper', 'lower', 'roman']);
type Sides = { label: Label; places: number[] };

/** The label in front of a line, and the places that another one at the beginning of its second half may count. */
function sidesOf({ line, text, labels }: TypedLine): Sides | undefined {
  const label = labels.find(({ counts, word }) => COUNTS.has(counts) && word === undefined);
  if (!label) {
    return undefined;
  }
  const seconds = [...text.matchAll(SECOND)]
    .filter(({ index }) => index > label.from)
    .map((match) => text.slice(match.index + match[0].length))
    .map((rest) =>
      labelsOf({ ...line, text: rest }).flatMap(({ counts, family, n, word }) =>
        COUNTS.has(counts) && word === undefined && family !== label.family && n !== undefined
          ? [n]
          : [],
      ),
    )
    .filter(({ length }) => length);
  const [places] = seconds;
  return places && seconds.length === 1 ? { label, places } : undefined;
}

/** Lines with their places in lists side by side: both labels count up, two lines at least below one another. */
export function withSideLists(lines: readonly TypedLine[]): TypedLine[] {
  const found = new Map<TypedLine, SideLine>();
  let run: { line: TypedLine; label: Label }[] = [];
  const close = (): void => {
    if (run.length > 1) {
      run.forEach(({ line, label }, index) => found.set(line, { label, isFirst: index === 0 }));
    }
    run = [];
  };
  for (const line of lines.filter(({ isBlank }) => !isBlank)) {
    const sides = sidesOf(line);
    const goesOn =
      sides !== undefined &&
      sides.places.includes(run.length) &&
      (run.length === 0 || sides.label.n === run.at(-1)!.label.n! + 1);
    if (!goesOn) {
      close();
    }
    if (sides && (goesOn || sides.places.includes(0))) {
      run.push({ line, label: sides.label });
    }
  }
  close();
  return lines.map((line) => {
    const side = found.get(line);
    return side ? { ...line, side } : line;
  });
}

/** The question of two lists: what stands above them. */
function openLists(found: Collected, line: TypedLine): void {
  const last = found.aside.at(-1);
  if (found.openPending()) {
    return;
  }
  if (last && found.above.heading === titleOf(last.text)) {
    found.aside.pop();
    found.open(whole(last));
  } else if (!found.current || found.isComplete) {
    found.open({ ...whole(line), to: whole(line).from });
  }
}

/** Takes a line of two lists; the questions below go on counting from it. */
export function takeSideLine(
  found: Collected,
  line: TypedLine,
  { label, isFirst }: SideLine,
): void {
  if (isFirst) {
    openLists(found, line);
  }
  const draft = found.current;
  if (draft && label.n !== undefined) {
    draft.number = label.counts === 'number' ? label.n + 1 : draft.number;
    found.addOption(line, { ...label, n: draft.options.length, to: line.text.trimEnd().length });
  }
}
