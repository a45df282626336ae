// Questions of the bank to put into a set: searched, put in one by one or all that were found, or so many by chance.
import { Button, Group, NumberInput, Paper, Stack, Text, TextInput } from '@mantine/core';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Item, QuestionSet } from '../../core/model';
import { seeded, shuffled } from '../../core/shared/chance';
import { kindName } from '../../core/shared/kind-names';
import { tagText } from '../../core/shared/plain';
import { CATEGORY_STEP } from '../../core/shared/sets/where';
import { LinkButton } from '../parts/LinkButton';
import { SearchBy } from '../parts/SearchBy';
import { useBank } from '../state/bank';
import { searchIn, useKnown } from '../state/known';
import { addToSet, idsOf } from '../state/sets';
import { i18n } from '../../languages';

/** So many are shown; what is put in are all that were found. */
const SHOWN = 60;
const SEEDS = 1_000_000;

/** The questions that are not in the set and that the search finds. */
function useFound(set: QuestionSet, query: string): Item[] {
  const items = useBank((state) => state.items);
  const known = useKnown();
  const asked = useDeferredValue(query);
  return useMemo(() => {
    const own = new Set(idsOf(set));
    const isFound = searchIn(asked, known);
    return items.filter((item) => !own.has(item.id) && isFound(item));
  }, [set, asked, items, known]);
}

const about = ({ category = [], tags = [], kind }: Item): string =>
  [category.join(CATEGORY_STEP), kindName(kind), ...tags.map(tagText)].filter(Boolean).join(', ');

function ByChance({ set, found }: { set: QuestionSet; found: readonly Item[] }) {
  const [many, setMany] = useState<number>(10);
  const draw = (): void => {
    const random = seeded(Math.floor(Math.random() * SEEDS));
    const ids = shuffled(found, random)
      .slice(0, many)
      .map(({ id }) => id);
    addToSet(set.id, ids);
  };
  return (
    <Group gap={6}>
      <NumberInput
        aria-label={i18n._('Questions put in by chance')}
        w={64}
        hideControls
        min={1}
        max={Math.max(1, found.length)}
        allowDecimal={false}
        allowNegative={false}
        value={many}
        onChange={(value) => setMany(Number(value) || 1)}
      />
      <Button disabled={!found.length} onClick={draw}>
        {i18n._('by chance')}
      </Button>
    </Group>
  );
}

export function AddQuestions({ set }: { set: QuestionSet }) {
  const [query, setQuery] = useState('');
  const found = useFound(set, query);
  return (
    <Paper component="section" aria-label={i18n._('Put questions in')} p="xs" className="set-add">
      <Group gap="xs" mb={6}>
        <TextInput
          type="search"
          aria-label={i18n._('Questions of the bank to put in')}
          placeholder={i18n._('Search: words, “a phrase”, tag:autumn, used:never')}
          flex={1}
          miw={220}
          value={query}
          onChange={(event) => setQuery(event.currentTarget.value)}
        />
        <SearchBy query={query} onQuery={setQuery} />
        <Button
          disabled={!found.length}
          onClick={() =>
            addToSet(
              set.id,
              found.map(({ id }) => id),
            )
          }
        >
          {found.length === 1
            ? i18n._('Put it in')
            : i18n._('Put in all {found, number}', { found: found.length })}
        </Button>
        <ByChance set={set} found={found} />
      </Group>
      <Stack component="ul" gap={0} className="set-found">
        {found.slice(0, SHOWN).map((item) => (
          <li key={item.id}>
            <LinkButton
              aria-label={i18n._('Put in {stem}', { stem: item.stem.plain })}
              onClick={() => addToSet(set.id, [item.id])}
            >
              {i18n._('Put in')}
            </LinkButton>
            <span>
              <Text size="sm">{item.stem.plain}</Text>
              <Text size="xs" c="dimmed">
                {about(item)}
              </Text>
            </span>
          </li>
        ))}
      </Stack>
      {found.length > SHOWN && (
        <Text size="sm" c="dimmed">
          {i18n._(
            'and {found, plural, one {# more question} other {# more questions}}; search to see them',
            { found: found.length - SHOWN },
          )}
        </Text>
      )}
      {!found.length && (
        <Text size="sm" c="dimmed">
          {i18n._('No other question of the bank is found.')}
        </Text>
      )}
    </Paper>
  );
}
