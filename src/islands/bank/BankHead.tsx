// The head of the bank: what it holds, how it is looked over, and what comes next.
import { Button, Menu } from '@mantine/core';
import { useMemo } from 'react';
import { useLocation } from 'wouter';
import type { Item } from '../../core/model';
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
import { i18n } from '../../languages';

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
  void addItems(i18n._('New question'), [item!]).then(() => showQuestion(item!.id));
}

function useFacts(): string {
  const total = useBank((state) => state.items.length);
  const phase = useBank((state) => state.phase);
  const findings = useBank((state) => state.findings);
  return useMemo(() => {
    if (phase === 'loading') {
      return i18n._('opening, {total, plural, one {# question} other {# questions}} so far', {
        total,
      });
    }
    const blocked = questionsAt(findings, 'block');
    const look = questionsAt(findings, 'warn');
    return [
      i18n._('{total, plural, one {# question} other {# questions}}', { total }),
      blocked ? i18n._('{blocked, number} of them blocked', { blocked }) : '',
      look ? i18n._('{look, number} to look at', { look }) : '',
    ]
      .filter(Boolean)
      .join(', ');
  }, [phase, total, findings]);
}

/** The next act: what is selected, filtered or there at all is handed over. */
function useHandOverAct(shown: Shown, selected: readonly string[]): MainAct {
  const [, go] = useLocation();
  const total = useBank((state) => state.items.length);
  const help = i18n._('Export, download: to the receivers’ files.');
  if (selected.length > 1) {
    return {
      label: i18n._('Hand over {these}', { these: these(selected.length) }),
      help,
      run: () => {
        handOverOnly(i18n._('selected in the bank'), selected);
        go('/hand-over');
      },
    };
  }
  if (isFiltered(shown.criteria)) {
    return {
      label: i18n._('Hand over {these}', { these: these(shown.rows.length) }),
      help,
      isDisabled: !shown.rows.length,
      run: () => {
        handOverOnly(
          i18n._('found in the bank'),
          shown.rows.map(({ id }) => id),
        );
        go('/hand-over');
      },
    };
  }
  return {
    label: i18n._('Hand over {total, plural, one {# question} other {# questions}}', { total }),
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
    { label: i18n._('New question'), words: i18n._('Write, add a question'), run: newQuestion },
    {
      label: i18n._('Change {many, plural, one {# question} other {# questions}} at once', {
        many,
      }),
      words: i18n._('Find and replace, tags, category, points, references, kind, tidy'),
      run: () => showChangeMany(ids()),
    },
    {
      label: i18n._('Tags and categories'),
      words: i18n._('Rename, merge, split, move, remove tags and categories; tree of topics'),
      run: showOrder,
    },
    {
      label: i18n._('Pictures of the bank'),
      words: i18n._('Images, missing files, links, descriptions, alternative texts, replace'),
      run: showPictures,
    },
    {
      label: i18n._('Sheets for contributors'),
      words: i18n._('Groups, many hands, hand out forms to be filled and brought back'),
      run: showSheets,
    },
    {
      label: i18n._('Checks of the craft'),
      words: i18n._('How questions are written: guidelines, quality, switch notes off'),
      run: showCraftChecks,
    },
    {
      label: i18n._('Find questions that are nearly alike'),
      words: i18n._('Doubles, duplicates, merge, the same question twice'),
      run: showDoubles,
    },
    {
      label: i18n._('Show what is blocked'),
      words: i18n._('Questions with errors, faults, problems'),
      run: () => setView({ level: 'block' }),
    },
    {
      label: i18n._('Show what wants a look'),
      words: i18n._('Questions with warnings, doubts'),
      run: () => setView({ level: 'any' }),
    },
    ...(isFiltered(view)
      ? [
          {
            label: i18n._('Show all'),
            words: i18n._('Clear the filter and the search'),
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
    <PlaceHead title={i18n._('Bank')} facts={facts} main={main}>
      <Mends />
      <Menu position="bottom-end" withinPortal>
        <Menu.Target>
          <Button>{i18n._('Look over ▾')}</Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item disabled={!many} onClick={() => showChangeMany(ids())}>
            {i18n._('Change {many, plural, one {# question} other {# questions}} at once …', {
              many,
            })}
          </Menu.Item>
          <Menu.Item disabled={!many} onClick={() => showToBank(ids())}>
            {i18n._(
              'Copy or move {many, plural, one {# question} other {# questions}} to another bank …',
              { many },
            )}
          </Menu.Item>
          <Menu.Item onClick={showOrder}>{i18n._('Tags and categories')}</Menu.Item>
          <Menu.Item onClick={showPictures}>{i18n._('Pictures')}</Menu.Item>
          <Menu.Item onClick={showSheets}>{i18n._('Sheets for contributors …')}</Menu.Item>
          <Menu.Item onClick={showDoubles}>{i18n._('Questions that are nearly alike')}</Menu.Item>
          <Menu.Item onClick={showCraftChecks}>{i18n._('Checks of the craft')}</Menu.Item>
        </Menu.Dropdown>
      </Menu>
      <ColumnsMenu columns={columns} />
      <Button onClick={newQuestion}>{i18n._('New question')}</Button>
    </PlaceHead>
  );
}
