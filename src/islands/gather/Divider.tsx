// The border between the source and what was understood: dragged, or moved by arrow keys.
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Share } from './use-share';
import { i18n } from '../../languages';

/** Per cent that an arrow key moves it. */
const STEP = 2;

/** How far a pointer is from the right edge of the seam, in per cent of its width. */
function shareAt(event: PointerEvent<HTMLElement>): number {
  const box = event.currentTarget.closest('.seam')!.getBoundingClientRect();
  return ((box.right - event.clientX) / box.width) * 100;
}

export function Divider({ share }: { share: Share }) {
  const drag = (event: PointerEvent<HTMLElement>): void => {
    if (event.currentTarget.hasPointerCapture(event.pointerId)) {
      share.set(shareAt(event));
    }
  };
  const press = (event: KeyboardEvent): void => {
    const step = { ArrowLeft: STEP, ArrowRight: -STEP }[event.key];
    if (step) {
      event.preventDefault();
      share.set(share.share + step);
    }
  };
  return (
    <div
      className="divider"
      role="separator"
      aria-orientation="vertical"
      aria-label={i18n._('Border between the source and what was understood')}
      aria-valuemin={share.least}
      aria-valuemax={share.most}
      aria-valuenow={share.share}
      tabIndex={0}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={drag}
      onPointerUp={share.keep}
      onKeyDown={press}
      onKeyUp={share.keep}
    />
  );
}
