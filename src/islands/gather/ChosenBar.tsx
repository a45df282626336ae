// Which rows are shown, and what can be done with several questions at once.
import { Button, Group, SegmentedControl, Select } from '@mantine/core';
import { KINDS } from '../../core/model';
import { KIND_NAMES } from '../../core/shared/kind-names';
import { count } from '../../core/shared/plain';
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

/** What is done with the chosen ones. */
function ForChosen({ isCounted }: { isCounted: boolean }) {
  const { chosen, out, items } = useGather();
  const own = items.filter((item) => chosen.has(placeOf(item)));
  const areOut = own.length > 0 && own.every((item) => out.has(placeOf(item)));
  return (
    <Group gap="xs" role="group" aria-label={`${count(own.length, 'question')} chosen`}>
      {isCounted && <b>{own.length} chosen</b>}
      <Button size="compact-sm" onClick={() => leaveAllOut(chosenItems(), !areOut)}>
        {areOut ? 'Put them back' : 'Leave them out'}
      </Button>
      <Select
        size="xs"
        w={170}
        aria-label="Kind of the chosen questions"
        placeholder="They are …"
        value={null}
        data={KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] }))}
        onChange={(kind) => kind && giveKind(chosenItems(), kind)}
      />
      <Button size="compact-sm" variant="subtle" onClick={chooseNone}>
        Choose none
      </Button>
    </Group>
  );
}

export function ChosenBar({ canFilter = true }: { canFilter?: boolean }) {
  const { chosen, out, show, items } = useGather();
  const marked = useMarked().size;
  useActs('gather-chosen', [
    { label: 'Choose all questions of the source', words: 'Select all', run: chooseAll },
    ...(chosen.size ? [{ label: 'Choose none', words: 'Deselect', run: chooseNone }] : []),
  ]);
  const choices: { value: Shown; label: string; disabled?: boolean }[] = [
    { value: 'all', label: `all ${items.length}` },
    { value: 'marked', label: `${marked} to look at`, disabled: !marked },
    { value: 'out', label: `${out.size} left out`, disabled: !out.size },
    { value: 'chosen', label: `${chosen.size} chosen`, disabled: !chosen.size },
  ];
  if (!canFilter && !chosen.size) {
    return null;
  }
  return (
    <Group gap="md" fz={14} style={{ flex: 'none' }}>
      {canFilter && (
        <SegmentedControl
          size="xs"
          aria-label="Which questions are shown"
          value={show}
          data={choices}
          onChange={(value) => showOnly(value)}
        />
      )}
      {chosen.size > 0 && <ForChosen isCounted={!canFilter} />}
    </Group>
  );
}
