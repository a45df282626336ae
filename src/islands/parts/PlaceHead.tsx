// The head of a place: what it holds, and what can be done; the next act is the main button, always at its end, and
// Ctrl+Enter.
import { Button, Group, Text, Title, Tooltip } from '@mantine/core';
import { useHotkeys } from '@mantine/hooks';
import type { ReactNode } from 'react';
import { useActs } from '../state/acts';
import { i18n } from '../../languages';

/** The next act of a place. `help` says more than its words do. */
export type MainAct = {
  label: string;
  run: () => void;
  isDisabled?: boolean;
  help?: string;
};

export function MainButton({ act }: { act: MainAct }) {
  const { label, run, isDisabled = false, help } = act;
  const press = (): void => {
    if (!isDisabled) {
      run();
    }
  };
  useHotkeys([['mod+Enter', press]], [], true);
  useActs('main', isDisabled ? [] : [{ label, words: help ?? i18n._('the next act here'), run }]);
  return (
    <Tooltip
      label={i18n._('{isHelp, select, true {{help} } other {}}Ctrl Enter', {
        isHelp: Boolean(help),
        help,
      })}
    >
      <Button
        variant="filled"
        data-main
        disabled={isDisabled}
        aria-keyshortcuts="Control+Enter"
        onClick={press}
      >
        {label}
      </Button>
    </Tooltip>
  );
}

export function PlaceHead({
  title,
  facts,
  main,
  children,
}: {
  title: ReactNode;
  facts?: ReactNode;
  main?: MainAct | undefined;
  /** Further acts, before the main one. */
  children?: ReactNode;
}) {
  return (
    <Group gap="sm" mih={34} style={{ flex: 'none' }} component="header" className="place-head">
      <Title order={1} maw="100%" style={{ overflowWrap: 'anywhere' }}>
        {title}
      </Title>
      {facts !== undefined && (
        <Text component="span" size="sm" c="dimmed" className="facts">
          {facts}
        </Text>
      )}
      <Group gap="xs" ml="auto" className="actions">
        {children}
        {main && <MainButton act={main} />}
      </Group>
    </Group>
  );
}
