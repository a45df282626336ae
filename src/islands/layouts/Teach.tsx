// One layout: the blank as it looks or column by column, what was learned and why, and a question filled in as proof.
import { Paper, Tabs, Text } from '@mantine/core';
import { useState } from 'react';
import type { Fitted, KeptLayout, Layout } from '../../core/model';
import { stopCore } from '../../workers/client';
import type { SheetView } from '../../workers/protocol';
import { Busy } from '../parts/Busy';
import { BlankView } from './blank/BlankView';
import { SampleText } from './blank/SampleText';
import { ColumnsView } from './columns/ColumnsView';
import { Learned } from './learned/Learned';
import { TeachHead } from './TeachHead';
import { useSample } from './use-sample';
import { useSheets } from './use-sheets';
import { i18n } from '../../languages';

/** The tab of the columns; no sheet can be called so. */
const COLUMNS = '*columns*';

function AboutPackage({ layout, fitted }: { layout: Layout; fitted: Fitted | undefined }) {
  return (
    <>
      <Text p="sm">
        {i18n._(
          'A package of the open standard {standard}: it needs no blank. The kinds at the right are those that the standard can say; the rest is named when questions are fitted.',
          { standard: layout.file.standard },
        )}
      </Text>
      {fitted?.as && (
        <Text c="dimmed" size="sm" px="sm">
          {i18n._('A question of the bank: {stem}', { stem: fitted.as[0]!.stem.plain })}
        </Text>
      )}
    </>
  );
}

/** 'Row 2 shows', or where a question stands over several rows, 'Rows 2 to 5 show'. */
function rowsShown({ file, rowForEach }: Layout, cells: readonly unknown[]): string {
  const first = file.firstRow ?? 2;
  return rowForEach && cells.length > 1
    ? i18n._('Rows {first} to {first2} show', { first, first2: first + cells.length - 1 })
    : i18n._('Row {first} shows', { first });
}

/** What a row of the blank shows, or why none does. */
function RowHint({ layout, fitted }: { layout: Layout; fitted: Fitted | undefined }) {
  if (!fitted || layout.shape !== 'rows') {
    return null;
  }
  return (
    <Text p="sm" c="dimmed" size="sm">
      {fitted.cells
        ? i18n._('{rowsShown} a question of the bank as it would be written', {
            rowsShown: rowsShown(layout, fitted.cells),
          })
        : i18n._('No question of the bank fits yet: {reason}', { reason: fitted.reason })}
      .
    </Text>
  );
}

/** A sheet of the blank, or its sample text. */
function Shown({
  kept,
  sheet,
  fitted,
}: {
  kept: KeptLayout;
  sheet: SheetView | undefined;
  fitted: Fitted | undefined;
}) {
  const { layout } = kept;
  if (layout.shape === 'package') {
    return <AboutPackage layout={layout} fitted={fitted} />;
  }
  if (!sheet) {
    return (
      <Text p="sm" c="dimmed">
        {i18n._('The blank is not in this browser any more. Drop it again to see and fill it.')}
      </Text>
    );
  }
  return layout.shape === 'marked-text' ? (
    <SampleText kept={kept} lines={sheet.rows.map((row) => row[0] ?? '')} fitted={fitted} />
  ) : (
    <>
      <BlankView kept={kept} sheet={sheet} fitted={fitted} />
      <RowHint layout={layout} fitted={fitted} />
    </>
  );
}

type TabOf = { value: string; words: string };

function tabsOf(layout: Layout, sheets: readonly SheetView[]): TabOf[] {
  const own = sheets.map(({ name, hidden }) => ({
    value: name,
    words: hidden ? i18n._('{name} (hidden)', { name }) : name,
  }));
  return layout.shape === 'rows'
    ? [...own, { value: COLUMNS, words: i18n._('Column by column') }]
    : own;
}

function BlankSide({ kept, sheets }: { kept: KeptLayout; sheets: readonly SheetView[] }) {
  const { layout } = kept;
  const fitted = useSample(kept);
  const [chosen, setChosen] = useState(
    !layout.blank && layout.shape === 'rows' ? COLUMNS : undefined,
  );
  const sheet =
    sheets.find(({ name }) => name === chosen) ??
    sheets.find(({ name }) => name === layout.file.sheet) ??
    sheets[0];
  const tabs = tabsOf(layout, sheets);
  const isColumns = chosen === COLUMNS;
  const current = isColumns ? COLUMNS : (sheet?.name ?? '');
  const content = isColumns ? (
    <ColumnsView kept={kept} fitted={fitted} />
  ) : (
    <Shown kept={kept} sheet={sheet} fitted={fitted} />
  );
  if (tabs.length < 2) {
    return content;
  }
  return (
    <Tabs value={current} onChange={(value) => setChosen(value ?? undefined)} className="blank">
      <Tabs.List aria-label={i18n._('Sheets of the blank')} bg="var(--band)">
        {tabs.map(({ value, words }) => (
          <Tabs.Tab key={value} value={value}>
            {words}
          </Tabs.Tab>
        ))}
      </Tabs.List>
      <Tabs.Panel value={current} className="blank">
        {content}
      </Tabs.Panel>
    </Tabs>
  );
}

export function Teach({ kept }: { kept: KeptLayout }) {
  const sheets = useSheets(kept.layout);
  return (
    <>
      <TeachHead kept={kept} />
      <div className="teach-halves">
        <Paper component="section" aria-label={i18n._('The blank')} className="blank">
          {sheets ? (
            <BlankSide kept={kept} sheets={sheets} />
          ) : (
            <Busy what={i18n._('Opening the blank')} onStop={stopCore} />
          )}
        </Paper>
        <Learned kept={kept} />
      </div>
    </>
  );
}
