// The bar on top: the bank, search and commands, undo, and whether everything is saved.
import { ActionIcon, Burger, Button, Group, Kbd, Text, useMantineColorScheme } from '@mantine/core';
import IconMoon from '@tabler/icons-react/dist/esm/icons/IconMoon.mjs';
import IconSun from '@tabler/icons-react/dist/esm/icons/IconSun.mjs';
import { useActs } from '../state/acts';
import { redo, undo, useBank, type SaveState as Save } from '../state/bank';
import { openDemo } from '../state/banks';
import { toggleCommands } from './asked-commands';
import { BankMenu } from './BankMenu';
import { CUT_LABEL } from './cut-label';
import { i18n, locale } from '../../languages';

const clock = (at: Date | undefined): string =>
  at?.toLocaleTimeString(locale(), { hour: '2-digit', minute: '2-digit' }) ?? '';

const WORDS: Record<Save['state'], (save: Save) => string> = {
  saving: () => i18n._('Saving …'),
  saved: ({ at }) => i18n._('Saved {clock}', { clock: clock(at) }),
  failed: ({ unsaved }) =>
    i18n._('Not saved: {unsaved, number} {unsaved, plural, one {step} other {steps}}', { unsaved }),
  memory: () => i18n._('In this page only'),
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
      {i18n._('Open the demo')}
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
    {
      label: isDark ? i18n._('Light scheme') : i18n._('Dark scheme'),
      words: i18n._('Colours, theme, night'),
      run: turn,
    },
  ]);
  return (
    <ActionIcon
      visibleFrom="xs"
      aria-label={isDark ? i18n._('Light scheme') : i18n._('Dark scheme')}
      onClick={turn}
    >
      <Icon size={17} aria-hidden />
    </ActionIcon>
  );
}

/** Undo or redo. Disabled by words, not by the attribute: a focused button that is disabled would swallow the next Ctrl+Y. */
function StepButton({
  name,
  none,
  label,
  run,
}: {
  name: string;
  /** What is said where there is nothing to be done. */
  none: string;
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
      title={label ? `${name}: ${label}` : none}
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
          {i18n._('Ctrl K')}
        </Kbd>
      }
      styles={CUT_LABEL}
      onClick={() => void toggleCommands()}
    >
      {i18n._('Find a question or a command')}
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
        aria-label={i18n._('Places')}
        aria-expanded={isRailOpen}
      />
      <Text component="span" fw={700} size="lg" visibleFrom="xs">
        {i18n._('Cowslip')}
      </Text>
      <BankMenu />
      <DemoButton />
      <FindButton />
      <Group gap={2} ml="auto" wrap="nowrap">
        <StepButton
          name={i18n._('Undo')}
          none={i18n._('Nothing to undo')}
          label={undoLabel}
          run={undo}
        />
        <StepButton
          name={i18n._('Redo')}
          none={i18n._('Nothing to redo')}
          label={redoLabel}
          run={redo}
        />
        <SaveState />
        <SchemeSwitch />
      </Group>
    </Group>
  );
}
