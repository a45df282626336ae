// The sittings of the open bank: results brought in, trials with simulated learners, and what is taken away of them.
import type { Item, ItemFigures, ResultsRead, Sitting } from '../../core/model';
import { freeName, percent, safeName } from '../../core/shared/plain';
import { recordChange } from '../../core/shared/steps';
import { core } from '../../workers/client';
import { freshSeed } from '../parts/fresh-seed';
import { messageOf } from '../parts/message-of';
import { sayProblem } from '../parts/say';
import { takeAway } from '../parts/take-away';
import { bankState, changeRecords, itemById } from './bank';
import { idsOf, setById } from './sets';
import { i18n } from '../../languages';

const taken = (): Set<string> => new Set(bankState().sittings.map((one) => one.name.toLowerCase()));

/** Keeps what was read as a sitting; gives its id. */
function keep(name: string, read: ResultsRead, more: Partial<Sitting>): string {
  const sitting: Sitting = {
    id: crypto.randomUUID(),
    name: freeName(name, '', taken()),
    at: new Date().toISOString(),
    ...read,
    ...more,
  };
  void changeRecords(
    i18n._('Results {name}', { name: sitting.name }),
    recordChange('sittings', undefined, sitting),
  );
  return sitting.id;
}

const bare = (file: string): string => file.replace(/\.[^.]+$/, '');

/** Reads one file of results; gives the sitting's id, or says why there is none. */
async function bringOne(file: File): Promise<string | undefined> {
  const sets = bankState().sets.map((set) => ({ name: set.name, ids: idsOf(set) }));
  const bytes = new Uint8Array(await file.arrayBuffer());
  try {
    const read = await core().results(file.name, bytes, sets);
    if (!read.results.items.length) {
      sayProblem(
        `${file.name}: ${read.results.findings.at(-1)?.message ?? i18n._('no answers were found.')}`,
      );
      return undefined;
    }
    return keep(bare(file.name), read, { file: file.name });
  } catch (error) {
    sayProblem(messageOf(error, i18n._('{name} could not be read.', { name: file.name })));
    return undefined;
  }
}

/** Brings files of results in, each as a sitting; gives the id of the last. */
export async function bringResults(files: readonly File[]): Promise<string | undefined> {
  let last: string | undefined;
  for (const file of files) {
    last = (await bringOne(file)) ?? last;
  }
  return last;
}

/** Lets simulated learners sit a set, or the whole bank; gives the sitting's id. */
export async function simulateTrial(set: string | undefined, learners: number): Promise<string> {
  const chosen = setById(set);
  const ids = chosen ? idsOf(chosen) : bankState().items.map(({ id }) => id);
  const { read } = await core().trial(ids, learners, freshSeed());
  const name = i18n._('Trial of {name}', { name: chosen?.name ?? bankState().info.name });
  return keep(name, read, { simulated: true });
}

export function renameSitting(sitting: Sitting, name: string): void {
  void changeRecords(
    i18n._('Rename {name}', { name: sitting.name }),
    recordChange('sittings', sitting, { ...sitting, name }),
  );
}

export function removeSitting(sitting: Sitting): void {
  void changeRecords(
    i18n._('Remove the results {name}', { name: sitting.name }),
    recordChange('sittings', sitting, undefined),
  );
}

/** The figures of each question as a file. */
export async function takeFigures({ name, results }: Sitting): Promise<void> {
  takeAway(`${safeName(name, i18n._('Results'))}.csv`, await core().figures(results), 'text/csv');
}

/** Who a study sheet is for: everybody, or one learner by their place. */
export type StudyFor = 'all' | number;

const rightShare = ({ difficulty }: ItemFigures): number => difficulty ?? 1;

/** How one learner did at a question, in words, and how far forward it stands. */
const MARKS: Readonly<Record<string, { words: string; rank: number }>> = {
  '0': { words: i18n._('wrong'), rank: 0 },
  '-': { words: i18n._('not answered'), rank: 1 },
  '~': { words: i18n._('partly right'), rank: 2 },
  '1': { words: i18n._('right'), rank: 3 },
};

type Noted = { item: Item; note: string; rank: number };

function notedFor({ results, marks, learners }: Sitting, whom: StudyFor): Noted[] {
  return results.items.flatMap((figures, at): Noted[] => {
    const item = figures.item === undefined ? undefined : itemById(figures.item);
    if (!item) {
      return [];
    }
    const all = i18n._('{right, number} of {answered, number} were right ({rightShare})', {
      right: figures.right,
      answered: figures.answered,
      rightShare: percent(rightShare(figures)),
    });
    const mark = whom === 'all' ? undefined : MARKS[marks[at]?.[whom] ?? '-'];
    return [
      mark
        ? { item, note: `${learners[Number(whom)]}: ${mark.words}`, rank: mark.rank }
        : { item, note: all, rank: rightShare(figures) },
    ];
  });
}

/** A printable sheet to study from: the questions with what is right and why, those most got wrong first. */
export async function studySheet(sitting: Sitting, whom: StudyFor): Promise<string> {
  const noted = notedFor(sitting, whom).sort((a, b) => a.rank - b.rank);
  const name = whom === 'all' ? '' : `, ${sitting.learners[whom]}`;
  return core().paper(
    noted.map(({ item }) => item.id),
    {
      what: 'study',
      title: `${sitting.name}${name}`,
      notes: Object.fromEntries(noted.map(({ item, note }) => [item.id, note])),
    },
  );
}

/** Says how many files were results and not questions; gives the others. */
export async function takeOutResults(
  files: readonly File[],
): Promise<{ results: File[]; others: File[] }> {
  const results: File[] = [];
  const others: File[] = [];
  // Without questions there are no answers to them, and no file need be opened twice.
  const hasBank = bankState().items.length > 0;
  for (const file of files) {
    const isTable = /\.(?:csv|tsv|txt|xlsx|xlsm|ods)$/i.test(file.name);
    const bytes = isTable && hasBank ? new Uint8Array(await file.arrayBuffer()) : undefined;
    const isResults =
      bytes &&
      (await core()
        .holdsResults(file.name, bytes)
        .catch(() => false));
    (isResults ? results : others).push(file);
  }
  return { results, others };
}

export const resultsWords = (files: readonly File[]): string =>
  i18n._(
    '{files, plural, one {# file} other {# files}} held answers to questions of this bank, so {files, plural, one {it went} other {they went}} to Results.',
    { files: files.length },
  );
