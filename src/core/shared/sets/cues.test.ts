import { describe, expect, it } from 'vitest';
import { item, options } from '../../../../tests/make';
import type { Item } from '../../model';
import { cuesIn } from './cues';

const question = (id: string, stem: string, ...own: string[]): Item =>
  item({ id, ref: id, stem: { plain: stem }, options: options(...own) });

describe('cues from one question to another', () => {
  it('a text that says what another one asks for, whatever its case and signs', () => {
    expect(
      cuesIn([
        question('a', 'Which gate points upstream?', '*the Mitre gate', 'the weir', 'the cill'),
        question('b', 'How many leaves has the “mitre-gate”?', '*two', 'three'),
      ]),
    ).toEqual([{ told: 'b', asked: 'a', answer: 'mitre gate' }]);
  });

  it('typed answers too, and none of true and false', () => {
    const typed: Item = {
      ...question('a', 'What turns the paddle?'),
      kind: 'short',
      options: undefined,
      accepted: ['windlass'],
    };
    const truth: Item = { ...question('c', 'It floats.', '*Correct', 'Wrong'), kind: 'true-false' };
    expect(
      cuesIn([
        typed,
        question('b', 'Where is the windlass kept?', '*in the hut', 'on the gate'),
        truth,
        question('d', 'Which is the correct signal?', '*green', 'red'),
      ]),
    ).toEqual([{ told: 'b', asked: 'a', answer: 'windlass' }]);
  });

  it('no short words, no word that the question says itself, none that everyone says', () => {
    const about = (id: string): Item => question(id, `What is a paddle gear ${id}?`, '*x', 'y');
    expect(
      cuesIn([
        question('a', 'Which one?', '*a gate', 'a weir'),
        question('b', 'Is a gate open?', '*never', 'always'),
        question('c', 'What does the paddle gear lift?', '*the paddle gear rack', 'a bell'),
        question('d', 'What is lifted?', '*paddle gear', 'a bell'),
        about('e'),
        about('f'),
        about('g'),
      ]),
    ).toEqual([]);
  });
});
