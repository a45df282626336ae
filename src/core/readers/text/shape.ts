// What a text is: columns, a list of terms, or questions written one below the other.
import type { Separator } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { asksToMatch } from '../../shared/vocabulary/match-words';
import { hasOtherScript, labelInLatin, nameInEnglish } from '../../shared/vocabulary/other-labels';
import { findSeparator } from '../delimited/separator';
import { DOTS, readTerms } from './terms';
import { say } from '../../shared/say';

export type TextShape = { as: 'table' | 'terms' | 'questions'; because: string };

const LETTERED = /^\s*[-•*✓✅]?\s?(?:\*\*)?\(?[a-hA-H](?:[).]\s|\)\S)/u;
/** A number with what closes it, behind a word for a question or a verdict in brackets. */
const NUMBERED =
  /^(?:#+\s*)?(?:\*\*)?(?:[([]\s*\p{L}{1,8}\s*[)\]]\s*|_+\s*\p{L}{0,8}\s*_*\s+)?(?:q|question|frage|pregunta|domanda|vraag|pergunta|cwestiwn)?\.?\s*\(?\d{1,3}\s*[.):]\s*\S/iu;
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

const OFFERING = /\s\(?[Aa][).]\s?\S.{0,120}?\s\(?[Bb][).]\s?\S/u;

/** What speaks for columns, terms or questions in the first filled lines of a text. */
type Evidence = {
  /** Filled lines that were looked at. */
  count: number;
  isColumnFile: boolean;
  /** Lines that begin with an option's letter, name an answer, begin with a number, carry a mark, end in a question mark. */
  lettered: number;
  answers: number;
  numbered: number;
  marked: number;
  asking: number;
  /** Cells in quotes that hold several lines, with a separator beside them. */
  quoted: number;
  /** Lines that hold options with their letters, one behind the other. */
  offering: number;
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

function evidenceOf(source: string, name: string): Evidence {
  const all = source.slice(0, JUDGED_CHARACTERS).split(/\r\n?|\n/);
  // Blanks in front are gone before any pattern looks, since several patterns would each walk over them.
  const lines = all
    .filter((line) => line.trim())
    .slice(0, JUDGED_LINES)
    .map(inLatin);
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
    answers: hits((line) => fieldOfLine(line)?.role === 'answer'),
    numbered: hits((line) => NUMBERED.test(line.trim())),
    marked: hits((line) => STARRED.test(line) || TICKED.test(line)),
    offering: hits((line) => OFFERING.test(line)),
    gapped: hits((line) => /_{3,}|\.{5,}|\S\s\{[^{}"\s][^{}"]{0,60}\}/u.test(line)),
    asking: hits((line) => ASKING.test(line)),
    tabbed: hits((line) => line.split('\t').filter((text) => text.trim()).length >= TABBED),
    tabs,
    commas,
    clearSigns: [tabs, semicolons, bars],
    quoted: (source.slice(0, JUDGED_CHARACTERS).match(QUOTED_LINES) ?? []).length,
    terms: readTerms(name, all),
    isMatching: lines.slice(0, FIRST_LINES).some(asksToMatch),
  };
}

/** So many texts with tabs between them are no line of a text; the last cells of a row may be missing. */
const TABBED = 4;
const MOSTLY = 0.7;

/** Whether a sign parts columns beyond doubt; commas stand in sentences too, so they have to make three. */
const hasClearColumns = ({ clearSigns, commas, tabbed, count }: Evidence): boolean =>
  tabbed >= count * MOSTLY ||
  clearSigns.some(({ share, width }) => share >= 0.6 && (width > 2 || share >= 0.8)) ||
  (commas.share >= 0.6 && commas.width > 2);

const NEARLY_ALL = 0.9;
/** Whether a file of columns, by its name, has nearly all of its lines in the same three columns or more. */
const isEvenFile = ({ isColumnFile, clearSigns, commas }: Evidence): boolean =>
  isColumnFile &&
  [...clearSigns, commas].some(({ share, width }) => share >= NEARLY_ALL && width > 2);

const hasClearTerms = (evidence: Evidence): boolean => {
  const { terms, numbered, count, commas, asking, gapped, offering, isMatching } = evidence;
  return (
    offering < count * 0.5 &&
    (terms?.share ?? 0) >= 0.7 &&
    terms!.distinct > 0.6 &&
    // Below a task dots join what is to be matched; alone or below titles they join terms.
    (terms!.sign === DOTS
      ? terms!.isWhole && !isMatching
      : numbered < count * 0.5 || (terms!.isWhole && !asking && !gapped)) &&
    terms!.share > commas.share * 0.9
  );
};

const mostEven = ({ clearSigns, commas }: Evidence): number =>
  Math.max(...[...clearSigns, commas].map(({ share }) => share));

const sayTerms = ({ terms }: Evidence): string =>
  say('{share} % of the lines have {sign} between two texts', {
    share: Math.round((terms?.share ?? 0) * 100),
    sign: say(terms?.sign ?? ''),
  });

/** One kind of evidence that settles what a text is. Where nothing is said of why, the separator's own reason serves. */
type Rule = {
  as: TextShape['as'];
  holds: (evidence: Evidence) => boolean;
  because?: (evidence: Evidence) => string;
};

/** The rules in the order of their weight; common practice, no source. */
const RULES: readonly Rule[] = [
  {
    as: 'table',
    holds: ({ quoted }) => quoted >= 2,
    because: ({ quoted }) => say('{quoted} cells in quotes hold several lines', { quoted }),
  },
  {
    as: 'questions',
    holds: (evidence) =>
      evidence.lettered >= 2 &&
      evidence.lettered >= evidence.count * 0.2 &&
      evidence.tabs.share < 0.6 &&
      !isEvenFile(evidence),
    because: ({ lettered }) => say("{lettered} lines begin with an option's letter", { lettered }),
  },
  { as: 'table', holds: ({ isColumnFile }) => isColumnFile },
  {
    as: 'questions',
    holds: ({ offering, count, isColumnFile }) =>
      !isColumnFile && offering >= 2 && offering >= count * 0.5,
    because: ({ offering }) =>
      say('{offering} lines hold options with their letters', { offering }),
  },
  {
    as: 'questions',
    holds: ({ answers, count, tabs }) =>
      answers >= 2 && answers >= count * 0.08 && tabs.share < 0.5,
    because: ({ answers }) => say('{answers} lines name an answer', { answers }),
  },
  { as: 'table', holds: hasClearColumns },
  {
    as: 'questions',
    // Where a star stands before each of the terms it is a bullet.
    holds: ({ marked, count, tabs, terms }) =>
      marked >= 2 &&
      marked >= count * 0.1 &&
      tabs.share < 0.5 &&
      !(terms?.starred === marked && terms.share >= 0.6),
    because: ({ marked }) => say('{marked} lines carry a mark', { marked }),
  },
  { as: 'terms', holds: hasClearTerms, because: sayTerms },
  {
    as: 'questions',
    holds: ({ numbered, count }) => numbered >= 2 && numbered >= count * 0.15,
    because: ({ numbered }) => say('{numbered} lines begin with a number', { numbered }),
  },
  {
    as: 'questions',
    holds: ({ gapped, count, clearSigns }) =>
      gapped >= 2 && gapped >= count * 0.3 && clearSigns.every(({ share }) => share < 0.5),
    because: ({ gapped }) => say('{gapped} lines have a gap to fill', { gapped }),
  },
  {
    as: 'questions',
    holds: ({ gapped, answers, clearSigns }) =>
      gapped > 0 && answers > 0 && clearSigns.every(({ share }) => share < 0.5),
    because: () => say('a line has gaps to fill, and another names an answer'),
  },
  { as: 'table', holds: (evidence) => mostEven(evidence) >= 0.5 },
  {
    as: 'terms',
    holds: ({ terms }) => (terms?.share ?? 0) >= 0.5 && terms!.distinct > 0.6,
    because: sayTerms,
  },
  {
    as: 'questions',
    holds: ({ asking, count }) => asking > 0 && count > 1,
    because: () => say('lines end in a question mark, and no sign parts columns'),
  },
];

/** Judges a text by its first filled lines; names such as .csv and a line that names its separator speak for columns. */
export function shapeOf(source: string, name: string): TextShape {
  const evidence = evidenceOf(source, name);
  const rule = /^sep=/i.test(source) ? undefined : RULES.find(({ holds }) => holds(evidence));
  const { as, because } = rule ?? { as: 'table' as const, because: undefined };
  return { as, because: because?.(evidence) ?? findSeparator(source, name).because };
}
