// What else can be done with a layout: its blank, its file, its descriptions, its earlier editions.
import { Button, Menu, Text } from '@mantine/core';
import { useLocation } from 'wouter';
import type { KeptLayout, Layout } from '../../core/model';
import { defined } from '../../core/shared/defined';
import { useActs, type Act } from '../state/acts';
import { changeLayout, duplicateLayout, exportLayout, takeBlank } from '../state/layouts';
import { i18n } from '../../languages';

/** The layout read as marked text, whose signs are then pointed at. */
const asMarkedText = (layout: Layout): Layout => ({
  ...layout,
  shape: 'marked-text',
  columns: [],
  marks: { right: '*', between: 'blank-line' },
  key: { style: 'marker', marker: '*' },
  file: defined({ format: 'txt' as const, encoding: layout.file.encoding }),
});

const mayBeMarkedText = ({ blank, shape }: Layout): boolean =>
  blank !== undefined && /\.(?:txt|md)$/i.test(blank.name) && shape === 'rows';

function actsOf(kept: KeptLayout, go: (path: string) => void): Act[] {
  const { layout } = kept;
  const isRows = layout.shape === 'rows';
  const act = (label: string, words: string, run: () => Promise<unknown>): Act => ({
    label,
    words,
    run: () => void run(),
  });
  const made = layout.blank ? '' : i18n._(', made from this layout');
  return [
    ...(layout.shape === 'package'
      ? []
      : [
          act(i18n._('Take the blank{made}', { made }), i18n._('Download the empty form'), () =>
            takeBlank(layout),
          ),
        ]),
    act(i18n._('Duplicate'), i18n._('Copy this layout'), () =>
      duplicateLayout(kept).then((id) => go(`/layouts/${id}`)),
    ),
    act(i18n._('Take the layout as one file, with its blank'), i18n._('Export, share it'), () =>
      exportLayout(kept, 'layout'),
    ),
    ...(isRows
      ? [
          act(i18n._('Describe it as CSV on the Web metadata'), i18n._('An open standard'), () =>
            exportLayout(kept, 'csvw'),
          ),
          act(i18n._('Describe it as a Table Schema'), i18n._('An open standard'), () =>
            exportLayout(kept, 'tableSchema'),
          ),
        ]
      : []),
    ...(mayBeMarkedText(layout)
      ? [
          act(
            i18n._('It is marked text: point at one question'),
            i18n._('Read it another way'),
            () =>
              changeLayout(
                kept,
                i18n._('Read {name} as marked text', { name: layout.name }),
                asMarkedText(layout),
                ['shape'],
              ),
          ),
        ]
      : []),
  ];
}

function Earlier({ kept }: { kept: KeptLayout }) {
  const { layout, earlier = [] } = kept;
  return [...earlier].reverse().map(({ edition, why, layout: before }) => (
    <Menu.Item
      key={edition}
      onClick={() =>
        void changeLayout(
          kept,
          i18n._('Back to edition {edition} of {name}', { edition, name: layout.name }),
          {
            ...before,
            name: layout.name,
          },
        )
      }
    >
      {i18n._('Back to edition {edition}', { edition })}{' '}
      <Text component="span" c="dimmed" size="sm">
        {i18n._('before: {why}', { why })}
      </Text>
    </Menu.Item>
  ));
}

export function MoreMenu({ kept }: { kept: KeptLayout }) {
  const [, go] = useLocation();
  const acts = actsOf(kept, go);
  useActs('layout', acts);
  return (
    <Menu position="bottom-end">
      <Menu.Target>
        <Button>{i18n._('More …')}</Button>
      </Menu.Target>
      <Menu.Dropdown mah={460} style={{ overflowY: 'auto' }}>
        {acts.map(({ label, run }) => (
          <Menu.Item key={label} onClick={run}>
            {label}
          </Menu.Item>
        ))}
        {kept.earlier?.length ? <Menu.Label>{i18n._('Earlier editions')}</Menu.Label> : null}
        <Earlier kept={kept} />
      </Menu.Dropdown>
    </Menu>
  );
}
