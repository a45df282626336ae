// What a program can't shorten well is left to a person, who may then use any words.
import { describe, expect, it } from 'vitest';
import { item, options, rowsLayout } from '../../../tests/make';
import { losesSomething } from '../shared/change-grades';
import { fit } from './index';

const layout = { ...rowsLayout(['stem', 'option', 'option', 'key']), limits: { stem: 40 } };
const ASKED = 'Which of the gates at a lock is opened first by the keeper?';

describe('a question that is too long for a receiver', () => {
  it('stays out where nothing can be cut without losing what it asks, and says what it needs', () => {
    const [fitted] = fit([item({ stem: { plain: ASKED } })], layout);
    expect(fitted).toMatchObject({ state: 'refused', code: 'needs-words' });
    expect(fitted!.reason).toMatch(/59 characters.*takes 40.*your words/);
  });
  it('goes in with words of one’s own, which count as looked at', () => {
    const [fitted] = fit([item({ stem: { plain: ASKED }, options: options('*p', 'q') })], layout, {
      [item().id]: { own: { stem: 'Which gate is opened first?' } },
    });
    expect(fitted).toMatchObject({ state: 'changes', changes: [{ code: 'own-text' }] });
    expect(fitted!.changes.some(losesSomething)).toBe(false);
  });
  it('never loses a gap', () => {
    const stem = { plain: 'The long pound above the summit level is fed by a {{1}}' };
    const gap = item({ kind: 'gap', stem, options: undefined, gaps: [{ accepted: ['feeder'] }] });
    const gapLayout = {
      ...rowsLayout(['stem', 'accepted']),
      kinds: [{ kind: 'gap' as const, code: '' }],
      limits: { stem: 40 },
    };
    expect(fit([gap], gapLayout)[0]).toMatchObject({ state: 'refused' });
  });
});
