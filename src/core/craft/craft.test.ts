// Every check of the craft holds its own examples, mends what it mends, and stays quiet on the rest.
import { describe, expect, it } from 'vitest';
import { demoBank } from '../../../tests/make';
import { applyPatch } from '../checks';
import { choice, options } from '../checks/examples';
import type { Item } from '../model';
import { craftChecks, craftOf, namesOff, switchedOff } from './index';

const rules = (item: Item): string[] => craftOf(item, { most: 99 }).map(({ rule }) => rule);

describe.each(craftChecks.map((check) => [check.id, check] as const))('%s', (id, check) => {
  it('names a source and a reason, and is alone in its name', () => {
    expect(check.source.length).toBeGreaterThan(10);
    expect(check.why.length).toBeGreaterThan(20);
    expect(craftChecks.filter((other) => other.id === id)).toHaveLength(1);
  });

  it('notices its faulty examples, with a mend that settles it, and not its sound ones', () => {
    for (const item of check.examples.passes) {
      expect(check.run(item, [])).toEqual([]);
    }
    for (const item of check.examples.fails) {
      const [noticed] = check.run(item, []);
      expect(noticed).toBeDefined();
      if (noticed!.mend) {
        const mended = applyPatch(item, noticed!.mend.patch)!;
        expect(check.run(mended, [])).toEqual([]);
      }
    }
  });
});

describe('the craft', () => {
  it('says two things of a question at most, and none that is switched off', () => {
    const poor = choice({
      stem: { plain: 'Which is not deep?' },
      options: options(
        '9 m',
        '*2 m, at the cill of the lower gates only',
        '5 m',
        'All of the above',
      ),
    });
    expect(rules(poor).length).toBeGreaterThan(2);
    expect(craftOf(poor)).toHaveLength(2);
    expect(craftOf(poor, { off: new Set(rules(poor)) })).toEqual([]);
  });

  it('says nothing of true and false, of cards and of open questions', () => {
    const others: Item[] = [
      choice({
        kind: 'true-false',
        stem: { plain: 'A lock is not deep.' },
        options: options('*True', 'False'),
      }),
      choice({ kind: 'open', stem: { plain: 'Why not?' }, options: undefined }),
      choice({
        kind: 'card',
        stem: { plain: 'lock' },
        options: undefined,
        accepted: ['a chamber'],
      }),
    ];
    expect(others.flatMap(rules)).toEqual([]);
  });

  it.each([
    ['Which word is NOT a verb?', false],
    ['What knot holds?', false],
    ['Welches Tier kann nicht fliegen?', true],
    ['Quel animal ne vole pas ?', true],
    ['¿Cuál no es un mamífero, excepto el gato?', true],
    ['Which note is on the line?', false],
  ])('a negative in “%s”: %s', (plain, expected) => {
    expect(rules(choice({ stem: { plain } })).includes('negative-unmarked')).toBe(expected);
  });

  it('puts numbers in order with their units and keeps the key at its number', () => {
    const item = choice({ options: options('12 kg', '*3.5 kg', '7 kg') });
    const [note] = craftOf(item);
    const mended = applyPatch(item, note!.mend!.patch)!;
    expect(mended.options!.map(({ text, right }) => `${right ? '*' : ''}${text.plain}`)).toEqual([
      '*3.5 kg',
      '7 kg',
      '12 kg',
    ]);
  });

  it('leaves a check out at one question', () => {
    const one = choice({ id: 'one', stem: { plain: 'Welches Tier kann nicht fliegen?' } });
    const off = new Set(
      namesOff(switchedOff([], 'negative-unmarked', false, { item: 'one', reason: '' })),
    );
    const found = (item: Item) => craftOf(item, { off }).map(({ rule }) => rule);
    expect(found(one)).not.toContain('negative-unmarked');
    expect(found({ ...one, id: 'two' })).toContain('negative-unmarked');
  });

  it('finds little in a bank that was written with care', () => {
    const notes = demoBank().flatMap((item) => craftOf(item));
    expect(notes.length).toBeLessThan(demoBank().length * 0.3);
  });
});
