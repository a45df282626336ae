// The source on the bench is understood by the worker, and again after each overruling; late answers are dropped.
import type { Finding, Item, Overrule } from '../../../core/model';
import { Latest } from '../../parts/latest';
import { messageOf } from '../../parts/message-of';
import { pause } from '../../parts/pause';
import { sayProblem } from '../../parts/say';
import { withFields } from '../../parts/cells';
import { core } from '../../../workers/client';
import type { GatherAnswer, SourceInput } from '../../../workers/protocol';
import { keptReadings } from '../kept-readings';
import { gatherState, keepSource, setEntry, setGather, sourceOf } from './hold';
import { placedBySheet, placeOf, type Brought } from './types';
import { i18n } from '../../../languages';

/** So many questions at a time come over from the worker; more would hold the page up. */
const PART = 500;

const latest = new Latest();
/** What was asked before counts no more. */
export const dropReading = (): void => latest.drop();

/** Mended questions are checked anew; what the reader said of their cells no longer holds. */
export async function withMends(
  answer: GatherAnswer,
  source: Brought,
): Promise<{ items: Item[]; findings: Finding[] }> {
  const mends = new Map(source.mends);
  const items = answer.items.map((item) => {
    const fields = mends.get(placeOf(item));
    return fields ? withFields(item, fields) : item;
  });
  const mended = new Set(items.filter((item) => mends.has(placeOf(item))).map(({ id }) => id));
  if (!mended.size) {
    return { items, findings: answer.findings };
  }
  const again = await core().recheck(items);
  const isMended = ({ item }: Finding): boolean => item !== undefined && mended.has(item);
  return {
    items,
    findings: [
      ...answer.findings.filter((finding) => !isMended(finding)),
      ...again.filter(isMended),
    ],
  };
}

/** The rest of a long answer, part by part. */
async function fetchParts(answer: GatherAnswer, isLatest: () => boolean): Promise<void> {
  for (let from = 0; from < answer.of && isLatest(); from += PART) {
    const part = await core().gatherPart(answer.version, from, PART);
    answer.items.push(...part.items);
    answer.sheet?.rows.push(...part.rows);
    if (answer.of > PART) {
      await pause();
    }
  }
}

/** Reads a source (the one on the bench where absent) under what was overruled; what comes too late is dropped. */
export async function understand(
  input: SourceInput | undefined,
  overrule: Overrule,
  edited?: string,
): Promise<void> {
  const isLatest = latest.begin();
  const busy = input ? i18n._('Reading {name} …', { name: input.name }) : i18n._('Reading again …');
  setGather({ busy, overrule, progress: undefined });
  try {
    // Only tables are read by what was said before; each pause of typing in a text asks no store.
    const isTyping = input === undefined && edited !== undefined;
    const said = isTyping ? [] : await keptReadings();
    const answer = await core().gather(latest.number, input, { overrule, edited, kept: said });
    await fetchParts(answer, isLatest);
    const kept = sourceOf(gatherState().open ?? '');
    if (!isLatest() || !kept) {
      return;
    }
    const source = placedBySheet(kept, answer);
    if (source !== kept) {
      keepSource(source);
      setGather({ out: new Set(source.out), taken: new Set(source.taken) });
    }
    const mended = await withMends(answer, source);
    if (isLatest()) {
      setGather({ busy: undefined, progress: undefined, answer, ...mended });
    }
  } catch (error) {
    if (isLatest()) {
      const problem = messageOf(error, i18n._('The source could not be read.'));
      setEntry(gatherState().open ?? '', { state: 'problem', problem });
      setGather({ busy: undefined });
      sayProblem(problem);
    }
  }
}
