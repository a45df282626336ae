// Gather for its place: sources are brought in, read another way, mended, agreed to and put away.
import type { LineRole, Overrule } from '../../../core/model';
import { unchangedEnds } from '../../../core/shared/lines';
import { messageOf } from '../../parts/message-of';
import { say, sayProblem } from '../../parts/say';
import type { Contribution } from '../../../core/pipeline/together';
import { core, onProgress, stopCore } from '../../../workers/client';
import type { SourceInput } from '../../../workers/protocol';
import { theStore } from '../bank';
import { blankWords, takeOutBlanks } from '../layouts';
import { forgetReading, keepReading, keptReadings } from '../kept-readings';
import { bringResults, resultsWords, takeOutResults } from '../sittings';
import { allSources, gatherState, setEntry, setGather, sourceOf } from './hold';
import { bringBack, forget, keepForReload, keepWhileTyping } from './keeping';
import { agree } from './agreeing';
import { change } from './mending';
import { dropReading, understand } from './reading';
import { EMPTY_BENCH, type Brought, type TrayEntry } from './types';
import { i18n } from '../../../languages';

export { agree } from './agreeing';
export { gatherState, pastedText, useGather } from './hold';
export { leaveAllOut, leaveOut, mend, mendAll } from './mending';
export {
  anchorAt,
  chooseAll,
  chooseNone,
  chooseTo,
  chosenItems,
  showOnly,
  toggleChosen,
} from './choosing';
export { placeOf, ready, type Shown, type TrayEntry } from './types';

const MOST_BYTES = 32 * 1024 * 1024;
/** Typing pauses before running text is understood anew. */
const TYPING_PAUSE_MS = 180;

/** An edit of running text that waits for the typing to pause; it belongs to the source on the bench alone. */
let waitingEdit: ReturnType<typeof setTimeout> | undefined;
let formatting: Overrule['formatting'];

onProgress((done, of) => {
  if (gatherState().busy) {
    setGather({ progress: { done, of } });
  }
});

/** Lays a source of the tray on the bench and reads it. */
export async function openSource(id: string): Promise<void> {
  const source = sourceOf(id);
  if (!source) {
    return;
  }
  clearTimeout(waitingEdit);
  const { name, overrule, edited, out, taken, records = [] } = source;
  setEntry(id, { state: 'reading', problem: undefined });
  setGather({
    ...EMPTY_BENCH,
    open: id,
    name,
    edited,
    out: new Set(out),
    taken: new Set(taken),
    records,
  });
  await understand(source.source, overrule, edited);
}

/** How a source stands that is not on the bench. */
async function surveyed({
  source,
  overrule,
  edited,
  taken,
  out,
}: Brought): Promise<Partial<TrayEntry>> {
  const {
    ready: count,
    blocked,
    problem,
  } = await core().survey(source, { overrule, edited, kept: await keptReadings() });
  const left = Math.max(0, count - taken.length - out.length);
  if (problem) {
    return { state: 'problem', ready: left, blocked, problem };
  }
  const state = !left && taken.length > 0 ? 'taken' : 'read';
  return { state, ready: left, blocked, problem: undefined };
}

/** How the sources beside the bench stand, one after the other. */
async function surveyOthers(): Promise<void> {
  for (const { id, state } of gatherState().tray) {
    const source = sourceOf(id);
    if (state !== 'waiting' || id === gatherState().open || !source) {
      continue;
    }
    setEntry(id, { state: 'reading' });
    try {
      setEntry(id, await surveyed(source));
    } catch (error) {
      const problem = messageOf(error, i18n._('It could not be read.'));
      setEntry(id, { state: 'problem', problem });
    }
  }
}

async function newSource(source: SourceInput): Promise<Brought> {
  formatting ??= (await theStore().setting<Overrule['formatting']>('formatting')) ?? 'keep';
  const overrule: Overrule = formatting === 'strip' ? { formatting } : {};
  const id = crypto.randomUUID();
  return { id, name: source.name, source, overrule, mends: [], out: [], taken: [] };
}

/** Brings sources in: all wait in the tray, the first of them is opened. */
export async function bringAll(sources: readonly SourceInput[]): Promise<void> {
  const fresh: Brought[] = [];
  for (const source of sources) {
    fresh.push(await newSource(source));
  }
  // What is in the bank already needs no place among what waits.
  gatherState()
    .tray.filter(({ state }) => state === 'taken')
    .forEach(({ id }) => forget(id));
  fresh.forEach(keepForReload);
  if (fresh[0]) {
    await openSource(fresh[0].id);
    await surveyOthers();
  }
}

/** Brings one source in. What lay finished on the bench is put away, so that the tray holds what waits. */
export async function bring(source: SourceInput): Promise<void> {
  await bringAll([source]);
}

/** Says so where a file is too large to be read. */
function isNotTooLarge({ name, size }: File): boolean {
  if (size <= MOST_BYTES) {
    return true;
  }
  sayProblem(
    i18n._(
      '{name} has {round, number} MiB; 32 MiB at most are taken. Split it and bring the parts in one by one.',
      { name, round: Math.round(size / 1_048_576) },
    ),
  );
  return false;
}

/** Brings files in; one that is too large is told, answers of learners go to Results, the others are read. */
export async function bringFiles(files: readonly File[]): Promise<void> {
  const { results, others } = await takeOutResults(files.filter(isNotTooLarge));
  if (results.length) {
    await bringResults(results);
    say(resultsWords(results));
  }
  const { blanks, others: rest } = await takeOutBlanks(others);
  if (blanks.length) {
    say(blankWords(blanks));
  }
  const sources: SourceInput[] = [];
  for (const file of rest) {
    sources.push({ name: file.name, bytes: new Uint8Array(await file.arrayBuffer()) });
  }
  await bringAll(sources);
}

/** What waited here before the page was loaded again lies here once more. */
export async function restoreBench(): Promise<void> {
  // Where the store is lost meanwhile the page has said so; what stood on the bench stays in it for the next visit.
  const ids = await bringBack().catch(() => []);
  if (ids[0] && !gatherState().open) {
    await openSource(ids[0]);
    await surveyOthers();
  }
}

/** Reads the same source another way; mends stay, and so does edited text. */
export async function overrule(part: Overrule): Promise<void> {
  const state = gatherState();
  const next = { ...state.overrule, ...part };
  change({ overrule: next });
  const isTextAgain =
    state.edited !== undefined && (part.as !== undefined || part.separator !== undefined);
  await understand(isTextAgain ? { name: state.name, text: state.edited! } : undefined, next);
  keepReading(gatherState().answer?.toKeep);
}

/** Says what a line of the running text is, or takes it back; all else is thought through again. */
export function sayLine(line: number, is: LineRole | undefined): Promise<void> {
  const others = gatherState().overrule.lines?.filter((one) => one.line !== line) ?? [];
  const lines = is ? [...others, { line, is }].sort((a, b) => a.line - b.line) : others;
  return overrule({ lines: lines.length ? lines : undefined });
}

/** Forgets what was said of an earlier source with these headings, and reads this one without it. */
export async function forgetRecalled(id: string): Promise<void> {
  await forgetReading(id);
  await overrule({});
}

/** Keeps or strips formatting, now and for the sources to come. */
export function setFormatting(next: 'keep' | 'strip'): Promise<void> {
  formatting = next;
  void theStore()
    .saveSetting('formatting', next)
    .catch(() => undefined);
  return overrule({ formatting: next });
}

/** Mends and choices of lines move with their lines when the text around them changes. */
function shiftPlaces(before: string, after: string): void {
  const [from, to] = [before.split('\n'), after.split('\n')];
  const source = sourceOf(gatherState().open ?? '');
  if (from.length === to.length || !source) {
    return;
  }
  const { tail } = unchangedEnds(from, to);
  const moved = (place: string): string =>
    Number(place) > from.length - tail ? String(Number(place) + to.length - from.length) : place;
  const [out, taken] = [source.out.map(moved), source.taken.map(moved)];
  const lines = source.overrule.lines?.map(({ line, is }) => ({
    line: Number(moved(String(line))),
    is,
  }));
  const said = lines ? { ...source.overrule, lines } : source.overrule;
  const mends = source.mends.map(([place, fields]): Brought['mends'][number] => [
    moved(place),
    fields,
  ]);
  change({ out, taken, overrule: said, mends });
  setGather({ out: new Set(out), taken: new Set(taken), overrule: said });
}

/** The running text as it is typed; understood anew when the typing pauses. */
export function editText(text: string): void {
  const state = gatherState();
  shiftPlaces(state.edited ?? state.answer?.text ?? '', text);
  change({ edited: text }, keepWhileTyping);
  setGather({ edited: text });
  clearTimeout(waitingEdit);
  waitingEdit = setTimeout(() => {
    void understand(undefined, gatherState().overrule, text);
  }, TYPING_PAUSE_MS);
}

/** Puts the questions of every source that waits into the bank, a step for each source. Gives their number. */
export async function agreeToAll(): Promise<{ questions: number; sources: number }> {
  let [questions, sources] = [0, 0];
  for (const { id } of allSources()) {
    if (gatherState().open !== id) {
      await openSource(id);
    }
    const taken = agree();
    questions += taken;
    sources += Number(taken > 0);
  }
  return { questions, sources };
}

/** Who wrote what in all that waits, and what is wrong or doubled in it. */
export async function compareAll(): Promise<Contribution[]> {
  const kept = await keptReadings();
  return core().together(
    allSources().map(({ id, source, overrule: said, edited }) => ({
      id,
      source,
      wish: { overrule: said, edited, kept },
    })),
  );
}

/** Takes a source off the tray; nothing in the bank changes. The next one that waits is opened. */
export function putAway(id = gatherState().open): void {
  if (id === undefined) {
    return;
  }
  const wasOpen = id === gatherState().open;
  forget(id);
  if (!wasOpen) {
    return;
  }
  clearTimeout(waitingEdit);
  dropReading();
  setGather({ ...EMPTY_BENCH });
  const next = gatherState().tray[0];
  if (next) {
    void openSource(next.id);
  }
}

/** Stops a reading under way; the worker is replaced and what was on the bench is put away. */
export function stopReading(): void {
  putAway();
  stopCore();
}
