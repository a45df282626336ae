// The receiver's word for each kind; a kind without a word is not taken, and where words have no column a tick says it.
import { Stack } from '@mantine/core';
import { KINDS, type KeptLayout, type Kind, type Layout } from '../../../core/model';
import { USUAL_GAP } from '../../../core/shared/drawn-gap';
import { kindName } from '../../../core/shared/kind-names';
import { Tick } from '../../parts/Commit';
import { Because, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

const hasKindColumn = ({ columns, lines = [] }: Layout): boolean =>
  columns.some(({ role }) => role === 'kind') || lines.some(({ role }) => role === 'kind');

type Kinds = Layout['kinds'];

/** The kinds with the word of one of them, or without it, in the usual order. */
function withCode(kinds: Kinds, kind: Kind, code: string | undefined): Kinds {
  const others = kinds.filter((own) => own.kind !== kind);
  const next = code === undefined ? others : [...others, { kind, code }];
  return next.sort((a, b) => KINDS.indexOf(a.kind) - KINDS.indexOf(b.kind));
}

export function Kinds({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const hasColumn = hasKindColumn(layout);
  const set = (kind: Kind, code: string | undefined): void => {
    void changeLayout(
      kept,
      i18n._('Kinds of {name}', { name: layout.name }),
      { ...layout, kinds: withCode(layout.kinds, kind, code) },
      ['kinds'],
    );
  };
  const setGap = (gap: string): void => {
    const { gap: _before, ...rest } = layout;
    void changeLayout(
      kept,
      i18n._('Gaps of {name}', { name: layout.name }),
      gap ? { ...rest, gap } : rest,
      ['kinds'],
    );
  };
  const codeOf = (kind: Kind): string | undefined =>
    layout.kinds.find((own) => own.kind === kind)?.code;
  const words = layout.kinds.map(({ kind }) => kindName(kind)).join(', ');
  return (
    <details open={hasColumn || kept.unsure.includes('kinds')}>
      <summary>
        <b>{i18n._('Kinds')}</b>{' '}
        <span className="soft">{words || i18n._('as the columns allow')}</span>
      </summary>
      <Stack gap={4}>
        {KINDS.map((kind) =>
          hasColumn ? (
            <TextRow
              key={kind}
              label={kindName(kind)}
              placeholder={i18n._('not taken')}
              value={codeOf(kind) ?? ''}
              onCommit={(code) => set(kind, code || undefined)}
            />
          ) : (
            <Tick
              key={kind}
              label={kindName(kind)}
              isOn={codeOf(kind) !== undefined}
              onTick={(isOn) => set(kind, isOn ? '' : undefined)}
            />
          ),
        )}
        {codeOf('gap') !== undefined && (
          <TextRow
            label={i18n._('a gap is drawn as')}
            placeholder={USUAL_GAP}
            value={layout.gap ?? ''}
            onCommit={setGap}
          />
        )}
      </Stack>
      {because['kinds'] && <Because why={because['kinds']} />}
    </details>
  );
}
