// Memory of blanks: what was decided of one holds for the next with the same headings.
import { describe, expect, it } from 'vitest';
import { item, surroundings } from '../../../tests/make';
import type { KeptLayout, Layout } from '../model';
import { byChoice } from '../shared/reasons';
import { fillAll } from './filling';
import { learnBlank, STARTERS } from './layouts';

const blank = (text: string, name: string) => ({ name, bytes: new TextEncoder().encode(text) });
const SPRING = blank('Question,Zam,Answer A,Answer B,Right\n', 'spring.csv');
const AUTUMN = blank('Zam:,Question,Answer A,Answer B,Answer C,Right\n', 'autumn.csv');

async function corrected(change: (layout: Layout) => Layout, ...paths: string[]) {
  const { layout, because, unsure } = await learnBlank(SPRING, surroundings);
  const chosen = Object.fromEntries(paths.map((path) => [path, byChoice()]));
  const kept: KeptLayout = {
    id: 'k',
    layout: change(layout),
    because: { ...because, ...chosen },
    unsure,
    chosen: true,
  };
  return kept;
}

const asHint = (layout: Layout): Layout => ({
  ...layout,
  columns: layout.columns.map((column) =>
    column.heading === 'Zam' ? { ...column, role: 'hint' } : column,
  ),
});

describe('a blank with the headings of a known one', () => {
  it('takes over what was decided of its columns, wherever they stand now', async () => {
    const known = await corrected(asHint, 'columns.B');
    const { layout, because, unsure } = await learnBlank(AUTUMN, surroundings, [known]);
    expect(layout.columns[0]).toMatchObject({ column: 'A', heading: 'Zam:', role: 'hint' });
    expect(because['columns.A']).toBe('you said so for spring');
    expect(unsure).not.toContain('columns.A');
    expect(layout.columns.filter(({ role }) => role === 'option')).toHaveLength(3);
  });

  it('takes over the notation of the key, and hands it on', async () => {
    const numbered = (layout: Layout): Layout => ({ ...layout, key: { style: 'number' } });
    const known = await corrected(numbered, 'key');
    const second = await learnBlank(AUTUMN, surroundings, [known]);
    expect(second.layout.key.style).toBe('number');
    const { layout, because, unsure } = second;
    const kept: KeptLayout = { id: 's', layout, because, unsure, chosen: true };
    expect((await learnBlank(AUTUMN, surroundings, [kept])).layout.key.style).toBe('number');
  });

  it('takes nothing from one with other headings, nor what was only guessed there', async () => {
    const known = await corrected(asHint);
    const { because } = await learnBlank(AUTUMN, surroundings, [known]);
    expect(Object.values(because).join()).not.toContain('you said so');
    const decided = await corrected(asHint, 'columns.B');
    const other = blank('Frage,Antwort,Falsch 1,Falsch 2\n', 'other.csv');
    const learned = await learnBlank(other, surroundings, [decided]);
    expect(Object.values(learned.because).join()).not.toContain('you said so');
  });
});

describe('a package as a blank', () => {
  it('is the layout of the standard it keeps to', async () => {
    const starter = STARTERS.find(({ file }) => file.standard === 'qti-2.1')!;
    const [file] = await fillAll(
      { items: [item()], layout: starter, setTitle: 'Set' },
      surroundings,
    );
    const learned = await learnBlank({ name: 'form.zip', bytes: file!.bytes }, surroundings);
    expect(learned.layout).toMatchObject({
      name: 'form',
      shape: 'package',
      file: { format: 'zip', standard: 'qti-2.1' },
    });
  });
});
