// The ways in which a text may be read, weighed against one another by what its questions become.
import type { Document } from '../../model';
import { joinAnswerList } from './answer-list';
import type { Draft, Emphasis } from './draft';
import { assemble } from './machine';
import { mannersOf, type TextManner } from './manner';
import { Names } from './names';
import { segment, type Segmented } from './segment';
import { tokenOf } from './tokens';
import { typedLine, type TypedLine } from './typed-line';
import { qualityOf, weightOf } from './weigh';

export type TextReading = {
  drafts: Draft[];
  weight: number;
  /** How the text is typed; absent where no one manner holds for all of it. */
  manner?: TextManner;
  aside: readonly TypedLine[];
  /** How well the questions hold together, 0 to 1: a question whose options or key are doubtful counts less. */
  holds: number;
};

/** So many lines, and so much of each, tell the manner, and keep long texts quick. */
const LOOKED_AT = 240;
const LONGEST = 600;

/** The lines by which a manner is chosen. */
const lookedAt = (lines: readonly TypedLine[]): TypedLine[] =>
  lines
    .slice(0, LOOKED_AT)
    .map((one) =>
      one.text.length > LONGEST
        ? typedLine({ line: one.line.line, text: one.text.slice(0, LONGEST) })
        : one,
    );

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
  const isAside = ({ options, answers, number }: Draft): boolean =>
    !options.length && !answers.length && number === undefined;
  const aside = drafts.filter(isAside).map(({ stem }) => typedLine(stem[0]!.line));
  return { drafts, keyLines: [], aside };
}

/** The heaviest reading of a document; `emphasisOf` says by which emphasis questions tell their keys. */
export function readText(document: Document, emphasisOf: Judge): TextReading {
  const lines = document.lines.map(typedLine);
  const looked = lookedAt(lines);
  const names = new Names(looked);
  const weighed = mannersOf(looked, names).map((manner) => {
    const found = withKey(segment(looked, manner, names));
    const emphasis = emphasisOf(found.drafts);
    return { manner, weight: weightOf(found, { emphasis, names, manner }) };
  });
  const lone = byLines({ ...document, lines: looked.map(({ line }) => line) });
  const loneWeight = weightOf(lone, { emphasis: emphasisOf(lone.drafts), names });
  const [best] = weighed.sort((a, b) => b.weight - a.weight);
  const isLone = !best || loneWeight >= best.weight;
  const { drafts, aside } = isLone
    ? { drafts: byLines(document).drafts, aside: [] }
    : withKey(segment(lines, best.manner, names));
  const emphasis = emphasisOf(drafts);
  const holds = meanQuality(drafts, emphasis, names);
  return isLone ? { drafts, aside, holds, weight: loneWeight } : { drafts, aside, holds, ...best };
}

/** So many questions tell how well all hold together. */
const MOST_HELD = 200;

function meanQuality(all: readonly Draft[], emphasis: Emphasis | undefined, names: Names): number {
  const drafts = all.slice(0, MOST_HELD);
  const sum = drafts.reduce((total, draft) => total + qualityOf(draft, emphasis, names), 0);
  return drafts.length ? sum / drafts.length : 0;
}
