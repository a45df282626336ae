// Contributor sheets back: each read, named by who wrote it, held against the others and against the bank.
import { DoublesIndex } from '../banks';
import { readFilled } from '../merging/read';
import type { Finding, Item, Surroundings } from '../model';
import { alike } from '../shared/normalise';
import { nameItems } from '../shared/references';
import { gatherOpened, openSource } from './sources';
import { say } from '../shared/say';

export type Merged = { items: Item[]; findings: Finding[]; doubles: [string, string][] };
type Part = { items: Item[]; findings: Finding[] };

async function readOne(
  file: { name: string; bytes: Uint8Array },
  surroundings: Pick<Surroundings, 'id'>,
): Promise<Part> {
  const opened = await openSource(file);
  const sheets = opened.is === 'table' ? opened.table.sheets : [];
  for (const sheet of sheets) {
    const filled = readFilled(sheet, file.name, () => surroundings.id());
    if (filled?.items.length) {
      return filled;
    }
    if (filled) {
      const message = say('{by} ({name}): nothing is filled in yet.', {
        by: filled.by,
        name: file.name,
      });
      return {
        items: [],
        findings: [{ rule: 'sheet-empty', level: 'warn', message, where: { file: file.name } }],
      };
    }
  }
  // Another form is read as any source is; its file says who it is from.
  const { items, findings } = gatherOpened(opened, {}, surroundings);
  const by = file.name.replace(/\.[^.]+$/, '');
  const message = say('{name} is not a sheet that was handed out; it was read as any other file.', {
    name: file.name,
  });
  return {
    items: items.map((item) => ({ ...item, origin: { ...item.origin, file: file.name, by } })),
    findings: [
      { rule: 'sheet-other-form', level: 'note', message, where: { file: file.name } },
      ...findings,
    ],
  };
}

/** Pairs that say the same or nearly so, among what came and between that and the bank; the one that came stands first. */
export function doublesOf(items: readonly Item[], known: readonly Item[]): [string, string][] {
  const index = new DoublesIndex();
  [...known, ...items].forEach((item) => index.put(item));
  const came = new Set(items.map(({ id }) => id));
  const near = index
    .pairs()
    .filter(({ first, second }) => came.has(first) || came.has(second))
    .map(({ first, second }): [string, string] =>
      came.has(first) ? [first, second] : [second, first],
    );
  // Short questions have too few words to be compared by them; the same text is the same all the same.
  const byStem = new Map<string, string>();
  const same = [...known, ...items].flatMap(({ id, stem }): [string, string][] => {
    const key = alike(stem.plain);
    const before = byStem.get(key);
    byStem.set(key, before ?? id);
    return before && key && came.has(id) ? [[id, before]] : [];
  });
  const seen = new Set(near.map((pair) => [...pair].sort().join(' ')));
  return [...near, ...same.filter((pair) => !seen.has([...pair].sort().join(' ')))];
}

/** Reads sheets that came back and tells what is doubled; all of it stays, also what a later edition of a sheet says again. */
export async function mergeSheets(
  files: readonly { name: string; bytes: Uint8Array }[],
  known: readonly Item[],
  surroundings: Pick<Surroundings, 'id'>,
): Promise<Merged> {
  const parts = await Promise.all(files.map((file) => readOne(file, surroundings)));
  const items = nameItems(
    parts.flatMap((part) => part.items),
    known.map(({ ref }) => ref),
  );
  const doubles = doublesOf(items, known);
  const byId = new Map([...known, ...items].map((item) => [item.id, item]));
  const told = doubles.map(([first, second]): Finding => {
    const [item, other] = [byId.get(first)!, byId.get(second)!];
    const where =
      other.origin?.by && items.includes(other)
        ? say('of {by}', { by: other.origin.by })
        : say('of the bank');
    return {
      rule: 'sheet-double',
      level: 'warn',
      item: item.id,
      message: say('{by}: “{stem}” is like one {where}.', {
        by: item.origin?.by ?? say('A question'),
        stem: item.stem.plain.slice(0, 60),
        where,
      }),
    };
  });
  const none: Finding[] = items.length
    ? []
    : [
        {
          rule: 'sheets-empty',
          level: 'block',
          message: say('In {files, plural, one {# file} other {# files}} no question was found.', {
            files: files.length,
          }),
        },
      ];
  return {
    items,
    findings: [...parts.flatMap(({ findings }) => findings), ...told, ...none],
    doubles,
  };
}
