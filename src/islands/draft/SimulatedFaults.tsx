// Which faults the simulated assistant makes, to try how they are found.
import { Checkbox, Menu, Stack } from '@mantine/core';
import type { Fault } from '../../stand-ins/assistant';
import { LinkButton } from '../parts/LinkButton';
import { i18n } from '../../languages';

const WORDS: Record<Fault, string> = {
  heading: i18n._('a heading line'),
  numbering: i18n._('numbers in front'),
  ellipsis: i18n._('a text cut short'),
  'short-count': i18n._('two too few'),
  'key-off': i18n._('keys one too high'),
  shifted: i18n._('a line shifted'),
  chatter: i18n._('talk around'),
  doubled: i18n._('one twice'),
  'too-long': i18n._('a text too long'),
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
          {faults.length
            ? i18n._('with {faults, number} kinds of fault', { faults: faults.length })
            : i18n._('with faults …')}
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
