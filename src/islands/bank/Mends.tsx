// Mends of all questions at once: sure ones by kind of finding, each kind taken in one step.
import { Button, Menu, Text } from '@mantine/core';
import { useMemo } from 'react';
import type { Finding, Item } from '../../core/model';
import { withFields } from '../parts/cells';
import { say } from '../parts/say';
import { useActs } from '../state/acts';
import { changeItems, itemById, useBank } from '../state/bank';
import { i18n } from '../../languages';

/** Applies mends, never two to one question; gives the number taken. */
export async function takeMends(findings: readonly Finding[]): Promise<number> {
  const changed = new Map<string, Item>();
  for (const { item: id, mend } of findings) {
    const item = id ? itemById(id) : undefined;
    if (item && mend && !changed.has(item.id)) {
      changed.set(item.id, withFields(item, mend.patch as Partial<Item>));
    }
  }
  const label =
    findings.length === 1
      ? findings[0]!.mend!.label
      : i18n._('Mend {changed, plural, one {# question} other {# questions}}', {
          changed: changed.size,
        });
  await changeItems(label, [...changed.values()]);
  return changed.size;
}

/** Mends that can be taken together: of one kind, and where they are sure with the same words. */
function groupsOf(findings: ReadonlyMap<string, readonly Finding[]>): Finding[][] {
  const groups = new Map<string, Finding[]>();
  for (const finding of [...findings.values()].flat()) {
    const { mend, rule } = finding;
    if (mend) {
      const key = `${rule}|${mend.sure ? mend.label : ''}`;
      groups.set(key, [...(groups.get(key) ?? []), finding]);
    }
  }
  return [...groups.values()];
}

async function take(group: readonly Finding[]): Promise<void> {
  const mended = await takeMends(group);
  say(
    i18n._('{mended, plural, one {# question} other {# questions}} mended. Undo takes it back.', {
      mended,
    }),
  );
}

function Group({ group }: { group: readonly Finding[] }) {
  const [first] = group;
  return (
    <Menu.Item onClick={() => void take(group)}>
      {first!.mend!.label}
      {group.length > 1
        ? i18n._(' and the like, in {group, number} questions', { group: group.length })
        : ''}
      <Text size="xs" c="dimmed">
        {first!.message}
      </Text>
    </Menu.Item>
  );
}

export function Mends() {
  const findings = useBank((state) => state.findings);
  const groups = useMemo(() => groupsOf(findings), [findings]);
  useActs(
    'mends',
    groups.map((group) => ({
      label: i18n._('Mend: {label}', { label: group[0]!.mend!.label }),
      words: i18n._('{group, plural, one {# question} other {# questions}}: fix, repair, correct', {
        group: group.length,
      }),
      run: () => void take(group),
    })),
  );
  if (!groups.length) {
    return null;
  }
  const total = groups.reduce((sum, group) => sum + group.length, 0);
  return (
    <Menu position="bottom-end" width={340}>
      <Menu.Target>
        <Button>
          {i18n._('{total, plural, one {# mend} other {# mends}} on offer ▾', { total })}
        </Button>
      </Menu.Target>
      <Menu.Dropdown mah="70vh" style={{ overflowY: 'auto' }}>
        {groups.map((group) => (
          <Group key={group[0]!.rule + group[0]!.mend!.label} group={group} />
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
