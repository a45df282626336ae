// The search and the filters of the bank, and how much they leave.
import { Group, SegmentedControl, Select, Text, TextInput } from '@mantine/core';
import { useDeferredValue, useMemo } from 'react';
import type { Item, Kind } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { tagText } from '../../core/shared/plain';
import { LinkButton } from '../parts/LinkButton';
import { SearchBy } from '../parts/SearchBy';
import { useBank } from '../state/bank';
import { criteriaOf, setView, useView } from '../state/view';
import { isFiltered, type Shown } from './rows';
import { SavedViews } from './SavedViews';
import { PANEL_WORDS, type PanelPlace } from './side/panel-place';
import { i18n } from '../../languages';

/** A longer list is no longer looked through. */
const MOST_TAGS = 300;
const ALL = '';

const LEVELS = [
  { value: ALL, label: i18n._('with or without findings') },
  { value: 'any', label: i18n._('that want a look') },
  { value: 'block', label: i18n._('that are blocked') },
  { value: 'note', label: i18n._('with notes') },
];

const wordsByItem = new WeakMap<Item, readonly string[]>();

/** The words for a question's category and tags, made once for each state of it: a change leaves most questions as they are. */
function ownWords(item: Item): readonly string[] {
  const known = wordsByItem.get(item);
  if (known) {
    return known;
  }
  const category = item.category?.length ? [item.category.join(' > ')] : [];
  const words = [...category, ...(item.tags ?? []).map(tagText)];
  wordsByItem.set(item, words);
  return words;
}

/** The kinds and tags of these questions, gone through once: a large bank has few of either. */
function wordsOf(items: readonly Item[]): { kinds: Kind[]; tags: string[] } {
  const kinds = new Set<Kind>();
  const words = new Set<string>();
  for (const item of items) {
    kinds.add(item.kind);
    ownWords(item).forEach((word) => words.add(word));
  }
  return { kinds: [...kinds], tags: [...words].sort().slice(0, MOST_TAGS) };
}

/** The kinds and tags that there are. The lists may lag behind; the key that was pressed may not. */
function useWords(): { kinds: Kind[]; tags: string[] } {
  const items = useDeferredValue(useBank((state) => state.items));
  return useMemo(() => wordsOf(items), [items]);
}

function Choose({
  label,
  value,
  data,
  isSearchable = false,
  width,
  onChoose,
}: {
  label: string;
  value: string;
  data: { value: string; label: string }[];
  isSearchable?: boolean;
  width: number;
  onChoose: (value: string) => void;
}) {
  return (
    <Select
      aria-label={label}
      w={width}
      value={value}
      data={data}
      searchable={isSearchable}
      nothingFoundMessage={i18n._('None')}
      onChange={(next) => onChoose(next ?? ALL)}
    />
  );
}

function Left({ shown, onApply }: { shown: Shown; onApply: () => void }) {
  const view = useView(criteriaOf);
  const total = useBank((state) => state.items.length);
  if (!isFiltered(view) && !shown.stale) {
    return null;
  }
  return (
    <>
      <LinkButton onClick={() => setView({ search: '', kind: '', tag: '', level: '' })}>
        {i18n._('Show all')}
      </LinkButton>
      <Text component="span" c="dimmed" size="sm" role="status">
        {i18n._(
          '{rows, number} of {total, number}{stale, plural, =0 {} one {, # no longer matches} other {, # no longer match}}',
          {
            rows: shown.rows.length,
            total,
            stale: shown.stale,
          },
        )}
      </Text>
      {shown.stale > 0 && (
        <LinkButton onClick={onApply}>{i18n._('Apply the filter again')}</LinkButton>
      )}
    </>
  );
}

export function Filters({
  shown,
  onApply,
  panel,
  onPanel,
}: {
  shown: Shown;
  onApply: () => void;
  panel: PanelPlace;
  onPanel: (panel: PanelPlace) => void;
}) {
  const view = useView(criteriaOf);
  const { kinds, tags } = useWords();
  const kindData = kinds.map((kind) => ({ value: kind, label: kindName(kind) }));
  return (
    <Group gap="xs" style={{ flex: 'none' }}>
      <TextInput
        type="search"
        placeholder={i18n._('Search')}
        aria-label={i18n._('Search the questions')}
        w={158}
        value={view.search}
        onChange={(event) => setView({ search: event.currentTarget.value })}
      />
      <Choose
        label={i18n._('Kind')}
        width={128}
        value={view.kind}
        data={[{ value: ALL, label: i18n._('every kind') }, ...kindData]}
        onChoose={(kind) => setView({ kind })}
      />
      <Choose
        label={i18n._('Tag or category')}
        width={198}
        value={view.tag}
        isSearchable
        data={[
          { value: ALL, label: i18n._('every tag and category') },
          ...tags.map((tag) => ({ value: tag, label: tag })),
        ]}
        onChoose={(tag) => setView({ tag })}
      />
      <Choose
        label={i18n._('Findings')}
        width={206}
        value={view.level}
        data={LEVELS}
        onChoose={(level) => setView({ level })}
      />
      <SearchBy query={view.search} onQuery={(search) => setView({ search })} />
      <SavedViews isFiltered={isFiltered(view)} />
      <Left shown={shown} onApply={onApply} />
      <SegmentedControl
        ml="auto"
        size="xs"
        aria-label={i18n._('Where the question at hand stands')}
        value={panel}
        data={PANEL_WORDS}
        onChange={(next) => onPanel(next)}
      />
    </Group>
  );
}
