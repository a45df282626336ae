// The head of the seam: what each column is taken for, its width, and the border between the halves.
import { VisuallyHidden } from '@mantine/core';
import type { PointerEvent } from 'react';
import { Divider } from './Divider';
import { RoleMenu } from './RoleMenu';
import type { ShownColumn } from './use-columns';
import type { Share } from './use-share';
import { i18n } from '../../languages';

export type Widen = (index: number, by: number) => void;

/** The right edge of a column's head, dragged to widen it; the column's menu does the same by keys. */
function Edge({ index, onWiden }: { index: number; onWiden: Widen }) {
  const start = (event: PointerEvent<HTMLElement>): void => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
  };
  const drag = (event: PointerEvent<HTMLElement>): void => {
    if (event.currentTarget.hasPointerCapture(event.pointerId) && event.movementX) {
      onWiden(index, event.movementX);
    }
  };
  return <span className="edge" aria-hidden onPointerDown={start} onPointerMove={drag} />;
}

export function SeamHead({
  columns,
  tracks,
  fixed,
  share,
  onWiden,
}: {
  columns: readonly ShownColumn[];
  tracks: string;
  fixed: number | undefined;
  share: Share;
  onWiden: Widen;
}) {
  return (
    <div className="seam-row seam-head" role="row">
      <div className="seam-left" style={{ gridTemplateColumns: tracks }}>
        <span role="columnheader" className="number">
          <VisuallyHidden>{i18n._('Row')}</VisuallyHidden>
        </span>
        {columns.map((column) => (
          <span
            role="columnheader"
            key={column.index}
            className={column.index === fixed ? 'fixed' : ''}
          >
            <RoleMenu column={column} onWiden={(by) => onWiden(column.index, by)} />
            <Edge index={column.index} onWiden={onWiden} />
          </span>
        ))}
      </div>
      <div className="gutter" role="columnheader">
        <VisuallyHidden>{i18n._('State')}</VisuallyHidden>
        <Divider share={share} />
      </div>
      <div role="columnheader" className="seam-title seam-right">
        {i18n._('Understood')}
      </div>
    </div>
  );
}
