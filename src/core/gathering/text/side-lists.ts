// Two lists to match that stand side by side, line by line: '1. windlass   a. winds paddles'.
import type { Collected } from './collected';
import { labelsOf, type Label } from './labels';
import { titleOf } from './part';
import { whole, type SideLine, type TypedLine } from './typed-line';

/** Behind a tab or wide blanks the second list begins. */
const SECOND = /(?:\t+|[ \u00a0]{2,})(?=\S)/gu;

/** The label of a number in front, where a letter stands at the beginning of the line's second half. */
function sidesOf({ line, text, labels }: TypedLine): { label: Label; letter: number } | undefined {
  const label = labels.find(({ counts, word }) => counts === 'number' && word === undefined);
  if (!label) {
    return undefined;
  }
  const letters = [...text.matchAll(SECOND)]
    .filter(({ index }) => index > label.from)
    .map((match) => text.slice(match.index + match[0].length))
    .map((rest) =>
      labelsOf({ ...line, text: rest }).find(
        ({ counts }) => counts === 'upper' || counts === 'lower',
      ),
    )
    .filter((one) => one !== undefined);
  const [letter] = letters;
  return letters.length === 1 && letter?.n !== undefined ? { label, letter: letter.n } : undefined;
}

/** Lines with their places in lists side by side: numbers and letters both count up, two lines at least below one another. */
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
      sides.letter === run.length &&
      (run.length === 0 || sides.label.n === run.at(-1)!.label.n! + 1);
    if (!goesOn) {
      close();
    }
    if (sides && (goesOn || sides.letter === 0)) {
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
    draft.number = label.n + 1;
    found.addOption(line, { ...label, n: draft.options.length, to: line.text.trimEnd().length });
  }
}
