// Several sources that wait side by side: who wrote what, what is wrong at which place, what is there twice, what to write back.
import type { Finding, Item } from '../model';
import type { Gathered } from '../gathering';
import { quoted } from '../shared/plain';
import { doublesOf } from './merge';
import { say } from '../shared/say';

/** A source as it was understood. */
export type Part = { id: string; name: string; gathered: Pick<Gathered, 'items' | 'findings'> };

export type Double = {
  /** The text of the question that came, and its place. */
  text: string;
  where: string;
  /** Whose question it is like; absent where the bank has it. */
  of?: string;
};

/** What one source brought. */
export type Contribution = {
  id: string;
  name: string;
  /** Who wrote it: the name in the sheet, else the file's. */
  by: string;
  questions: number;
  /** What wants a mend, each with the place where it stands. */
  faults: { where: string; message: string; isBlocking: boolean }[];
  doubles: Double[];
  /** A note to whoever wrote it, ready to be sent. */
  note: string;
};

const LONGEST = 70;

const placeOf = ({ cell, row, line }: { cell?: string; row?: number; line?: number }): string => {
  if (cell) {
    return cell;
  }
  return row || line ? say('row {row}', { row: row ?? line }) : '';
};

function writer({ name, gathered }: Part): string {
  const times = new Map<string, number>();
  for (const { origin } of gathered.items) {
    if (origin?.by) {
      times.set(origin.by, (times.get(origin.by) ?? 0) + 1);
    }
  }
  const [first] = [...times].sort((a, b) => b[1] - a[1]);
  return first?.[0] ?? name.replace(/\.[^.]+$/u, '');
}

/** A finding that whoever wrote the questions can mend; how a source was read is none of theirs. */
const isFault = ({ level, item, where }: Finding): boolean =>
  level !== 'note' && (item !== undefined || where?.cell !== undefined);

const faultsOf = ({ gathered }: Part): Contribution['faults'] =>
  gathered.findings.filter(isFault).map(({ where, message, level }) => ({
    where: placeOf(where ?? {}),
    message,
    isBlocking: level === 'block',
  }));

const at = (where: string): string => (where ? `${where}: ` : '');
const likeWords = ({ of }: Double): string =>
  of ? say('is like one of {of}', { of }) : say('is in the bank already');

/** What is written back: thanks where all is well, else what to mend, place by place. */
function noteTo({ by, questions, faults, doubles }: Omit<Contribution, 'note'>): string {
  if (!questions) {
    return say('{by}: nothing is filled in yet. Please fill the sheet and send it back.', { by });
  }
  const came = say(
    '{by}: {questions, plural, one {# question} other {# questions}} came in. Thank you.',
    { by, questions },
  );
  const lines = [
    ...faults.map(({ where, message }) => `- ${at(where)}${message}`),
    ...doubles.map(
      (double) => `- ${at(double.where)}${quoted(double.text, LONGEST)} ${likeWords(double)}.`,
    ),
  ];
  return lines.length
    ? [came, say('Please look at these and send the sheet again:'), ...lines].join('\n')
    : came;
}

/** Sources held against one another and against the questions of the bank (`known`), in the order in which they came. */
export function comparedTogether(parts: readonly Part[], known: readonly Item[]): Contribution[] {
  const all = parts.flatMap((part) => part.gathered.items.map((item) => ({ item, part })));
  const byId = new Map(all.map((one) => [one.item.id, one]));
  const place = new Map(all.map(({ item }, index) => [item.id, index]));
  // Of two that came, the later one is told of; what the bank has was there first.
  const pairs = doublesOf(
    all.map(({ item }) => item),
    known,
  ).map((pair) => pair.sort((a, b) => (place.get(b) ?? -1) - (place.get(a) ?? -1)));
  // What is there three times is told once.
  const first = new Map<string, string>();
  for (const [came = '', other = ''] of pairs) {
    first.set(came, first.get(came) ?? other);
  }
  return parts.map((part) => {
    const doubles = [...first].flatMap(([came, other]): Double[] => {
      const one = byId.get(came);
      const like = byId.get(other);
      const of = like && (like.part === part ? say('the same sheet') : writer(like.part));
      return one?.part === part
        ? [
            {
              text: one.item.stem.plain,
              where: placeOf(one.item.origin ?? {}),
              ...(of ? { of } : {}),
            },
          ]
        : [];
    });
    const found = {
      id: part.id,
      name: part.name,
      by: writer(part),
      questions: part.gathered.items.length,
      faults: faultsOf(part),
      doubles,
    };
    return { ...found, note: noteTo(found) };
  });
}
