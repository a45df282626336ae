// What the first lines of a text show of its shape, line by line.
import type { Separator } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { hasOtherScript, labelInLatin, nameInEnglish } from '../../shared/vocabulary/other-labels';
import { readTerms } from './terms';

/** So many texts with tabs between them are no line of a text; the last cells of a row may be missing. */
const TABBED = 4;
const LETTERED = /^\s*[-•*✓✅]?\s?(?:\*\*)?\(?[a-hA-H](?:[).]\s|\)\S)/u;
/** A number with what closes it, behind a word for a question or a verdict in brackets. */
const NUMBERED =
  /^(?:#+\s*)?(?:\*\*)?(?:\p{Lu}\s?\/\s?\p{Lu}\s+|[([]\s*\p{L}{1,8}\s*[)\]]\s*|_+\s*\p{L}{0,8}\s*_*\s+)?(?:q|question|frage|pregunta|domanda|vraag|pergunta|cwestiwn)?\.?\s*\(?\d{1,3}\s*(?:[.):]|[/°º>](?=\s))\s*\S/iu;
const STARRED = /^\s*\*\s?[^\s*]|\S\s?\*\s*$/u;
const TICKED = /^\s*(?:[-*]\s*)?(?:\[[ xX✓]\]|[✓✔✅☐☑])/u;
const SIGNS: readonly Separator[] = ['\t', ';', '|', ','];

/** A cell in quotes over several lines, behind or in front of a separator. */
const QUOTED_LINES =
  /(?:[\t;|,]"(?:[^"]|""){0,2000}\n(?:[^"]|""){0,2000}"(?=[\t;|,\r\n]|$)|^"(?:[^"]|""){0,2000}\n(?:[^"]|""){0,2000}"(?=[\t;|,]))/gmu;

type Evenness = { share: number; width: number };

/** The share of the filled lines that a sign splits into one and the same number of columns, two at least. */
function evenness(lines: readonly string[], sign: Separator): Evenness {
  const widths = new Map<number, number>();
  for (const line of lines) {
    const width = line.replace(/"(?:[^"]|"")*"|\{[^{}]{1,60}\}/g, '').split(sign).length;
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
const JUDGED_CHARACTERS = 200_000;

/** A question mark at the end, or before what is said of the question in brackets: '(2 points)'. */
const ASKING = /[?？؟]\W*(?:[([][^()[\]]{1,30}[)\]]\W*)?$/u;
/** A question with a dash or an arrow and its answer behind. */
const ANSWERED = /[?？؟]["'”’]?\s*(?:[-–—=:>→/]+\s*)[^\s/][^/]{0,200}$/u;

/** A sentence with choices in brackets, of which one stands behind a sign at the end. */
const CHOSEN =
  /[([{]([^()[\]{}]{1,80}[/|][^()[\]{}]{1,80})[)\]}][^([{]*?(?:-+>|=+>|→|⇒|[–—-])\s+(\S.{0,40})$/u;
function holdsChosen(line: string): boolean {
  const [, choices, word] = CHOSEN.exec(line.trimEnd()) ?? [];
  return (
    choices !== undefined &&
    choices.split(/[/|]/u).some((one) => one.trim().toLowerCase() === word!.trim().toLowerCase())
  );
}

/** A definition by its name in short, below its term. */
const DEFINED = /^\s*def\.?\s*:\s*\S/iu;

const OFFERING = /\s\(?[Aa][).:]\s?\S.{0,120}?\s\(?[Bb][).:]\s?\S/u;
/** A question and its answer by name on one line. */
const NAMED_BOTH =
  /^\s*q\p{L}{0,7}\.?\s?\d{0,3}:\s\S.{0,200}?\s\|?\s*a\p{L}{0,5}\.?\s?\d{0,3}:\s\S/iu;

/** What speaks for columns, terms or questions in the first filled lines of a text. */
export type Evidence = {
  /** Filled lines that were looked at. */
  count: number;
  isColumnFile: boolean;
  /** Lines that begin with an option's letter, name an answer, begin with a number, carry a mark, end in a question mark. */
  lettered: number;
  answers: number;
  numbered: number;
  marked: number;
  asking: number;
  /** Lines with a number, a question and its answer behind a dash. */
  answered: number;
  /** Lines with a question and its answer behind a sign, whatever stands in front. */
  answeredBare: number;
  /** Cells in quotes that hold several lines, with a separator beside them. */
  quoted: number;
  /** Lines that hold options with their letters, one behind the other. */
  offering: number;
  /** Lines with choices of which one stands behind them. */
  chosen: number;
  /** Lines with a gap to fill. */
  gapped: number;
  /** Lines of four texts or more with tabs between them, however many. */
  tabbed: number;
  /** How evenly each sign splits the lines. */
  tabs: Evenness;
  commas: Evenness;
  clearSigns: readonly Evenness[];
  terms: ReturnType<typeof readTerms>;
  /** Whether the text begins with a task to match. */
  isMatching: boolean;
};

/** A line with its label or name in Latin script, where it is typed in another. */
function inLatin(line: string): string {
  if (!hasOtherScript(line)) {
    return line;
  }
  const label = labelInLatin(line);
  return nameInEnglish(line) ?? label.replace(/^(\s*\(?(?:[A-Ha-h]|\d{1,3})[.)])(?=\p{L})/u, '$1 ');
}

/** Instructions stand among so many lines from the first on. */
const FIRST_LINES = 2;

/** What the first lines of a text show; its name tells whether it is a file of columns. */
export function evidenceOf(source: string, name: string): Evidence {
  const all = source.slice(0, JUDGED_CHARACTERS).split(/\r\n?|\n/);
  // Blanks in front are gone before any pattern looks, since several patterns would each walk over them.
  const lines = all
    .filter((line) => line.trim())
    .slice(0, JUDGED_LINES)
    .map(inLatin);
  const answered = lines.filter((line) => ANSWERED.test(line));
  const hits = (test: (line: string) => boolean): number => lines.filter(test).length;
  const [tabs, semicolons, bars, commas] = SIGNS.map((sign) => evenness(lines, sign)) as [
    Evenness,
    Evenness,
    Evenness,
    Evenness,
  ];
  return {
    count: lines.length,
    isColumnFile: /\.(?:csv|tsv|tab)$/i.test(name),
    lettered: hits((line) => LETTERED.test(line)),
    answers: hits(
      (line) => fieldOfLine(line)?.role === 'answer' || DEFINED.test(line) || NAMED_BOTH.test(line),
    ),
    numbered: hits((line) => NUMBERED.test(line.trim())),
    marked: hits((line) => STARRED.test(line) || TICKED.test(line)),
    offering: hits((line) => OFFERING.test(line)),
    chosen: hits(holdsChosen),
    gapped: hits((line) => /_{3,}|\.{5,}|\S\s\{[^{}"\s][^{}"]{0,60}\}/u.test(line)),
    asking: hits((line) => ASKING.test(line)),
    answered: answered.filter((line) => NUMBERED.test(line)).length,
    answeredBare: answered.length,
    tabbed: hits((line) => line.split('\t').filter((text) => text.trim()).length >= TABBED),
    tabs,
    commas,
    clearSigns: [tabs, semicolons, bars],
    quoted: (source.slice(0, JUDGED_CHARACTERS).match(QUOTED_LINES) ?? []).length,
    terms: readTerms(name, all),
    isMatching: lines.slice(0, FIRST_LINES).some(asksToMatch),
  };
}
