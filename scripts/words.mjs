// npm run words: lists every text that the page says in src/languages/en.json, which a translator copies and fills in.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import ts from 'typescript';

const root = fileURLToPath(new URL('..', import.meta.url));
const LIST = join(root, 'src/languages/en.json');

const isOfPage = (name) => /\.tsx?$/.test(name) && !/\.(?:test|d)\.tsx?$/.test(name);

/** The files of the page, parsed. */
export const filesOfPage = () =>
  readdirSync(join(root, 'src/islands'), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && isOfPage(entry.name))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort()
    .map((path) =>
      ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true),
    );

/** Calls `look` for a node and all below it. */
export function walk(node, look) {
  look(node);
  ts.forEachChild(node, (below) => walk(below, look));
}

/** The text that a call or an element says: `i18n._('…')`, `<Trans id="…" />`; undefined of any other node. */
export function textSaid(node) {
  if (ts.isCallExpression(node) && node.expression.getText() === 'i18n._') {
    return node.arguments[0];
  }
  const isTrans = ts.isJsxSelfClosingElement(node) && node.tagName.getText() === 'Trans';
  return isTrans
    ? node.attributes.properties.find((own) => own.name?.getText() === 'id')?.initializer
    : undefined;
}

/** Every text that the page says, in order. */
export function textsOfPage(files = filesOfPage()) {
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
  const texts = textsOfPage();
  writeFileSync(
    LIST,
    `${JSON.stringify(Object.fromEntries(texts.map((text) => [text, text])), null, 2)}\n`,
  );
  console.log(`${texts.length} texts in src/languages/en.json`);
}
