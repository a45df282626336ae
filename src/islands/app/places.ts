// The places in the order of the work, each with the one count that matters now.
import { questionsAt } from '../parts/questions-at';
import { useBank } from '../state/bank';
import { useHandOver } from '../state/hand-over';
import { i18n } from '../../languages';

/** `isLook` counts want to be looked at; `words` say what is counted. */
export type Count = { text: string; words: string; isLook: boolean };
export type PlaceLink = { to: string; name: string; words: string; isAside?: boolean };

export const PLACES: readonly PlaceLink[] = [
  {
    to: '/gather',
    name: i18n._('Gather'),
    words: i18n._('Bring questions in: paste, import, open a file'),
  },
  {
    to: '/draft',
    name: i18n._('Draft'),
    words: i18n._('Make questions: from terms, with a writing assistant, from a formula'),
  },
  { to: '/bank', name: i18n._('Bank'), words: i18n._('Keep, edit, check and search questions') },
  {
    to: '/sets',
    name: i18n._('Sets'),
    words: i18n._('Put questions together for one use: by hand, by a plan'),
  },
  {
    to: '/layouts',
    name: i18n._('Layouts'),
    words: i18n._('Teach a receiver’s blank, form or template'),
  },
  {
    to: '/hand-over',
    name: i18n._('Hand over'),
    words: i18n._('Fit, fill, read back, take away: export, download'),
  },
  {
    to: '/rehearse',
    name: i18n._('Rehearse'),
    words: i18n._('See a file accepted, and play it as a learner'),
  },
  {
    to: '/results',
    name: i18n._('Results'),
    words: i18n._('Answers of learners: how hard, how well it tells apart, study sheet'),
  },
  {
    to: '/records',
    name: i18n._('Records'),
    words: i18n._('Sources and receipts: what came in and went out'),
    isAside: true,
  },
  { to: '/help', name: i18n._('Help'), words: i18n._('Keys, words, how it works'), isAside: true },
];

const plainCount = (n: number, words: string): Count => ({
  text: i18n.number(n),
  words,
  isLook: false,
});

/** What is counted at each place; nothing where there is nothing to say. */
export function useCounts(): Partial<Record<string, Count>> {
  const waiting = useBank((state) => state.waiting);
  const questions = useBank((state) => state.items.length);
  const blocked = useBank(({ findings }) => questionsAt(findings, 'block'));
  const sets = useBank((state) => state.sets.length);
  const layouts = useBank((state) => state.layouts.length);
  const changing = useHandOver().columns.reduce((sum, column) => sum + column.counts[1], 0);
  const sittings = useBank((state) => state.sittings.length);
  const records = useBank(({ receipts, sources }) => receipts.length + sources.length);
  const counts: Partial<Record<string, Count>> = {
    '/bank': {
      text: i18n.number(questions),
      words: blocked
        ? i18n._('questions, {blocked, number} blocked', { blocked })
        : i18n._('questions'),
      isLook: blocked > 0,
    },
    '/sets': plainCount(sets, i18n._('{sets, plural, one {set} other {sets}}', { sets })),
    '/layouts': plainCount(
      layouts,
      i18n._('{layouts, plural, one {layout} other {layouts}}', { layouts }),
    ),
    '/results': plainCount(
      sittings,
      i18n._('{sittings, plural, one {sitting} other {sittings}}', { sittings }),
    ),
    '/records': plainCount(
      records,
      i18n._('{records, plural, one {source or receipt} other {sources and receipts}}', {
        records,
      }),
    ),
  };
  if (waiting) {
    counts['/gather'] = { text: String(waiting), words: i18n._('to agree to'), isLook: true };
  }
  if (changing) {
    counts['/hand-over'] = {
      text: String(changing),
      words: i18n._('changes that lose something'),
      isLook: true,
    };
  }
  return counts;
}
