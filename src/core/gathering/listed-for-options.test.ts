// Cells that list something for each option of another cell, and words and numbers that are told by what stands around them. The
// habits are common practice, no source.
import { describe, expect, it } from 'vitest';
import { brief } from '../../../tests/say';
import { gatherColumns } from '../../../tests/typed';

const briefs = async (lines: readonly string[]) => (await gatherColumns(lines)).items.map(brief);

describe('one cell for all options', () => {
  it('holds their weights', async () => {
    const lines = [
      'question_text;answers;weights',
      'Which tool cuts glass?;Cutter|Saw|Plane;100|0|0',
      'Which give colour?;Iron|Sand|Cobalt|Water;50|-50|50|-50',
      'What joins lead?;Glue|Solder;0|100',
    ];
    const { items, reading } = await gatherColumns(lines);
    expect(items.map(brief)).toEqual([
      'choice-one: Which tool cuts glass? [*Cutter{100} / Saw{0} / Plane{0}]',
      'choice-many: Which give colour? [*Iron{50} / Sand{-50} / *Cobalt{50} / Water{-50}]',
      'choice-one: What joins lead? [Glue{0} / *Solder{100}]',
    ]);
    expect(reading.unsure).toEqual([]);
  });

  it('says right or wrong of each, and what is told of each', async () => {
    const { items } = await gatherColumns([
      'Question,Options,Correct?,Feedback',
      'Which floats?,Cork | Lead | Oak,yes | no | yes,It is light. | | Most wood does.',
      'Which rusts?,Gold | Iron,no | yes,| Wet iron does.',
      'Which burns?,Wood | Stone,yes | no,It does. | Never.',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-many: Which floats? [*Cork / Lead / *Oak]',
      'choice-one: Which rusts? [Gold / *Iron]',
      'choice-one: Which burns? [*Wood / Stone]',
    ]);
    expect(items.map((item) => item.options?.map(({ feedback }) => feedback?.plain ?? ''))).toEqual(
      [
        ['It is light.', '', 'Most wood does.'],
        ['', 'Wet iron does.'],
        ['It does.', 'Never.'],
      ],
    );
  });

  it('names the right ones, where its numbers leave none at nothing', async () => {
    expect(
      await briefs([
        'Question;Options;Correct',
        'Which float?;Cork|Lead|Oak;1|3',
        'Which rusts?;Gold|Iron|Zinc;2',
        'Which burn?;Wood|Stone|Wax;1|3',
      ]),
    ).toEqual([
      'choice-many: Which float? [*Cork / Lead / *Oak]',
      'choice-one: Which rusts? [Gold / *Iron / Zinc]',
      'choice-many: Which burn? [*Wood / Stone / *Wax]',
    ]);
  });
});

describe('told by what stands around it', () => {
  it('words for true and false, of any language, name the kind; one right answer stands for what each kind needs', async () => {
    expect(
      await briefs([
        'Soort;Vraag;Antwoord;Afleider 1;Afleider 2',
        'meerkeuze;Wat is een peilschaal?;Een meetlat;Een boot;Een brug',
        'juist/onjuist;Een gemaal pompt water.;juist;;',
        'open;Noem een soort dijk.;zeedijk;;',
        'invullen;De ... sluit de sluis af.;deur;;',
      ]),
    ).toEqual([
      'choice-one: Wat is een peilschaal? [*Een meetlat / Een boot / Een brug]',
      'true-false: Een gemaal pompt water. [*juist / onjuist]',
      'open: Noem een soort dijk. []',
      'gap: De {{1}} sluit de sluis af. [deur]',
    ]);
  });

  it('words beside gaps that each have a column are offered with them', async () => {
    const { items } = await gatherColumns([
      'Sentence;Gap 1;Gap 2;Extra words',
      'A ___ builds a dam from ___.;beaver;branches;otter, stones',
      'The ___ hunts at ___.;owl;night;robin',
      'A ___ stores ___ for winter.;squirrel;nuts;eggs',
    ]);
    expect(items.map(brief)).toEqual([
      'gap: A {{1}} builds a dam from {{2}}. [beaver / branches]',
      'gap: The {{1}} hunts at {{2}}. [owl / night]',
      'gap: A {{1}} stores {{2}} for winter. [squirrel / nuts]',
    ]);
    expect(items[0]!.gaps?.[0]?.options).toEqual(['beaver', 'branches', 'otter', 'stones']);
  });

  it('a running number names no option, and formulas are no points', async () => {
    const { items } = await gatherColumns([
      '1;Which can hover?;Kestrel;Swan;Coot;Rook',
      '2;Which dives?;Tern;Dove;Crow;Wren',
      '3;Which sings?;Robin;Gull;Stork;Crane',
      '4;Which wades?;Heron;Swift;Lark;Finch',
    ]);
    expect(items.flatMap(({ options = [] }) => options.filter(({ right }) => right))).toEqual([]);
    const { items: sums, reading } = await gatherColumns([
      'Aufgabe;Ergebnis;Einheit;Toleranz ±;Rechenweg',
      'Wie lang ist der Umfang?;12,57;m;0,05;2 · π · r',
      'Wie schwer sind 3 Säcke?;75;kg;0;3 · 25',
      'Wie viel fasst der Würfel?;125;l;1;5³',
    ]);
    expect(sums.map(({ points }) => points)).toEqual([undefined, undefined, undefined]);
    expect(reading.unsure).toContain('columns.E');
  });

  it('forms of words that stand behind an article', async () => {
    const { items } = await gatherColumns([
      'English;Plural;Deutsch',
      'the hammer;hammers;der Hammer',
      'the saw;saws;die Säge',
      'the file;files;die Feile',
    ]);
    expect(items.map(({ accepted }) => accepted)).toEqual([
      ['der Hammer'],
      ['die Säge'],
      ['die Feile'],
    ]);
  });
});

describe('said in ways of their own', () => {
  it('shares in per cent behind options, or in front of them', async () => {
    const { items, reading } = await gatherColumns([
      'Question;Answers',
      'Which are citrus?;Lemon (50%)|Apple (0%)|Lime (50%)',
      'Which is a berry?;Banana (100%)|Fig (0%)|Plum (0%)',
      'Which are nuts?;Hazel (50%)|Peanut (-50%)|Walnut (50%)',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-many: Which are citrus? [*Lemon{50} / Apple{0} / *Lime{50}]',
      'choice-one: Which is a berry? [*Banana{100} / Fig{0} / Plum{0}]',
      'choice-many: Which are nuts? [*Hazel{50} / Peanut{-50} / *Walnut{50}]',
    ]);
    expect(reading.unsure).toEqual([]);
    const columns = await briefs([
      'Question;A;B;Key',
      'How much floats?;about 10 %;about 90 %;A',
      'How much sinks?;about 20 %;about 80 %;B',
    ]);
    expect(columns[0]).toBe('choice-one: How much floats? [*about 10 % / about 90 %]');
  });

  it('letters for true and false that the word for the kind explains', async () => {
    expect(
      await briefs([
        'Typ;Pytanie;A;B;Poprawna',
        'jednokrotny;Co pływa?;Korek;Ołów;A',
        'P/F;Ołów pływa.;;;F',
        'P/F;Korek pływa.;;;P',
      ]),
    ).toEqual([
      'choice-one: Co pływa? [*Korek / Ołów]',
      'true-false: Ołów pływa. [prawda / *fałsz]',
      'true-false: Korek pływa. [*prawda / fałsz]',
    ]);
  });

  it('a tick under one of several headings', async () => {
    expect(
      await briefs([
        'Statement;Mammal;Bird;Fish',
        'Feeds its young milk;x;;',
        'Has feathers;;x;',
        'Lays eggs;;x;x',
        'Has gills;;;x',
      ]),
    ).toEqual([
      'choice-one: Feeds its young milk [*Mammal / Bird / Fish]',
      'choice-one: Has feathers [Mammal / *Bird / Fish]',
      'choice-many: Lays eggs [Mammal / *Bird / *Fish]',
      'choice-one: Has gills [Mammal / Bird / *Fish]',
    ]);
  });

  it('steps below one another with their places beside them', async () => {
    expect(
      await briefs([
        'Aufgabe;Schritt;Position',
        'Brot backen;Kneten;1',
        'Brot backen;Ruhen;2',
        'Brot backen;Backen;3',
        'Tee kochen;Aufgießen;2',
        'Tee kochen;Wasser kochen;1',
        'Tee kochen;Ziehen;3',
      ]),
    ).toEqual([
      'order: Brot backen [Kneten > Ruhen > Backen]',
      'order: Tee kochen [Wasser kochen > Aufgießen > Ziehen]',
    ]);
  });

  it('one of two languages side by side, the other kept and doubted', async () => {
    const { items, reading } = await gatherColumns([
      'Question (EN);Question (CY);A (EN);A (CY);B (EN);B (CY);Correct',
      'Capital of Wales?;Prifddinas Cymru?;Cardiff;Caerdydd;Swansea;Abertawe;A',
      'Highest mountain?;Mynydd uchaf?;Snowdon;Yr Wyddfa;Cadair;Cader;A',
      'Longest river?;Afon hiraf?;Wye;Gwy;Towy;Tywi;B',
    ]);
    expect(items.map(brief)).toEqual([
      'choice-one: Capital of Wales? [*Cardiff / Swansea]',
      'choice-one: Highest mountain? [*Snowdon / Cadair]',
      'choice-one: Longest river? [Wye / *Towy]',
    ]);
    expect(reading.unsure).toEqual(['columns.B', 'columns.D', 'columns.F']);
  });
});
