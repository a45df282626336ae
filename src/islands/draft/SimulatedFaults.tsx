// Which faults the simulated assistant makes, to try how they are found.
import { Checkbox, Menu, Stack } from '@mantine/core';
import type { Fault } from '../../stand-ins/assistant';
import { LinkButton } from '../parts/LinkButton';

const WORDS: Record<Fault, string> = {
  heading: 'a heading line',
  numbering: 'numbers in front',
  ellipsis: 'a text cut short',
  'short-count': 'two too few',
  'key-off': 'keys one too high',
  shifted: 'a line shifted',
  chatter: 'talk around',
  doubled: 'one twice',
  'too-long': 'a text too long',
};

export function SimulatedFaults({
  faults,
  all,
  onChange,
}: {
  faults: readonly Fault[];
  all: readonly Fault[];
  onChange: (faults: readonly Fault[]) => void;
}) {
  const toggle = (fault: Fault, isOn: boolean): void =>
    onChange(isOn ? [...faults, fault] : faults.filter((one) => one !== fault));
  return (
    <Menu closeOnItemClick={false} position="bottom-start" trapFocus={false}>
      <Menu.Target>
        <LinkButton fz={13}>
          {faults.length ? `with ${faults.length} kinds of fault` : 'with faults …'}
        </LinkButton>
      </Menu.Target>
      <Menu.Dropdown p="xs">
        <Stack gap={6}>
          {all.map((fault) => (
            <Checkbox
              key={fault}
              label={WORDS[fault]}
              checked={faults.includes(fault)}
              onChange={(event) => toggle(fault, event.currentTarget.checked)}
            />
          ))}
        </Stack>
      </Menu.Dropdown>
    </Menu>
  );
}
