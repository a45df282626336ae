// What the receiver takes at most, and how it counts.
import type { KeptLayout, Layout } from '../../../core/model';
import type { Choices } from '../../parts/Commit';
import { NumberRow, PickRow, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';

type LimitName = 'stem' | 'option' | 'optionsMin' | 'optionsMax' | 'perFile';
type Limits = Layout['limits'];

const COUNTS: Choices<NonNullable<Limits['count']>> = [
  ['graphemes', 'characters as seen'],
  ['utf16', 'UTF-16 units'],
  ['bytes', 'bytes'],
];

function labelsOf({ columns, shape }: Layout): readonly (readonly [LimitName, string])[] {
  const hasOptions = shape !== 'rows' || columns.some(({ role }) => role === 'option');
  return [
    ['stem', 'Question, characters'],
    ['option', `${hasOptions ? 'Option' : 'Answer'}, characters`],
    ['optionsMin', 'Options at least'],
    ['optionsMax', 'Options at most'],
    ['perFile', 'Questions per file'],
  ];
}

const secondsOf = (text: string): number[] =>
  text
    .split(/[^\d.]+/)
    .filter(Boolean)
    .map(Number);

const takesSeconds = ({ columns, limits }: Layout): boolean =>
  limits.seconds !== undefined || columns.some(({ role }) => role === 'seconds');

export function Limits({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const { limits } = layout;
  const change = (label: string, name: keyof Limits, value: unknown): void => {
    void changeLayout(
      kept,
      `${label} ${layout.name}`,
      { ...layout, limits: { ...limits, [name]: value } },
      [`limits.${name}`],
    );
  };
  return (
    <>
      {labelsOf(layout).map(([name, label]) => (
        <NumberRow
          key={name}
          label={label}
          why={because[`limits.${name}`]}
          value={limits[name]}
          onCommit={(value) => change('Limit in', name, value)}
        />
      ))}
      <PickRow
        label="Counts lengths by"
        value={limits.count ?? 'graphemes'}
        choices={COUNTS}
        onPick={(count) => change('Counting in', 'count', count)}
      />
      {takesSeconds(layout) && (
        <TextRow
          label="Seconds it takes"
          why={because['limits.seconds']}
          placeholder="any"
          value={limits.seconds?.join(', ') ?? ''}
          onCommit={(text) => {
            const seconds = secondsOf(text);
            change('Seconds of', 'seconds', seconds.length ? seconds : undefined);
          }}
        />
      )}
    </>
  );
}
