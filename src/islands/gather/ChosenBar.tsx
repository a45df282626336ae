// Which rows are shown, and what can be done with several questions at once.
import { Button, Group, SegmentedControl, Select } from '@mantine/core';
import { KINDS } from '../../core/model';
import { kindName } from '../../core/shared/kind-names';
import { useActs } from '../state/acts';
import {
  chooseAll,
  chooseNone,
  chosenItems,
  leaveAllOut,
  placeOf,
  showOnly,
  useGather,
  type Shown,
} from '../state/gather';
import { giveKind } from './KindMenu';
import { useMarked } from './use-marked';
import { i18n } from '../../languages';

/** What is done with the chosen ones. */
function ForChosen({ isCounted }: { isCounted: boolean }) {
  const { chosen, out, items } = useGather();
  const own = items.filter((item) => chosen.has(placeOf(item)));
  const areOut = own.length > 0 && own.every((item) => out.has(placeOf(item)));
  return (
    <Group
      gap="xs"
      role="group"
      aria-label={i18n._('{own, plural, one {# question} other {# questions}} chosen', {
        own: own.length,
      })}
    >
      {isCounted && <b>{i18n._('{own, number} chosen', { own: own.length })}</b>}
      <Button size="compact-sm" onClick={() => leaveAllOut(chosenItems(), !areOut)}>
        {areOut ? i18n._('Put them back') : i18n._('Leave them out')}
      </Button>
      <Select
        size="xs"
        w={170}
        aria-label={i18n._('Kind of the chosen questions')}
        placeholder={i18n._('They are …')}
        value={null}
        data={KINDS.map((kind) => ({ value: kind, label: kindName(kind) }))}
        onChange={(kind) => kind && giveKind(chosenItems(), kind)}
      />
      <Button size="compact-sm" variant="subtle" onClick={chooseNone}>
        {i18n._('Choose none')}
      </Button>
    </Group>
  );
}

export function ChosenBar({ canFilter = true }: { canFilter?: boolean }) {
  const { chosen, out, show, items } = useGather();
  const marked = useMarked().size;
  useActs('gather-chosen', [
    {
      label: i18n._('Choose all questions of the source'),
      words: i18n._('Select all'),
      run: chooseAll,
    },
    ...(chosen.size
      ? [{ label: i18n._('Choose none'), words: i18n._('Deselect'), run: chooseNone }]
      : []),
  ]);
  const choices: { value: Shown; label: string; disabled?: boolean }[] = [
    { value: 'all', label: i18n._('all {items, number}', { items: items.length }) },
    {
      value: 'marked',
      label: i18n._('{marked, number} to look at', { marked }),
      disabled: !marked,
    },
    {
      value: 'out',
      label: i18n._('{out, number} left out', { out: out.size }),
      disabled: !out.size,
    },
    {
      value: 'chosen',
      label: i18n._('{chosen, number} chosen', { chosen: chosen.size }),
      disabled: !chosen.size,
    },
  ];
  if (!canFilter && !chosen.size) {
    return null;
  }
  return (
    <Group gap="md" fz={14} style={{ flex: 'none' }}>
      {canFilter && (
        <SegmentedControl
          size="xs"
          aria-label={i18n._('Which questions are shown')}
          value={show}
          data={choices}
          onChange={(value) => showOnly(value)}
        />
      )}
      {chosen.size > 0 && <ForChosen isCounted={!canFilter} />}
    </Group>
  );
}
