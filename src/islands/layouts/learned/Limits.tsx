// What the receiver takes at most, and how it counts.
import type { KeptLayout, Layout } from '../../../core/model';
import type { Choices } from '../../parts/Commit';
import { NumberRow, PickRow, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';
import { i18n } from '../../../languages';

type LimitName = 'stem' | 'option' | 'optionsMin' | 'optionsMax' | 'perFile';
type Limits = Layout['limits'];

const COUNTS: Choices<NonNullable<Limits['count']>> = [
  ['graphemes', i18n._('characters as seen')],
  ['utf16', i18n._('UTF-16 units')],
  ['bytes', i18n._('bytes')],
];

function labelsOf({ columns, shape }: Layout): readonly (readonly [LimitName, string])[] {
  const hasOptions = shape !== 'rows' || columns.some(({ role }) => role === 'option');
  return [
    ['stem', i18n._('Question, characters')],
    [
      'option',
      i18n._('{hasOptions, select, true {Option} other {Answer}}, characters', { hasOptions }),
    ],
    ['optionsMin', i18n._('Options at least')],
    ['optionsMax', i18n._('Options at most')],
    ['perFile', i18n._('Questions per file')],
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
          onCommit={(value) => change(i18n._('Limit in'), name, value)}
        />
      ))}
      <PickRow
        label={i18n._('Counts lengths by')}
        value={limits.count ?? 'graphemes'}
        choices={COUNTS}
        onPick={(count) => change(i18n._('Counting in'), 'count', count)}
      />
      {takesSeconds(layout) && (
        <TextRow
          label={i18n._('Seconds it takes')}
          why={because['limits.seconds']}
          placeholder={i18n._('any')}
          value={limits.seconds?.join(', ') ?? ''}
          onCommit={(text) => {
            const seconds = secondsOf(text);
            change(i18n._('Seconds of'), 'seconds', seconds.length ? seconds : undefined);
          }}
        />
      )}
    </>
  );
}
