// One change, named where it happens, with the ways to have it otherwise.
import { Alert, Group } from '@mantine/core';
import { useState } from 'react';
import type { Change, Decision, Item, KeptLayout, Layout } from '../../../core/model';
import { losesSomething } from '../../../core/shared/change-grades';
import { withCuts } from '../../../core/shared/own-cuts';
import { LinkButton } from '../../parts/LinkButton';
import { isText, otherSeconds, sentenceOf } from './change-of';
import { CutInstead, cutBy } from './CutInstead';
import { OwnText } from './OwnText';
import { i18n } from '../../../languages';

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
      {onWrite && <LinkButton onClick={onWrite}>{i18n._('Write it for this receiver')}</LinkButton>}
      {otherSeconds(change, layout).map((seconds) => (
        <LinkButton key={seconds} onClick={() => onOwn(String(seconds))}>
          {i18n._('Take {seconds, number}', { seconds })}
        </LinkButton>
      ))}
      {hasOwn && (
        <LinkButton onClick={() => onDecide(withoutOwn(decision, change.field))}>
          {i18n._('Back to the bank’s text')}
        </LinkButton>
      )}
      <LinkButton onClick={() => onDecide({ leaveOut: true })}>{i18n._('Leave it out')}</LinkButton>
    </Group>
  );
}

export function ChangeRow({
  change,
  item,
  cuts,
  kept,
  decision,
  onDecide,
}: {
  change: Change;
  item: Item;
  /** The places of the options that are cut, from 0. */
  cuts: readonly number[];
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
  const cut = cutBy(change);
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
      {cut !== undefined && (
        <Group gap="sm" fz={13.5}>
          <CutInstead
            item={item}
            own={cut}
            cuts={cuts}
            onCut={(next) => onDecide({ ...decision, own: withCuts(decision.own, next) })}
          />
        </Group>
      )}
      <Ways
        change={change}
        layout={layout}
        decision={decision}
        onDecide={onDecide}
        onOwn={own}
        onWrite={canWrite ? () => setWriting(true) : undefined}
      />
      {isWriting && (
        <OwnText id={item.id} field={change.field} from={change.from} kept={kept} onClose={close} />
      )}
    </Alert>
  );
}
