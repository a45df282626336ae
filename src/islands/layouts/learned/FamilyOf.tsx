// The receiver that a blank is one of several of.
import { Text } from '@mantine/core';
import type { KeptLayout } from '../../../core/model';
import { count } from '../../../core/shared/plain';
import { TextRow } from '../../parts/FieldRow';
import { useBank } from '../../state/bank';
import { changeLayout } from '../../state/layouts';

const NAME_WIDTH = 190;

export function FamilyOf({ kept }: { kept: KeptLayout }) {
  const { layout } = kept;
  const others = useBank((state) => state.layouts).filter(
    (one) => one.id !== kept.id && layout.family && one.layout.family === layout.family,
  );
  const commit = (name: string): void => {
    void changeLayout(
      kept,
      `Receiver of ${layout.name}`,
      { ...layout, family: name || undefined },
      ['family'],
    );
  };
  return (
    <>
      <TextRow
        label="One of several blanks of"
        width={NAME_WIDTH}
        placeholder="a receiver of its own"
        value={layout.family ?? ''}
        onCommit={commit}
      />
      {layout.family && (
        <Text size="xs" c="dimmed">
          {others.length
            ? `With ${count(others.length, 'other blank')} of ${layout.family}: ${others.map((one) => one.layout.name).join(', ')}. Each question goes into the one that takes it with the least change.`
            : `No other blank is called one of ${layout.family} yet.`}
        </Text>
      )}
    </>
  );
}
