// The time limit as a receiver takes it.
import type { Column, Decision, Limits } from '../model';
import type { Draft } from './changes';
import type { Context } from './context';
import { because } from './words';

/** The nearest of the allowed seconds; of two as near, the longer, since nobody minds more time. */
export function nearestSeconds(seconds: number, allowed: Limits['seconds']): number {
  return (
    [...(allowed ?? [])].sort(
      (a, b) => Math.abs(a - seconds) - Math.abs(b - seconds) || b - a,
    )[0] ?? seconds
  );
}

/** The seconds of a question that says none: the layout's default, else the receiver's first where it must have some. */
function fallbackSeconds(column: Column | undefined, allowed: Limits['seconds']) {
  if (column?.default) {
    return Number(column.default);
  }
  return column?.required ? allowed?.[0] : undefined;
}

function fillSeconds(draft: Draft, column: Column | undefined, allowed: Limits['seconds']): void {
  const seconds = fallbackSeconds(column, allowed);
  if (seconds === undefined || !Number.isFinite(seconds)) {
    return;
  }
  const reason = because(column?.required ? 'seconds-asked' : 'layout-default');
  draft.note('seconds', '', String(seconds), reason);
  draft.set({ seconds });
}

/** The time limit as one of the receiver's list. */
export function fitSeconds(draft: Draft, context: Context, decision: Decision): void {
  if (!context.carries('seconds')) {
    return;
  }
  const allowed = context.layout.limits.seconds;
  const { seconds } = draft.item;
  if (seconds === undefined) {
    fillSeconds(draft, context.having('seconds')[0], allowed);
    return;
  }
  if (!allowed?.length || allowed.includes(seconds)) {
    return;
  }
  const variant = decision.own?.[`${draft.prefix}seconds`];
  const chosen = variant ? Number(variant) : nearestSeconds(seconds, allowed);
  const reason = because('seconds-nearest', { seconds, allowed: allowed.join(', ') });
  draft.note('seconds', String(seconds), String(chosen), reason);
  draft.set({ seconds: chosen });
}
