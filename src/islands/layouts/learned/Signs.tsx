// The signs of marked text, each to be typed over.
import type { KeptLayout, Layout } from '../../../core/model';
import { keyOfMarks } from '../../../core/shared/marked-key';
import type { Choices } from '../../parts/Commit';
import { Because, PickRow, TextRow } from '../../parts/FieldRow';
import { changeLayout } from '../../state/layouts';

type Marks = NonNullable<Layout['marks']>;
type SignName = Exclude<keyof Marks, 'tight'>;
const MARK_WORDS: readonly (readonly [SignName, string])[] = [
  ['right', 'right option'],
  ['wrong', 'wrong option'],
  ['open', 'opens'],
  ['close', 'closes'],
  ['category', 'category'],
  ['titleOpen', 'opens the title'],
  ['titleClose', 'closes the title'],
  ['feedback', 'feedback'],
  ['pair', 'between the halves of a pair'],
  ['keyLine', 'names the right answer'],
  ['comment', 'comment'],
  ['escape', 'takes a sign as text'],
];

const asTheyAre = <Word extends string>(words: readonly Word[]): Choices<Word> =>
  words.map((word) => [word, word] as const);
const STEM_LABELS = asTheyAre<NonNullable<Marks['stemLabel']>>(['none', '1.', '1)']);
const OPTION_LABELS = asTheyAre<NonNullable<Marks['optionLabel']>>([
  'none',
  'a)',
  'a.',
  'A)',
  'A.',
  '1)',
  '1.',
]);
const BETWEEN: Choices<NonNullable<Marks['between']>> = [
  ['blank-line', 'a blank line'],
  ['none', 'nothing'],
];
const OPENS: Choices<NonNullable<Marks['openAt']>> = [
  ['options', 'the options'],
  ['question', 'the whole question'],
  ['stem', 'the question’s text'],
];
const FEEDBACK: Choices<NonNullable<Marks['feedbackAt']>> = [
  ['option', 'behind an option'],
  ['question', 'below all options'],
];
const CATEGORY: Choices<NonNullable<Marks['categoryAt']>> = [
  ['part', 'above a part'],
  ['question', 'in each question'],
];
const TIGHT: Choices<'blank' | 'nothing'> = [
  ['blank', 'a blank'],
  ['nothing', 'nothing'],
];
const SIGN_WIDTH = 84;

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
          label="what they open"
          value={marks.openAt ?? 'options'}
          choices={OPENS}
          onPick={(openAt) => change({ openAt })}
        />
      )}
      {marks.category && (
        <PickRow
          label="a category stands"
          value={marks.categoryAt ?? 'part'}
          choices={CATEGORY}
          onPick={(categoryAt) => change({ categoryAt })}
        />
      )}
      {marks.feedback && (
        <PickRow
          label="feedback stands"
          value={marks.feedbackAt ?? 'option'}
          choices={FEEDBACK}
          onPick={(feedbackAt) => change({ feedbackAt })}
        />
      )}
      <PickRow
        label="behind a sign"
        value={marks.tight ? 'nothing' : 'blank'}
        choices={TIGHT}
        onPick={(what) => change({ tight: what === 'nothing' })}
      />
    </>
  );
}

export function Signs({ kept }: { kept: KeptLayout }) {
  const { layout, because } = kept;
  const marks: Marks = layout.marks ?? { right: '*' };
  const change = (next: Partial<Marks>): void => {
    const own = changedMarks(marks, next);
    void changeLayout(
      kept,
      `Signs of ${layout.name}`,
      { ...layout, marks: own, key: keyOfMarks(own) },
      ['marks.right'],
    );
  };
  return (
    <div>
      <b>Signs</b>
      {MARK_WORDS.map(([name, words]) => (
        <TextRow
          key={name}
          label={words}
          width={SIGN_WIDTH}
          placeholder="none"
          value={marks[name] ?? ''}
          onCommit={(sign) => change({ [name]: sign })}
        />
      ))}
      <PickRow
        label="before a question"
        value={marks.stemLabel ?? 'none'}
        choices={STEM_LABELS}
        onPick={(stemLabel) => change({ stemLabel })}
      />
      <PickRow
        label="before an option"
        value={marks.optionLabel ?? 'none'}
        choices={OPTION_LABELS}
        onPick={(optionLabel) => change({ optionLabel })}
      />
      <PickRow
        label="between two questions"
        value={marks.between ?? 'blank-line'}
        choices={BETWEEN}
        onPick={(between) => change({ between })}
      />
      <Places marks={marks} change={change} />
      {because['marks.right'] && <Because why={because['marks.right']} />}
    </div>
  );
}
