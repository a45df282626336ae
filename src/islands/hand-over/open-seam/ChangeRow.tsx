// One change, named where it happens, with the ways to have it otherwise.
import { Alert, Group } from '@mantine/core';
import { useState } from 'react';
import type { Change, Decision, KeptLayout, Layout } from '../../../core/model';
import { losesSomething } from '../../../core/shared/change-grades';
import { LinkButton } from '../../parts/LinkButton';
import { isText, otherSeconds, sentenceOf } from './change-of';
import { OwnText } from './OwnText';

export type Decide = (decision: Decision | undefined) => void;

/** A decision without the own text of one field. */
function withoutOwn(decision: Decision, field: string): Decision {
  const { [field]: _gone, ...rest } = decision.own ?? {};
  return { ...decision, own: rest };
}

function Ways({
  change,
  layout,
  decision,
  onDecide,
  onOwn,
  onWrite,
}: {
  change: Change;
  layout: Layout;
  decision: Decision;
  onDecide: Decide;
  onOwn: (text: string) => void;
  onWrite: (() => void) | undefined;
}) {
  const hasOwn = decision.own?.[change.field] !== undefined;
  return (
    <Group gap="sm" fz={13.5}>
      {onWrite && <LinkButton onClick={onWrite}>Write it for this receiver</LinkButton>}
      {otherSeconds(change, layout).map((seconds) => (
        <LinkButton key={seconds} onClick={() => onOwn(String(seconds))}>
          Take {seconds}
        </LinkButton>
      ))}
      {hasOwn && (
        <LinkButton onClick={() => onDecide(withoutOwn(decision, change.field))}>
          Back to the bank’s text
        </LinkButton>
      )}
      <LinkButton onClick={() => onDecide({ leaveOut: true })}>Leave it out</LinkButton>
    </Group>
  );
}

export function ChangeRow({
  change,
  id,
  kept,
  decision,
  onDecide,
}: {
  change: Change;
  /** The question's. */
  id: string;
  kept: KeptLayout;
  decision: Decision;
  onDecide: Decide;
}) {
  const { layout } = kept;
  const isLoss = losesSomething(change);
  const [isWriting, setWriting] = useState(false);
  const own = (text: string): void =>
    onDecide({ ...decision, own: { ...decision.own, [change.field]: text } });
  const close = (): void => setWriting(false);
  const canWrite = isText(change) && change.to !== '' && !isWriting;
  return (
    <Alert
      color={isLoss ? 'cowslip' : 'gray'}
      radius={0}
      role="note"
      style={{ gridColumn: '1 / -1' }}
      tabIndex={-1}
    >
      <span>{sentenceOf(change)}</span>
      <Ways
        change={change}
        layout={layout}
        decision={decision}
        onDecide={onDecide}
        onOwn={own}
        onWrite={canWrite ? () => setWriting(true) : undefined}
      />
      {isWriting && (
        <OwnText id={id} field={change.field} from={change.from} kept={kept} onClose={close} />
      )}
    </Alert>
  );
}
