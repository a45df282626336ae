// One question against one receiver: its fields at the left, the very cells at the right, every change named between.
import { Paper, Text, Title } from '@mantine/core';
import { numberedText } from '../../../core/shared/pattern-line';
import type { Change, Fitted, Item, KeptLayout } from '../../../core/model';
import { needsOwnWords } from '../../../core/shared/change-grades';
import { Bar } from '../../parts/Bar';
import { LinkButton } from '../../parts/LinkButton';
import { useAsk } from '../../state/asking';
import { useBank } from '../../state/bank';
import { columnWith, decide, useHandOver, type Receiver } from '../../state/hand-over';
import { partOf } from './change-of';
import type { OpenCell } from '../matrix/use-matrix-keys';
import { cutBy } from './CutInstead';
import { ChangeRow, type Decide } from './ChangeRow';
import { OwnText } from './OwnText';
import { SeamFoot } from './SeamFoot';
import { belongs, furtherParts, linesOf } from './seam-lines';
import { FurtherPart, SeamLine } from './SeamLine';
import { tooLong } from './too-long';
import { i18n } from '../../../languages';

function Refused({
  fitted,
  item,
  kept,
  onDecide,
}: {
  fitted: Fitted;
  item: Item;
  kept: KeptLayout;
  onDecide: Decide;
}) {
  const decision = kept.variants?.[item.id] ?? {};
  const texts = needsOwnWords(fitted.code) ? tooLong(item, kept.layout, fitted.code) : [];
  return (
    <Bar
      tone="block"
      acts={
        decision.leaveOut && (
          <LinkButton onClick={() => onDecide(undefined)}>{i18n._('Put it back')}</LinkButton>
        )
      }
    >
      <span className="sign" aria-hidden>
        ✕
      </span>{' '}
      {i18n._('It does not fit: {reason}.', { reason: fitted.reason })}
      {texts.map(({ field, text }) => (
        <OwnText key={field} id={item.id} field={field} from={text} kept={kept} />
      ))}
    </Bar>
  );
}

type LinesProps = {
  item: Item;
  fitted: Fitted;
  kept: KeptLayout;
  /** The row of the file where it is known. */
  row: number | undefined;
  onDecide: Decide;
};

function Lines({ item, fitted, kept, row, onDecide }: LinesProps) {
  const { layout } = kept;
  const decision = kept.variants?.[item.id] ?? {};
  const lines = linesOf(item, layout, fitted);
  const parts = furtherParts(layout, fitted);
  const cuts = fitted.changes.map(cutBy).filter((place) => place !== undefined);
  const draw = (changes: readonly Change[]) =>
    changes.map((change, index) => (
      <ChangeRow
        key={`${change.field} ${index}`}
        change={change}
        item={item}
        cuts={cuts}
        kept={kept}
        decision={decision}
        onDecide={onDecide}
      />
    ));
  const ofPart = (part: number): Change[] =>
    fitted.changes.filter((change) => partOf(change) === part);
  const unplaced = ofPart(0).filter((change) => !lines.some(({ field }) => belongs(change, field)));
  return (
    <>
      {lines.map((line) => (
        <SeamLine
          key={line.field}
          line={line}
          layout={layout}
          fitted={fitted}
          row={String(row ?? '')}
          changes={draw(fitted.changes.filter((change) => belongs(change, line.field)))}
        />
      ))}
      {parts.map((places, index) => (
        <FurtherPart
          key={index}
          places={places}
          n={index + 2}
          of={parts.length + 1}
          row={row === undefined ? '' : String(row + index + 1)}
          changes={draw(ofPart(index + 1))}
        />
      ))}
      {draw(unplaced)}
    </>
  );
}

export function OpenSeam({
  id,
  kept,
  cell,
  receivers,
  onGo,
}: {
  id: string;
  /** The layout whose file it goes into. */
  kept: KeptLayout;
  /** The receivers in view, in the order of the table. */
  receivers: readonly Receiver[];
  cell: OpenCell;
  onGo: (cell: OpenCell) => void;
}) {
  const { columns, ids } = useHandOver();
  const items = useBank((state) => state.items);
  const { layout, variants } = kept;
  const { row } = cell;
  const { answer } = useAsk(
    (worker) =>
      worker.fitOne(
        id,
        layout,
        variants?.[id],
        layout.shape === 'grid' ? { ids: [...ids], decisions: variants ?? {} } : undefined,
      ),
    [id, layout, variants, items, ids],
  );
  const column = columnWith(columns, layout.id);
  const title = i18n._('Question {row} in the file for {name}', {
    row: row + 1,
    name: layout.name,
  });
  if (!answer?.item) {
    return <Paper component="aside" className="open-seam" aria-label={title} aria-busy />;
  }
  const { fitted, item } = answer;
  const onDecide: Decide = (next) => decide(layout.id, id, next);
  const fileRow =
    layout.shape === 'rows' && column?.rows
      ? (layout.file.firstRow ?? 1) + column.rows[row]!
      : undefined;
  return (
    <Paper component="aside" className="open-seam" aria-label={title} tabIndex={-1}>
      <Title order={2} px="md" py="sm" bg="var(--band)" fz={15}>
        {title}
      </Title>
      <div
        className="open-seam-scroll"
        tabIndex={0}
        role="group"
        aria-label={i18n._('Its fields and cells')}
      >
        {fitted.state === 'refused' && (
          <Refused fitted={fitted} item={item} kept={kept} onDecide={onDecide} />
        )}
        <Lines item={item} fitted={fitted} kept={kept} row={fileRow} onDecide={onDecide} />
        {fitted.text !== undefined && (
          <section className="in-file">
            <Text size="xs" c="dimmed">
              {i18n._('in the file')}
            </Text>
            <pre className="paragraph mono">{numberedText(fitted.text, 1, 1)}</pre>
          </section>
        )}
      </div>
      <SeamFoot id={id} cell={cell} receivers={receivers} onGo={onGo} />
    </Paper>
  );
}
