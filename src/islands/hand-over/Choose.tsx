// Which questions are handed over, and what only some files can say: the set's description, a pool.
import { Checkbox, Group, NumberInput, Pill, Select, TextInput } from '@mantine/core';
import { useMemo } from 'react';
import type { KeptLayout } from '../../core/model';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { count } from '../../core/shared/plain';
import { pathsOf } from '../../core/shared/sets/where';
import { LinkButton } from '../parts/LinkButton';
import { SearchBy } from '../parts/SearchBy';
import { useBank } from '../state/bank';
import { FileSettings } from './FileSettings';
import {
  handOverOnly,
  handOverSet,
  leaveQuestion,
  setChoice,
  setWishes,
  useHandOver,
} from '../state/hand-over';

const ALL = '';

/** What the receivers in view can say besides the questions. */
function wishesOf(kept: readonly KeptLayout[]): { describes: boolean; pools: boolean } {
  return {
    describes: kept.some(({ layout }) =>
      layout.file.cells?.some(({ role }) => role === 'set-description'),
    ),
    pools: kept.some(
      ({ layout: { shape, file } }) =>
        shape === 'package' && file.standard !== 'common-cartridge-1.3',
    ),
  };
}

function ByCategoryAndKind() {
  const items = useBank((state) => state.items);
  const { choice } = useHandOver();
  const categories = useMemo(() => [...new Set(items.flatMap(pathsOf))].sort(), [items]);
  const kinds = useMemo(() => [...new Set(items.map(({ kind }) => kind))], [items]);
  return (
    <>
      <Select
        aria-label="Category"
        w={168}
        searchable
        nothingFoundMessage="None"
        value={choice.category}
        data={[
          { value: ALL, label: 'every category' },
          ...categories.map((category) => ({ value: category, label: category })),
        ]}
        onChange={(category) => setChoice({ category: category ?? ALL })}
      />
      <Select
        aria-label="Kind"
        w={132}
        value={choice.kind}
        data={[
          { value: ALL, label: 'every kind' },
          ...kinds.map((kind) => ({ value: kind, label: KIND_NAMES[kind] })),
        ]}
        onChange={(kind) => setChoice({ kind: kind ?? ALL })}
      />
    </>
  );
}

const WHOLE = 'whole';
const LAST = 'last';

/** The whole bank, what was brought in last, or one of the sets; they are always there to be handed over. */
function WhichSet() {
  const sets = useBank((state) => state.sets);
  const last = useBank((state) => state.sources.at(-1));
  const { only } = useHandOver().choice;
  const choose = (value: string | null): void => {
    const set = sets.find(({ id }) => id === value);
    if (set) {
      handOverSet(set);
    } else if (value === LAST && last) {
      handOverOnly(`from ${last.name}`, last.items);
    } else {
      setChoice({ only: undefined });
    }
  };
  const isLast = last !== undefined && only?.what === `from ${last.name}`;
  const other = isLast ? LAST : null;
  const chosen = only ? (only.set?.id ?? other) : WHOLE;
  return (
    <Select
      aria-label="Which set is handed over"
      w={184}
      placeholder={only?.what}
      value={chosen}
      allowDeselect={false}
      data={[
        { value: WHOLE, label: 'the whole bank' },
        ...(last ? [{ value: LAST, label: `brought in last: ${last.name}` }] : []),
        ...sets.map(({ id, name }) => ({ value: id, label: name })),
      ]}
      onChange={choose}
    />
  );
}

/** Questions that were chosen elsewhere. */
function Only() {
  const { only } = useHandOver().choice;
  return only && !only.set ? (
    <Pill
      size="lg"
      withRemoveButton
      removeButtonProps={{
        'aria-label': 'Hand over the others too',
        'aria-hidden': false,
        tabIndex: 0,
      }}
      onRemove={() => setChoice({ only: undefined })}
    >
      just {count(only.ids.size, 'question')} {only.what}
    </Pill>
  ) : null;
}

function Draw() {
  const { draw } = useHandOver();
  return (
    <Group gap={6} component="span">
      <span aria-hidden>draw</span>
      <NumberInput
        aria-label="Questions drawn at each attempt"
        w={70}
        hideControls
        min={1}
        allowDecimal={false}
        allowNegative={false}
        placeholder="all"
        value={draw ?? ''}
        onChange={(value) => setWishes({ draw: Number(value) > 0 ? Number(value) : undefined })}
      />
      <span aria-hidden>at each attempt</span>
    </Group>
  );
}

export function Choose({ kept }: { kept: readonly KeptLayout[] }) {
  const { choice, out, description, asTheyAre } = useHandOver();
  const { describes, pools } = wishesOf(kept);
  const hasSections = choice.only?.set?.sections.some(({ draw }) => draw) === true;
  const bringBack = (): void => out.forEach((id) => leaveQuestion(id, false));
  return (
    <Group gap="xs" fz={14} style={{ flex: 'none' }}>
      <WhichSet />
      <Only />
      <TextInput
        type="search"
        aria-label="Questions that hold these words"
        placeholder="Only questions that hold …"
        w={190}
        value={choice.words}
        onChange={(event) => setChoice({ words: event.currentTarget.value })}
      />
      <SearchBy query={choice.words} onQuery={(words) => setChoice({ words })} />
      <ByCategoryAndKind />
      {describes && (
        <TextInput
          aria-label="Description of the set"
          placeholder="Description of the set"
          w={230}
          value={description}
          onChange={(event) => setWishes({ description: event.currentTarget.value })}
        />
      )}
      {pools && !hasSections && <Draw />}
      <FileSettings kept={kept} />
      <Checkbox
        label="only those that fit as they are"
        checked={asTheyAre}
        onChange={(event) => setWishes({ asTheyAre: event.currentTarget.checked })}
      />
      {out.size > 0 && <LinkButton onClick={bringBack}>Bring back {out.size} left out</LinkButton>}
    </Group>
  );
}
