// Typed texts as most people type them: an order under any name, points beside the number, a key of letters and words, a page's
// menu and foot. The habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { gatherSource } from '../../pipeline';
import { counter } from '../../../../tests/make';
import { brief } from '../../../../tests/say';
import { gatherTyped } from '../../../../tests/typed';

const read = async (...lines: string[]) => (await gatherTyped(lines.join('\n'))).items.map(brief);

describe('typed texts', () => {
  it.each(['Order', 'Sequence', 'Volgorde', 'So ist es richtig'])(
    'a line that lists every letter once answers, called “%s”',
    async (name) => {
      expect(
        await read(
          'Put the acts in order:',
          'A) Open the gate',
          'B) Fill the lock',
          'C) Close the gate behind you',
          `${name}: C, B, A`,
          '',
          'What comes with what?',
          '1. gate      a. hull',
          '2. boat      b. pound',
          '3. water     c. beam',
          `${name}: 1c, 2a, 3b`,
        ),
      ).toEqual([
        'order: Put the acts in order: [Close the gate behind you > Fill the lock > Open the gate]',
        'match: What comes with what? [gate=beam / boat=hull / water=pound]',
      ]);
    },
  );

  it('letters under a word for something else are no answer', async () => {
    const { items } = await gatherTyped(
      '1. What floats?\na) a sill\nb) *a hull\nc) a stone\nTags: a, b, c',
    );
    expect(items[0]).toMatchObject({ tags: [{ value: 'a' }, { value: 'b' }, { value: 'c' }] });
  });

  it('points in brackets part the number from its question, and a key names letters and words', async () => {
    const { items } = await gatherTyped(
      [
        'Question 1 (1 pt) Qui attend ?',
        'A. Le bateau',
        'B. Le pont',
        '',
        'Question 2 (2 pts) Qui ouvre ?',
        'A. La berge',
        'B. L’éclusier',
        '',
        'Question 3 (1 pt) Nommez une porte.',
        '........................',
        '',
        'Corrigé : 1A 2B 3 amont (ou aval)',
      ].join('\n'),
    );
    expect(items.map(brief)).toEqual([
      'choice-one: Qui attend ? [*Le bateau / Le pont]',
      'choice-one: Qui ouvre ? [La berge / *L’éclusier]',
      'short: Nommez une porte. [amont / aval]',
    ]);
    expect(items.map(({ points }) => points)).toEqual([1, 2, 1]);
  });

  it('a saved page without its menu and its foot, which are told; a foot that answers stays', async () => {
    const page = (foot: string): string =>
      `<html><body><nav><a href="/">Home</a> <a href="/q">Tests</a></nav><h1>Locks</h1><p>Try it!</p>
      <ol><li><p>What floats?</p><ul><li>A sill</li><li><strong>A hull</strong></li></ul></li>
      <li><p>What opens?</p><ul><li><strong>A gate</strong></li><li>A bank</li></ul></li></ol>${foot}</body></html>`;
    const gathered = (text: string) =>
      gatherSource(
        { name: 'page.html', bytes: new TextEncoder().encode(text) },
        {},
        { id: counter() },
      );
    const { items, findings } = await gathered(page('<footer>© 2026 Harrowmere</footer>'));
    expect(items.map(brief)).toEqual([
      'choice-one: What floats? [A sill / *A hull]',
      'choice-one: What opens? [*A gate / A bank]',
    ]);
    expect(findings.find(({ rule }) => rule === 'page-left-out')?.message).toBe(
      'What stands in menus and at the foot of the page was left out: “Home Tests” and “© 2026 Harrowmere”.',
    );
    const answered = await gathered(
      page('<div class="footer"><p>Answers: 1 B, 2 A</p></div>').replace(/<\/?strong>/g, ''),
    );
    expect(answered.items.map(brief)).toEqual([
      'choice-one: What floats? [A sill / *A hull]',
      'choice-one: What opens? [*A gate / A bank]',
    ]);
  });

  it('lines of four texts with tabs between them are rows, though cells at their ends are missing', async () => {
    expect(
      await read(
        '+ marks the right answer.',
        '',
        'Questions\t1\t2\t3\tExplanation\tImage link',
        'What floats on a pound?\t+ a hull\t- a sill\t- a stone\tIt is hollow.\thull.png',
        'What opens for a boat?\t- a bank\t+ a gate\t- a pound',
        'Who waits at the lock?\t- the weir\t- the reed\t+ the crew\tAt the landing.',
        'What steers it home?\t+ a tiller\t- a mast\t- a rope',
      ),
    ).toEqual([
      'choice-one: What floats on a pound? [*a hull / a sill / a stone]',
      'choice-one: What opens for a boat? [a bank / *a gate / a pound]',
      'choice-one: Who waits at the lock? [the weir / the reed / *the crew]',
      'choice-one: What steers it home? [*a tiller / a mast / a rope]',
    ]);
  });
});
