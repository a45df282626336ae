// What was learned of a blank, with the reason of each guess, to be corrected by hand.
import { Paper, Stack, Text, Title } from '@mantine/core';
import type { KeptLayout, Layout } from '../../../core/model';
import { labelAt } from '../../../core/shared/block-labels';
import { roleWords } from '../../../core/shared/roles';
import { Tick } from '../../parts/Commit';
import { changeLayout } from '../../state/layouts';
import { BoardOf } from './BoardOf';
import { FamilyOf } from './FamilyOf';
import { FileOf } from './FileOf';
import { FileSettings } from './FileSettings';
import { KeyOf } from './KeyOf';
import { KindRules } from './KindRules';
import { Kinds } from './Kinds';
import { Limits } from './Limits';
import { Pictures } from './Pictures';
import { RowsOf } from './RowsOf';
import { Signs } from './Signs';
import { TitleCell } from './TitleCell';
import { i18n } from '../../../languages';

/** Blocks of rows: which field each line holds. */
function Lines({ lines }: { lines: NonNullable<Layout['lines']> }) {
  const words = lines.map(({ label, cells }) => {
    const places = cells.map(({ role, column }) =>
      i18n._('{roleWords} in {column}', { roleWords: roleWords(role), column }),
    );
    const shown = labelAt(label, 1);
    return places.length
      ? `${shown}: ${places.join(', ')}`
      : i18n._('{shown} counts the questions', { shown });
  });
  return <Text size="sm">{i18n._('Blocks of rows: {words}', { words: words.join('; ') })}</Text>;
}

export function Learned({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const isInCells = layout.shape === 'rows' || layout.shape === 'blocks';
  const shuffle = (isOn: boolean): void => {
    void changeLayout(
      kept,
      i18n._('Shuffling of {name}', { name: layout.name }),
      { ...layout, shuffles: isOn || undefined },
      ['shuffles'],
    );
  };
  return (
    <Paper
      component="aside"
      aria-label={i18n._('What was learned')}
      px="md"
      py="sm"
      style={{ overflow: 'auto' }}
    >
      <Stack gap={8} fz={14}>
        <Title order={2}>
          {layout.blank ? i18n._('What was learned') : i18n._('What it takes')}
        </Title>
        {isInCells && <KeyOf kept={kept} />}
        <RowsOf kept={kept} />
        {layout.lines && <Lines lines={layout.lines} />}
        {layout.shape === 'marked-text' && <Signs kept={kept} />}
        <BoardOf kept={kept} />
        <Kinds kept={kept} />
        {isInCells && <KindRules kept={kept} />}
        <Limits kept={kept} />
        <Tick
          label={i18n._('It shuffles the options itself')}
          isOn={layout.shuffles ?? false}
          onTick={shuffle}
        />
        <Pictures kept={kept} />
        <FamilyOf kept={kept} />
        {layout.shape === 'rows' && <TitleCell kept={kept} />}
        {layout.shape === 'rows' && <FileSettings kept={kept} />}
        <FileOf kept={kept} />
        {layout.blank && layout.shape === 'rows' && (
          <Text c="dimmed" size="xs">
            {i18n._(
              'Point at a column’s letter to change what it takes, at a row’s number to say where questions begin, and double-click a cell above them to put the set’s title there.',
            )}
          </Text>
        )}
      </Stack>
    </Paper>
  );
}
