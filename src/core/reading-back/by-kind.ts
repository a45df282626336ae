// Rules that hold for one kind alone, as a receiver would hold a row to them.
import type { Kind, Layout, Role } from '../model';
import type { Said } from './said';

type Rule = NonNullable<Layout['byKind']>[number];

const isEmpty = (said: Said, role: Role): boolean => said.all(role).every((text) => text === '');

/** Whether a row keeps to a rule: what stays empty is empty, and the key is one of its words. */
function keepsTo({ key, leave = [] }: Rule, said: Said): boolean {
  const isWord =
    key?.style !== 'word' || [key.right ?? 'true', key.wrong ?? 'false'].includes(said.get('key'));
  return leave.length > 0 && leave.every((role) => isEmpty(said, role)) && isWord;
}

/** The kind whose rule a row without a word for its kind keeps to. */
export const kindByRule = ({ byKind = [] }: Layout, said: Said): Kind | undefined =>
  byKind.find((rule) => keepsTo(rule, said))?.kind;

/** The layout by which a question of a kind is read. */
export function ruledBy(layout: Layout, kind: Kind): Layout {
  const rule = layout.byKind?.find((one) => one.kind === kind);
  if (!rule) {
    return layout;
  }
  const { key = layout.key, leave = [] } = rule;
  const stays = ({ role }: { role: Role }): boolean => !leave.includes(role);
  return {
    ...layout,
    key,
    columns: layout.columns.filter(stays),
    ...(layout.lines
      ? { lines: layout.lines.map((line) => ({ ...line, cells: line.cells.filter(stays) })) }
      : {}),
  };
}

/** What a row says where its kind's rule has places for it. */
export function saidBy({ byKind }: Layout, kind: Kind, said: Said): Said {
  const leave = byKind?.find((rule) => rule.kind === kind)?.leave ?? [];
  const isLeft = (role: Role): boolean => leave.includes(role);
  return leave.length
    ? {
        ...said,
        all: (role) => (isLeft(role) ? [] : said.all(role)),
        get: (role) => (isLeft(role) ? '' : said.get(role)),
        has: (role) => !isLeft(role) && said.has(role),
      }
    : said;
}

/** The sign that typed answers of a kind carry; undefined where they carry none. */
export function signOfAnswers({ byKind }: Layout, kind: Kind): string | undefined {
  const key = byKind?.find((rule) => rule.kind === kind)?.key;
  return key?.style === 'marker' ? (key.marker ?? '*') : undefined;
}

/** Cells that a kind's rule wants empty and that say something. */
export function overRule({ byKind }: Layout, kind: Kind, said: Said): Record<string, string> {
  const leave = byKind?.find((rule) => rule.kind === kind)?.leave ?? [];
  return Object.fromEntries(
    leave.flatMap((role) =>
      said.all(role).flatMap((text, index) => (text ? [[`${role}.${index}`, text]] : [])),
    ),
  );
}
