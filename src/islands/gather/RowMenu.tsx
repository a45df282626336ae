// What a row's number offers: to be the headings, or to be where the reading starts or ends.
import { Menu, UnstyledButton, VisuallyHidden } from '@mantine/core';
import { defined } from '../../core/shared/defined';
import { parseRange, rangeName } from '../../core/shared/cells';
import type { GatherAnswer } from '../../workers/protocol';
import { overrule, useGather } from '../state/gather';
import { i18n } from '../../languages';

type Side = 'top' | 'bottom';

/** The range that is read, cut at one of its sides to the row. */
function cutAt({ sheet, reading }: GatherAnswer, side: Side, shown: number): string {
  const rows = sheet?.rows ?? [];
  const whole = {
    top: 0,
    left: 0,
    bottom: (sheet?.lines?.at(-1) ?? rows.length) - 1,
    right: Math.max(1, ...rows.map((row) => row.length)) - 1,
  };
  const range = (reading.range ? parseRange(reading.range) : undefined) ?? whole;
  return rangeName({ ...range, [side]: shown - 1 });
}

export function RowMenu({ shown, sheet }: { shown: number; sheet: string | undefined }) {
  const { answer } = useGather();
  // Lines of a text have no range: what is read of it is said by other means.
  const isStack = sheet !== undefined;
  const canCut = answer?.sheet !== undefined && !answer.sheet.lines && !isStack;
  // What is said of a row of one sheet among several is said of that sheet alone.
  const of = defined({ sheet });
  const cut = (side: Side): void => {
    void overrule({ range: cutAt(answer!, side, shown), headingRow: undefined, key: undefined });
  };
  const head = (): void => {
    void overrule({ ...of, headingRow: shown, columns: undefined, key: undefined });
  };
  return (
    <Menu position="bottom-start" withinPortal>
      <Menu.Target>
        <UnstyledButton className="mono row-point" title={i18n._('Row {shown, number}', { shown })}>
          <VisuallyHidden>{i18n._('Row')} </VisuallyHidden>
          {shown}
        </UnstyledButton>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={head}>{i18n._('The headings stand here')}</Menu.Item>
        {canCut && <Menu.Item onClick={() => cut('top')}>{i18n._('Start reading here')}</Menu.Item>}
        {canCut && (
          <Menu.Item onClick={() => cut('bottom')}>{i18n._('Stop reading here')}</Menu.Item>
        )}
      </Menu.Dropdown>
    </Menu>
  );
}
