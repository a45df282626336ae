// The signs of marked text, each to be typed over.
import {
  LINE_FIELDS,
  OPTION_LABELS,
  STEM_LABELS,
  type KeptLayout,
  type Layout,
  type LineField,
} from '../../../core/model';
import { keyOfMarks } from '../../../core/shared/marked-key';
import type { Choices } from '../../parts/Commit';
import { Because, PickRow, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';
import { PatternLines } from './PatternLines';
import { i18n } from '../../../languages';

type Marks = NonNullable<Layout['marks']>;
type SignName = Exclude<
  keyof Marks,
  'tight' | 'keyTight' | 'labelApart' | 'indentAt' | 'fields' | 'keyStyle' | 'rightAt' | 'stemTight'
>;
const MARK_WORDS: readonly (readonly [SignName, string])[] = [
  ['right', i18n._('right option')],
  ['wrong', i18n._('wrong option')],
  ['open', i18n._('opens')],
  ['close', i18n._('closes')],
  ['stem', i18n._('the question’s text in a frame')],
  ['stemClose', i18n._('behind the question’s text')],
  ['category', i18n._('category')],
  ['categoryClose', i18n._('closes a category')],
  ['numberLine', i18n._("a line that counts, with '{n}'")],
  ['titleOpen', i18n._('opens the title')],
  ['titleClose', i18n._('closes the title')],
  ['feedback', i18n._('feedback')],
  ['pair', i18n._('between the halves of a pair')],
  ['keyLine', i18n._('names the right answer')],
  ['option', i18n._('every option, where a line names the right one')],
  ['accepted', i18n._('an answer without options')],
  ['setTitle', i18n._('the set’s name')],
  ['comment', i18n._('comment')],
  ['escape', i18n._('takes a sign as text')],
];

const asTheyAre = <Word extends string>(words: readonly Word[]): Choices<Word> =>
  words.map((word) => [word, word] as const);
const STEM_CHOICES = asTheyAre<NonNullable<Marks['stemLabel']>>(['none', ...STEM_LABELS]);
const OPTION_CHOICES = asTheyAre<NonNullable<Marks['optionLabel']>>(['none', ...OPTION_LABELS]);
const BETWEEN: Choices<NonNullable<Marks['between']>> = [
  ['blank-line', i18n._('a blank line')],
  ['none', i18n._('nothing')],
];
const OPENS: Choices<NonNullable<Marks['openAt']>> = [
  ['options', i18n._('the options')],
  ['question', i18n._('the whole question')],
  ['stem', i18n._('the question’s text')],
];
const FEEDBACK: Choices<NonNullable<Marks['feedbackAt']>> = [
  ['option', i18n._('behind an option')],
  ['question', i18n._('below all options')],
];
const CATEGORY: Choices<NonNullable<Marks['categoryAt']>> = [
  ['part', i18n._('above a part')],
  ['question', i18n._('in each question')],
];
const TIGHT: Choices<'blank' | 'nothing'> = [
  ['blank', i18n._('a blank')],
  ['nothing', i18n._('nothing')],
];
const KEY_STYLES: Choices<NonNullable<Marks['keyStyle']>> = [
  ['letter', i18n._('its letter')],
  ['small-letter', i18n._('its letter, small')],
  ['number', i18n._('its number, from 1')],
  ['number-from-0', i18n._('its number, from 0')],
  ['text', i18n._('its text')],
];
const FIELD_WORDS: Record<LineField, string> = {
  ref: i18n._('reference'),
  points: i18n._('points'),
  seconds: i18n._('seconds'),
  hint: i18n._('hint'),
  title: i18n._('title of the question'),
  category: i18n._('category, below the answers'),
};
const SIGN_WIDTH = 84;

/** Signs that nearly every form has, shown also where this one has none. */
const USUAL: ReadonlySet<SignName> = new Set([
  'right',
  'wrong',
  'category',
  'feedback',
  'keyLine',
  'comment',
]);

type Change = (next: Partial<Marks>) => void;

/** One sign, to be typed over. */
function Sign({
  name,
  words,
  marks,
  change,
}: {
  name: SignName;
  words: string;
  marks: Marks;
  change: Change;
}) {
  return (
    <TextRow
      label={words}
      width={SIGN_WIDTH}
      placeholder={i18n._('none')}
      value={marks[name] ?? ''}
      onCommit={(sign) => change({ [name]: sign })}
    />
  );
}

/** The sign of a line with a field of its own. */
function FieldSign({ field, marks, change }: { field: LineField; marks: Marks; change: Change }) {
  const fields = marks.fields ?? [];
  const own = fields.find((one) => one.field === field);
  const to = (sign: string): void => {
    const others = fields.filter((one) => one.field !== field);
    const next = sign ? [{ at: 'below' as const, ...own, field, sign }] : [];
    change({ fields: [...others, ...next] });
  };
  return (
    <TextRow
      label={FIELD_WORDS[field]}
      width={SIGN_WIDTH}
      placeholder={i18n._('none')}
      value={own?.sign ?? ''}
      onCommit={to}
    />
  );
}

/** The signs that the form has or usually has; the others are folded away. */
function AllSigns({ marks, change }: { marks: Marks; change: Change }) {
  const isOpen = (name: SignName): boolean => USUAL.has(name) || marks[name] !== undefined;
  const has = (field: LineField): boolean =>
    marks.fields?.some((one) => one.field === field) ?? false;
  const rows = (areOpen: boolean) => (
    <>
      {MARK_WORDS.filter(([name]) => isOpen(name) === areOpen).map(([name, words]) => (
        <Sign key={name} name={name} words={words} marks={marks} change={change} />
      ))}
      {LINE_FIELDS.filter((field) => has(field) === areOpen).map((field) => (
        <FieldSign key={field} field={field} marks={marks} change={change} />
      ))}
    </>
  );
  return (
    <>
      {rows(true)}
      <details>
        <summary>{i18n._('Further signs')}</summary>
        {rows(false)}
      </details>
    </>
  );
}

/** Signs with some changed; an emptied one is none, and the right option always has one. */
function changedMarks(marks: Marks, next: Partial<Marks>): Marks {
  const merged = Object.entries({ ...marks, ...next }).filter(([, value]) => value !== '');
  return { right: marks.right, ...Object.fromEntries(merged) };
}

/** Where signs stand that may stand in several places. */
function Places({ marks, change }: { marks: Marks; change: (next: Partial<Marks>) => void }) {
  return (
    <>
      {marks.open && (
        <PickRow
          label={i18n._('what they open')}
          value={marks.openAt ?? 'options'}
          choices={OPENS}
          onPick={(openAt) => change({ openAt })}
        />
      )}
      {marks.category && (
        <PickRow
          label={i18n._('a category stands')}
          value={marks.categoryAt ?? 'part'}
          choices={CATEGORY}
          onPick={(categoryAt) => change({ categoryAt })}
        />
      )}
      {marks.feedback && (
        <PickRow
          label={i18n._('feedback stands')}
          value={marks.feedbackAt ?? 'option'}
          choices={FEEDBACK}
          onPick={(feedbackAt) => change({ feedbackAt })}
        />
      )}
      <PickRow
        label={i18n._('behind a sign')}
        value={marks.tight ? 'nothing' : 'blank'}
        choices={TIGHT}
        onPick={(what) => change({ tight: what === 'nothing' })}
      />
    </>
  );
}

function SignRows({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const marks: Marks = layout.marks ?? { right: '*' };
  const change = (next: Partial<Marks>): void => {
    const own = changedMarks(marks, next);
    void changeLayout(
      kept,
      i18n._('Signs of {name}', { name: layout.name }),
      { ...layout, marks: own, key: keyOfMarks(own) },
      ['marks.right'],
    );
  };
  return (
    <div>
      <b>{i18n._('Signs')}</b>
      <AllSigns marks={marks} change={change} />
      {marks.keyLine && (
        <PickRow
          label={i18n._('the right one is named by')}
          value={marks.keyStyle ?? 'letter'}
          choices={KEY_STYLES}
          onPick={(keyStyle) => change({ keyStyle })}
        />
      )}
      <PickRow
        label={i18n._('before a question')}
        value={marks.stemLabel ?? 'none'}
        choices={STEM_CHOICES}
        onPick={(stemLabel) => change({ stemLabel })}
      />
      <PickRow
        label={i18n._('before an option')}
        value={marks.optionLabel ?? 'none'}
        choices={OPTION_CHOICES}
        onPick={(optionLabel) => change({ optionLabel })}
      />
      <PickRow
        label={i18n._('between two questions')}
        value={marks.between ?? 'blank-line'}
        choices={BETWEEN}
        onPick={(between) => change({ between })}
      />
      <Places marks={marks} change={change} />
      {because['marks.right'] && <Because why={because['marks.right']} />}
    </div>
  );
}

/** How marked text is written: by its lines where these were learned, else by its signs. */
export const Signs = ({ kept }: { kept: KeptLayout }) =>
  kept.layout.pattern ? (
    <PatternLines kept={kept} pattern={kept.layout.pattern} />
  ) : (
    <SignRows kept={kept} />
  );
