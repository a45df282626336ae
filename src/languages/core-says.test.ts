// Another language in the core: what it notices, why it read something so, and why a question stays out, are said in it.
import { readdirSync, readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkAll } from '../core/checks';
import { craftOf } from '../core/craft';
import type { Finding } from '../core/model';
import { fit, gatherSource, learnBlank, STARTERS } from '../core/pipeline';
import { kindName } from '../core/shared/kind-names';
import { byChoice, isDecided, saidFor } from '../core/shared/reasons';
import { roleWords } from '../core/shared/roles';
import { ENGLISH, spoken } from '../core/shared/say';
import { counter } from '../../tests/make';
import { speak } from '.';

const folder = new URL('../../public/demo/', import.meta.url);
const list = JSON.parse(readFileSync(new URL('en.json', import.meta.url), 'utf8')) as Record<
  string,
  string
>;
const surroundings = {
  now: () => '2026-11-26T09:00:00.000Z',
  id: counter(),
  digest: () => Promise.resolve('0'),
};
const fileOf = (name: string) => ({
  name,
  bytes: new Uint8Array(readFileSync(new URL(name, folder))),
});
const textOf = (name: string, text: string) => ({ name, bytes: new TextEncoder().encode(text) });

/** Sentences that stand, in whole or in part, outside of the signs of the made-up language. */
const english = (texts: readonly string[]): string[] =>
  texts.filter((text) => text !== '' && !/^⟦[\s\S]*⟧$/u.test(text));
const messages = (findings: readonly Finding[]): string[] =>
  findings.flatMap(({ message, mend }) => [message, mend?.label ?? '']);

const FAULTY = `Which gate opens first?
a) the lower *
b) the upper
c) the upper
c) none of the above

2. It floats. (T)
3. The cill is never …
a) dry *
b) wet
Lock keepers wear a ____ (cap).
see you on Thursday
`;

describe('the core in another language', () => {
  beforeAll(() =>
    speak('qps', Object.fromEntries(Object.keys(list).map((text) => [text, `⟦${text}⟧`]))),
  );
  afterAll(() => speak(ENGLISH));

  it('says in it what it noticed in sources and why it read them so', async () => {
    const sources = [
      ...readdirSync(folder).map(fileOf),
      textOf('faulty.txt', FAULTY),
      textOf(
        'faulty.csv',
        'Question;A;B;Key\nWhat is wet?;Water;Air;E\nWhat is dry?;Sand;Mud;sandd\n\n;;;B\n',
      ),
      textOf('empty.csv', ''),
      textOf(
        'odd.json',
        '[{"question": "What is a cill?", "answer": "a step"}, {"question": "What',
      ),
    ];
    const said: string[] = [];
    for (const source of sources) {
      const { findings, reading, items } = await gatherSource(source, {}, { id: counter() });
      said.push(...messages(findings), ...Object.values(reading?.because ?? {}));
      said.push(...messages(checkAll(items)), ...messages(items.flatMap((item) => craftOf(item))));
    }
    expect(said.length).toBeGreaterThan(100);
    expect(english(said)).toEqual([]);
  });

  it('says in it what it learned of blanks, and why questions change or stay out', async () => {
    const { items } = await gatherSource(fileOf('round-form.txt'), {}, { id: counter() });
    const said: string[] = [];
    for (const name of [
      'evening-host.xlsx',
      'course-shelf.csv',
      'team-board.xlsx',
      'round-form.txt',
    ]) {
      const { because, findings, layout } = await learnBlank(fileOf(name), surroundings);
      said.push(...Object.values(because), ...messages(findings));
      const fitted = fit(items, layout);
      said.push(
        ...fitted.flatMap(({ changes, reason }) => [
          reason ?? '',
          ...changes.map(({ why }) => why),
        ]),
      );
    }
    for (const layout of STARTERS) {
      said.push(...fit(items, layout).flatMap(({ reason }) => reason ?? ''));
    }
    expect(said.length).toBeGreaterThan(50);
    expect(english(said)).toEqual([]);
  });

  it('names kinds and roles in it, and knows its own reasons again, those in English too', () => {
    expect(english([kindName('match'), roleWords('key')])).toEqual([]);
    expect(
      [byChoice(), saidFor('Shelf'), 'you chose it', 'you said so for Shelf'].map(isDecided),
    ).toEqual([true, true, true, true]);
    expect(isDecided('its heading says so')).toBe(false);
    expect(spoken()).toMatchObject({
      locale: 'qps',
      texts: { 'It was stopped.': '⟦It was stopped.⟧' },
    });
  });
});
