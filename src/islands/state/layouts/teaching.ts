// Blanks and layout files that were dropped, learned one after the other; each shows its state.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { KeptLayout } from '../../../core/model';
import { core } from '../../../workers/client';
import { messageOf } from '../../parts/message-of';
import { sayProblem } from '../../parts/say';
import { bankState, theStore } from '../bank';
import { fresh, keep } from './keeping';

/** Learns a blank and keeps its bytes; gives the layout to be kept, or why there is none. */
async function learnBlank(
  name: string,
  bytes: Uint8Array,
): Promise<{ kept?: KeptLayout; problem?: string }> {
  const { kept, findings } = await core().learn(name, bytes, bankState().layouts);
  const block = findings.find((finding) => finding.level === 'block');
  if (!kept || block) {
    return { problem: block?.message ?? `${name} could not be read.` };
  }
  if (kept.layout.blank) {
    await theStore().saveBlank(kept.layout.blank.digest, bytes);
  }
  return { kept };
}

/** Learns a dropped blank, or takes in a layout's own file, and keeps it; gives its id, or why it can't be had. */
async function teachBlank(file: File): Promise<{ id: string } | { problem: string }> {
  if (/\.json$/i.test(file.name)) {
    return importLayout(file);
  }
  const { kept, problem } = await learnBlank(file.name, new Uint8Array(await file.arrayBuffer()));
  if (!kept) {
    return { problem: problem ?? `${file.name} could not be read.` };
  }
  await keep(`Teach ${kept.layout.name}`, kept);
  return { id: kept.id };
}

/** A blank that was dropped, and what became of it. */
export type Taught = {
  name: string;
  state: 'waiting' | 'reading' | 'learned' | 'problem';
  id?: string;
  problem?: string;
};

const teaching = createStore<{ taught: readonly Taught[] }>(() => ({ taught: [] }));
/** The blanks that were dropped last, each with its state. */
export const useTaught = (): readonly Taught[] => useStore(teaching, ({ taught }) => taught);
export const forgetTaught = (): void => teaching.setState({ taught: [] });

const setTaught = (place: number, change: Partial<Taught>): void =>
  teaching.setState(({ taught }) => ({
    taught: taught.map((one, index) => (index === place ? { ...one, ...change } : one)),
  }));

/**
 * Learns blanks one after the other; each shows its state. Gives the id of the layout where there was one blank alone, so
 * that it can be opened.
 */
export async function teachBlanks(files: readonly File[]): Promise<string | undefined> {
  teaching.setState({ taught: files.map(({ name }) => ({ name, state: 'waiting' })) });
  let last: string | undefined;
  for (const [place, file] of files.entries()) {
    setTaught(place, { state: 'reading' });
    try {
      const result = await teachBlank(file);
      setTaught(place, { ...result, state: 'id' in result ? 'learned' : 'problem' });
      last = 'id' in result ? result.id : last;
    } catch (error) {
      const problem = messageOf(error, `${file.name} could not be read.`);
      setTaught(place, { state: 'problem', problem });
    }
  }
  const { taught } = teaching.getState();
  if (files.length > 1) {
    return undefined;
  }
  if (taught[0]?.problem) {
    sayProblem(taught[0].problem);
  }
  forgetTaught();
  return last;
}

/** Takes in a layout's own file as a layout beside the others; gives its id, or why it can't be had. */
async function importLayout(file: File): Promise<{ id: string } | { problem: string }> {
  const read = await core().readLayoutFile(file.name, await file.text());
  if ('problem' in read) {
    return { problem: read.problem };
  }
  if (read.blank && read.file.layout.blank) {
    await theStore().saveBlank(read.file.layout.blank.digest, read.blank.bytes);
  }
  const kept = {
    ...fresh(read.file.layout, read.file.layout.name),
    because: read.file.because,
    unsure: read.file.unsure,
  };
  await keep(`Take in ${kept.layout.name}`, kept);
  return { id: kept.id };
}
