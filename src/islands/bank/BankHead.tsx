// The head of the bank: what it holds, how it is looked over, and what comes next.
import { Button, Menu } from '@mantine/core';
import { useMemo } from 'react';
import { useLocation } from 'wouter';
import type { Item } from '../../core/model';
import { count } from '../../core/shared/plain';
import { nameItems } from '../../core/shared/references';
import { PlaceHead, type MainAct } from '../parts/PlaceHead';
import { questionsAt } from '../parts/questions-at';
import { these } from '../parts/these';
import { useActs } from '../state/acts';
import { addItems, bankState, useBank } from '../state/bank';
import { handOverOnly, setChoice } from '../state/hand-over';
import { criteriaOf, setView, showQuestion, useView } from '../state/view';
import { ColumnsMenu } from './ColumnsMenu';
import { showCraftChecks } from './craft-checks';
import { showDoubles } from './doubles';
import { showChangeMany } from './many/change-many';
import { Mends } from './Mends';
import { showOrder } from './order/Order';
import { isFiltered, type Shown } from './rows';
import { showPictures } from './pictures/BankPictures';
import { showSheets } from './contributor-sheets';
import { showToBank } from './to-bank';
import type { GridColumns } from './use-grid-columns';

/** Writes an empty question, and leads to it. */
export function newQuestion(): void {
  const empty: Item = {
    id: crypto.randomUUID(),
    ref: '',
    kind: 'choice-one',
    stem: { plain: '' },
    options: [
      { text: { plain: '' }, right: false },
      { text: { plain: '' }, right: false },
    ],
  };
  const [item] = nameItems(
    [empty],
    bankState().items.map(({ ref }) => ref),
  );
  void addItems('New question', [item!]).then(() => showQuestion(item!.id));
}

function useFacts(): string {
  const total = useBank((state) => state.items.length);
  const phase = useBank((state) => state.phase);
  const findings = useBank((state) => state.findings);
  return useMemo(() => {
    if (phase === 'loading') {
      return `opening, ${count(total, 'question')} so far`;
    }
    const blocked = questionsAt(findings, 'block');
    const look = questionsAt(findings, 'warn');
    return [
      count(total, 'question'),
      blocked ? `${blocked} of them blocked` : '',
      look ? `${look} to look at` : '',
    ]
      .filter(Boolean)
      .join(', ');
  }, [phase, total, findings]);
}

/** The next act: what is selected, filtered or there at all is handed over. */
function useHandOverAct(shown: Shown, selected: readonly string[]): MainAct {
  const [, go] = useLocation();
  const total = useBank((state) => state.items.length);
  const help = 'Export, download: to the receivers’ files.';
  if (selected.length > 1) {
    return {
      label: `Hand over ${these(selected.length)}`,
      help,
      run: () => {
        handOverOnly('selected in the bank', selected);
        go('/hand-over');
      },
    };
  }
  if (isFiltered(shown.criteria)) {
    return {
      label: `Hand over ${these(shown.rows.length)}`,
      help,
      isDisabled: !shown.rows.length,
      run: () => {
        handOverOnly(
          'found in the bank',
          shown.rows.map(({ id }) => id),
        );
        go('/hand-over');
      },
    };
  }
  return {
    label: `Hand over ${count(total, 'question')}`,
    help,
    run: () => {
      setChoice({ words: '', category: '', kind: '', only: undefined });
      go('/hand-over');
    },
  };
}

function useBankActs(many: number, ids: () => readonly string[]): void {
  const view = useView(criteriaOf);
  useActs('bank', [
    { label: 'New question', words: 'Write, add a question', run: newQuestion },
    {
      label: `Change ${count(many, 'question')} at once`,
      words: 'Find and replace, tags, category, points, references, kind, tidy',
      run: () => showChangeMany(ids()),
    },
    {
      label: 'Tags and categories',
      words: 'Rename, merge, split, move, remove tags and categories; tree of topics',
      run: showOrder,
    },
    {
      label: 'Pictures of the bank',
      words: 'Images, missing files, links, descriptions, alternative texts, replace',
      run: showPictures,
    },
    {
      label: 'Sheets for contributors',
      words: 'Groups, many hands, hand out forms to be filled and brought back',
      run: showSheets,
    },
    {
      label: 'Checks of the craft',
      words: 'How questions are written: guidelines, quality, switch notes off',
      run: showCraftChecks,
    },
    {
      label: 'Find questions that are nearly alike',
      words: 'Doubles, duplicates, merge, the same question twice',
      run: showDoubles,
    },
    {
      label: 'Show what is blocked',
      words: 'Questions with errors, faults, problems',
      run: () => setView({ level: 'block' }),
    },
    {
      label: 'Show what wants a look',
      words: 'Questions with warnings, doubts',
      run: () => setView({ level: 'any' }),
    },
    ...(isFiltered(view)
      ? [
          {
            label: 'Show all',
            words: 'Clear the filter and the search',
            run: () => setView({ search: '', kind: '', tag: '', level: '' }),
          },
        ]
      : []),
  ]);
}

export function BankHead({
  shown,
  selected,
  columns,
}: {
  shown: Shown;
  selected: readonly string[];
  columns: GridColumns;
}) {
  const facts = useFacts();
  const main = useHandOverAct(shown, selected);
  // What is selected is changed; else what is found, or all there are. Their ids are listed when they are asked for.
  const many = selected.length > 1 ? selected.length : shown.rows.length;
  const ids = (): readonly string[] =>
    selected.length > 1 ? selected : shown.rows.map(({ id }) => id);
  useBankActs(many, ids);
  return (
    <PlaceHead title="Bank" facts={facts} main={main}>
      <Mends />
      <Menu position="bottom-end" withinPortal>
        <Menu.Target>
          <Button>Look over ▾</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item disabled={!many} onClick={() => showChangeMany(ids())}>
            Change {count(many, 'question')} at once …
          </Menu.Item>
          <Menu.Item disabled={!many} onClick={() => showToBank(ids())}>
            Copy or move {count(many, 'question')} to another bank …
          </Menu.Item>
          <Menu.Item onClick={showOrder}>Tags and categories</Menu.Item>
          <Menu.Item onClick={showPictures}>Pictures</Menu.Item>
          <Menu.Item onClick={showSheets}>Sheets for contributors …</Menu.Item>
          <Menu.Item onClick={showDoubles}>Questions that are nearly alike</Menu.Item>
          <Menu.Item onClick={showCraftChecks}>Checks of the craft</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <ColumnsMenu columns={columns} />
      <Button onClick={newQuestion}>New question</Button>
    </PlaceHead>
  );
}
