// A board's levels and what is known of its categories.
import { Text } from '@mantine/core';
import type { KeptLayout } from '../../../core/model';
import { Tick } from '../../parts/Commit';
import { changeLayout } from '../../state/layouts';

const mono = (text: string) => <span className="mono">{text}</span>;

export function BoardOf({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const { grid } = layout;
  if (!grid) {
    return null;
  }
  const lock = (locked: boolean): void => {
    void changeLayout(kept, `Categories of ${layout.name}`, {
      ...layout,
      grid: { ...grid, locked },
    });
  };
  return (
    <div>
      <b>Board</b> <span className="soft">{kept.because['shape']}</span>
      <Text size="sm">
        Questions in columns {mono(grid.firstColumn)} to {mono(grid.lastColumn)}, levels{' '}
        {mono(grid.levels.join(', '))}, each answer {grid.answer} its question.
      </Text>
      <Tick
        label="The receiver keeps its own categories"
        isOn={grid.locked ?? false}
        onTick={lock}
      />
      <Text size="xs" c="dimmed">
        {grid.locked
          ? 'Questions of other categories take the next free column, as a named change.'
          : 'Headings of the board are replaced by the categories of your questions.'}
      </Text>
    </div>
  );
}
