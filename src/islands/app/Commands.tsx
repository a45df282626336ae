// Ctrl+K: questions by their words, and every act by the words people use for it.
import { Spotlight, type SpotlightActionData } from '@mantine/spotlight';
import { useMemo, useState } from 'react';
import { useLocation } from 'wouter';
import { redo, undo, useBank } from '../state/bank';
import { useOffered, type Act } from '../state/acts';
import { showQuestion } from '../state/view';
import { JOBS } from './help/jobs';
import { PLACES } from './places';
import { choose, i18n, LANGUAGES } from '../../languages';

const FOUND_AT_MOST = 12;
/** Fewer letters find nearly everything. */
const LEAST_LETTERS = 2;

const toData = ({ label, words, run }: Act, group: string): SpotlightActionData => ({
  id: `${group} ${label}`,
  label,
  description: words,
  onClick: run,
});

function useCommands(): SpotlightActionData[] {
  const [, go] = useLocation();
  const offered = useOffered();
  return useMemo(() => {
    const showJob = (id: string): void => {
      go('/help');
      window.location.hash = id;
    };
    const here = [...offered].flatMap(([owner, acts]) => acts.map((act) => toData(act, owner)));
    const everywhere: Act[] = [
      { label: i18n._('Undo'), words: i18n._('Take the last step back'), run: () => void undo() },
      { label: i18n._('Redo'), words: i18n._('Do it again'), run: () => void redo() },
    ];
    const languages = Object.entries(LANGUAGES).filter(([code]) => code !== i18n.locale);
    return [
      ...here,
      ...PLACES.map(({ to, name, words }) =>
        toData({ label: name, words, run: () => go(to) }, 'places'),
      ),
      ...everywhere.map((act) => toData(act, 'everywhere')),
      ...languages.map(([code, label]) =>
        toData({ label, words: i18n._('Language'), run: () => choose(code) }, 'languages'),
      ),
      ...JOBS.map(({ id, title, words }) => ({
        ...toData({ label: title, words: i18n._('Help'), run: () => showJob(id) }, 'help'),
        keywords: words,
      })),
    ];
  }, [offered, go]);
}

function useQuestions(query: string): SpotlightActionData[] {
  const [, go] = useLocation();
  const items = useBank((state) => state.items);
  return useMemo(() => {
    const wanted = query.trim().toLowerCase();
    if (wanted.length < LEAST_LETTERS) {
      return [];
    }
    return items
      .filter(
        ({ stem, ref }) =>
          stem.plain.toLowerCase().includes(wanted) || ref.toLowerCase() === wanted,
      )
      .slice(0, FOUND_AT_MOST)
      .map((item) => ({
        id: item.id,
        label: item.stem.plain,
        description: item.ref,
        onClick: () => {
          showQuestion(item.id);
          go('/bank');
        },
      }));
  }, [items, query, go]);
}

export function Commands() {
  const [query, setQuery] = useState('');
  const commands = useCommands();
  const questions = useQuestions(query);
  return (
    <Spotlight
      actions={[...commands, ...questions]}
      shortcut={null}
      // A list in the middle would move with every letter typed.
      centered={false}
      overlayProps={{ blur: 0 }}
      query={query}
      onQueryChange={setQuery}
      nothingFound={i18n._('Nothing found')}
      limit={80}
      maxHeight="60vh"
      scrollable
      highlightQuery
      searchProps={{
        placeholder: i18n._('Find a question or a command'),
        'aria-label': i18n._('Find a question or a command'),
      }}
    />
  );
}
