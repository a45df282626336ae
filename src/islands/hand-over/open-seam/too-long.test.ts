import { expect, it } from 'vitest';
import { item, options, rowsLayout } from '../../../../tests/make';
import { fit } from '../../../core/fitting';
import { tooLong } from './too-long';

it('own words for every text that is too long let the question in', () => {
  const layout = {
    ...rowsLayout(['stem', 'option', 'option', 'key']),
    limits: { stem: 20, option: 12 },
  };
  const question = item({
    stem: { plain: 'Which of the two gates is opened first?' },
    options: options('*the gate above', 'the gate below'),
  });
  const stems = tooLong(question, layout, fit([question], layout)[0]!.code);
  expect(stems.map(({ field }) => field)).toEqual(['stem']);
  const own: Record<string, string> = { stem: 'Which gate?' };
  const after = fit([question], layout, { [question.id]: { own } })[0]!;
  expect(after.code).toBe('options-alike');
  for (const { field, text } of tooLong(question, layout, after.code)) {
    own[field] = text.replace('the gate ', '');
  }
  const [fitted] = fit([question], layout, { [question.id]: { own } });
  expect(fitted!.cells![0]).toMatchObject({ A: 'Which gate?', B: 'above', C: 'below' });
});
it('answers that are typed are named by their places', () => {
  const layout = { ...rowsLayout(['stem', 'accepted']), limits: { option: 5 } };
  const gap = item({
    kind: 'gap',
    options: undefined,
    stem: { plain: '{{1}} and {{2}}' },
    gaps: [{ accepted: ['beam'] }, { accepted: ['paddle', 'sluice'] }],
  });
  expect(tooLong(gap, layout, 'needs-words')).toEqual([
    { field: 'gaps.1.0', text: 'paddle' },
    { field: 'gaps.1.1', text: 'sluice' },
  ]);
});
