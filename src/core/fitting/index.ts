// Fitting: how a question stands to a layout, with every change named, and the cells or text it becomes.
import type { Change, Decision, Fitted, Item, Layout } from '../model';
import { Board } from './board';
import { cellsOf } from './cells';
import { Draft, Refusal, type Noted } from './changes';
import { contextOf, type Context } from './context';
import { Deck } from './deck';
import { fitKind } from './kind';
import { paragraphOf } from './marked-text';
import { patternText } from './pattern';
import { cutsIn } from '../shared/own-cuts';
import { joinedQuestions, withoutPlaces } from '../shared/pattern-line';
import { tagsHoldSign } from './sayings';
import { fitOptions } from './options';
import { spreadKeys } from './spread';
import { fitSeconds } from './seconds';
import { holdSigns } from './text-rules';
import { fitTexts } from './texts';
import { refused, type Reason, type RefusalCode } from './words';

export { leftBehind, type LeftBehind } from './left-behind';

/** What the fit of one question leans on besides the question. */
export type FitOptions = {
  /** Cards whose definitions may serve as distractors; those among the questions where absent. */
  deck?: readonly Item[];
  /** The seed by which right answers are spread evenly over the places; they stay where they are where absent. */
  spread?: number;
  /** States and changes alone: cells are left out where they can neither refuse a question nor change it. */
  states?: boolean;
};

/** Whether a question's state is known without its cells. */
function isPlain({ item }: Draft, context: Context): boolean {
  const { key } = context.forKind(item.kind).layout;
  if (tagsHoldSign(item, context)) {
    return false;
  }
  if (!item.options) {
    return item.accepted?.length === 1;
  }
  return (
    key.style !== 'marker' ||
    !item.options.some((option) => !option.right && option.text.plain.startsWith(key.marker ?? '*'))
  );
}

/** A question half way: its drafts, or why it stays out. */
type Half = { id: string; drafts: Draft[] } | { id: string; reason: Reason<RefusalCode> };

/** A refusal's reason; anything else that was thrown is a fault of ours and goes on up. */
function reasonOf(error: unknown): Reason<RefusalCode> {
  if (error instanceof Refusal) {
    return error.reason;
  }
  throw error;
}

const refusedFit = (id: string, { code, words }: Reason<RefusalCode>): Fitted => ({
  item: id,
  state: 'refused',
  changes: [],
  code,
  reason: words(),
});

/** The noted changes with their sentences; where only states are asked for, their number is all that is wanted. */
const toldChanges = (noted: readonly Noted[]): Change[] =>
  noted.map(({ field, from, to, reason }) => ({
    field,
    from,
    to,
    code: reason.code,
    why: reason.words(),
  }));

/** Kind, options and texts settled; the order of options and the place in the file come later. */
function prepare(item: Item, context: Context, decision: Decision): Half {
  if (decision.leaveOut) {
    return { id: item.id, reason: refused('left-out') };
  }
  try {
    const drafts = fitKind(new Draft(item), context);
    for (const draft of drafts) {
      const own = context.forKind(draft.item.kind);
      fitOptions(draft, own, drafts.length === 1 ? cutsIn(decision.own) : []);
      fitTexts(draft, own, decision);
      fitSeconds(draft, own, decision);
    }
    return { id: item.id, drafts };
  } catch (error) {
    return { id: item.id, reason: reasonOf(error) };
  }
}

/** What the drafts become in the file. May throw a Refusal. */
function become(
  drafts: readonly Draft[],
  context: Context,
  board: Board | undefined,
  states: boolean,
): Pick<Fitted, 'cells' | 'text'> {
  const { layout } = context;
  if (states && context.sureCells && drafts.every((draft) => isPlain(draft, context))) {
    return {};
  }
  if (board) {
    return { cells: drafts.map((draft) => board.place(draft)) };
  }
  if (layout.shape === 'marked-text') {
    const { pattern, marks = { right: '*' } } = layout;
    const texts = drafts.map((draft) =>
      pattern ? patternText(draft, pattern) : paragraphOf(draft, marks),
    );
    const text = pattern ? joinedQuestions(texts, pattern.between) : texts.join('\n\n');
    if (context.narrow) {
      holdSigns(withoutPlaces(text));
    }
    return { text };
  }
  if (layout.shape === 'package') {
    return {};
  }
  return {
    cells: drafts.flatMap((draft) => cellsOf(draft, context.forKind(draft.item.kind))),
  };
}

function finish(half: Half, context: Context, board: Board | undefined, states = false): Fitted {
  if ('reason' in half) {
    return refusedFit(half.id, half.reason);
  }
  const { id, drafts } = half;
  try {
    const into = become(drafts, context, board, states);
    const { changes } = drafts[0]!;
    return {
      item: id,
      state: changes.length ? 'changes' : 'fits',
      changes: toldChanges(changes),
      as: drafts.map((draft) => draft.item),
      ...into,
    };
  } catch (error) {
    return refusedFit(id, reasonOf(error));
  }
}

const draftsOf = (half: Half): readonly Draft[] => ('drafts' in half ? half.drafts : []);

/** The boards' order: questions whose points name a level go first, then the rest by points, so that levels stay in order. */
function boardOrder(halves: readonly Half[], layout: Layout): Half[] {
  const levels = new Set(layout.grid!.levels.map((level) => Number(level.replace(/[^\d.]/g, ''))));
  const points = (half: Half): number => draftsOf(half)[0]?.item.points ?? 0;
  return [...halves].sort(
    (a, b) =>
      Number(levels.has(points(b))) - Number(levels.has(points(a))) || points(a) - points(b),
  );
}

const UNDECIDED: Decision = {};

/** The deck of a list of cards, made once for as long as the list lives. */
const decks = new WeakMap<readonly Item[], Deck>();
function deckOf(cards: readonly Item[]): Deck {
  const known = decks.get(cards) ?? new Deck(cards);
  decks.set(cards, known);
  return known;
}

/** Fits questions to a layout of any shape. `decisions` are the user's, by the item's id. */
export function fit(
  items: readonly Item[],
  layout: Layout,
  decisions: Readonly<Record<string, Decision>> = {},
  options: FitOptions = {},
): Fitted[] {
  const context = contextOf(
    layout,
    deckOf(options.deck ?? items.filter((item) => item.kind === 'card')),
  );
  const decided = Object.keys(decisions).length > 0;
  const halves = items.map((item) =>
    prepare(item, context, (decided && decisions[item.id]) || UNDECIDED),
  );
  const order =
    layout.key.style === 'first' ||
    layout.key.style === 'right-column' ||
    layout.key.style === 'word';
  if (options.spread !== undefined && !order) {
    spreadKeys(halves.flatMap(draftsOf), options.spread);
  }
  if (layout.shape !== 'grid') {
    return halves.map((half) => finish(half, context, undefined, options.states));
  }
  const board = new Board(layout);
  const placed = new Map(
    boardOrder(halves, layout).map((half) => [half.id, finish(half, context, board)]),
  );
  return halves.map(({ id }) => placed.get(id)!);
}
