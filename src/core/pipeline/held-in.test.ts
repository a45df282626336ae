// Texts in an encoding of 256 signs (the WHATWG Encoding Standard's index of windows-1252): what it lacks is refused in a sentence.
import { describe, expect, it } from 'vitest';
import type { Item, Layout } from '../model';
import { fill, learnBlank } from '.';
import { item, surroundings } from '../../../tests/make';

const inBytes = (text: string): Uint8Array =>
  Uint8Array.from([...text], (sign) => sign.charCodeAt(0));
const learned = async (
  name: string,
  text: string,
): Promise<{ layout: Layout; blank: Uint8Array }> => {
  const blank = inBytes(text);
  const { layout } = await learnBlank({ name, bytes: blank }, surroundings);
  expect(layout.file.encoding).toBe('windows-1252');
  return { layout, blank };
};
const SAMPLE =
  '# Satz: Übung\n\nFrage: Wie heißt der See?\n+ Müritz\n- Elbe\n\nFrage: Was schwimmt?\n+ Kork\n- Blei\n';

describe('a file in Windows-1252', () => {
  it('has a title in signs that it lacks written plainly where they can be', async () => {
    const job = { ...(await learned('satz.txt', SAMPLE)), items: [item()] };
    const { bytes, differences } = await fill({ ...job, setTitle: 'Łódź → Bâle' }, surroundings);
    expect(differences).toEqual([]);
    expect(new TextDecoder('windows-1252').decode(bytes)).toContain('Lódz -> Bâle');
  });
  it('says which signs of a title it has not, and what to do', async () => {
    const job = { ...(await learned('satz.txt', SAMPLE)), items: [item()] };
    await expect(fill({ ...job, setTitle: 'Kreis ○' }, surroundings)).rejects.toThrow(
      /^Files of the kind .* has no sign for ○ in the title “Kreis ○”\. Give the set another title\.$/,
    );
  });
  it('takes any title where no place of it says one', async () => {
    const job = {
      ...(await learned(
        'satz.csv',
        'Fräge;Antwort A;Antwort B;Richtig\r\nWas fließt?;Fluß;Öl;A\r\n',
      )),
      items: [item()],
    };
    const { bytes, name } = await fill({ ...job, setTitle: 'Kreis ○' }, surroundings);
    expect(name).toContain('Kreis ○');
    expect(bytes.length).toBeGreaterThan(0);
  });
  it('refuses a question for which the receiver’s own words have no sign in it', async () => {
    const { layout, blank } = await learned('satz.txt', SAMPLE);
    const pattern: Layout['pattern'] = {
      between: [''],
      forms: [
        {
          kinds: ['true-false'],
          parts: [
            { role: 'stem', before: 'Über: ' },
            { role: 'key', before: '= ', style: 'word', words: ['○', '×'] },
          ],
        },
      ],
    };
    const statement: Item = item({
      kind: 'true-false',
      options: [
        { text: { plain: 'True' }, right: true },
        { text: { plain: 'False' }, right: false },
      ],
    });
    const kinds = [{ kind: 'true-false' as const, code: '' }];
    const job = { layout: { ...layout, pattern, kinds }, blank, items: [statement], setTitle: 'T' };
    const { receipt } = await fill(job, surroundings);
    expect(receipt.leftOut.map(({ reason }) => reason)).toEqual([expect.stringContaining('○')]);
  });
});
