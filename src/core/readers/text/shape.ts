// What a text is: columns, a list of terms, or questions written one below the other.
import type { Separator } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { findSeparator } from '../delimited/separator';
import { readTerms } from './terms';

export type TextShape = { as: 'table' | 'terms' | 'questions'; because: string };

const LETTERED = /^\s*[-•*✓✅]?\s?(?:\*\*)?\(?[a-hA-H](?:[).]\s|\)\S)/u;
const NUMBERED =
  /^(?:#+\s*)?(?:\*\*)?(?:q|question|frage|pregunta|domanda|vraag|pergunta|cwestiwn)?\.?\s*\d{1,3}\s*[.):]\s*\S/iu;
const STARRED = /^\s*\*\s?[^\s*]|\S\s?\*\s*$/u;
const TICKED = /^\s*(?:[-*]\s*)?(?:\[[ xX✓]\]|[✓✔✅☐☑])/u;
const SIGNS: readonly Separator[] = ['\t', ';', '|', ','];

/** The share of the filled lines that a sign splits into one and the same number of columns, two at least. */
function evenness(lines: readonly string[], sign: Separator): { share: number; width: number } {
  const widths = new Map<number, number>();
  for (const line of lines) {
    const width = line.replace(/"(?:[^"]|"")*"/g, '').split(sign).length;
    if (width > 1) {
      widths.set(width, (widths.get(width) ?? 0) + 1);
    }
  }
  const [width, times] = [...widths].sort(
    (a, b) => b[1] * Math.min(b[0], 6) - a[1] * Math.min(a[0], 6),
  )[0] ?? [1, 0];
  return { share: lines.length ? times / lines.length : 0, width };
}

/** So many filled lines tell what a text is. */
const JUDGED_LINES = 400;

/** Judges a text by its first filled lines; names such as .csv and a quote over several lines speak for columns. */
export function shapeOf(source: string, name: string): TextShape {
  const all = source.slice(0, 200_000).split(/\r\n?|\n/);
  // Blanks in front are gone before any pattern looks, since several patterns would each walk over them.
  const lines = all.filter((line) => line.trim()).slice(0, JUDGED_LINES);
  const trimmed = lines.map((line) => line.trim());
  const hits = (test: (line: string) => boolean): number => lines.filter(test).length;
  const lettered = hits((line) => LETTERED.test(line));
  const answers = hits((line) => fieldOfLine(line)?.role === 'answer');
  const numbered = trimmed.filter((line) => NUMBERED.test(line)).length;
  const tabs = evenness(lines, '\t');
  const marked = hits((line) => STARRED.test(line) || TICKED.test(line));
  const columns = { because: `${findSeparator(source, name).because}` };
  const isColumnFile = /\.(?:csv|tsv|tab)$/i.test(name);
  if (/^sep=/i.test(source)) {
    return { as: 'table', ...columns };
  }
  const questions = (because: string): TextShape => ({ as: 'questions', because });
  if (lettered >= 2 && lettered >= lines.length * 0.2 && tabs.share < 0.6) {
    return questions(`${lettered} lines begin with an option's letter`);
  }
  if (isColumnFile) {
    return { as: 'table', ...columns };
  }
  if (answers >= 2 && answers >= lines.length * 0.08 && tabs.share < 0.5) {
    return questions(`${answers} lines name an answer`);
  }
  const even = SIGNS.map((sign) => evenness(lines, sign));
  const clear =
    even.slice(0, 3).some(({ share, width }) => share >= 0.6 && (width > 2 || share >= 0.8)) ||
    (even[3]!.share >= 0.6 && even[3]!.width > 2);
  if (clear) {
    return { as: 'table', ...columns };
  }
  if (marked >= 2 && marked >= lines.length * 0.1 && even[0]!.share < 0.5) {
    return questions(`${marked} lines carry a mark`);
  }
  const terms = readTerms(name, all);
  if (
    terms &&
    terms.share >= 0.7 &&
    numbered < lines.length * 0.5 &&
    terms.share > even[3]!.share * 0.9
  ) {
    return {
      as: 'terms',
      because: `${Math.round(terms.share * 100)} % of the lines have ${terms.sign} between two texts`,
    };
  }
  if (numbered >= 2 && numbered >= lines.length * 0.15) {
    return questions(`${numbered} lines begin with a number`);
  }
  if (Math.max(...even.map(({ share }) => share)) >= 0.5) {
    return { as: 'table', ...columns };
  }
  if (terms && terms.share >= 0.5) {
    return {
      as: 'terms',
      because: `${Math.round(terms.share * 100)} % of the lines have ${terms.sign} between two texts`,
    };
  }
  if (hits((line) => /[?？]\W*$/u.test(line)) > 0 && lines.length > 1) {
    return questions('lines end in a question mark, and no sign parts columns');
  }
  return { as: 'table', ...columns };
}
