// A text whose counted gaps have their choices below it, a line for each: '(1) ____' above '1. a) get b) gets'. The text goes on one line,
// and its choices are typed in one way, whatever closes their labels.
import { anew, countUp, isLine, textsByLetter, type Lines } from './retyping';

const GAP = /[([]?(?<!\d)(\d{1,2})[)\].]?\s?(?:_{2,}|\.{4,}|…+)/gu;
const CHOICES = /^\s*[([]?(\d{1,2})\s?[.):\]]?\s+(\S.*)$/su;
const LETTER = /(?:^|\s+)[([]?([A-Ja-j])(?:\s?[).:\]/-]+\s*|\s+)(?=\S)/gu;
const FEWEST = 2;
/** A passage of more lines is the whole text. */
const LONGEST = 60;

/** The lines of a passage with counted gaps: from the first one of the paragraph of the first gap to the last one of the last gap's. */
function passageIn(lines: Lines): { from: number; to: number; gaps: number } | undefined {
  const gaps = lines.flatMap(({ text }, at) =>
    [...text.slice(0, 2000).matchAll(GAP)].map(([, n]) => ({ at, n: Number(n) })),
  );
  if (gaps.length < FEWEST || !countUp(gaps.map(({ n }) => n))) {
    return undefined;
  }
  let from = gaps[0]!.at;
  let to = gaps.at(-1)!.at;
  while (lines[from - 1]?.text.trim()) {
    from--;
  }
  while (lines[to + 1]?.text.trim()) {
    to++;
  }
  return to - from < LONGEST ? { from, to, gaps: gaps.length } : undefined;
}

/** Such a passage on one line, and its choices with letters between wide blanks. */
export function choicesOfGaps(lines: Lines): Lines {
  const passage = passageIn(lines);
  if (!passage) {
    return lines;
  }
  const choices = lines.flatMap((line, at) => {
    const [, n, text] = (at > passage.to && isLine(line) && CHOICES.exec(line.text)) || [];
    const own = text ? textsByLetter(text, LETTER).map((one) => one.trim()) : [];
    return own.length >= FEWEST ? [{ at, n: Number(n), own }] : [];
  });
  const first = choices.slice(0, passage.gaps);
  if (first.length < passage.gaps || !countUp(first.map(({ n }) => n))) {
    return lines;
  }
  const typed = new Map(
    first.map(({ at, n, own }) => [
      at,
      `${n}   ${own.map((text, k) => `${String.fromCharCode(65 + k)} ${text}`).join('     ')}`,
    ]),
  );
  const text = lines
    .slice(passage.from, passage.to + 1)
    .map((line) => line.text.trim())
    .join(' ');
  return lines.flatMap((line, at) => {
    if (at >= passage.from && at <= passage.to) {
      return at === passage.from ? [anew(line, text)] : [];
    }
    const own = typed.get(at);
    return [own === undefined ? line : anew(line, own)];
  });
}
