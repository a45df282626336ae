// The ways in which a text may be read, weighed against one another by what its questions become.
import type { Document, Overrule } from '../../model';
import { defined } from '../../shared/defined';
import { joinAnswerList } from './answer-list';
import { withBareLabels } from './bare-labels';
import { plainOfPieces, type Draft, type Emphasis } from './draft';
import { isJudged } from './lone';
import { noteLoneLetters } from './lone-letter';
import { assemble } from './machine';
import { mannersOf, nameOf } from './manner';
import type { TextManner } from './signs';
import { Names } from './names';
import { agreement } from './said';
import { saidLines, type SaidLines } from './said-lines';
import { segment, type Segmented } from './segment';
import { withSideLists } from './side-lists';
import { withSingledSigns } from './single-sign';
import { tokenOf } from './tokens';
import { typedAnew } from './typed-anew';
import { typedLine, type TypedLine } from './typed-line';
import { qualityOf, weightOf } from './weigh';

/** One way in which a text may be read, by the lines that were looked at. */
export type Weighed = {
  /** How the text is typed; absent where each line and its neighbours alone tell. */
  manner?: TextManner;
  found: Segmented;
  weight: number;
};

export type TextReading = {
  drafts: Draft[];
  aside: readonly TypedLine[];
  /** How well the questions hold together, 0 to 1: a question whose options or key are doubtful counts less. */
  holds: number;
  /** The ways that were weighed, the one that was taken first. */
  weighed: readonly Weighed[];
};

/** What a person said of a text: how it is typed, and what single lines are. */
export type TextSaid = Pick<Overrule, 'manner' | 'lines'>;

/** So many lines, and so much of each, tell the manner, and keep long texts quick. */
const LOOKED_AT = 240;
const LONGEST = 600;
/** So many lines around one of which a person said something are looked at too. */
const AROUND = 40;
/** What agreement with all that a person said weighs, as a share of the lines. */
const AGREED = 0.25;
const AGREED_AT_LEAST = 6;

const shortened = (one: TypedLine): TypedLine =>
  one.text.length > LONGEST
    ? typedLine({ line: one.line.line, text: one.text.slice(0, LONGEST) })
    : one;

/** The lines by which a manner is chosen: the first ones, and those around what a person spoke of. */
function lookedAt(lines: readonly TypedLine[], said: SaidLines): TypedLine[] {
  const near = [...said.keys()].filter((line) => line > LOOKED_AT - AROUND);
  const isNear = (index: number): boolean =>
    near.some((line) => Math.abs(line - 1 - index) <= AROUND);
  return lines
    .filter((_, index) => index < LOOKED_AT || (near.length > 0 && isNear(index)))
    .map(shortened);
}

type Judge = (drafts: readonly Draft[]) => Emphasis | undefined;

/** The answers of the closing list joined to their questions. */
function withKey(found: Segmented): Segmented {
  joinAnswerList(
    found.drafts,
    found.keyLines.map(({ line }) => tokenOf(line, false)),
  );
  return found;
}

/** The reading that goes by each line and its neighbours alone, for texts whose labels change from question to question. */
function byLines(document: Document): Segmented {
  const { drafts, keyLines } = assemble(document);
  joinAnswerList(drafts, keyLines);
  const isAside = ({ options, answers, number, stem }: Draft): boolean =>
    !options.length && !answers.length && number === undefined && !isJudged(plainOfPieces(stem));
  const aside = drafts.filter(isAside).map(({ stem }) => typedLine(stem[0]!.line));
  return { drafts: drafts.filter((draft) => !isAside(draft)), keyLines: [], aside };
}

/** Of two readings that come to nearly the same, the one that holds for the whole text is the surer. */
const LONE_COSTS = 0.5;
const lessBy = (one: Weighed, cost: number): Weighed => ({ ...one, weight: one.weight - cost });

/** Every reading of the lines looked at, the heaviest first. */
function weighAll(
  looked: readonly TypedLine[],
  names: Names,
  { said, document, emphasisOf }: { said: SaidLines; document: Document; emphasisOf: Judge },
): Weighed[] {
  const agreed = Math.max(AGREED_AT_LEAST, looked.length * AGREED);
  const weigh = (found: Segmented, manner?: TextManner): Weighed => {
    const emphasis = emphasisOf(found.drafts);
    return {
      found,
      weight: weightOf(found, defined({ emphasis, names, manner })),
      ...defined({ manner }),
    };
  };
  const weighed = mannersOf(looked, names, said).map((manner) => {
    const one = weigh(withKey(segment(looked, manner, names, said)), manner);
    if (!said.size) {
      return one;
    }
    const alone = segment(looked, manner, names);
    const share = agreement(alone, said, { lines: looked, manner });
    return { ...one, weight: one.weight + agreed * share };
  });
  // Where a person said what lines are, they are held to one by one, which this reading can't.
  const lone = said.size
    ? []
    : [lessBy(weigh(byLines({ ...document, lines: looked.map(({ line }) => line) })), LONE_COSTS)];
  return [...lone, ...weighed].sort((a, b) => b.weight - a.weight);
}

/** The name of a reading that goes by no manner. */
export const LONE = 'lines';
const nameOfReading = ({ manner }: Weighed): string => (manner ? nameOf(manner) : LONE);

/**
 * The heaviest reading of a document, or the one that a person asks for; `emphasisOf` says by which emphasis questions tell
 * their keys. What a person said of lines weighs for all lines like them.
 */
export function readText(
  typed: Document,
  emphasisOf: Judge,
  { manner, lines: lineRoles }: TextSaid = {},
): TextReading {
  const document = { ...typed, lines: typedAnew(typed.lines) };
  const said = saidLines(lineRoles);
  const lines = withSideLists(withSingledSigns(withBareLabels(document.lines.map(typedLine))));
  const looked = lookedAt(lines, said);
  const names = new Names(looked);
  const all = weighAll(looked, names, { said, document, emphasisOf });
  const asked = all.filter((one) => nameOfReading(one) === manner);
  const weighed = [...asked, ...all.filter((one) => !asked.includes(one))];
  const [best] = weighed;
  const { drafts, aside } = best?.manner
    ? withKey(segment(lines, best.manner, names, said))
    : byLines(document);
  noteLoneLetters(drafts);
  return { drafts, aside, holds: meanQuality(drafts, emphasisOf(drafts), names), weighed };
}

/** So many questions tell how well all hold together. */
const MOST_HELD = 200;

function meanQuality(all: readonly Draft[], emphasis: Emphasis | undefined, names: Names): number {
  const drafts = all.slice(0, MOST_HELD);
  const sum = drafts.reduce((total, draft) => total + qualityOf(draft, emphasis, names), 0);
  return drafts.length ? sum / drafts.length : 0;
}
