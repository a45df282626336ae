// The bar on top: the bank, search and commands, undo, and whether everything is saved.
import { ActionIcon, Burger, Button, Group, Kbd, Text, useMantineColorScheme } from '@mantine/core';
import { spotlight } from '@mantine/spotlight';
import IconMoon from '@tabler/icons-react/dist/esm/icons/IconMoon.mjs';
import IconSun from '@tabler/icons-react/dist/esm/icons/IconSun.mjs';
import { useActs } from '../state/acts';
import { redo, undo, useBank, type SaveState as Save } from '../state/bank';
import { openDemo } from '../state/banks';
import { BankMenu } from './BankMenu';
import { CUT_LABEL } from './cut-label';

const clock = (at: Date | undefined): string =>
  at?.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' }) ?? '';

const WORDS: Record<Save['state'], (save: Save) => string> = {
  saving: () => 'Saving …',
  saved: ({ at }) => `Saved ${clock(at)}`,
  failed: ({ unsaved }) => `Not saved: ${unsaved} ${unsaved === 1 ? 'step' : 'steps'}`,
  memory: () => 'In this page only',
};

function SaveState() {
  const save = useBank((state) => state.save);
  const hasFailed = save.state === 'failed';
  return (
    <Text
      component="span"
      fz={{ base: 12.5, sm: 14 }}
      c={hasFailed ? 'var(--brick-ink)' : 'dimmed'}
      fw={hasFailed ? 700 : 400}
      pl={{ base: 2, md: 8 }}
      miw={{ md: 92 }}
      role="status"
      data-testid="save"
      title={save.why}
      style={{ fontVariantNumeric: 'tabular-nums', whiteSpace: 'nowrap' }}
    >
      {WORDS[save.state](save)}
    </Text>
  );
}

function DemoButton() {
  const bank = useBank((state) => state.info.id);
  return bank === 'demo' || !bank ? null : (
    <Button variant="subtle" color="slate" px="xs" visibleFrom="md" onClick={() => void openDemo()}>
      Open the demo
    </Button>
  );
}

function SchemeSwitch() {
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const isDark =
    colorScheme === 'dark' ||
    (colorScheme === 'auto' && document.documentElement.dataset['mantineColorScheme'] === 'dark');
  const Icon = isDark ? IconSun : IconMoon;
  const turn = (): void => setColorScheme(isDark ? 'light' : 'dark');
  useActs('scheme', [
    { label: isDark ? 'Light scheme' : 'Dark scheme', words: 'Colours, theme, night', run: turn },
  ]);
  return (
    <ActionIcon
      visibleFrom="xs"
      aria-label={isDark ? 'Light scheme' : 'Dark scheme'}
      onClick={turn}
    >
      <Icon size={17} aria-hidden />
    </ActionIcon>
  );
}

/** Undo or redo. Disabled by words, not by the attribute: a focused button that is disabled would swallow the next Ctrl+Y. */
function StepButton({
  name,
  label,
  run,
}: {
  name: 'Undo' | 'Redo';
  label: string | undefined;
  run: () => Promise<void>;
}) {
  return (
    <Button
      variant="subtle"
      color="slate"
      px={{ base: 4, md: 'xs' }}
      aria-disabled={!label}
      c={label ? 'var(--ink)' : 'dimmed'}
      title={label ? `${name}: ${label}` : `Nothing to ${name.toLowerCase()}`}
      onClick={() => void run()}
    >
      {name}
    </Button>
  );
}

function FindButton() {
  return (
    <Button
      flex="0 1 340px"
      justify="space-between"
      c="dimmed"
      px={{ base: 6, md: 'sm' }}
      miw={36}
      rightSection={
        <Kbd size="xs" visibleFrom="md">
          Ctrl K
        </Kbd>
      }
      styles={CUT_LABEL}
      onClick={() => spotlight.open()}
    >
      Find a question or a command
    </Button>
  );
}

export function Top({ isRailOpen, onRail }: { isRailOpen: boolean; onRail: () => void }) {
  const undoLabel = useBank((state) => state.undo.at(-1)?.step.label);
  const redoLabel = useBank((state) => state.redo.at(-1)?.step.label);
  return (
    <Group
      h="100%"
      px={{ base: 8, md: 'lg' }}
      gap={{ base: 4, md: 'sm' } as never}
      wrap="nowrap"
      style={{ overflow: 'hidden' }}
    >
      <Burger
        size="sm"
        hiddenFrom="md"
        opened={isRailOpen}
        onClick={onRail}
        aria-label="Places"
        aria-expanded={isRailOpen}
      />
      <Text component="span" fw={700} size="lg" visibleFrom="xs">
        Cowslip
      </Text>
      <BankMenu />
      <DemoButton />
      <FindButton />
      <Group gap={2} ml="auto" wrap="nowrap">
        <StepButton name="Undo" label={undoLabel} run={undo} />
        <StepButton name="Redo" label={redoLabel} run={redo} />
        <SaveState />
        <SchemeSwitch />
      </Group>
    </Group>
  );
}
