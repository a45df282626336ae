// npm run words: lists every text that the page and the core say in src/languages/en.json, which a translator copies and fills in.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = fileURLToPath(new URL('..', import.meta.url));
const LIST = join(root, 'src/languages/en.json');

const isCode = (name) => /\.tsx?$/.test(name) && !/\.(?:test|d)\.tsx?$/.test(name);

const filesIn = (folder) =>
  readdirSync(join(root, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && isCode(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort()
    .map((path) =>
      ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true),
    );

/** The files of the page, parsed, and those of the core and its workers. */
export const filesOfPage = () => filesIn('src/islands');
export const filesOfCore = () => [...filesIn('src/core'), ...filesIn('src/workers')];

/** Calls `look` for a node and all below it. */
export function walk(node, look) {
  look(node);
  ts.forEachChild(node, (below) => walk(below, look));
}

/** What says a text, on the page and in the core; `toSay` marks one that is said later. */
const SAYS = new Set(['i18n._', 'say', 'toSay']);

/** The text that a call or an element says: `i18n._('…')`, `say('…')`, `<Trans id="…" />`; undefined of any other node. */
export function textSaid(node) {
  if (ts.isCallExpression(node) && SAYS.has(node.expression.getText())) {
    return node.arguments[0];
  }
  const isTrans = ts.isJsxSelfClosingElement(node) && node.tagName.getText() === 'Trans';
  return isTrans
    ? node.attributes.properties.find((own) => own.name?.getText() === 'id')?.initializer
    : undefined;
}

/** Every text that is said, in order. */
export function textsSaid(files = [...filesOfPage(), ...filesOfCore()]) {
  const texts = new Set();
  for (const file of files) {
    walk(file, (node) => {
      const text = textSaid(node);
      if (text && ts.isStringLiteralLike(text)) {
        texts.add(text.text);
      }
    });
  }
  return [...texts].sort();
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const texts = textsSaid();
  writeFileSync(
    LIST,
    `${JSON.stringify(Object.fromEntries(texts.map((text) => [text, text])), null, 2)}\n`,
  );
  console.log(`${texts.length} texts in src/languages/en.json`);
}
