// Which questions are handed over, and what only some files can say: the set's description, a pool.
import { Checkbox, Group, NumberInput, Pill, Select, TextInput } from '@mantine/core';
import { useMemo } from 'react';
import type { KeptLayout } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
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
import { i18n } from '../../languages';

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
        aria-label={i18n._('Category')}
        w={168}
        searchable
        nothingFoundMessage={i18n._('None')}
        value={choice.category}
        data={[
          { value: ALL, label: i18n._('every category') },
          ...categories.map((category) => ({ value: category, label: category })),
        ]}
        onChange={(category) => setChoice({ category: category ?? ALL })}
      />
      <Select
        aria-label={i18n._('Kind')}
        w={132}
        value={choice.kind}
        data={[
          { value: ALL, label: i18n._('every kind') },
          ...kinds.map((kind) => ({ value: kind, label: kindName(kind) })),
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
      handOverOnly(i18n._('from {name}', { name: last.name }), last.items);
    } else {
      setChoice({ only: undefined });
    }
  };
  const isLast = last !== undefined && only?.what === i18n._('from {name}', { name: last.name });
  const other = isLast ? LAST : null;
  const chosen = only ? (only.set?.id ?? other) : WHOLE;
  return (
    <Select
      aria-label={i18n._('Which set is handed over')}
      w={184}
      placeholder={only?.what}
      value={chosen}
      allowDeselect={false}
      data={[
        { value: WHOLE, label: i18n._('the whole bank') },
        ...(last
          ? [{ value: LAST, label: i18n._('brought in last: {name}', { name: last.name }) }]
          : []),
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
        'aria-label': i18n._('Hand over the others too'),
        'aria-hidden': false,
        tabIndex: 0,
      }}
      onRemove={() => setChoice({ only: undefined })}
    >
      {i18n._('just {ids, plural, one {# question} other {# questions}} {what}', {
        ids: only.ids.size,
        what: only.what,
      })}
    </Pill>
  ) : null;
}

function Draw() {
  const { draw } = useHandOver();
  return (
    <Group gap={6} component="span">
      <span aria-hidden>{i18n._('draw')}</span>
      <NumberInput
        aria-label={i18n._('Questions drawn at each attempt')}
        w={70}
        hideControls
        min={1}
        allowDecimal={false}
        allowNegative={false}
        placeholder={i18n._('all')}
        value={draw ?? ''}
        onChange={(value) => setWishes({ draw: Number(value) > 0 ? Number(value) : undefined })}
      />
      <span aria-hidden>{i18n._('at each attempt')}</span>
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
        aria-label={i18n._('Questions that hold these words')}
        placeholder={i18n._('Only questions that hold …')}
        w={190}
        value={choice.words}
        onChange={(event) => setChoice({ words: event.currentTarget.value })}
      />
      <SearchBy query={choice.words} onQuery={(words) => setChoice({ words })} />
      <ByCategoryAndKind />
      {describes && (
        <TextInput
          aria-label={i18n._('Description of the set')}
          placeholder={i18n._('Description of the set')}
          w={230}
          value={description}
          onChange={(event) => setWishes({ description: event.currentTarget.value })}
        />
      )}
      {pools && !hasSections && <Draw />}
      <FileSettings kept={kept} />
      <Checkbox
        label={i18n._('only those that fit as they are')}
        checked={asTheyAre}
        onChange={(event) => setWishes({ asTheyAre: event.currentTarget.checked })}
      />
      {out.size > 0 && (
        <LinkButton onClick={bringBack}>
          {i18n._('Bring back {out, number} left out', { out: out.size })}
        </LinkButton>
      )}
    </Group>
  );
}
