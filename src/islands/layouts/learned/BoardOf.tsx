// A board's levels and what is known of its categories.
import { Trans } from '@lingui/react';
import { Text } from '@mantine/core';
import type { KeptLayout } from '../../../core/model';
import { Tick } from '../../parts/Commit';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

export function BoardOf({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const { grid } = layout;
  if (!grid) {
    return null;
  }
  const lock = (locked: boolean): void => {
    void changeLayout(kept, i18n._('Categories of {name}', { name: layout.name }), {
      ...layout,
      grid: { ...grid, locked },
    });
  };
  return (
    <div>
      <b>{i18n._('Board')}</b> <span className="soft">{kept.because['shape']}</span>
      <Text size="sm">
        <Trans
          id="Questions in columns <0>{first}</0> to <0>{last}</0>, levels <0>{levels}</0>, each answer {answer, select, below {below} other {beside}} its question."
          values={{
            first: grid.firstColumn,
            last: grid.lastColumn,
            levels: grid.levels.join(', '),
            answer: grid.answer,
          }}
          components={{ 0: <span className="mono" /> }}
        />
      </Text>
      <Tick
        label={i18n._('The receiver keeps its own categories')}
        isOn={grid.locked ?? false}
        onTick={lock}
      />
      <Text size="xs" c="dimmed">
        {grid.locked
          ? i18n._('Questions of other categories take the next free column, as a named change.')
          : i18n._('Headings of the board are replaced by the categories of your questions.')}
      </Text>
    </div>
  );
}
