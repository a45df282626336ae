// What has a row of its own in the receiver's file: a question, or each of its options, pairs or steps.
import type { KeptLayout, Layout } from '../../../core/model';
import type { Choices } from '../../parts/Commit';
import { PickRow, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

type Part = NonNullable<Layout['rowForEach']>['part'];

const PARTS: Choices<Part | 'question'> = [
  ['question', i18n._('question')],
  ['option', i18n._('option')],
  ['pair', i18n._('pair')],
  ['step', i18n._('step')],
];
const LETTERS = /^[A-Z]{1,3}$/;

export const RowsOf = ({ kept }: { kept: KeptLayout }) =>
  kept.layout.shape === 'rows' ? <Rows kept={kept} /> : null;

function Rows({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const { rowForEach } = layout;
  const change = (next: Layout['rowForEach']): void => {
    const { rowForEach: _before, ...rest } = layout;
    void changeLayout(
      kept,
      i18n._('Rows of {name}', { name: layout.name }),
      next ? { ...rest, rowForEach: next } : rest,
      ['rowForEach'],
    );
  };
  return (
    <div>
      <PickRow
        label={i18n._('A row for each')}
        why={because['rowForEach']}
        value={rowForEach?.part ?? 'question'}
        choices={PARTS}
        onPick={(part) =>
          change(part === 'question' ? undefined : { again: [], ...rowForEach, part })
        }
      />
      {rowForEach && (
        <TextRow
          label={i18n._('again in columns')}
          placeholder={i18n._('none')}
          value={rowForEach.again.join(', ')}
          onCommit={(text) => {
            const again = text
              .toUpperCase()
              .split(/[\s,;]+/u)
              .filter(Boolean);
            if (!again.every((letters) => LETTERS.test(letters))) {
              return false;
            }
            change({ ...rowForEach, again });
          }}
        />
      )}
    </div>
  );
}
