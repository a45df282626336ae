// How a text shows which options are right: by signs, by lines with answers, or by emphasis.
import type { Key } from '../../model';
import { quoted } from '../../shared/plain';
import { say } from '../../shared/say';
import { rightMarks } from './crossed-boxes';
import { emphasisWords } from '../rich';
import { EMPHASES, isEmphasised, type Draft, type Emphasis } from './draft';

/** The emphasis by which the document tells its right options: some but not all options of most questions carry it. */
export function keyEmphasis(drafts: readonly Draft[]): Emphasis | undefined {
  const open = drafts.filter(
    (draft) =>
      draft.options.length > 1 &&
      !draft.answers.length &&
      !draft.options.some((option) => option.right),
  );
  return EMPHASES.find((emphasis) => {
    const telling = open.filter((draft) => {
      const set = draft.options.filter((option) => isEmphasised(option, emphasis)).length;
      return set > 0 && set < draft.options.length;
    });
    return telling.length > 0 && telling.length >= open.length * 0.5;
  });
}

/** How the document tells its keys, as its questions show it. */
export function keyOf(
  drafts: readonly Draft[],
  emphasis: Emphasis | undefined,
): { key: Key; because: string; sure: boolean } {
  const choices = drafts.filter(({ options }) => options.length > 1);
  const marks = choices.flatMap(rightMarks);
  const lines = choices.filter((draft) => draft.answers.length).length;
  if (marks.length && marks.length >= lines) {
    const marker = [...new Set(marks)].sort(
      (a, b) =>
        marks.filter((mark) => mark === b).length - marks.filter((mark) => mark === a).length,
    )[0]!;
    return {
      key: { style: 'marker', marker },
      sure: true,
      because: say('{marker} stands at {marks, plural, one {# option} other {# options}}', {
        marker: quoted(marker),
        marks: marks.length,
      }),
    };
  }
  if (lines) {
    return {
      key: { style: 'letter' },
      sure: true,
      because: say(
        '{lines, plural, one {# question} other {# questions}} of {choices} {lines, plural, one {has} other {have}} a line with the answer',
        { lines, choices: choices.length },
      ),
    };
  }
  if (emphasis) {
    return {
      key: { style: 'marker', marker: emphasis },
      sure: true,
      because: say('the right options are set in {emphasis}', {
        emphasis: emphasisWords(emphasis),
      }),
    };
  }
  return {
    key: { style: 'marker', marker: '*' },
    sure: choices.length === 0,
    because: choices.length
      ? say('no sign, no emphasis and no answer line tells the right option')
      : say('no question has options'),
  };
}
