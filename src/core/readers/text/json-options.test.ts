// Options kept as JSON under keys in any words: told by what their values are.
import { describe, expect, it } from 'vitest';
import { gatherTyped } from '../../../../tests/typed';
import { brief } from '../../../../tests/say';

const read = async (value: unknown) => (await gatherTyped(JSON.stringify(value), 'a.json')).items;
const briefs = async (value: unknown): Promise<string[]> => (await read(value)).map(brief);

const FLOATS = [
  'choice-one: What floats? [*cork / lead]',
  'choice-one: What sinks? [wood / *iron]',
];

describe('options as objects', () => {
  it.each([
    [true, false],
    [1, 0],
    ['ja', 'nein'],
    ['yes', 'no'],
  ])('are judged by %s and %s under any key', async (yes, no) => {
    const value = [
      {
        frage: 'What floats?',
        auswahl: [
          { wort: 'cork', ok: yes },
          { wort: 'lead', ok: no },
        ],
      },
      {
        frage: 'What sinks?',
        auswahl: [
          { wort: 'wood', ok: no },
          { wort: 'iron', ok: yes },
        ],
      },
    ];
    expect(await briefs(value)).toEqual(FLOATS);
  });
  it('are found under a key in words that nobody listed, with their references and remarks', async () => {
    const value = {
      alle: [
        {
          frage: 'What floats?',
          moegliche: [
            { nr: 'a', wort: 'cork', dazu: 'it is very light', zaehlt: 1 },
            { nr: 'b', wort: 'lead', dazu: 'it is very heavy', zaehlt: 0 },
          ],
        },
        {
          frage: 'What sinks?',
          moegliche: [
            { nr: 'a', wort: 'wood', dazu: 'it swims on water', zaehlt: 0 },
            { nr: 'b', wort: 'iron', dazu: 'a ship is hollow', zaehlt: 1 },
          ],
        },
      ],
    };
    const items = await read(value);
    expect(items.map(brief)).toEqual(FLOATS);
    expect(items[0]!.options!.map(({ feedback }) => feedback?.plain)).toEqual([
      'it is very light',
      'it is very heavy',
    ]);
  });
  it('are no questions of their own, and questions below a topic are', async () => {
    const topics = [
      {
        topic: 'Water',
        list: [
          { nr: 1, statement: 'Cork floats.', answer: true },
          { nr: 2, statement: 'Lead floats.', answer: false },
        ],
      },
    ];
    expect(await briefs(topics)).toEqual([
      'true-false: Cork floats. [*true / false]',
      'true-false: Lead floats. [true / *false]',
    ]);
  });
});

describe('an answer', () => {
  it('is told by a letter alone for a key where it is one of the options', async () => {
    const value = [
      { q: 'What floats?', set: ['cork', 'lead'], a: 'cork' },
      { q: 'What sinks?', set: ['wood', 'iron'], a: 'iron' },
    ];
    expect(await briefs(value)).toEqual(FLOATS);
  });
  it('of a statement beside questions with options is true or false', async () => {
    const value = [
      {
        frage: 'What floats?',
        typ: 'auswahl',
        antworten: [
          { text: 'cork', ok: 1 },
          { text: 'lead', ok: 0 },
        ],
      },
      { frage: 'Cork floats.', typ: 'ja/nein', ok: true },
      { frage: 'Lead floats.', typ: 'ja/nein', ok: false },
    ];
    expect((await briefs(value)).slice(1)).toEqual([
      'true-false: Cork floats. [*true / false]',
      'true-false: Lead floats. [true / *false]',
    ]);
  });
});
