// The lines of marked text, part by part: what stands in front of each and behind it, to be typed over.
import { Button, Text } from '@mantine/core';
import type { Form, KeptLayout, Part, Pattern } from '../../../core/model';
import { kindName } from '../../../core/shared/kind-names';
import { Because, PickRow, TextRow } from '../../parts/FieldRow';
import type { Choices } from '../../parts/Commit';
import { changeLayout } from '../../state/layouts';
import { LINE_WORDS } from '../blank/line-words';
import { i18n } from '../../../languages';

const SIGN_WIDTH = 130;
const KEY_STYLES: Choices<NonNullable<Part['style']>> = [
  ['letter', i18n._('its letter')],
  ['small-letter', i18n._('its letter, small')],
  ['number', i18n._('its number, from 1')],
  ['number-from-0', i18n._('its number, from 0')],
  ['text', i18n._('its text')],
  ['word', i18n._('a word for true or false')],
];

type Change = (next: Partial<Part>) => void;
type Row = { label: string; value: string; to: (text: string) => Partial<Part> };

/** Line breaks, and blanks at the ends, are seen and typed as signs of their own. */
const shown = (text: string): string =>
  text.replace(/^ +| +$/gu, (blanks) => '␣'.repeat(blanks.length)).replace(/\n/gu, '⏎');
const typed = (text: string): string => text.replace(/␣/gu, ' ').replace(/⏎/gu, '\n');
const bare = (words: string): string => words.replace(/^(?:the|an?) /, '');

/** What can be typed over of a part. */
function rowsOf(part: Part): Row[] {
  const name = part.wrong ? i18n._('right option') : bare(LINE_WORDS[part.role]);
  const rows: (Row | undefined)[] = [
    part.above?.some(Boolean)
      ? {
          label: i18n._('above: {name}', { name }),
          value: part.above.join('\n'),
          to: (text) => ({ above: text ? text.split('\n') : undefined }),
        }
      : undefined,
    { label: name, value: part.before, to: (before) => ({ before }) },
    part.after === undefined
      ? undefined
      : {
          label: i18n._('behind: {name}', { name }),
          value: part.after,
          to: (after) => ({ after }),
        },
    part.wrong && {
      label: i18n._('wrong option'),
      value: part.wrong.before,
      to: (before) => ({ wrong: { ...part.wrong, before } }),
    },
    part.between === undefined || part.isShared
      ? undefined
      : {
          label: i18n._('between: {name}', { name }),
          value: part.between,
          to: (between) => ({ between }),
        },
    part.feedback === undefined
      ? undefined
      : {
          label: i18n._('feedback, behind it'),
          value: part.feedback,
          to: (feedback) => ({ feedback }),
        },
    part.feedbackLine && {
      label: i18n._('feedback, below it'),
      value: part.feedbackLine.before,
      to: (before) => ({ feedbackLine: { ...part.feedbackLine, before } }),
    },
    ...besideRows(part),
  ];
  return rows.filter((row) => row !== undefined);
}

type Around = { open: string; close: string };
/** The signs around something beside a question's text. */
const aroundRows = <A extends Around>(
  name: string,
  around: A | undefined,
  to: (next: A) => Partial<Part>,
): Row[] =>
  around
    ? [
        {
          label: i18n._('in front of {name}', { name }),
          value: around.open,
          to: (open) => to({ ...around, open }),
        },
        {
          label: i18n._('behind {name}', { name }),
          value: around.close,
          to: (close) => to({ ...around, close }),
        },
      ]
    : [];

/** What can be typed over of what stands beside a question's text on its own line. */
function besideRows({ points, category, answer, blank, one }: Part): (Row | undefined)[] {
  return [
    ...aroundRows(i18n._('the category'), category, (next) => ({ category: next })),
    ...aroundRows('points', points, (next) => ({ points: next })),
    points?.one === undefined
      ? undefined
      : {
          label: i18n._('behind a single one'),
          value: points.one,
          to: (end) => ({ points: { ...points, one: end } }),
        },
    one === undefined
      ? undefined
      : { label: i18n._('behind a single one'), value: one, to: (end) => ({ one: end }) },
    ...aroundRows(i18n._('the answer'), answer, (next) => ({ answer: next })),
    blank === undefined
      ? undefined
      : { label: i18n._('a gap is written'), value: blank, to: (text) => ({ blank: text }) },
  ];
}

function PartRows({ part, change }: { part: Part; change: Change }) {
  return (
    <>
      {rowsOf(part).map(({ label, value, to }) => (
        <TextRow
          key={label}
          label={label}
          width={SIGN_WIDTH}
          placeholder={i18n._('nothing')}
          value={shown(value)}
          onCommit={(text) => change(to(typed(text)))}
        />
      ))}
      {part.first && (
        <Text size="xs" c="dimmed">
          {i18n._('The right option is the first one.')}
        </Text>
      )}
      {part.isKept && (
        <Text size="xs" c="dimmed">
          {i18n._('Written without a text too, where a question has nothing for it.')}
        </Text>
      )}
      {part.style && (
        <PickRow
          label={i18n._('the right one is named by')}
          value={part.style}
          choices={KEY_STYLES}
          onPick={(style) => change({ style })}
        />
      )}
    </>
  );
}

/** One form: how questions of some kinds are written. */
function FormRows({ form, change }: { form: Form; change: (next: Form) => void }) {
  const changed = (at: number, next: Partial<Part>): void =>
    change({ ...form, parts: form.parts.map((one, n) => (n === at ? { ...one, ...next } : one)) });
  return (
    <fieldset className="pattern-form">
      <legend>{form.kinds.map((kind) => kindName(kind)).join(', ')}</legend>
      {form.parts.map((part, at) => (
        <PartRows key={at} part={part} change={(next) => changed(at, next)} />
      ))}
      {form.below?.some(Boolean) && (
        <TextRow
          label={i18n._('below each')}
          width={SIGN_WIDTH}
          value={shown(form.below.join('\n'))}
          onCommit={(text) => change({ ...form, below: typed(text).split('\n') })}
        />
      )}
    </fieldset>
  );
}

/** How each line of a question is written; what is typed over holds for every question. */
export function PatternLines({ kept, pattern }: { kept: KeptLayout; pattern: Pattern }) {
  const { layout, because } = kept;
  const change = (next: Pattern): void =>
    void changeLayout(
      kept,
      i18n._('Lines of {name}', { name: layout.name }),
      { ...layout, pattern: next },
      ['pattern'],
    );
  const { pattern: _pattern, ...bySigns } = layout;
  return (
    <div>
      <b>{i18n._('Lines')}</b>
      {pattern.joint !== undefined && (
        <TextRow
          label={i18n._('between the parts')}
          width={SIGN_WIDTH}
          value={shown(pattern.joint)}
          onCommit={(text) => change({ ...pattern, joint: typed(text) })}
        />
      )}
      {pattern.forms.map((form, at) => (
        <FormRows
          key={at}
          form={form}
          change={(next) =>
            change({ ...pattern, forms: pattern.forms.map((one, n) => (n === at ? next : one)) })
          }
        />
      ))}
      <Text size="xs" c="dimmed">
        {i18n._(
          "'{n}' is the number of a question, '{N}' how many there are, '{a}', '{A}' and '{1}' count options; ␣ is a blank, ⏎ begins a new line.",
        )}
      </Text>
      {because['pattern'] && <Because why={because['pattern']} />}
      <Button
        variant="subtle"
        size="compact-sm"
        onClick={() =>
          void changeLayout(kept, i18n._('Signs of {name}', { name: layout.name }), bySigns, [
            'marks.right',
            'pattern',
          ])
        }
      >
        {i18n._('Say it by signs instead')}
      </Button>
    </div>
  );
}
