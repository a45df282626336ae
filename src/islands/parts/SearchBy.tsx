// What else a search may ask for, to be chosen: source, day, contributor, set, level, findings, number of options, uses and changes.
import { Button, Popover, Select, SimpleGrid, TextInput } from '@mantine/core';
import { useMemo, useState } from 'react';
import { queryWith, valueAsked } from '../../core/banks';
import { useBank } from '../state/bank';
import { i18n } from '../../languages';

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
        label: i18n._('Source'),
        values: same(items.map(({ origin }) => origin?.file ?? '')),
      },
      {
        field: 'date',
        label: i18n._('Brought in on'),
        values: same(sources.map(({ at }) => at.slice(0, 10))),
      },
      {
        field: 'by',
        label: i18n._('Contributor'),
        values: same(items.map(({ origin }) => origin?.by ?? '')),
      },
      { field: 'set', label: i18n._('Set'), values: same(sets.map(({ name }) => name)) },
      { field: 'level', label: i18n._('Level'), values: same(levels) },
      {
        field: 'findings',
        label: i18n._('Findings'),
        values: [
          ['any', i18n._('with any')],
          ['block', i18n._('blocked')],
          ['warn', i18n._('with warnings')],
          ['note', i18n._('with notes')],
          ['none', i18n._('with none')],
        ],
      },
      {
        field: 'used',
        label: i18n._('Used'),
        values: [
          ['yes', i18n._('in a file already')],
          ['never', i18n._('never')],
        ],
      },
      {
        field: 'changed',
        label: i18n._('Changed for a receiver'),
        values: [
          ['yes', i18n._('for any')],
          ['no', i18n._('for none')],
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
          {i18n._('Search by …')}
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
                nothingFoundMessage={i18n._('None')}
                comboboxProps={{ withinPortal: false }}
                value={values.find(([value]) => value.toLowerCase() === asked)?.[0] ?? ANY}
                data={[
                  { value: ANY, label: i18n._('any') },
                  ...values.map(([value, words]) => ({ value, label: words })),
                ]}
                onChange={ask(field)}
              />
            );
          })}
          <TextInput
            label={i18n._('Number of options')}
            placeholder={i18n._('4, 3-5 or >2')}
            value={valueAsked(query, 'options')}
            onChange={(event) => ask('options')(event.currentTarget.value.trim())}
          />
        </SimpleGrid>
      </Popover.Dropdown>
    </Popover>
  );
}
