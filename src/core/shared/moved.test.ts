// Answers in another order: what belongs to them goes along.
import { describe, expect, it } from 'vitest';
import { item, options } from '../../../tests/make';
import { withAnswerMoved } from './moved';

describe('an answer that is moved', () => {
  const [a, b, c] = options('a', '*b', 'c');
  const question = item({
    options: [a!, { ...b!, feedback: { plain: 'yes' }, weight: 100 }, c!],
    media: [
      { at: 'stem', href: 's.png' },
      { at: 'option', option: 1, href: 'b.png' },
      { at: 'option', option: 2, href: 'c.png' },
    ],
  });

  it('takes its mark, weight, feedback and picture along', () => {
    const after = withAnswerMoved(question, 'options', 1, 2);
    expect(after.options!.map(({ text, right, weight }) => [text.plain, right, weight])).toEqual([
      ['a', false, undefined],
      ['c', false, undefined],
      ['b', true, 100],
    ]);
    expect(after.options![2]!.feedback?.plain).toBe('yes');
    expect(after.media).toEqual([
      { at: 'stem', href: 's.png' },
      { at: 'option', option: 2, href: 'b.png' },
      { at: 'option', option: 1, href: 'c.png' },
    ]);
  });

  it('stays where there is no such place; steps move as options do', () => {
    expect(withAnswerMoved(question, 'options', 0, 3)).toBe(question);
    expect(withAnswerMoved(question, 'steps', 0, 1)).toBe(question);
    const steps = item({
      kind: 'order',
      options: undefined,
      steps: [{ plain: 'x' }, { plain: 'y' }],
    });
    expect(withAnswerMoved(steps, 'steps', 1, 0).steps!.map(({ plain }) => plain)).toEqual([
      'y',
      'x',
    ]);
  });
});
