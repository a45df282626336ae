// The receiver that a blank is one of several of.
import { Text } from '@mantine/core';
import type { KeptLayout } from '../../../core/model';
import { TextRow } from '../../parts/FieldRow';
import { useBank } from '../../state/bank';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

const NAME_WIDTH = 190;

export function FamilyOf({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const others = useBank((state) => state.layouts).filter(
    (one) => one.id !== kept.id && layout.family && one.layout.family === layout.family,
  );
  const commit = (name: string): void => {
    void changeLayout(
      kept,
      i18n._('Receiver of {name}', { name: layout.name }),
      { ...layout, family: name || undefined },
      ['family'],
    );
  };
  return (
    <>
      <TextRow
        label={i18n._('One of several blanks of')}
        width={NAME_WIDTH}
        placeholder={i18n._('a receiver of its own')}
        value={layout.family ?? ''}
        onCommit={commit}
      />
      {layout.family && (
        <Text size="xs" c="dimmed">
          {others.length
            ? i18n._(
                'With {others, plural, one {# other blank} other {# other blanks}} of {family}: {others2}. Each question goes into the one that takes it with the least change.',
                {
                  others: others.length,
                  family: layout.family,
                  others2: others.map((one) => one.layout.name).join(', '),
                },
              )
            : i18n._('No other blank is called one of {family} yet.', { family: layout.family })}
        </Text>
      )}
    </>
  );
}
