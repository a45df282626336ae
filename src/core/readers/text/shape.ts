// What a text is: columns, a list of terms, or questions written one below the other.
import { findSeparator } from '../delimited/separator';
import { evidenceOf, type Evidence } from './shape-evidence';
import { DOTS } from './terms';
import { say } from '../../shared/say';

export type TextShape = { as: 'table' | 'terms' | 'questions'; because: string };

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

/** So many questions with a number and their answer behind are no terms. */
const FEWEST_ANSWERED = 3;

/** Whether counted questions with their answers behind are what a text is. */
const hasAnswersBehind = ({ answered, numbered }: Evidence): boolean =>
  answered >= Math.max(FEWEST_ANSWERED, numbered * MOSTLY);

/** Whether numbers in front of lines are no questions': few have one, or nothing around the terms asks. */
const areNumbersTerms = ({ terms, numbered, count, asking, gapped }: Evidence): boolean =>
  numbered < count * 0.5 || terms!.isLabelled || (terms!.isWhole && !asking && !gapped);

const hasClearTerms = (evidence: Evidence): boolean => {
  const { terms, count, commas, offering, isMatching } = evidence;
  return (
    terms !== undefined &&
    offering < count * 0.5 &&
    (terms.share >= MOSTLY || terms.isLabelled) &&
    terms.distinct > 0.6 &&
    // Below a task signs join what is to be matched; alone or below titles they join terms.
    !isMatching &&
    (terms.sign === DOTS ? terms.isWhole : areNumbersTerms(evidence)) &&
    terms.share > commas.share * 0.9
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
  {
    as: 'questions',
    holds: ({ chosen, count }) => chosen >= 2 && chosen >= count * 0.4,
    because: ({ chosen }) => say('{chosen} lines hold choices, and one of them behind', { chosen }),
  },
  {
    as: 'terms',
    holds: (evidence) => !hasAnswersBehind(evidence) && hasClearTerms(evidence),
    because: sayTerms,
  },
  {
    as: 'questions',
    holds: ({ answeredBare, count, terms }) =>
      answeredBare >= FEWEST_ANSWERED &&
      answeredBare >= count * 0.3 &&
      !(terms && terms.share >= MOSTLY),
    because: ({ answeredBare }) =>
      say('{answeredBare} lines hold a question with its answer behind', { answeredBare }),
  },
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
    as: 'questions',
    holds: ({ isMatching, terms }) => isMatching && (terms?.share ?? 0) >= 0.5,
    because: () => say('a task asks what belongs together, and a sign parts the lines below it'),
  },
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
