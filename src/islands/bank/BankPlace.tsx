// Bank: the grid, its search and filters, and the whole question at the side.
import { useDeferredValue, useMemo, useState } from 'react';
import type { Finding, Item, Kind } from '../../core/model';
import { cellText, type CellField } from '../parts/item-cells';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { nameItems } from '../../core/shared/references';
import { addItems, bankState, removeItems, useBank } from '../state/bank';
import { setView, showQuestion, useView, type View } from '../state/view';
import { openDemo } from '../state/banks';
import { Grid } from './Grid';
import { Mends } from './Mends';
import { SidePanel } from './SidePanel';
import { TagSelected } from './TagSelected';

function matches(
  item: Item,
  view: Pick<View, 'search' | 'kind' | 'tag' | 'level' | 'sort'>,
  findings: readonly Finding[] | undefined,
  words: readonly string[],
): boolean {
  if (view.kind && item.kind !== view.kind) {
    return false;
  }
  if (
    view.tag &&
    !item.tags?.some((tag) => (tag.name ? `${tag.name}: ${tag.value}` : tag.value) === view.tag) &&
    item.category?.join(' > ') !== view.tag
  ) {
    return false;
  }
  if (
    view.level &&
    !findings?.some((finding) =>
      view.level === 'any' ? finding.level !== 'note' : finding.level === view.level,
    )
  ) {
    return false;
  }
  if (!words.length) {
    return true;
  }
  const text =
    `${item.ref} ${item.stem.plain} ${(item.options ?? []).map((option) => option.text.plain).join(' ')} ${item.accepted?.join(' ') ?? ''} ${item.category?.join(' ') ?? ''} ${item.tags?.map((tag) => `${tag.name ?? ''} ${tag.value}`).join(' ') ?? ''}`.toLowerCase();
  return words.every((word) => text.includes(word));
}

const collator = new Intl.Collator('en-GB', { numeric: true });

function useRows(): Item[] {
  const items = useBank((state) => state.items);
  const findings = useBank((state) => state.findings);
  const view = useDeferredValue(useView());
  const { search, kind, tag, level, sort } = view;
  return useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    const filtered =
      words.length || kind || tag || level
        ? items.filter((item) =>
            matches(item, { search, kind, tag, level, sort }, findings.get(item.id), words),
          )
        : items;
    if (!sort) {
      return filtered as Item[];
    }
    const keyed = filtered.map((item) => ({
      item,
      text: cellText(item, sort.column as CellField),
    }));
    return keyed
      .sort((a, b) => collator.compare(a.text, b.text) * (sort.down ? -1 : 1))
      .map(({ item }) => item);
  }, [items, level ? findings : undefined, search, kind, tag, level, sort]); // eslint-disable-line react-hooks/exhaustive-deps -- findings matter only while they filter
}

function Filters({ shown }: { shown: number }) {
  const view = useView();
  // The lists of kinds and tags may lag behind; the key that was pressed may not.
  const items = useDeferredValue(useBank((state) => state.items));
  const { kinds, tags } = useMemo(() => {
    const kindSet = new Set<Kind>();
    const tagSet = new Set<string>();
    for (const item of items) {
      kindSet.add(item.kind);
      if (item.category?.length) {
        tagSet.add(item.category.join(' > '));
      }
      for (const tag of item.tags ?? []) {
        tagSet.add(tag.name ? `${tag.name}: ${tag.value}` : tag.value);
      }
    }
    return { kinds: [...kindSet], tags: [...tagSet].sort().slice(0, 300) };
  }, [items]);
  const filtered = view.search || view.kind || view.tag || view.level;
  return (
    <div className="filters">
      <input
        type="search"
        placeholder="Search"
        aria-label="Search the questions"
        value={view.search}
        onChange={(event) => setView({ search: event.target.value })}
      />
      <select
        aria-label="Kind"
        value={view.kind}
        onChange={(event) => setView({ kind: event.target.value })}
      >
        <option value="">every kind</option>
        {kinds.map((kind) => (
          <option key={kind} value={kind}>
            {KIND_NAMES[kind]}
          </option>
        ))}
      </select>
      <select
        aria-label="Tag or category"
        value={view.tag}
        onChange={(event) => setView({ tag: event.target.value })}
      >
        <option value="">every tag and category</option>
        {tags.map((tag) => (
          <option key={tag}>{tag}</option>
        ))}
      </select>
      <select
        aria-label="Findings"
        value={view.level}
        onChange={(event) => setView({ level: event.target.value })}
      >
        <option value="">with or without findings</option>
        <option value="any">that want a look</option>
        <option value="block">that are blocked</option>
        <option value="note">with notes</option>
      </select>
      {filtered && (
        <button
          type="button"
          className="link"
          onClick={() => setView({ search: '', kind: '', tag: '', level: '' })}
        >
          Show all
        </button>
      )}
      <span className="soft">{filtered ? `${shown} of ${items.length}` : ''}</span>
    </div>
  );
}

function newQuestion(): void {
  const [item] = nameItems(
    [
      {
        id: crypto.randomUUID(),
        ref: '',
        kind: 'choice-one',
        stem: { plain: '' },
        options: [
          { text: { plain: '' }, right: false },
          { text: { plain: '' }, right: false },
        ],
      },
    ],
    bankState().items.map(({ ref }) => ref),
  );
  void addItems('New question', [item!]).then(() => showQuestion(item!.id));
}

export default function BankPlace() {
  const count = useBank((state) => state.items.length);
  const phase = useBank((state) => state.phase);
  const findings = useBank((state) => state.findings);
  const rows = useRows();
  const [selected, setSelected] = useState<string[]>([]);
  const shown = useView().shown;
  const blocked = useMemo(
    () =>
      [...findings.values()].filter((list) => list.some((finding) => finding.level === 'block'))
        .length,
    [findings],
  );
  const look = useMemo(
    () =>
      [...findings.values()].filter((list) => list.some((finding) => finding.level === 'warn'))
        .length,
    [findings],
  );
  if (!count && phase === 'ready') {
    return (
      <div className="empty">
        <h1>The bank is empty</h1>
        <p>Bring questions in by way of Gather, or write one here.</p>
        <p style={{ display: 'flex', gap: 8 }}>
          <button type="button" className="button main" onClick={newQuestion}>
            Write a question
          </button>
          <button type="button" className="button" onClick={() => void openDemo()}>
            Open the demo bank
          </button>
        </p>
      </div>
    );
  }
  return (
    <>
      <div className="place-head">
        <h1>Bank</h1>
        <span className="facts">
          {phase === 'loading'
            ? `opening, ${count} questions so far`
            : `${count} questions${blocked ? `, ${blocked} blocked` : ''}${look ? `, ${look} to look at` : ''}`}
        </span>
        <div className="actions">
          {selected.length > 1 && <TagSelected ids={selected} />}
          {selected.length > 0 && (
            <button
              type="button"
              className="button"
              onClick={() =>
                void removeItems(
                  selected.length === 1
                    ? 'Remove a question'
                    : `Remove ${selected.length} questions`,
                  selected,
                )
              }
            >
              Remove {selected.length === 1 ? 'this question' : `${selected.length} questions`}
            </button>
          )}
          <Mends />
          <button type="button" className="button" onClick={newQuestion}>
            New question
          </button>
        </div>
      </div>
      <Filters shown={rows.length} />
      <div className="bank-body">
        <Grid rows={rows} onSelection={setSelected} />
        <SidePanel id={shown} />
      </div>
    </>
  );
}
