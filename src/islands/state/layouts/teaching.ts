// Blanks and layout files that were dropped, learned one after the other; each shows its state.
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { KeptLayout } from '../../../core/model';
import { core } from '../../../workers/client';
import { messageOf } from '../../parts/message-of';
import { sayProblem } from '../../parts/say';
import { bankState, theStore } from '../bank';
import { fresh, keep } from './keeping';
import { i18n } from '../../../languages';

/** Learns a blank and keeps its bytes; gives the layout to be kept, or why there is none. */
async function learnBlank(
  name: string,
  bytes: Uint8Array,
): Promise<{ kept?: KeptLayout; problem?: string }> {
  const { kept, findings } = await core().learn(name, bytes, bankState().layouts);
  const block = findings.find((finding) => finding.level === 'block');
  if (!kept || block) {
    return { problem: block?.message ?? i18n._('{name} could not be read.', { name }) };
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
    return { problem: problem ?? i18n._('{name} could not be read.', { name: file.name }) };
  }
  await keep(i18n._('Teach {name}', { name: kept.layout.name }), kept);
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
      const problem = messageOf(error, i18n._('{name} could not be read.', { name: file.name }));
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

/** Blanks that were told apart before: dropped again, they are meant as sources. */
const toldApart = new Set<string>();
const nameAndSize = ({ name, size }: File): string => `${name} ${size}`;

const MAY_BE_BLANK = /\.(?:xlsx|xlsm|ods|csv|tsv|txt)$/i;
/** Blanks are small; a larger file is not looked at for being one. */
const LARGEST_BLANK = 2 * 1024 * 1024;

/** The files among those dropped that are receivers' blanks, taught at once, and all others. */
export async function takeOutBlanks(
  files: readonly File[],
): Promise<{ blanks: File[]; others: File[] }> {
  const blanks: File[] = [];
  const others: File[] = [];
  for (const file of files) {
    const isLooked =
      MAY_BE_BLANK.test(file.name) &&
      file.size <= LARGEST_BLANK &&
      !toldApart.has(nameAndSize(file));
    const isBlank =
      isLooked &&
      (await core()
        .isBlank(file.name, new Uint8Array(await file.arrayBuffer()))
        .catch(() => false));
    (isBlank ? blanks : others).push(file);
  }
  blanks.forEach((file) => toldApart.add(nameAndSize(file)));
  if (blanks.length) {
    await teachBlanks(blanks);
  }
  return { blanks, others };
}

const listed = (files: readonly File[]): string => files.map(({ name }) => name).join(', ');
/** What became of blanks among sources. */
export const blankWords = (files: readonly File[]): string =>
  files.length === 1
    ? i18n._(
        '{files} is a receiver’s blank: it has no questions of its own, so it went to Layouts. Drop it again to read it as questions.',
        { files: listed(files) },
      )
    : i18n._(
        '{files} are receivers’ blanks: they have no questions of their own, so they went to Layouts. Drop them again to read them as questions.',
        { files: listed(files) },
      );

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
  await keep(i18n._('Take in {name}', { name: kept.layout.name }), kept);
  return { id: kept.id };
}
