// What else can be done with a layout: its blank, its file, its descriptions, its earlier editions.
import { Button, Menu, Text } from '@mantine/core';
import { useLocation } from 'wouter';
import type { KeptLayout, Layout } from '../../core/model';
import { defined } from '../../core/shared/defined';
import { useActs, type Act } from '../state/acts';
import { changeLayout, duplicateLayout, exportLayout, takeBlank } from '../state/layouts';

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
  const made = layout.blank ? '' : ', made from this layout';
  return [
    ...(layout.shape === 'package'
      ? []
      : [act(`Take the blank${made}`, 'Download the empty form', () => takeBlank(layout))]),
    act('Duplicate', 'Copy this layout', () =>
      duplicateLayout(kept).then((id) => go(`/layouts/${id}`)),
    ),
    act('Take the layout as one file, with its blank', 'Export, share it', () =>
      exportLayout(kept, 'layout'),
    ),
    ...(isRows
      ? [
          act('Describe it as CSV on the Web metadata', 'An open standard', () =>
            exportLayout(kept, 'csvw'),
          ),
          act('Describe it as a Table Schema', 'An open standard', () =>
            exportLayout(kept, 'tableSchema'),
          ),
        ]
      : []),
    ...(mayBeMarkedText(layout)
      ? [
          act('It is marked text: point at one question', 'Read it another way', () =>
            changeLayout(kept, `Read ${layout.name} as marked text`, asMarkedText(layout), [
              'shape',
            ]),
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
        void changeLayout(kept, `Back to edition ${edition} of ${layout.name}`, {
          ...before,
          name: layout.name,
        })
      }
    >
      Back to edition {edition}{' '}
      <Text component="span" c="dimmed" size="sm">
        before: {why}
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
        <Button>More …</Button>
      </Menu.Target>
      <Menu.Dropdown mah={460} style={{ overflowY: 'auto' }}>
        {acts.map(({ label, run }) => (
          <Menu.Item key={label} onClick={run}>
            {label}
          </Menu.Item>
        ))}
        {kept.earlier?.length ? <Menu.Label>Earlier editions</Menu.Label> : null}
        <Earlier kept={kept} />
      </Menu.Dropdown>
    </Menu>
  );
}
