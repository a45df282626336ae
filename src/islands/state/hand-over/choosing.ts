// Which questions are handed over, how they stand to each receiver, and what is wished of the files.
import type { Decision, Decisions, Item, KeptLayout, QuestionSet } from '../../../core/model';
import { recordChange } from '../../../core/shared/steps';
import { Latest } from '../../parts/latest';
import { messageOf } from '../../parts/message-of';
import { core, WorkerLost } from '../../../workers/client';
import type { FitColumn } from '../../../workers/protocol';
import { bankState, changeRecords, itemById, theBank } from '../bank';
import { searchIn } from '../known';
import { columnsOf, receiversOf } from './receivers';
import {
  handOverState,
  NO_CHOICE,
  setHandOver,
  type Choice,
  type FilledFile,
  type HandOverState,
} from './hold';
import { i18n } from '../../../languages';

/** The questions of the choice, in the bank's order. */
export function chosenItems(
  { choice, out }: Pick<HandOverState, 'choice' | 'out'>,
  items: readonly Item[],
): Item[] {
  const isFound = searchIn(choice.words, bankState());
  const isChosen = (item: Item): boolean =>
    !out.has(item.id) &&
    choice.only?.ids.has(item.id) !== false &&
    (!choice.kind || item.kind === choice.kind) &&
    (!choice.category || item.category?.join(' > ').startsWith(choice.category) === true);
  const found = items.filter((item) => isChosen(item) && isFound(item));
  return choice.only?.set ? inSetOrder(found, choice.only.set) : found;
}

function inSetOrder(items: readonly Item[], { sections }: QuestionSet): Item[] {
  const place = new Map(sections.flatMap((section) => section.items).map((id, n) => [id, n]));
  return [...items].sort((a, b) => place.get(a.id)! - place.get(b.id)!);
}

/** Whether a file no longer says what its questions and layout say now. */
function isStale({ made: { kept, items } }: FilledFile): boolean {
  const now = bankState().layouts.find(({ id }) => id === kept.id);
  return (
    now?.layout !== kept.layout ||
    now.variants !== kept.variants ||
    items.some((item) => itemById(item.id) !== item)
  );
}

/** Says of each filled file whether it is out of date. */
function markStale(): void {
  const { files } = handOverState();
  if (files.some((file) => file.isStale !== isStale(file))) {
    setHandOver({ files: files.map((file) => ({ ...file, isStale: isStale(file) })) });
  }
}

/** What the user decided for single questions, receiver by receiver. */
const decisionsOf = (kept: readonly KeptLayout[]): Record<string, Decisions> =>
  Object.fromEntries(kept.map((one) => [one.id, one.variants ?? {}]));

const latest = new Latest();
/** So often the questions are fitted anew where the worker ends before it answered: another place may have stopped it. */
const TRIES = 3;

/** How questions stand to layouts; undefined where the answer is wanted no longer. */
async function fitted(
  question: () => Promise<FitColumn[]>,
  isLatest: () => boolean,
): Promise<FitColumn[] | undefined> {
  for (let tried = 1; ; tried++) {
    try {
      const columns = await question();
      return isLatest() ? columns : undefined;
    } catch (error) {
      if (!isLatest()) {
        return undefined;
      }
      if (!(error instanceof WorkerLost) || tried === TRIES) {
        throw error;
      }
    }
  }
}

/**
 * Fits every chosen question to every layout in view; answers of earlier calls and of another bank are dropped. What
 * can't be worked out is told as the place's problem.
 */
export async function refit(kept: readonly KeptLayout[]): Promise<void> {
  const isLatest = latest.begin();
  markStale();
  const { items, info } = bankState();
  const ids = chosenItems(handOverState(), items).map((item) => item.id);
  const layouts = kept.map((one) => one.layout);
  try {
    const columns = await fitted(async () => {
      await theBank().inStep();
      return core().fit(ids, layouts, decisionsOf(kept));
    }, isLatest);
    if (columns && bankState().info.id === info.id) {
      setHandOver({ ids, columns: columnsOf(receiversOf(kept), columns) });
    }
  } catch (error) {
    setHandOver({
      problem: messageOf(
        error,
        i18n._('How the questions fit their receivers could not be worked out.'),
      ),
    });
  }
}

export const setChoice = (choice: Partial<Choice>): void =>
  setHandOver({ choice: { ...handOverState().choice, ...choice }, files: [], problem: undefined });
/** Chooses these questions and no others; `what` says which they are. */
export const handOverOnly = (what: string, ids: readonly string[]): void =>
  setHandOver({
    choice: { ...NO_CHOICE, only: { what, ids: new Set(ids) } },
    out: new Set(),
    files: [],
    problem: undefined,
  });
/** Hands over a set: its questions in its order, with its title, description, settings and sections. */
export function handOverSet(set: QuestionSet): void {
  const ids = new Set(set.sections.flatMap(({ items }) => items));
  setHandOver({
    choice: { ...NO_CHOICE, only: { what: i18n._('of {name}', { name: set.name }), ids, set } },
    out: new Set(),
    title: set.name,
    description: set.description ?? '',
    settings: set.settings ?? {},
    draw: undefined,
    files: [],
    problem: undefined,
  });
}

export const setTitle = (title: string): void => setHandOver({ title, files: [] });
/** Wishes for the files; whatever was filled before is out of date then. */
export const setWishes = (
  wishes: Partial<
    Pick<HandOverState, 'description' | 'spread' | 'draw' | 'asTheyAre' | 'settings'>
  >,
): void => setHandOver({ ...wishes, files: [] });

export function leaveQuestion(id: string, leave: boolean): void {
  const out = new Set(handOverState().out);
  if (leave) {
    out.add(id);
  } else {
    out.delete(id);
  }
  setHandOver({ out, files: [] });
}

/** Gives one text of a question to each of these receivers, in one step; what else was decided for them stays. */
export function ownTextFor(
  layouts: readonly KeptLayout[],
  item: string,
  field: string,
  text: string,
): void {
  const steps = layouts.flatMap((kept) => {
    const decision = kept.variants?.[item];
    const own = { ...decision?.own, [field]: text };
    const variants = { ...kept.variants, [item]: { ...decision, own } };
    return recordChange('layouts', kept, { ...kept, variants });
  });
  void changeRecords(
    i18n._('Own text for {layouts, plural, one {# receiver} other {# receivers}}', {
      layouts: layouts.length,
    }),
    steps,
  );
}

/** Keeps what the user decided for one question and one receiver: a variant of the layout's, not of the question's. */
export function decide(layout: string, item: string, decision: Decision | undefined): void {
  const kept = bankState().layouts.find((one) => one.id === layout);
  if (!kept) {
    return;
  }
  const variants = { ...kept.variants };
  if (decision && (decision.leaveOut || Object.keys(decision.own ?? {}).length)) {
    variants[item] = decision;
  } else {
    delete variants[item];
  }
  const what = decision?.leaveOut ? i18n._('Leave a question out of') : i18n._('Own text for');
  void changeRecords(
    `${what} ${kept.layout.name}`,
    recordChange('layouts', kept, { ...kept, variants }),
  );
}
