// Blanks of kinds that are seldom met: names in brackets below the headings, rules without a word for one, a column for a text
// that several questions share.
import { describe, expect, it } from 'vitest';
import { fit } from '../fitting';
import { learnBlank } from '../pipeline';
import { item, rowsLayout, surroundings } from '../../../tests/make';

const learnt = (lines: readonly string[]) =>
  learnBlank(
    { name: 'a.csv', bytes: new TextEncoder().encode(`${lines.join('\r\n')}\r\n`) },
    surroundings,
  );
const rolesOf = ({ columns }: { columns: readonly { heading?: string; role: string }[] }) =>
  Object.fromEntries(columns.map(({ heading = '', role }) => [heading, role]));

describe('blanks that are seldom met', () => {
  it('a row of names in brackets is no sample, and cards offer nothing to choose from', async () => {
    const { layout, unsure } = await learnt([
      'Front,Back,Example,Audio,Tags',
      '(word),(translation),(optional),(leave empty),(separated by spaces)',
    ]);
    expect(layout.file).toMatchObject({ headingRow: 1, firstRow: 3 });
    expect(layout.file.sample).toBeUndefined();
    expect(rolesOf(layout)).toMatchObject({ Front: 'stem', Back: 'accepted', Tags: 'tags' });
    expect(Object.values(rolesOf(layout))).not.toContain('option');
    expect(unsure).toContain('columns.D');
  });

  it('a row that says when to tick is no sample', async () => {
    const { layout } = await learnt([
      'Item text,True,False,Level',
      '(max 200 characters),x if true,x if false,1-3',
    ]);
    expect(layout.file).toMatchObject({ headingRow: 1, firstRow: 3 });
    expect(layout.columns[0]).toMatchObject({ role: 'stem', max: 200 });
  });

  it('a text that questions share has no place of its own, is no kind, and is doubted', async () => {
    const { layout, unsure } = await learnt([
      'Group ID,Stimulus,Question,Option 1,Option 2,Option 3,Correct (1-3)',
      'G1,Read the text ...,What does it say?,a,b,c,2',
    ]);
    expect(rolesOf(layout)).toMatchObject({ Stimulus: 'ignore', Question: 'stem' });
    expect(layout.kinds).toEqual([]);
    expect(unsure).toContain('columns.B');
  });

  it('a list as programs write it holds all options, though a form shows a single one', async () => {
    const { layout } = await learnt([
      'id,question_text,choices,correct_answer',
      'ex-1,Which is a prime?,"[""2"",""4"",""6""]",2',
    ]);
    expect(rolesOf(layout)).toMatchObject({ choices: 'options' });
  });
});

describe('what samples, lists and a row of rules say', () => {
  it('the most of something is a length beside cells that speak of characters, and none of points', async () => {
    const { layout } = await learnt([
      'Question text,Choice 1,Choice 2,Choice 3,Correct choice,Seconds,Points',
      '"max. 110 characters",max. 60,max. 60,optional,"1-3, several by comma",max. 90,max. 1000',
      'Which is deepest?,Harrow,Mere,Ashwell,2,20,500',
    ]);
    expect(layout.limits).toMatchObject({ stem: 110, option: 60 });
    expect(layout.columns.slice(4).map(({ max }) => max)).toEqual([
      undefined,
      undefined,
      undefined,
    ]);
  });

  it('letters of a sample are what is written, not the words that the heading explains them by', async () => {
    const { layout, unsure } = await learnt([
      'Affirmation,Vrai ou faux (V/F),Explication',
      '"La Loire est un fleuve.",V,"Elle se jette dans la mer."',
    ]);
    expect(layout.key).toEqual({ style: 'word', right: 'V', wrong: 'F' });
    expect(unsure).toEqual([]);
    const { layout: empty } = await learnt(['Affirmation,Vrai ou faux (V/F),Explication']);
    expect(empty.key).toEqual({ style: 'word', right: 'V', wrong: 'F' });
  });

  it('several right ones with nothing between, and a nought below a word for a tolerance', async () => {
    const { layout } = await learnt([
      'Code,Frage,A,B,C,Lösung,Zahl,Einheit,Toleranz',
      'EA,Was ist rot?,Blut,Gras,Schnee,A,,,',
      'MA,Welche sind Metalle?,Eisen,Ton,Zinn,AC,,,',
      'Z,Wie viele Beine?,,,,,8,Beine,0',
    ]);
    expect(layout.key).toEqual({ style: 'letter', separator: '' });
    expect(layout.columns.slice(6).map(({ role }) => role)).toEqual(['value', 'unit', 'tolerance']);
  });

  it('a word on the list of kinds that is known nowhere leaves the kinds unsure', async () => {
    const lines = (word: string): string[] => [
      'Art,Frage,A,B,Lösung',
      'Einfachwahl,Was schwimmt?,Kork,Blei,A',
      `${word},Blei schwimmt.,,,falsch`,
    ];
    expect((await learnt(lines('Wahr/Falsch'))).unsure).not.toContain('kinds');
    expect((await learnt(lines('Zwackeln'))).unsure).toContain('kinds');
  });
});

describe('a blank for texts with gaps', () => {
  const lines = [
    'Satz;Lösung 1;Lösung 2;Lösung 3;Ablenker',
    'Die ___ öffnet das ___.;Schleuse;Tor;;"Brücke; Kahn"',
  ];

  it('takes what goes in, what is offered besides, and draws gaps as its sample does', async () => {
    const { layout, unsure } = await learnt(lines);
    expect(layout.columns.map(({ role }) => role)).toEqual([
      'stem',
      'accepted',
      'accepted',
      'accepted',
      'wrongs',
    ]);
    expect(layout).toMatchObject({ kinds: [{ kind: 'gap', code: '' }], gap: '___' });
    expect(unsure).toEqual([]);
  });

  it('is filled and read back so', async () => {
    const { layout } = await learnt(lines);
    const words = ['paddle', 'gate', 'oar'];
    const gap = item({
      kind: 'gap',
      stem: { plain: 'A {{1}} beside a {{2}}.' },
      options: undefined,
      gaps: [
        { accepted: ['paddle'], options: words },
        { accepted: ['gate'], options: words },
      ],
    });
    const [fitted] = fit([gap], layout);
    expect(fitted).toMatchObject({ state: 'fits', changes: [] });
    expect(fitted!.cells).toEqual([{ A: 'A ___ beside a ___.', B: 'paddle', C: 'gate', E: 'oar' }]);
  });

  it('words to choose from that have no place are told', () => {
    const kinds = [{ kind: 'gap' as const, code: '' }];
    const layout = { ...rowsLayout(['stem', 'accepted']), kinds };
    const gap = item({
      kind: 'gap',
      stem: { plain: 'A {{1}}.' },
      options: undefined,
      gaps: [{ accepted: ['gate'], options: ['gate', 'oar'] }],
    });
    const [fitted] = fit([gap], layout);
    expect(fitted!.changes.map(({ field, from }) => [field, from])).toEqual([
      ['gaps', 'gate, oar'],
    ]);
  });
});
