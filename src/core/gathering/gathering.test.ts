import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Item } from '../model';
import { readTable } from '../readers';
import { gatherTable } from '../pipeline';
import { counter, demo, gathered } from '../../../tests/make';

/** A question in short: kind, stem, options with a star at the right ones or what is accepted. */
const brief = (one: Item): string =>
  `${one.kind}: ${one.stem.plain} [${(one.options?.map((option) => `${option.right ? '*' : ''}${option.text.plain}`) ?? one.accepted ?? []).join(' / ')}]`;
const briefs = (text: string): string[] => gathered(text).items.map(brief);
const lines = (...rows: string[]): string => rows.join('\n');

describe('notations of the key', () => {
  const one = 'choice-one: What opens? [Wall / *Gate / Roof]';
  const another = 'choice-one: What floats? [*Boat / Brick / Anchor]';
  it.each([
    [
      'letters',
      lines(
        'Question\tA\tB\tC\tRight',
        'What opens?\tWall\tGate\tRoof\tB',
        'What floats?\tBoat\tBrick\tAnchor\ta)',
      ),
    ],
    [
      'numbers',
      lines(
        'Question\tOption 1\tOption 2\tOption 3\tRight no.',
        'What opens?\tWall\tGate\tRoof\t2',
        'What floats?\tBoat\tBrick\tAnchor\t1',
      ),
    ],
    [
      'numbers from zero',
      lines(
        'Question\tOption\tOption\tOption\tKey',
        'What opens?\tWall\tGate\tRoof\t1',
        'What floats?\tBoat\tBrick\tAnchor\t0',
      ),
    ],
    [
      'texts',
      lines(
        'Question\tOption 1\tOption 2\tOption 3\tRight answer',
        'What opens?\tWall\tGate\tRoof\tGate',
        'What floats?\tBoat\tBrick\tAnchor\tBoat',
      ),
    ],
    [
      'stars',
      lines(
        'Question\tOption 1\tOption 2\tOption 3',
        'What opens?\tWall\t*Gate\tRoof',
        'What floats?\t* Boat\tBrick\tAnchor',
      ),
    ],
    [
      'stars behind',
      lines(
        'Question\tOption 1\tOption 2\tOption 3',
        'What opens?\tWall\tGate*\tRoof',
        'What floats?\tBoat *\tBrick\tAnchor',
      ),
    ],
    [
      'verdicts',
      lines(
        'Question\tOption 1\tVerdict 1\tOption 2\tVerdict 2\tOption 3\tVerdict 3',
        'What opens?\tWall\tno\tGate\tyes\tRoof\tno',
        'What floats?\tBoat\tyes\tBrick\tno\tAnchor\tno',
      ),
    ],
    [
      'no headings',
      lines('What opens?\tWall\tGate\tRoof\tB', 'What floats?\tBoat\tBrick\tAnchor\tA'),
    ],
    [
      'a lone “Answer” beside lettered options',
      lines(
        'Question\tA\tB\tC\tAnswer',
        'What opens?\tWall\tGate\tRoof\tB',
        'What floats?\tBoat\tBrick\tAnchor\tA',
      ),
    ],
    [
      'German words',
      lines(
        'Frage\tAntwort A\tAntwort B\tAntwort C\tLösung',
        'What opens?\tWall\tGate\tRoof\tB',
        'What floats?\tBoat\tBrick\tAnchor\tA',
      ),
    ],
    [
      'all options in one cell',
      lines(
        'Question\tPossible answers\tRight answer',
        'What opens?\tWall; Gate; Roof\tGate',
        'What floats?\tBoat;Brick;Anchor\tBoat',
      ),
    ],
  ])('%s', (_, text) => {
    expect(briefs(text)).toEqual([one, another]);
  });

  it('the right one in a column of its own comes first', () => {
    expect(
      briefs(
        lines(
          'Question\tRight answer\tWrong answers',
          'What opens?\tGate\tWall|Roof',
          'What floats?\tBoat\tBrick|Anchor',
        ),
      ),
    ).toEqual(['choice-one: What opens? [*Gate / Wall / Roof]', another]);
  });
  it('several keys with a separator or none', () => {
    expect(
      briefs(
        lines('Question\tA\tB\tC\tRight', 'x?\tp\tq\tr\tA, C', 'y?\tp\tq\tr\tAC', 'z?\tp\tq\tr\tB'),
      ),
    ).toEqual([
      'choice-many: x? [*p / q / *r]',
      'choice-many: y? [*p / q / *r]',
      'choice-one: z? [p / *q / r]',
    ]);
  });
  it('numbers that are the options themselves are texts', () => {
    expect(
      briefs(
        lines('Question\tA\tB\tC\tRight answer', 'Locks?\t12\t20\t30\t20', 'Gates?\t7\t8\t30\t30'),
      ),
    ).toEqual(['choice-one: Locks? [12 / *20 / 30]', 'choice-one: Gates? [7 / 8 / *30]']);
  });
  it('a skipped option column does not move the key', () => {
    expect(
      gathered(lines('Question\tA\tB\tC\tRight', 'x?\tp\tq\tr\tC', 'y?\tp\tq\t\tB')).items.map(
        brief,
      ),
    ).toEqual(['choice-one: x? [p / q / *r]', 'choice-one: y? [p / *q]']);
  });
});

describe('kinds', () => {
  it('come from the row where no column says them', () => {
    expect(
      briefs(
        lines(
          'Question\tOption 1\tOption 2\tRight answer',
          'Wet?\tTrue\tFalse\tTrue',
          'Which?\ta pond\ta lock\ta lock',
        ),
      ),
    ).toEqual(['true-false: Wet? [*True / False]', 'choice-one: Which? [a pond / *a lock]']);
    expect(briefs(lines('Term\tDefinition', 'pound\twater between locks', 'cill\ta step'))).toEqual(
      ['card: pound [water between locks]', 'card: cill [a step]'],
    );
    expect(briefs('pound\twater between locks\ncill\ta step under the gates')).toEqual([
      'card: pound [water between locks]',
      'card: cill [a step under the gates]',
    ]);
  });
  it('come from the words of a kind column, and the unknown word is told', () => {
    const found = gathered(
      lines(
        'Kind\tQuestion\tA\tB\tRight',
        'pick several\tWhich?\tp\tq\tA,B',
        'riddle\tWhat?\tp\tq\tA',
      ),
    );
    expect(found.items.map((one) => one.kind)).toEqual(['choice-many', 'choice-one']);
    expect(found.findings).toContainEqual(
      expect.objectContaining({ rule: 'kind-unknown', message: expect.stringContaining('riddle') }),
    );
  });
  it('puts True first and keeps the source’s words', () => {
    expect(
      briefs(
        lines('Frage\tA\tB\tLösung', 'Nass?\tFalsch\tRichtig\tA', 'Tief?\tFalsch\tRichtig\tB'),
      ),
    ).toEqual(['true-false: Nass? [Richtig / *Falsch]', 'true-false: Tief? [*Richtig / Falsch]']);
  });
});

describe('faults', () => {
  const rules = (text: string): string[] =>
    gathered(text).findings.map((finding) => `${finding.rule} ${finding.where?.cell ?? ''}`.trim());
  const head = 'Question\tA\tB\tC\tRight';
  it('a key past the last option keeps the question and names the cell', () => {
    const found = gathered(lines(head, 'What?\tp\tq\tr\tE', 'Why?\tp\tq\tr\tA'));
    expect(found.items).toHaveLength(2);
    expect(found.findings).toEqual([
      expect.objectContaining({
        rule: 'key-past-last-option',
        level: 'block',
        item: found.items[0]!.id,
        where: expect.objectContaining({ cell: 'E2' }),
        message: 'E2 says E, but there are 3 options (A to C). Choose the right one.',
      }),
    ]);
  });
  it('a key text with a stray blank or curly quote is matched and told; a merely similar one is offered', () => {
    const found = gathered(
      lines(
        'Question\tOption\tOption\tRight answer',
        "One?\tShepherd's purse\tDock\tShepherd’s purse",
        'Two?\tCleavers\tDock\tCleavers ',
        'Three?\tDandelion\tDock\tDandelon',
        'Four?\tDaisy\tDock\tHawkweed',
      ),
    );
    expect(found.items.map(brief).slice(0, 2)).toEqual([
      "choice-one: One? [*Shepherd's purse / Dock]",
      'choice-one: Two? [*Cleavers / Dock]',
    ]);
    expect(found.items[2]!.options!.some((option) => option.right)).toBe(false);
    const keyed = found.findings.filter((finding) => finding.field === 'key');
    expect(keyed.map((finding) => finding.level)).toEqual(['note', 'note', 'block', 'block']);
    expect(keyed[2]!.mend).toMatchObject({ label: 'Take A, “Dandelion”' });
    expect(keyed[3]!.mend).toBeUndefined();
  });
  it('an ellipsis, a doubled stem, a missing key', () => {
    expect(
      rules(
        lines(
          head,
          'What is it that…\tp\tq\tr\tA',
          'What does a paddle hold back?\tp\tq\tr\tA',
          'What does a paddle hold back?\tp\tq\ts\tB',
          'Which?\tp\tq\tr\t',
        ),
      ),
    ).toEqual(expect.arrayContaining(['text-cut A2', 'stem-repeated A4', 'key-missing A5']));
  });
  it('a note beside the table moves no cells, and alone is no question', () => {
    const found = gathered(
      'Question,A,B,Right\nWhich?,one,two,A,,to be printed twice\nWho?,one,two,B\n,,,,,checked so far\n',
    );
    expect(found.items.map((item) => item.stem.plain)).toEqual(['Which?', 'Who?']);
    expect(found.findings.map(({ rule }) => rule)).not.toContain('columns-shifted');
  });
  it('commas without quotes move cells; putting them together is offered', () => {
    const found = gathered(
      'Question,A,B,C,Right\nWhich?,one,two,three,A\nWho, if anybody, may?,one,two,three,B\n',
    );
    const [shifted] = found.findings.filter((finding) => finding.rule === 'columns-shifted');
    expect(shifted).toMatchObject({ level: 'block', item: found.items[1]!.id });
    expect(shifted!.mend!.patch).toMatchObject({
      stem: { plain: 'Who, if anybody, may?' },
      options: [{ right: false }, { right: true }, { right: false }],
    });
  });
  it('junk, repeated headings and empty rows are no questions, and junk is told', () => {
    const found = gathered(
      lines(
        head,
        'What?\tp\tq\tr\tA',
        '',
        head,
        'Why?\tp\tq\tr\tB',
        'asdf',
        '\t\t\t\t',
        'When?\tp\tq\tr\tC',
      ),
    );
    expect(found.items.map((one) => one.stem.plain)).toEqual(['What?', 'Why?', 'When?']);
    expect(found.findings.filter((finding) => finding.rule === 'row-left-out')).toHaveLength(1);
  });
  it('a clean source is quiet', () => {
    expect(gathered(lines(head, 'What?\tp\tq\tr\tA', 'Why?\ts\tt\tu\tB')).findings).toEqual([]);
  });
});

describe('the reading', () => {
  const text = lines(
    'Collected by Ottilie',
    '',
    'Nr\tQuestion\tA\tB\tRight\tPoints\tTime\tTags',
    '1\tWhat?\tp\tq\tA\t2\t0:30\tlocks, level: high',
    '2\tWhy?\tp\tq\tB\t1\t1 min\t',
  );
  it('finds headings below a note and says why', () => {
    const { reading, items } = gathered(text);
    expect(reading.headingRow).toBe(3);
    expect(reading.columns.map((column) => column.role)).toEqual([
      'number-in-file',
      'stem',
      'option',
      'option',
      'key',
      'points',
      'seconds',
      'tags',
    ]);
    expect(reading.because['key']).toBe(
      '2 cells of column E are letters that name an option of their row',
    );
    expect(items[0]).toMatchObject({
      points: 2,
      seconds: 30,
      tags: [{ value: 'locks' }, { name: 'level', value: 'high' }],
      origin: { row: 4 },
    });
  });
  it('follows when a role, the headings or the key are overruled', () => {
    const base = gathered(text).reading;
    const swapped = gathered(text, {
      columns: base.columns.map((column) =>
        column.column === 'F'
          ? { ...column, role: 'seconds' as const }
          : column.column === 'G'
            ? { ...column, role: 'ignore' as const }
            : column,
      ),
    });
    expect(swapped.items.map((one) => one.seconds)).toEqual([2, 1]);
    expect(swapped.reading.because['columns.F']).toBe('you chose it');
    expect(gathered(text, { headingRow: null }).reading.headingRow).toBeNull();
    expect(
      gathered(lines('Q\tA\tB\tKey', 'x?\t1\t2\t1', 'y?\t1\t2\t2'), {
        key: { style: 'number' },
      }).items[1]!.options!.map((option) => option.right),
    ).toEqual([false, true]);
  });
  it('keeps to a range, and tells one that is none', () => {
    const wide = lines(
      'Question\tA\tB\tRight\t\tPresent',
      'What?\tp\tq\tA\t\tAnsel',
      'Why?\tp\tq\tB\t\tCato',
      'Reserve\tp\tq\tB',
    );
    expect(gathered(wide, { range: 'A1:D3' }).items).toHaveLength(2);
    expect(gathered(wide, { range: 'all of it' }).findings[0]).toMatchObject({
      rule: 'range-unknown',
    });
  });
  it('takes only marked rows where a column marks them', () => {
    expect(
      gathered(
        lines(
          'Take (x)\tQuestion\tA\tB\tRight',
          'x\tOne?\tp\tq\tA',
          '\tTwo?\tp\tq\tA',
          'X\tThree?\tp\tq\tB',
        ),
      ).items.map((one) => one.stem.plain),
    ).toEqual(['One?', 'Three?']);
  });
});

describe('the demo’s sources', () => {
  it('are understood as their truth says', async () => {
    const open = async (name: string) =>
      gatherTable(await readTable({ name, bytes: demo(name) }), {}, { id: counter() });
    const sheet = await open('second-evening.xlsx');
    expect(sheet.items).toHaveLength(12);
    expect(sheet.findings).toEqual([]);
    expect(sheet.reading).toMatchObject({ sheet: 'Round 2', headingRow: 4 });
    const faults = await open('reply-with-faults.txt');
    expect(faults.items).toHaveLength(8);
    expect(faults.findings.map((finding) => finding.rule).sort()).toEqual([
      'key-past-last-option',
      'key-text-spelt-otherwise',
      'key-text-spelt-otherwise',
      'stem-repeated',
      'text-cut',
    ]);
    expect((await open('words-for-keepers.txt')).items.every((one) => one.kind === 'card')).toBe(
      true,
    );
  });
});

describe('any text', () => {
  it('ends in items or findings, and never in an exception', () => {
    const cell = fc.oneof(
      fc.string(),
      fc.constantFrom(
        'Question',
        'A',
        'B',
        'Right',
        '1',
        '=x',
        '<script>',
        '\ud800',
        '{{1}}',
        '*',
        '__proto__',
        'constructor',
        'true',
      ),
    );
    fc.assert(
      fc.property(fc.array(fc.array(cell, { maxLength: 7 }), { maxLength: 8 }), (data) => {
        const found = gathered(data.map((row) => row.join('\t')).join('\n'));
        expect(Array.isArray(found.items)).toBe(true);
        expect(new Set(found.items.map((one) => one.id)).size).toBe(found.items.length);
      }),
      { numRuns: 600 },
    );
  });
});
