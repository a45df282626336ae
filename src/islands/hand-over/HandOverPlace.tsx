// Hand over: every question against every receiver in view, the seam of each, the filled files with their proof.
import { Trans } from '@lingui/react';
import { Anchor, Paper, Text } from '@mantine/core';
import { ModalsProvider } from '@mantine/modals';
import { useEffect, useMemo, useState } from 'react';
import { Link } from 'wouter';
import type { KeptLayout } from '../../core/model';
import { Bar } from '../parts/Bar';
import { EmptyPlace } from '../parts/EmptyPlace';
import { useBank } from '../state/bank';
import { layoutAt, receiversOf, refit, useHandOver } from '../state/hand-over';
import { Choose } from './Choose';
import { Files } from './files/Files';
import { KeyPlaces } from './key-places/KeyPlaces';
import { Matrix } from './matrix/Matrix';
import type { OpenCell } from './matrix/use-matrix-keys';
import { OpenSeam } from './open-seam/OpenSeam';
import { SetHead } from './SetHead';
import { i18n } from '../../languages';

const NoQuestions = () => (
  <EmptyPlace title={i18n._('Nothing to hand over yet')}>
    <p>
      <Trans
        id="The bank is empty. <0>Bring questions in</0> first."
        components={{ 0: <Anchor component={Link} href="/gather" data-main /> }}
      />
    </p>
  </EmptyPlace>
);

const NoReceiver = () => (
  <EmptyPlace title={i18n._('No receiver in view')}>
    <p>
      <Trans
        id="Drop a receiver’s blank anywhere on this page, or <0>choose one among the layouts</0>."
        components={{ 0: <Anchor component={Link} href="/layouts" data-main /> }}
      />
    </p>
  </EmptyPlace>
);

/** The questions and the layouts as they are, fitted to each other whenever one of them changes. */
function useFits(kept: readonly KeptLayout[]): void {
  const items = useBank((state) => state.items);
  const { choice, out } = useHandOver();
  useEffect(() => {
    void refit(kept);
  }, [items, kept, choice, out]);
}

function Halves({ kept }: { kept: readonly KeptLayout[] }) {
  const { ids, columns } = useHandOver();
  const [open, setOpen] = useState<OpenCell>();
  const receivers = useMemo(() => receiversOf(kept), [kept]);
  const column = columns.find(({ layout }) => layout === open?.receiver);
  const layout = open && column ? layoutAt(column, open.row) : undefined;
  const opened = kept.find((one) => one.id === layout);
  const id = open && ids[open.row];
  return (
    <div className="hand-over-halves">
      <Matrix receivers={receivers} open={open} onOpen={setOpen} />
      {open && opened && id ? (
        <OpenSeam
          key={`${id} ${opened.id}`}
          id={id}
          kept={opened}
          cell={open}
          receivers={receivers}
          onGo={setOpen}
        />
      ) : (
        <Paper component="aside" p="sm" aria-label={i18n._('No cell is open')}>
          <Text c="dimmed">
            {i18n._(
              'Open a cell of the table to see what the question becomes in that receiver’s file.',
            )}
          </Text>
        </Paper>
      )}
    </div>
  );
}

function HandOver({ kept }: { kept: readonly KeptLayout[] }) {
  const { problem } = useHandOver();
  const layouts = useMemo(() => kept.map((one) => one.layout), [kept]);
  useFits(kept);
  return (
    <ModalsProvider>
      <SetHead kept={kept} />
      <Choose kept={kept} />
      {problem && (
        <Bar tone="block" role="alert">
          {problem}
        </Bar>
      )}
      <Files layouts={layouts} />
      <KeyPlaces kept={kept} />
      <Halves kept={kept} />
    </ModalsProvider>
  );
}

export default function HandOverPlace() {
  const total = useBank((state) => state.items.length);
  const layouts = useBank((state) => state.layouts);
  const kept = useMemo(() => layouts.filter(({ chosen }) => chosen), [layouts]);
  if (!total) {
    return <NoQuestions />;
  }
  return kept.length ? <HandOver kept={kept} /> : <NoReceiver />;
}
