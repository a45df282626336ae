// A sample of marked text, learned by its signs and line by line: of two layouts under which it comes out, the one that explains more.
import { dequal } from 'dequal';
import {
  doubted,
  learnMarkedText,
  marksFromPointed,
  type LearnedLayout,
  type LineRole,
  type Pointed,
} from '../learning';
import type { Document, Layout } from '../model';
import { defined } from '../shared/defined';
import { untilEmpty } from '../shared/lines';
import { keyOfMarks } from '../shared/marked-key';
import { holdsSigns } from './leftovers';
import { itemsUnder, learnPattern, textUnder } from './marked-pattern';
import { withMarkedSample } from './marked-sample';
import { saysOther } from './sign-words';

/** A word in small letters, as texts begin with: no sign. */
const WORD = /^\p{L}?\p{Ll}{2,}$/u;

/** Whether signs were found for certain, and none of them is a word that texts may begin with. */
function areSure(learned: LearnedLayout | undefined): learned is LearnedLayout {
  const { open, right, wrong } = learned?.layout.marks ?? {};
  const signs = [open, right, wrong];
  return learned?.unsure.length === 0 && !signs.some((sign) => WORD.test(sign ?? ''));
}

/** What signs say besides which options are right: each with its sign. */
function saidOf({ marks = { right: '*' } }: Layout): string[] {
  const { feedback, category, pair, setTitle, titleOpen, escape, fields = [] } = marks;
  const said = { feedback, category, pair, title: setTitle ?? titleOpen, escape };
  const named = Object.entries(said).flatMap(([what, sign]) => (sign ? [`${what} ${sign}`] : []));
  return [...named, ...fields.map(({ field, sign }) => `${field} ${sign}`)].sort();
}

const signIn = (said: string): string => said.slice(said.indexOf(' ') + 1);

/** Everything that stands around texts in a pattern. */
function shownBy({ pattern }: Layout): ReadonlySet<string> {
  const { title, forms = [] } = pattern ?? {};
  const around = forms
    .flatMap(({ parts }) => parts)
    .flatMap(({ before, after, wrong, feedback, feedbackLine, between, gap }) => [
      before,
      after,
      wrong?.before,
      feedback,
      feedbackLine?.before,
      between,
      gap?.open,
    ]);
  return new Set([...around, title?.before].map((sign) => sign?.trim() ?? ''));
}

/** Whether signs were found, as comments explain them, that no line of a sample shows. */
function saysMore(bySigns: Layout, byLines: Layout): boolean {
  const shown = new Set([...saidOf(byLines).map(signIn), ...shownBy(byLines)]);
  // A line that is the same in each question shows its sign as well.
  const fixed = (byLines.pattern?.forms ?? []).flatMap(({ parts, below = [] }) => [
    ...parts.flatMap(({ above = [] }) => above),
    ...below,
  ]);
  const isShown = (sign: string): boolean =>
    shown.has(sign) || fixed.some((line) => line.trimStart().startsWith(sign));
  return saidOf(bySigns).some((said) => !isShown(signIn(said)));
}

/** Whether two layouts tell right and wrong options by the same signs. */
const tellAlike = ({ marks: one }: Layout, { marks: other }: Layout): boolean =>
  (one?.accepted !== undefined && one.accepted === other?.accepted) ||
  (one?.right.trim() === other?.right.trim() && one?.wrong?.trim() === other?.wrong?.trim());

/** Of two ways to say how a sample is written the one that explains more; where they say something else, it is doubted. */
function betterOf(
  byLines: LearnedLayout,
  bySigns: LearnedLayout,
  document: Document,
): LearnedLayout {
  if (saysMore(bySigns.layout, byLines.layout)) {
    return bySigns;
  }
  // What takes more of a text for signs leaves less of it to the questions.
  const more = textUnder(document, bySigns.layout) - textUnder(document, byLines.layout);
  if (more !== 0) {
    return more > 0 ? byLines : bySigns;
  }
  if (byLines.unsure.length) {
    // Signs alone are sure of themselves; where lines say another thing of the answers, neither is.
    return tellAlike(byLines.layout, bySigns.layout) ? bySigns : byLines;
  }
  const areAlike = dequal(saidOf(byLines.layout), saidOf(bySigns.layout));
  return areAlike ? byLines : { ...byLines, unsure: ['pattern'] };
}

/** More lines of a sample than these are not held against what is written. */
const MOST_LINES = 10_000;

/** The first lines of a sample that goes on over very many. */
function firstOf({ lines, ...document }: Document): Document {
  const most = untilEmpty(
    lines.map(({ text }) => text),
    MOST_LINES,
  );
  return { ...document, lines: lines.slice(0, most) };
}

/** What was learned by signs, in doubt where the sample's questions still hold some, or a sign's words say something else. */
function withLeftovers(learned: LearnedLayout, document: Document): LearnedLayout {
  const { layout } = learned;
  return holdsSigns(itemsUnder(document, layout)) || saysOther(layout.marks?.right)
    ? doubted(learned, 'marks.right')
    : learned;
}

/** Learns a text: by its signs where it is plain marked text, and by its lines. */
export function learnText(
  { document: whole, isPlain }: { document: Document; isPlain: boolean },
  base: Pick<Layout, 'id' | 'name'>,
): LearnedLayout | undefined {
  const document = firstOf(whole);
  const found = isPlain ? learnMarkedText(document, base.id, base.name) : undefined;
  const bySigns = found && withLeftovers(withMarkedSample(found, document), document);
  const byLines = learnPattern(document, { ...base, limits: bySigns?.layout.limits ?? {} });
  return byLines && areSure(bySigns) ? betterOf(byLines, bySigns, document) : (byLines ?? bySigns);
}

/** What a person may say that a line of a sample is. */
export type PointedLine = Pointed | LineRole;
const SIGNS_ONLY: ReadonlySet<PointedLine> = new Set(['close', 'comment']);

/**
 * A layout as the lines of a sample show it at which a person pointed: all other lines are thought through again under it. `lines`
 * are all of the sample, `pointed` counts them from 0. Where no pattern fits, the signs of those lines alone are learned.
 */
export function layoutFromPointed(
  layout: Layout,
  lines: readonly string[],
  pointed: Readonly<Record<number, PointedLine>>,
): Layout {
  const said = Object.entries(pointed);
  const document: Document = {
    file: layout.name,
    format: 'txt',
    lines: lines.map((text, at) => ({ line: at + 1, text })),
    findings: [],
  };
  const roles = new Map(
    said.flatMap(([at, what]) =>
      SIGNS_ONLY.has(what)
        ? []
        : [[(lines[Number(at)] ?? '').trimEnd(), what as LineRole] as const],
    ),
  );
  const byLines = said.every(([, what]) => !SIGNS_ONLY.has(what))
    ? learnPattern(document, layout, roles)
    : undefined;
  if (byLines) {
    const { pattern, marks, key, kinds } = byLines.layout;
    return { ...layout, ...defined({ pattern, marks }), key, kinds };
  }
  const bySigns = Object.fromEntries(said.filter(([, what]) => MARKED.has(what)));
  const marks = marksFromPointed(lines, bySigns as Record<number, Pointed>, layout.marks);
  const { pattern: _pattern, ...others } = layout;
  return { ...others, marks, key: keyOfMarks(marks) };
}
const MARKED: ReadonlySet<PointedLine> = new Set<PointedLine>([
  'stem',
  'right',
  'wrong',
  'close',
  'category',
  'comment',
  'key',
]);
