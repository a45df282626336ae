// What stands beside a question: points, time, hint, tags, category, pictures and the rest.
import type { Item, Role, Tag } from '../model';
import { numberOf, secondsOf } from '../shared/normalise';
import { quoted } from '../shared/plain';
import { splitCell } from '../shared/table/separators';
import { useBy, wayMeant, type TwoWay } from '../shared/two-ways';
import type { Region } from '../shared/table/region';
import type { Problem } from './key-by-text';
import type { Row } from './row';
import { roleWords } from '../shared/roles';
import { say } from '../shared/say';

const positive = (text: string): number | undefined => {
  const value = numberOf(text);
  return value !== undefined && value >= 0 ? value : undefined;
};

/** A tag as people write it, plain or `name: value`; `name` is the column's where that stands for one tag. */
export function tagOf(text: string, name?: string): Tag {
  const pair = /^([^:]{1,40}):\s*(\S.*)$/.exec(text);
  if (pair) {
    return { name: pair[1]!.trim(), value: pair[2]!.trim() };
  }
  return name ? { name, value: text } : { value: text };
}

const TICKED = /^[xX✓✔☑+*]$/u;

const ticking = new WeakMap<Region, Map<number, boolean>>();

/** Whether a column is ticked and says nothing else: a star among two and three stars is no tick. */
function ticksAlone({ region, row }: Row, index: number): boolean {
  if (!TICKED.test(region.cell(row, index))) {
    return false;
  }
  const known = ticking.get(region) ?? new Map<number, boolean>();
  ticking.set(region, known);
  if (!known.has(index)) {
    const own = region.cell(row, index);
    const isCounted = Array.from({ length: region.bottom - region.top + 1 }, (_, at) =>
      region.cell(region.top + at, index),
    ).some((text) => text.length > 1 && text === own.repeat(text.length));
    known.set(index, !isCounted);
  }
  return known.get(index)!;
}

function tags(row: Row): Tag[] {
  const joined = row
    .texts('tags')
    .flatMap((text) => splitCell(text, /[|;]/.exec(text)?.[0] ?? ','));
  const named = (row.slots.get('tag') ?? []).flatMap(({ index, column }) => {
    const text = row.region.cell(row.row, index);
    // What is only ticked is the heading itself.
    const isTicked = column.heading && ticksAlone(row, index);
    return text ? [isTicked ? { value: column.heading! } : tagOf(text, column.tag)] : [];
  });
  return [...joined.map((text) => tagOf(text)), ...named];
}

function number(
  row: Row,
  role: 'points' | 'attempts' | 'lines',
  problems: Problem[],
): number | undefined {
  const text = row.text(role);
  if (!text) {
    return undefined;
  }
  const value = positive(text) ?? positive(/^([\d.,]+)\s*\p{L}{1,8}\.?$/u.exec(text)?.[1] ?? '');
  if (value === undefined) {
    problems.push({
      rule: 'not-a-number',
      level: 'warn',
      field: role,
      message: say('{row} says {text}, which is no number of {role}; it was left empty.', {
        row: row.cellOf(role),
        text: quoted(text),
        role: roleWords(role),
      }),
    });
  }
  return value;
}

/** A plain number that its heading calls minutes. */
const secondsOfMinutes = (text: string): number | undefined => {
  const plain = numberOf(text);
  return plain !== undefined && plain > 0 ? Math.round(plain * 60) : secondsOf(text);
};

/** Where a cell of a role leads, where it is a link; people write “photo 3” and lay the address behind it. */
function linkOf(row: Row, role: Role): string | undefined {
  const index = row.slots.get(role)?.[0]?.index;
  return row.region.sheet.rich?.[`${row.row}:${index}`]?.find(({ href }) => href)?.href;
}

/** The fields of an item that stand in columns of their own, and what could not be read among them. */
export function readBeside(
  row: Row,
  minutes: boolean,
): { fields: Partial<Item>; problems: Problem[] } {
  const problems: Problem[] = [];
  const fields: Partial<Item> = {};
  const set = <K extends keyof Item>(name: K, value: Item[K] | undefined): void => {
    if (value !== undefined) {
      fields[name] = value;
    }
  };
  // Several hints, or an explanation in two columns, are read one after the other.
  const textOf = (role: 'hint' | 'explanation') => {
    const several = (row.slots.get(role)?.length ?? 0) > 1;
    const plain = several ? row.texts(role).filter(Boolean).join(' ') : row.text(role);
    return plain ? { plain } : undefined;
  };
  set('title', row.text('title') || undefined);
  set('hint', textOf('hint'));
  set('explanation', textOf('explanation'));
  for (const role of ['points', 'attempts', 'lines'] as const) {
    set(role, number(row, role, problems));
  }
  const time = row.text('seconds');
  if (time) {
    set('seconds', minutes ? secondsOfMinutes(time) : secondsOf(time));
    if (fields.seconds === undefined) {
      problems.push({
        rule: 'not-a-time',
        level: 'warn',
        field: 'seconds',
        message: say(
          '{row} says {time}, which is no time; write seconds (30) or minutes and seconds (0:30).',
          { row: row.cellOf('seconds'), time: quoted(time) },
        ),
      });
    }
  }
  if (row.any('endings')) {
    set(
      'endings',
      row
        .text('endings')
        .split(/[,;|\s]+/)
        .filter(Boolean)
        .map((ending) => `.${ending.replace(/^[*.]+/, '').toLowerCase()}`),
    );
  }
  const way = (role: TwoWay): boolean | undefined =>
    wayMeant(role, row.text(role), row.slots.get(role)?.[0]?.column.heading);
  set('shuffle', way('shuffle'));
  set('across', way('across'));
  set('use', useBy(way('use')));
  if (row.any('category')) {
    // Several columns are the steps of one path: module, then topic.
    set(
      'category',
      row
        .texts('category')
        .flatMap((text) => text.split(/\s*(?:>|›|»|→|::|\/|\\|\|)\s*/u))
        .filter(Boolean),
    );
  }
  const own = row.has('tags') || row.has('tag') ? tags(row) : [];
  if (own.length) {
    set('tags', own);
  }
  const picture = linkOf(row, 'image') ?? row.text('image');
  if (picture) {
    set('media', [
      {
        at: 'stem',
        href: picture,
        ...(row.text('image-alt') ? { alt: row.text('image-alt') } : {}),
      },
    ]);
  }
  return { fields, problems };
}
