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
  it.each([
    ['begun for the options to end', 'Before opening the top paddles of a staircase …'],
    ['a task', 'Name the four parts of a mitre gate and what each is for.'],
    ['a statement', 'The bottom gates are the taller ones at every lock of this canal.'],
  ])('never loses its end: %s', (_what, plain) => {
    expect(fit([item({ stem: { plain } })], layout)[0]).toMatchObject({ code: 'needs-words' });
  });
  it('may lose what leads up to what it begins', () => {
    const stem = { plain: 'The lock is empty. The next act is to …' };
    const [fitted] = fit([item({ stem })], { ...layout, limits: { stem: 30 } });
    expect(fitted!.cells![0]!['A']).toBe('The next act is to …');
  });
});

describe('answers that are too long for a receiver', () => {
  const typed = { ...rowsLayout(['stem', 'accepted']), limits: { option: 12 } };
  const short = (...accepted: string[]) =>
    item({ kind: 'short', options: undefined, stem: { plain: 'Which gate?' }, accepted });
  const taking = (layout: typeof typed) => ({
    ...layout,
    kinds: [{ kind: 'short' as const, code: '' }],
  });
  it('are never cut where they are typed: those that can be typed whole stay', () => {
    const [column] = typed.columns.slice(1);
    const several = { ...typed, columns: [typed.columns[0]!, { ...column!, separator: '|' }] };
    const [fitted] = fit([short('the balance beam', 'beam')], taking(several));
    expect(fitted).toMatchObject({ changes: [{ code: 'answer-left-out', to: 'beam' }] });
    expect(fitted!.cells![0]!['B']).toBe('beam');
  });
  it('need words where none can be typed whole', () => {
    const [fitted] = fit([short('the balance beam')], taking(typed));
    expect(fitted).toMatchObject({ code: 'needs-words' });
    expect(fitted!.reason).toMatch(/16 characters.*takes 12/);
    const own = { [item().id]: { own: { 'accepted.0': 'beam' } } };
    expect(fit([short('the balance beam')], taking(typed), own)[0]!.cells![0]!['B']).toBe('beam');
  });
  it('are joined only as far as there is room', () => {
    const [fitted] = fit([short('beam', 'the gate', 'the balance beam')], taking(typed));
    expect(fitted!.cells![0]!['B']).toBe('beam');
  });
  it('stay out as options where two would become the same', () => {
    const answers = options('*the gate at the upper end', 'the gate at the lower end');
    const [fitted] = fit([item({ stem: { plain: 'Which?' }, options: answers })], {
      ...layout,
      limits: { option: 15 },
    });
    expect(fitted).toMatchObject({ state: 'refused', code: 'options-alike' });
  });
});
