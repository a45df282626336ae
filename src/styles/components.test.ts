// The styles that travel are those of the components that stand on some page, with those that they are made of, and no others.
import { readdirSync, readFileSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import { expect, it } from 'vitest';

const root = resolve(import.meta.dirname, '../..');
const library = join(root, 'node_modules/@mantine/core');

/** The texts of the program's own files of a kind. */
const own = (folder: string, ending: RegExp): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && ending.test(entry.name))
    .map((entry) => readFileSync(join(entry.parentPath, entry.name), 'utf8'));

/** The components that files take from the library by name. */
const taken = (texts: readonly string[]): string[] =>
  texts.flatMap((text) =>
    [...text.matchAll(/import \{([^}]*)\} from '@mantine\/core'/g)].flatMap(([, names]) =>
      names!.split(',').map((name) => name.trim()),
    ),
  );

/** The files that a module of the library imports, its own first. */
function reached(file: string, known = new Set<string>()): Set<string> {
  if (!known.has(file)) {
    known.add(file);
    for (const [, next] of readFileSync(file, 'utf8').matchAll(/from "(\.[^"]+)"/g)) {
      reached(join(dirname(file), next!), known);
    }
  }
  return known;
}

it('lists the styles of every component that stands on some page', () => {
  const modules = new Map(
    readdirSync(join(library, 'esm/components'), { withFileTypes: true, recursive: true })
      .filter(({ name }) => name.endsWith('.mjs'))
      .map((entry) => [basename(entry.name, '.mjs'), join(entry.parentPath, entry.name)]),
  );
  const texts = own(join(root, 'src/islands'), /\.tsx?$/);
  const names = taken(texts).filter((name) => modules.has(name));
  // The provider and the parts that stand beside the core bring components of their own.
  const beside = ['notifications', 'spotlight', 'dropzone'].flatMap((part) =>
    own(join(root, 'node_modules/@mantine', part, 'esm'), /\.mjs$/).flatMap((text) =>
      [...text.matchAll(/import \{([^}]*)\} from "@mantine\/core"/g)].flatMap(([, list]) =>
        list!.split(',').map((name) => name.trim()),
      ),
    ),
  );
  const files = [...names, ...beside.filter((name) => modules.has(name))].flatMap((name) => [
    ...reached(modules.get(name)!),
  ]);
  const needed = files
    .filter((file) => file.endsWith('.module.mjs'))
    .map((file) => basename(file, '.module.mjs'));
  const list = readFileSync(join(import.meta.dirname, 'components.css'), 'utf8');
  const listed = [...list.matchAll(/styles\/([\w-]+)\.layer\.css/g)].map(([, name]) => name!);
  expect(needed.length).toBeGreaterThan(20);
  expect([...new Set(needed)].filter((name) => !listed.includes(name))).toEqual([]);
  const always = ['baseline', 'default-css-variables', 'global'];
  expect(listed.filter((name) => !needed.includes(name) && !always.includes(name))).toEqual([]);
});
