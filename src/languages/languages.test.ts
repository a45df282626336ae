// Every text that the page and the core say is listed for translators, can be taken apart, and gets the values that it names.
import { compileMessage, type CompiledMessage } from '@lingui/message-utils/compileMessage';
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { describe, expect, it, vi } from 'vitest';
import { filesOfCore, filesOfPage, textSaid, textsSaid, walk } from '../../scripts/words.mjs';
import { asWrittenIn, ENGLISH, i18n, speak } from '.';

const page = filesOfPage();
/** Without the door itself, which hands on whatever it is given. */
const core = filesOfCore().filter(({ fileName }) => !fileName.endsWith('core/shared/say.ts'));
const files = [...page, ...core];
const list = JSON.parse(readFileSync(new URL('en.json', import.meta.url), 'utf8')) as Record<
  string,
  string
>;

/** The names of the values that a text has places for. */
function namesIn(message: CompiledMessage): string[] {
  return typeof message === 'string'
    ? []
    : message.flatMap((token): string[] => {
        if (typeof token === 'string') {
          return [];
        }
        const [name, , options] = token;
        const choices = typeof options === 'object' && options ? Object.values(options) : [];
        return [
          name,
          ...choices.flatMap((choice) => (Array.isArray(choice) ? namesIn(choice) : [])),
        ];
      });
}

/** The names of the values that stand behind a text where it is said. */
function namesGiven(node: ts.Node): string[] {
  if (ts.isCallExpression(node)) {
    const values = node.arguments[1];
    return values && ts.isObjectLiteralExpression(values)
      ? values.properties.map((own) => own.name?.getText() ?? '')
      : [];
  }
  const given: string[] = [];
  walk(node, (below) => {
    const isValues = ts.isJsxAttribute(below) && below.name.getText() === 'values';
    const values =
      isValues && below.initializer && ts.isJsxExpression(below.initializer)
        ? below.initializer.expression
        : undefined;
    if (values && ts.isObjectLiteralExpression(values)) {
      given.push(...values.properties.map((own) => own.name?.getText() ?? ''));
    }
  });
  return given;
}

/** Where a node stands, for whoever mends it. */
const placeOf = (node: ts.Node): string => {
  const file = node.getSourceFile();
  const { line } = file.getLineAndCharacterOfPosition(node.getStart());
  return `${file.fileName.split('/src/')[1]}:${line + 1} ${node.getText().slice(0, 60)}`;
};

const isWorded = (text: string): boolean => /\p{L}{2}/u.test(text);
/** Attributes whose text is read or heard. */
const HEARD: ReadonlySet<string> = new Set([
  'aria-label',
  'description',
  'fine',
  'help',
  'label',
  'placeholder',
  'title',
]);

/** Words of an element that stand outside of every text: they would stay English in any language. */
function strayWords(node: ts.Node): boolean {
  if (ts.isJsxText(node)) {
    return isWorded(node.text);
  }
  const { initializer } = ts.isJsxAttribute(node) ? node : {};
  return (
    ts.isJsxAttribute(node) &&
    HEARD.has(node.name.getText()) &&
    initializer !== undefined &&
    ts.isStringLiteral(initializer) &&
    isWorded(initializer.text) &&
    !/^https?:/u.test(initializer.text)
  );
}

/** A table of texts that are said later may stand where the core says something; a text of pieces may stand nowhere. */
const isPutTogether = (call: ts.Node, text: ts.Node): boolean =>
  ts.isTemplateExpression(text) ||
  (ts.isBinaryExpression(text) && text.operatorToken.kind === ts.SyntaxKind.PlusToken) ||
  (!ts.isStringLiteralLike(text) &&
    !(ts.isCallExpression(call) && call.expression.getText() === 'say'));

/** What the core gives a person to read stands in these. */
const READ: ReadonlySet<string> = new Set([
  'because',
  'label',
  'looksFor',
  'message',
  'problem',
  'reason',
  'why',
]);

/** A sentence of the core that stands outside of every text. */
function straySentence(node: ts.Node): boolean {
  const isRead =
    (ts.isPropertyAssignment(node) && READ.has(node.name.getText())) ||
    (ts.isNewExpression(node) && node.expression.getText() === 'Problem');
  if (!isRead) {
    return false;
  }
  const said = ts.isPropertyAssignment(node) ? node.initializer : node.arguments?.[0];
  return (
    said !== undefined &&
    (ts.isStringLiteralLike(said) || ts.isTemplateExpression(said)) &&
    /\p{L}{2}.* .*\p{L}{2}/u.test(said.getText())
  );
}

describe('the texts of the page and the core', () => {
  it('are all in the list, and nothing else is (npm run words)', () => {
    expect(textsSaid(files)).toEqual(Object.keys(list));
    expect(Object.values(list)).toEqual(Object.keys(list));
  });

  it('have a value for each of their places, and no other', () => {
    const wrong: string[] = [];
    for (const file of files) {
      walk(file, (node) => {
        const text = textSaid(node);
        if (text && isPutTogether(node, text)) {
          wrong.push(`${placeOf(node)}: is put together`);
        } else if (text && ts.isStringLiteralLike(text)) {
          const asked = [...new Set(namesIn(compileMessage(text.text)))].sort();
          const given = [...new Set(namesGiven(node))].sort();
          // A text that is said later gets its values there.
          const isLater = ts.isCallExpression(node) && node.expression.getText() === 'toSay';
          if (!isLater && asked.join() !== given.join()) {
            wrong.push(`${placeOf(node)}: asks for ${asked.join()}, gets ${given.join()}`);
          }
        }
      });
    }
    expect(wrong).toEqual([]);
  });

  it('are all the words there are', () => {
    const stray = (of: readonly ts.SourceFile[], isStray: (node: ts.Node) => boolean): string[] => {
      const found: string[] = [];
      for (const file of of) {
        walk(file, (node) => {
          if (isStray(node)) {
            found.push(placeOf(node));
          }
        });
      }
      return found;
    };
    expect([...stray(page, strayWords), ...stray(core, straySentence)]).toEqual([]);
  });
});

describe('a language', () => {
  it('says its own texts with its own plurals and numbers, and English where it has none', () => {
    const many = '{files, plural, one {# file} other {# files}}';
    expect(i18n._(many, { files: 1200 })).toBe('1,200 files');
    speak('pl', { [many]: '{files, plural, one {# plik} few {# pliki} other {# plików}}' });
    expect([1, 3, 5, 12_000].map((count) => i18n._(many, { files: count }))).toEqual([
      '1 plik',
      '3 pliki',
      '5 plików',
      '12\u00a0000 plików',
    ]);
    expect(i18n._('Take all')).toBe('Take all');
    speak(ENGLISH);
    expect(i18n._(many, { files: 1 })).toBe('1 file');
  });

  it.each([
    [ENGLISH, 'de-AT', 'en-AT', '24/11/2026'],
    [ENGLISH, 'en-US', 'en-US', '11/24/2026'],
    ['cy', 'en-GB', 'cy-GB', '24/11/2026'],
    // A language alone is written as where most speak it; what is no language changes nothing.
    [ENGLISH, 'sv', 'en-SE', '2026-11-24'],
    [ENGLISH, 'x', ENGLISH, '24/11/2026'],
    [ENGLISH, undefined, ENGLISH, '24/11/2026'],
  ])('%s is written for %s as %s', (language, user, written, date) => {
    expect(asWrittenIn(language, user)).toBe(written);
    expect(new Date(2026, 10, 24).toLocaleDateString(written)).toBe(date);
  });

  it('that was chosen is fetched before anything is said; English stays where it can’t be had', async () => {
    const stored = (kept: string | null) => ({ getItem: () => kept });
    const fetched = vi.fn((path: string) =>
      Promise.resolve(
        path === '/languages/cy.json'
          ? Response.json({ 'Take all': 'Cymryd y cyfan' })
          : new Response('', { status: 404 }),
      ),
    );
    vi.stubGlobal('fetch', fetched);
    vi.stubGlobal('navigator', { languages: ['fr', 'en-GB'] });
    vi.stubGlobal('document', { documentElement: { lang: '' } });
    const said: [string, string][] = [];
    for (const kept of ['cy', 'tlh', null]) {
      vi.stubGlobal('localStorage', stored(kept));
      vi.resetModules();
      const { i18n: own } = await import('.');
      said.push([own.locale, own._('Take all')]);
    }
    expect(said).toEqual([
      ['cy', 'Cymryd y cyfan'],
      [ENGLISH, 'Take all'],
      [ENGLISH, 'Take all'],
    ]);
    expect(fetched.mock.calls.map(([path]) => path)).toEqual([
      '/languages/cy.json',
      '/languages/tlh.json',
    ]);
    vi.unstubAllGlobals();
  });
});
