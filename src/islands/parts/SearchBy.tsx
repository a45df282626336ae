// What else a search may ask for, to be chosen: source, day, contributor, set, level, findings, number of options, uses and changes.
import { Button, Popover, Select, SimpleGrid, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { queryWith, valueAsked } from '../../core/banks';
import { useBank } from '../state/bank';

const ANY = '';
const WIDTH = 420;
/** More values than these are typed rather than looked through. */
const FEW = 12;
/** A longer list is no longer looked through. */
const MOST = 200;

type Choice = {
  field: string;
  label: string;
  values: readonly (readonly [value: string, words: string])[];
};

const same = (values: Iterable<string>): (readonly [string, string])[] =>
  [...new Set(values)]
    .filter(Boolean)
    .sort()
    .slice(0, MOST)
    .map((value) => [value, value] as const);

/** What each field may be asked for in this bank; fields of which there is nothing to choose are left out. */
function useChoices(isOpen: boolean): Choice[] {
  const items = useBank((state) => state.items);
  const sets = useBank((state) => state.sets);
  const sources = useBank((state) => state.sources);
  const layouts = useBank((state) => state.layouts);
  return useMemo(() => {
    if (!isOpen) {
      return [];
    }
    const levels = items.flatMap(({ tags = [] }) =>
      tags.flatMap(({ name, value }) => (name?.toLowerCase() === 'level' ? [value] : [])),
    );
    const all: Choice[] = [
      {
        field: 'source',
        label: 'Source',
        values: same(items.map(({ origin }) => origin?.file ?? '')),
      },
      {
        field: 'date',
        label: 'Brought in on',
        values: same(sources.map(({ at }) => at.slice(0, 10))),
      },
      {
        field: 'by',
        label: 'Contributor',
        values: same(items.map(({ origin }) => origin?.by ?? '')),
      },
      { field: 'set', label: 'Set', values: same(sets.map(({ name }) => name)) },
      { field: 'level', label: 'Level', values: same(levels) },
      {
        field: 'findings',
        label: 'Findings',
        values: [
          ['any', 'with any'],
          ['block', 'blocked'],
          ['warn', 'with warnings'],
          ['note', 'with notes'],
          ['none', 'with none'],
        ],
      },
      {
        field: 'used',
        label: 'Used',
        values: [
          ['yes', 'in a file already'],
          ['never', 'never'],
        ],
      },
      {
        field: 'changed',
        label: 'Changed for a receiver',
        values: [
          ['yes', 'for any'],
          ['no', 'for none'],
          ...same(layouts.map(({ layout }) => layout.name)),
        ],
      },
    ];
    return all.filter(({ values }) => values.length > 0);
  }, [isOpen, items, sets, sources, layouts]);
}

/** Fields to choose from; what is chosen stands in the search's own words, where it can be seen and changed. */
export function SearchBy({ query, onQuery }: { query: string; onQuery: (query: string) => void }) {
  const [isOpen, setOpen] = useState(false);
  const choices = useChoices(isOpen);
  const ask =
    (field: string) =>
    (value: string | null): void =>
      onQuery(queryWith(query, field, value ?? ANY));
  return (
    <Popover
      opened={isOpen}
      onChange={setOpen}
      width={WIDTH}
      position="bottom-start"
      trapFocus
      returnFocus
      withinPortal
    >
      <Popover.Target>
        <Button size="xs" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
          Search by …
        </Button>
      </Popover.Target>
      <Popover.Dropdown>
        <SimpleGrid cols={{ base: 1, xs: 2 }} spacing="xs">
          {choices.map(({ field, label, values }) => {
            const asked = valueAsked(query, field);
            return (
              <Select
                key={field}
                label={label}
                searchable={values.length > FEW}
                openOnFocus={false}
                nothingFoundMessage="None"
                comboboxProps={{ withinPortal: false }}
                value={values.find(([value]) => value.toLowerCase() === asked)?.[0] ?? ANY}
                data={[
                  { value: ANY, label: 'any' },
                  ...values.map(([value, words]) => ({ value, label: words })),
                ]}
                onChange={ask(field)}
              />
            );
          })}
          <TextInput
            label="Number of options"
            placeholder="4, 3-5 or >2"
            value={valueAsked(query, 'options')}
            onChange={(event) => ask('options')(event.currentTarget.value.trim())}
          />
        </SimpleGrid>
      </Popover.Dropdown>
    </Popover>
  );
}
