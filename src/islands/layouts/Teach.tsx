// One layout: the blank as it looks or column by column, what was learned and why, and a question filled in as proof.
import { Menu } from '@mantine/core';
import { useEffect, useMemo, useState } from 'react';
import { Link, useLocation } from 'wouter';
import type { Fitted, Item, KeptLayout } from '../../core/model';
import type { SheetView } from '../../workers/protocol';
import { useAsk } from '../state/asking';
import { useBank } from '../state/bank';
import { changeLayout, duplicateLayout, exportLayout, sheetsOf, takeBlank } from '../state/layouts';
import { BlankView } from './BlankView';
import { ColumnsView } from './ColumnsView';
import { Learned } from './Learned';
import { SampleText } from './SampleText';
import { defined } from '../../core/shared/defined';

const COLUMNS = ' columns';

/** One question of each kind that layouts treat differently. */
const samplesOf = (items: readonly Item[]): Item[] =>
  [
    items.find((item) => item.options && item.options.length > 2),
    items.find((item) => item.kind === 'card'),
    items.find((item) => item.kind === 'short'),
    items.find((item) => item.kind === 'true-false'),
  ].flatMap((item) => item ?? []);

/** A question of the bank that shows the layout at work: one that fits as it is, else one that fits at all. */
function useSample(kept: KeptLayout): Fitted | undefined {
  const items = useBank((state) => state.items);
  const { layout } = kept;
  const { answer } = useAsk(
    async (worker) => {
      const answers = await Promise.all(
        samplesOf(items).map((item) => worker.fitOne(item.id, layout)),
      );
      const fits = answers.map(({ fitted }) => fitted);
      return (
        fits.find(({ state }) => state === 'fits') ?? fits.find((fitted) => fitted.as) ?? fits[0]
      );
    },
    [items, layout],
  );
  return answer;
}

function More({ kept }: { kept: KeptLayout }) {
  const [, go] = useLocation();
  const { layout, earlier = [] } = kept;
  return (
    <Menu position="bottom-end">
      <Menu.Target>
        <button type="button" className="button">
          More …
        </button>
      </Menu.Target>
      <Menu.Dropdown mah={460} style={{ overflowY: 'auto' }}>
        {layout.shape !== 'package' && (
          <Menu.Item onClick={() => void takeBlank(layout)}>
            Take the blank{layout.blank ? '' : ', made from this layout'}
          </Menu.Item>
        )}
        <Menu.Item onClick={() => void duplicateLayout(kept).then((id) => go(`/layouts/${id}`))}>
          Duplicate
        </Menu.Item>
        <Menu.Item onClick={() => void exportLayout(kept, 'layout')}>
          Take the layout as one file, with its blank
        </Menu.Item>
        {layout.shape === 'rows' && (
          <Menu.Item onClick={() => void exportLayout(kept, 'csvw')}>
            Describe it as CSV on the Web metadata
          </Menu.Item>
        )}
        {layout.shape === 'rows' && (
          <Menu.Item onClick={() => void exportLayout(kept, 'tableSchema')}>
            Describe it as a Table Schema
          </Menu.Item>
        )}
        {layout.blank && /\.(?:txt|md)$/i.test(layout.blank.name) && layout.shape === 'rows' && (
          <Menu.Item
            onClick={() =>
              void changeLayout(
                kept,
                `Read ${layout.name} as marked text`,
                {
                  ...layout,
                  shape: 'marked-text',
                  columns: [],
                  marks: { right: '*', between: 'blank-line' },
                  key: { style: 'marker', marker: '*' },
                  file: defined({
                    format: 'txt',
                    encoding: layout.file.encoding,
                  }),
                },
                ['shape'],
              )
            }
          >
            It is marked text: point at one question
          </Menu.Item>
        )}
        {earlier.length > 0 && <Menu.Label>Earlier editions</Menu.Label>}
        {[...earlier].reverse().map((one) => (
          <Menu.Item
            key={one.edition}
            onClick={() =>
              void changeLayout(kept, `Back to edition ${one.edition} of ${layout.name}`, {
                ...one.layout,
                name: layout.name,
              })
            }
          >
            Back to edition {one.edition} <span className="soft">before: {one.why}</span>
          </Menu.Item>
        ))}
      </Menu.Dropdown>
    </Menu>
  );
}

/** What stands at the left: a sheet of the blank, the columns, or the sample text. */
function Left({
  kept,
  sheet,
  tab,
  fitted,
}: {
  kept: KeptLayout;
  sheet: SheetView | undefined;
  tab: string | undefined;
  fitted: Fitted | undefined;
}) {
  const { layout } = kept;
  if (tab === COLUMNS) {
    return <ColumnsView kept={kept} fitted={fitted} />;
  }
  if (layout.shape === 'package') {
    return (
      <div className="pad">
        <p>
          A package of the open standard {layout.file.standard}: it needs no blank. The kinds at the
          right are those that the standard can say; the rest is named when questions are fitted.
        </p>
        {fitted?.as && (
          <p className="soft small">A question of the bank: {fitted.as[0]!.stem.plain}</p>
        )}
      </div>
    );
  }
  if (!sheet) {
    return (
      <p className="soft pad">
        The blank is not in this browser any more. Drop it again to see and fill it.
      </p>
    );
  }
  if (layout.shape === 'marked-text') {
    return <SampleText kept={kept} lines={sheet.rows.map((row) => row[0] ?? '')} fitted={fitted} />;
  }
  return <BlankView kept={kept} sheet={sheet} fitted={fitted} />;
}

export function Teach({ kept }: { kept: KeptLayout }) {
  const [sheets, setSheets] = useState<SheetView[]>([]);
  const [tab, setTab] = useState<string | undefined>(
    kept.layout.blank ? undefined : kept.layout.shape === 'rows' ? COLUMNS : undefined,
  );
  const fitted = useSample(kept);
  const { layout } = kept;
  // The blank's bytes decide what is shown; without a blank the form is made from the layout, and follows every change.
  const shown = useMemo(
    () => (layout.blank ? `${layout.blank.digest} ${layout.shape}` : JSON.stringify(layout)),
    [layout],
  );
  useEffect(() => {
    let late = false;
    void sheetsOf(layout).then((found) => {
      if (!late) {
        setSheets(found);
      }
    });
    return () => {
      late = true;
    };
  }, [shown]); // eslint-disable-line react-hooks/exhaustive-deps -- `shown` says what of the layout matters here
  const current =
    sheets.find((sheet) => sheet.name === tab) ??
    sheets.find((sheet) => sheet.name === layout.file.sheet) ??
    sheets[0];
  const doubts = kept.unsure.length
    ? `${kept.unsure.length} ${kept.unsure.length === 1 ? 'guess wants' : 'guesses want'} a look`
    : layout.blank
      ? 'nothing unsure'
      : 'your own layout';
  const tabs = [
    ...sheets.map((sheet) => ({
      id: sheet.name,
      words: `${sheet.name}${sheet.hidden ? ' (hidden)' : ''}`,
    })),
    ...(layout.shape === 'rows' ? [{ id: COLUMNS, words: 'Column by column' }] : []),
  ];
  return (
    <>
      <div className="place-head">
        <h1>
          <Link href="/layouts" className="soft">
            Layouts
          </Link>{' '}
          /{' '}
          <input
            key={layout.name}
            className="name-field"
            aria-label="Name of the layout"
            size={Math.max(12, layout.name.length)}
            defaultValue={layout.name}
            onBlur={(event) => {
              const name = event.target.value.trim();
              if (name && name !== layout.name) {
                void changeLayout(kept, `Rename ${layout.name}`, { ...layout, name });
              }
            }}
          />
        </h1>
        <span className="facts">
          {layout.blank?.name ? `${layout.blank.name}, ` : ''}
          {doubts}
          {layout.edition ? `, edition ${layout.edition}` : ''}
        </span>
        <div className="actions">
          <More kept={kept} />
          <Link href="/hand-over" className="button main">
            Hand over to {layout.name}
          </Link>
        </div>
      </div>
      <div className="teach-body">
        <section className="panel blank" aria-label="The blank">
          {tabs.length > 1 && (
            <div className="tabs" role="tablist">
              {tabs.map(({ id, words }) => (
                <button
                  key={id}
                  type="button"
                  role="tab"
                  aria-selected={tab === COLUMNS ? id === COLUMNS : id === current?.name}
                  onClick={() => setTab(id)}
                >
                  {words}
                </button>
              ))}
            </div>
          )}
          <Left kept={kept} sheet={current} tab={tab} fitted={fitted} />
          {fitted && layout.shape === 'rows' && tab !== COLUMNS && (
            <p className="pad soft small">
              {fitted.cells
                ? `Row ${layout.file.firstRow} shows a question of the bank as it would be written`
                : `No question of the bank fits yet: ${fitted.reason}`}
              .
            </p>
          )}
        </section>
        <Learned kept={kept} />
      </div>
    </>
  );
}
