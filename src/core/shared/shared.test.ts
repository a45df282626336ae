import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cellName, columnIndex, columnLetters, parseCell, parseRange, rangeName } from './cells';
import { seeded, shuffled } from './chance';
import { guardFormula, isFormulaLike, unguardFormula } from './formula-like';
import { askingPart, lengthOf, overFrom, shorten } from './lengths';
import { alike, cleanText, editsBetween, numberOf, quantityOf, secondsOf } from './normalise';
import { nameItems } from './references';
import { encodeWindows1252, unheldCharacters } from './windows-1252';
import { kindOfWord } from './vocabulary/kinds';
import { roleOfHeading } from './vocabulary/headings';
import { trueFalsePair, trueFalseWords, verdictOf } from './vocabulary/verdicts';
import { item } from '../../../tests/make';

describe('addresses of cells', () => {
  it('count columns as spreadsheets do', () => {
    // ECMA-376 part 1, 18.3.1.4: the last column of a sheet is XFD, the 16,384th.
    expect(columnLetters(0)).toBe('A');
    expect(columnLetters(25)).toBe('Z');
    expect(columnLetters(26)).toBe('AA');
    expect(columnLetters(16_383)).toBe('XFD');
    expect(columnIndex('XFD')).toBe(16_383);
  });
  it('go there and back', () => {
    fc.assert(
      fc.property(fc.nat(1_048_575), fc.nat(16_383), (row, column) => {
        expect(parseCell(cellName(row, column))).toEqual({ row, column });
      }),
    );
  });
  it('read ranges with corners in any order, whole columns and lone cells', () => {
    expect(parseRange('E10:A1')).toEqual({ top: 0, left: 0, bottom: 9, right: 4 });
    expect(rangeName(parseRange('$B$2')!)).toBe('B2:B2');
    expect(parseRange('A:C')).toMatchObject({ left: 0, right: 2, top: 0 });
    expect(parseRange('rows 1 to 3')).toBeUndefined();
  });
});

describe('lengths', () => {
  it('count what a person perceives as one character (UAX #29, table 1c and emoji sequences)', () => {
    expect(lengthOf('e\u0301')).toBe(1);
    expect(lengthOf('\u{1F468}\u200d\u{1F469}\u200d\u{1F467}')).toBe(1);
    expect(lengthOf('🇬🇧')).toBe(1);
    expect(lengthOf('नि')).toBe(1);
    expect(lengthOf('naïve', 'bytes')).toBe(6);
    expect(lengthOf('🚢', 'utf16')).toBe(2);
  });
  it('shorten never goes over, never cuts a character, and leaves fitting text alone', () => {
    fc.assert(
      fc.property(
        fc.string({ unit: 'grapheme', maxLength: 80 }),
        fc.integer({ min: 1, max: 60 }),
        (text, most) => {
          const short = shorten(text, most);
          expect(lengthOf(short)).toBeLessThanOrEqual(Math.max(most, 1));
          if (lengthOf(text) <= most) {
            expect(short).toBe(text);
          } else {
            expect(short.endsWith('…')).toBe(true);
          }
        },
      ),
    );
  });
  it.each([
    ['The lock is full. Which gate opens first?', 30, 'Which gate opens first?'],
    [
      'Two boats wait. The lock is full. Which gate opens?',
      36,
      'The lock is full. Which gate opens?',
    ],
    ['The lock is full. Which gate opens first?', 10, undefined],
    ['Which gate opens first, the upper or the lower one?', 20, undefined],
    ['The lock is full. The gate opens.', 20, undefined],
    ['The lock is full. The keeper first …', 20, 'The keeper first …'],
    ['Name the parts (all of them) of a gate.', 28, 'Name the parts of a gate.'],
    ['It holds 3.5 m of water. How deep is it?', 20, 'How deep is it?'],
    ['Which gate (of the two at hand) is opened first?', 40, 'Which gate is opened first?'],
    ['Which gate, heavy as it is, is opened first?', 30, 'Which gate is opened first?'],
    ['Which gate (not the upper one) is opened first?', 40, undefined],
    ['Which gate (of 3) is opened first?', 30, undefined],
  ])('the asking part of “%s” within %i', (text, most, expected) => {
    expect(askingPart(text, most)).toBe(expected);
  });
  it('end at a word and say that words are missing', () => {
    expect(shorten('Before opening the top paddles', 20)).toBe('Before opening the…');
    expect(overFrom('Before opening', 6)).toBe(6);
    expect(overFrom('Before', 6)).toBe(-1);
  });
});

describe('texts made comparable', () => {
  it('are alike but for case, spaces, quotes and Unicode form', () => {
    expect(alike('Shepherd’s  Purse ')).toBe(alike("shepherd's purse"));
    expect(alike('„kurka”')).toBe(alike('"kurka"'));
    expect(alike('e\u0301')).toBe(alike('é'));
    expect(alike('water')).not.toBe(alike('waters'));
  });
  it('come clean of control signs and lone surrogates, and keep line breaks', () => {
    expect(cleanText(' a\u0000b\r\nc\ud800 ')).toBe('ab\nc\ufffd');
    fc.assert(
      fc.property(fc.string({ unit: 'binary' }), (text) => {
        expect(cleanText(cleanText(text))).toBe(cleanText(text));
      }),
    );
  });
  it('read numbers and times as people write them', () => {
    expect([numberOf('3,5'), numberOf('−2'), numberOf('12 apples')]).toEqual([3.5, -2, undefined]);
    expect(
      ['30', '30 s', '0:30', '1 min', '1 min 30 s', '2:05', '30 Sekunden', '1,5 min', 'soon'].map(
        secondsOf,
      ),
    ).toEqual([30, 30, 30, 60, 90, 125, 30, 90, undefined]);
  });
  it('count edits as Levenshtein (1966) defines them', () => {
    expect(editsBetween('kitten', 'sitting')).toBe(3);
    expect(editsBetween('paddle', 'paddle')).toBe(0);
    expect(editsBetween('a', 'abcdefgh')).toBe(4);
  });
});

describe('numbers with what people write beside them', () => {
  it.each([
    ['4.3 ± 0.1 m', { value: 4.3, tolerance: 0.1, unit: 'm' }],
    ['2.4 m (± 0.1)', { value: 2.4, tolerance: 0.1, unit: 'm' }],
    ['180 °C ± 5', { value: 180, tolerance: 5, unit: '°C' }],
    ['51 mm +/- 1 mm', { value: 51, tolerance: 1, unit: 'mm' }],
    ['32 m ± 5 %', { value: 32, tolerance: 1.6, unit: 'm' }],
    ['20 % ± 2 %', { value: 20, tolerance: 2, unit: '%' }],
    // A tolerance in another unit is none that can be told.
    ['2 m ± 5 cm', undefined],
  ])('%s', (text, quantity) => {
    expect(quantityOf(text)).toEqual(quantity);
  });
});

describe('formula-like text', () => {
  it('is told from plain numbers', () => {
    expect(['=1+1', '@x', '+3 apples', '-x'].map(isFormulaLike)).toEqual([true, true, true, true]);
    expect(['-5', '+3', '-3.5 %', '3=3', 'a', ''].map(isFormulaLike)).toEqual([
      false,
      false,
      false,
      false,
      false,
      false,
    ]);
  });
  it('goes through a text file and back unchanged', () => {
    fc.assert(
      fc.property(
        fc.oneof(fc.string(), fc.constantFrom('=1', "'=1", "''=1", "'a", '-', '@')),
        (text) => {
          expect(unguardFormula(guardFormula(text))).toBe(text);
        },
      ),
    );
    expect(guardFormula('=1+1')).toBe("'=1+1");
  });
});

describe('Windows-1252', () => {
  it('encodes by the table of the WHATWG Encoding Standard', () => {
    // index-windows-1252.txt: 0x80 is U+20AC, 0x92 is U+2019, 0x9C is U+0153.
    expect([...encodeWindows1252('€’œé')]).toEqual([0x80, 0x92, 0x9c, 0xe9]);
    expect(unheldCharacters('Łódź café')).toEqual(['Ł', 'ź']);
    expect(() => encodeWindows1252('Ł')).toThrow(RangeError);
  });
});

describe('chance', () => {
  it('is the same for the same seed and loses nothing', () => {
    const list = [1, 2, 3, 4, 5, 6, 7];
    expect(shuffled(list, seeded(7))).toEqual(shuffled(list, seeded(7)));
    expect(shuffled(list, seeded(7)).sort()).toEqual(list);
    const draws = Array.from({ length: 4000 }, seeded(1));
    expect(draws.reduce((sum, draw) => sum + draw, 0) / 4000).toBeCloseTo(0.5, 1);
  });
});

describe('references', () => {
  it('fill the gaps with the next free number and keep those that are free', () => {
    const named = nameItems(
      [item({ ref: '' }), item({ ref: 'X-1' }), item({ ref: 'Q-0007' }), item({ ref: '' })],
      ['Q-0007'],
    );
    expect(named.map((one) => one.ref)).toEqual(['Q-0008', 'X-1', 'Q-0009', 'Q-0010']);
  });
});

describe('the words of the trade', () => {
  const cases: [string, string, number?][] = [
    ['Question', 'stem'],
    ['Your question [up to 95 characters]', 'stem'],
    ['Frage', 'stem'],
    ['Question posée', 'stem'],
    ['Pregunta', 'stem'],
    ['Domanda', 'stem'],
    ['Vraag', 'stem'],
    ['Pergunta', 'stem'],
    ['Cwestiwn', 'stem'],
    ['Option C', 'option', 3],
    ['Reply 2', 'option', 2],
    ['First answer (A)', 'option', 1],
    ['Antwort B', 'option', 2],
    ['Choix A', 'option', 1],
    ['D', 'option', 4],
    ['answer5', 'option', 5],
    ['Right answer', 'key'],
    ['Right choice no.', 'key'],
    ['Which letter is right?', 'key'],
    ['Bonne réponse', 'key'],
    ['Lösung (Buchstabe, mehrere mit Komma)', 'key'],
    ['Solution', 'key'],
    ['Wrong answers (all in this cell, with | between them)', 'wrongs'],
    ['Credit b %', 'weight', 2],
    ['Shown afterwards (explanation)', 'explanation'],
    ['Worth (points)', 'points'],
    ['Clock (s)', 'seconds'],
    ['Seconds to answer\n(15, 25, 40 or 75)', 'seconds'],
    ['Lfd. Nr.', 'number-in-file'],
    ['Schlagwörter (mit Komma trennen)', 'tags'],
    ['Bitte nicht ausfüllen', 'ignore'],
    ['Take (x)', 'pick'],
    ['Sent at', 'at'],
    ['Your name', 'by'],
    ['Back of card', 'accepted'],
    ['Front of card', 'stem'],
    ['Picture in words', 'image-alt'],
    ['Link to a picture', 'image'],
  ];
  it.each(cases)('take the heading “%s” for %s', (heading, role, n) => {
    expect(roleOfHeading(heading)).toMatchObject({ role, ...(n ? { n } : {}) });
  });
  it('leave unknown headings unknown', () => {
    expect(roleOfHeading('Boathouse')).toBeUndefined();
    expect(roleOfHeading('')).toBeUndefined();
  });
  it.each([
    ['pick-one', 'choice-one'],
    ['choose all that fit', 'choice-many'],
    ['SEVERAL', 'choice-many'],
    ['True / false', 'true-false'],
    ['vrai/faux', 'true-false'],
    ['short answer', 'short'],
    ['ordering', 'order'],
    ['match-pairs', 'match'],
    ['free-text', 'open'],
    ['Several options, exactly one of them right', 'choice-one'],
    ['q-bool', 'true-false'],
  ])('take “%s” for %s', (word, kind) => {
    expect(kindOfWord(word)).toBe(kind);
  });
  it('know right from wrong in eight languages and nothing from neither', () => {
    expect(['correct', 'richtig', 'vrai', 'giusto', 'cywir'].map(verdictOf)).toEqual(
      Array(5).fill(true),
    );
    expect(['incorrect', 'falsch', 'faux', 'sbagliato', 'anghywir'].map(verdictOf)).toEqual(
      Array(5).fill(false),
    );
    expect(verdictOf('perhaps')).toBeUndefined();
    expect(trueFalsePair('Falsch', 'Richtig')).toEqual({ trueFirst: false });
    expect(trueFalseWords('VRAI')).toEqual({ words: ['VRAI', 'FAUX'], isTrue: true });
  });
});
