// Mends of all questions at once: sure ones by kind of finding, each kind taken in one step.
import { Menu } from '@mantine/core';
import { useMemo } from 'react';
import type { Finding, Item } from '../../core/model';
import { withFields } from '../parts/item-cells';
import { changeItems, itemById, useBank } from '../state/bank';
import { say } from '../parts/say';

/** Applies mends, never two to one question; gives the number taken. */
export async function takeMends(findings: readonly Finding[]): Promise<number> {
  const changed = new Map<string, Item>();
  for (const finding of findings) {
    const item = finding.item ? itemById(finding.item) : undefined;
    if (!item || !finding.mend || changed.has(item.id)) {
      continue;
    }
    changed.set(item.id, withFields(item, finding.mend.patch as Partial<Item>));
  }
  await changeItems(
    findings.length === 1 ? findings[0]!.mend!.label : `Mend ${changed.size} questions`,
    [...changed.values()],
  );
  return changed.size;
}

export function Mends() {
  const findings = useBank((state) => state.findings);
  const groups = useMemo(() => {
    const map = new Map<string, Finding[]>();
    for (const list of findings.values()) {
      for (const finding of list) {
        if (finding.mend) {
          map.set(`${finding.rule}|${finding.mend.sure ? finding.mend.label : ''}`, [
            ...(map.get(`${finding.rule}|${finding.mend.sure ? finding.mend.label : ''}`) ?? []),
            finding,
          ]);
        }
      }
    }
    return [...map.values()];
  }, [findings]);
  if (!groups.length) {
    return null;
  }
  const total = groups.reduce((sum, group) => sum + group.length, 0);
  return (
    <Menu position="bottom-end" width={340}>
      <Menu.Target>
        <button type="button" className="button">
          {total} {total === 1 ? 'mend' : 'mends'} on offer ▾
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        {groups.map((group) => (
          <Menu.Item
            key={group[0]!.rule + group[0]!.mend!.label}
            onClick={() =>
              void takeMends(group).then((count) =>
                say(
                  `${count} ${count === 1 ? 'question' : 'questions'} mended. Undo takes it back.`,
                ),
              )
            }
          >
            {group[0]!.mend!.label}
            {group.length > 1 ? ` and the like, in ${group.length} questions` : ''}
            <br />
            <small className="soft">{group[0]!.message}</small>
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}
