// Ctrl+K: questions by their words, and every command of the program.
import { Spotlight, type SpotlightActionData } from '@mantine/spotlight';
import { useMemo, useState } from 'react';
import { useLocation } from 'wouter';
import { redo, undo, useBank } from '../state/bank';
import { saveBankFile } from '../state/bank-file';
import { openDemo, openOwn, resetDemo } from '../state/banks';
import { showQuestion } from '../state/view';

const FOUND_AT_MOST = 12;

export function Commands() {
  const [, go] = useLocation();
  const [query, setQuery] = useState('');
  const items = useBank((state) => state.items);
  const actions = useMemo((): SpotlightActionData[] => {
    const commands: [string, string, () => void][] = [
      ['Gather', 'Bring questions in', () => go('/gather')],
      ['Bank', 'Keep, edit and check', () => go('/bank')],
      ['Layouts', 'Teach a receiver’s blank', () => go('/layouts')],
      ['Hand over', 'Fit, fill, read back, take away', () => go('/hand-over')],
      ['Rehearse', 'See a file accepted', () => go('/rehearse')],
      ['Records', 'Sources and receipts', () => go('/records')],
      ['Help', 'Shortcuts and words', () => go('/help')],
      ['Undo', 'Take the last step back', () => void undo()],
      ['Redo', 'Do it again', () => void redo()],
      ['Open the demo bank', '60 questions for lock keepers', () => void openDemo()],
      ['Open my questions', 'Your own bank', () => void openOwn()],
      ['Put the demo back', 'As it ships', () => void resetDemo()],
      ['Save this bank as a file', 'One zip that comes back as it went', () => void saveBankFile()],
    ];
    const wanted = query.trim().toLowerCase();
    const found =
      wanted.length > 1
        ? items
            .filter(
              (item) =>
                item.stem.plain.toLowerCase().includes(wanted) || item.ref.toLowerCase() === wanted,
            )
            .slice(0, FOUND_AT_MOST)
        : [];
    return [
      ...commands.map(([label, description, onClick]): SpotlightActionData => ({
        id: label,
        label,
        description,
        onClick,
      })),
      ...found.map((item): SpotlightActionData => ({
        id: item.id,
        label: item.stem.plain,
        description: item.ref,
        onClick: () => {
          showQuestion(item.id);
          go('/bank');
        },
      })),
    ];
  }, [query, items, go]);
  return (
    <Spotlight
      actions={actions}
      shortcut="mod + K"
      transitionProps={{ duration: 0 }}
      query={query}
      onQueryChange={setQuery}
      nothingFound="Nothing found"
      limit={20}
      highlightQuery
      searchProps={{
        placeholder: 'Find a question or a command',
        'aria-label': 'Find a question or a command',
      }}
    />
  );
}
