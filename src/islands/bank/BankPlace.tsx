// Bank: the grid, its search and filters, and the whole question at hand.
import { Button, Group } from '@mantine/core';
import { ModalsProvider } from '@mantine/modals';
import { memo, useDeferredValue, useState } from 'react';
import { EmptyPlace } from '../parts/EmptyPlace';
import { useBank } from '../state/bank';
import { openDemo } from '../state/banks';
import { useView } from '../state/view';
import { BankHead, newQuestion } from './BankHead';
import { Filters } from './Filters';
import { Grid } from './Grid';
import { SelectedBar } from './SelectedBar';
import { usePanelPlace, type PanelPlace } from './side/panel-place';
import { SidePanel } from './side/SidePanel';
import { useBankRows } from './use-bank-rows';
import { useGridColumns } from './use-grid-columns';
import { i18n } from '../../languages';

function EmptyBank() {
  return (
    <EmptyPlace title={i18n._('The bank is empty')}>
      <p>{i18n._('Bring questions in by way of Gather, or write one here.')}</p>
      <Group gap="xs">
        <Button variant="filled" data-main onClick={newQuestion}>
          {i18n._('Write a question')}
        </Button>
        <Button onClick={() => void openDemo()}>{i18n._('Open the demo bank')}</Button>
      </Group>
    </EmptyPlace>
  );
}

/** The grid and the question at hand: beside each other only where there is room for both. */
const AREAS: Record<PanelPlace, string> = {
  beside: 'bank-halves is-beside',
  below: 'bank-halves is-below',
  hidden: 'bank-halves',
};

const Head = memo(BankHead);
const SteadyFilters = memo(Filters);
const SteadyGrid = memo(Grid);
const Side = memo(SidePanel);
const Selected = memo(SelectedBar);

export default function BankPlace() {
  const total = useBank((state) => state.items.length);
  const phase = useBank((state) => state.phase);
  const { shown, applyAgain } = useBankRows();
  const columns = useGridColumns();
  const [selected, setSelected] = useState<string[]>([]);
  const [panel, setPanel] = usePanelPlace();
  // An arrow key paints the cell first; what can be done with it follows.
  const late = useDeferredValue(selected);
  const lateId = useDeferredValue(useView((view) => view.shown));
  if (!total && phase === 'ready') {
    return <EmptyBank />;
  }
  return (
    <ModalsProvider>
      <Head shown={shown} selected={late} columns={columns} />
      <SteadyFilters shown={shown} onApply={applyAgain} panel={panel} onPanel={setPanel} />
      <div className={AREAS[panel]}>
        <SteadyGrid rows={shown.rows} columns={columns} onSelection={setSelected} />
        {panel !== 'hidden' && <Side id={lateId} />}
      </div>
      <Selected selected={late} />
    </ModalsProvider>
  );
}
