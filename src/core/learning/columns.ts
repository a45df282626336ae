// What each column of a blank takes: its role, its place among the options, its list, its length.
import type { Column, Role, Sheet } from '../model';
import { columnLetters } from '../shared/cells';
import { quoted } from '../shared/plain';
import { guessWithoutHeadings } from '../shared/table/headless';
import { profileColumn } from '../shared/table/profile';
import type { Region } from '../shared/table/region';
import { roleOfHeading } from '../shared/vocabulary/headings';
import { bareLimit, characterLimit } from './sentences';

export type Learned = Column & { because: string; sure: boolean };
const NUMBERED: readonly Role[] = [
  'option',
  'verdict',
  'weight',
  'feedback',
  'wrong',
  'pair',
  'left',
  'right-side',
  'step',
];

/** The notes at a column's heading. */
export const noteAt = (sheet: Sheet, row: number, column: number): string =>
  sheet.comments
    .filter((comment) => comment.row === row && comment.column === column)
    .map((comment) => comment.text)
    .join(' ');

function rulesAt(sheet: Sheet, row: number, column: number): { values?: string[]; max?: number } {
  const rules = sheet.validations.filter(({ ranges }) =>
    ranges.some((r) => row >= r.top && row <= r.bottom && column >= r.left && column <= r.right),
  );
  const values = rules.find((rule) => rule.list)?.list;
  const max = rules.find((rule) => rule.maxLength)?.maxLength;
  return { ...(values ? { values } : {}), ...(max ? { max } : {}) };
}

/** The separator of tags or several values that a heading names in brackets. */
function separatorNamed(text: string): string | undefined {
  const said =
    /(?:with|by|between|using|put|mit|durch|avec|par|con|met)\s+["'“‘]?([|;,/+])/i.exec(
      text,
    )?.[1] ?? /[("'“‘]\s*([|;])/.exec(text)?.[1];
  if (said) {
    return said;
  }
  if (/\bbars?\b|\bpipe/i.test(text)) {
    return '|';
  }
  if (/semicolon|semikolon|strichpunkt/i.test(text)) {
    return ';';
  }
  return /comma|komma|virgule/i.test(text) ? ',' : undefined;
}

function role(
  heading: string,
  region: Region,
  column: number,
  first: number,
): Pick<Learned, 'role' | 'n' | 'tag' | 'because' | 'sure'> {
  const guess = heading ? roleOfHeading(heading) : undefined;
  if (guess) {
    return {
      role: guess.role,
      ...(guess.n !== undefined ? { n: guess.n } : {}),
      ...(guess.role === 'tag'
        ? {
            tag: heading
              .replace(/[([].*$/su, '')
              .trim()
              .toLowerCase(),
          }
        : {}),
      sure: guess.sure || /^[a-j\d]$/i.test(heading),
      because: `its heading is ${quoted(heading, 50)}`,
    };
  }
  const profile = profileColumn(region, column, first);
  if (profile.counts && profile.filled > 2) {
    return { role: 'number-in-file', sure: true, because: 'it is numbered down the form already' };
  }
  return {
    role: 'ignore',
    sure: !heading,
    because: heading
      ? `the heading ${quoted(heading, 50)} names nothing known here`
      : 'it has no heading',
  };
}

/** "Text, Right?, Text, Right?" beside a question's own heading: the repeated ones are options with their verdicts. */
function repeatedTexts(columns: Learned[]): void {
  const stems = columns.filter((column) => column.role === 'stem');
  const count = (column: Learned): number =>
    columns.filter((other) => other.heading && other.heading === column.heading).length;
  const repeated = stems.filter((column) => count(column) > 1);
  if (!repeated.length || repeated.length === stems.length) {
    return;
  }
  for (const column of repeated) {
    column.role = 'option';
  }
  for (const column of columns) {
    if (column.role === 'key' && count(column) > 1) {
      column.role = 'verdict';
    }
  }
}

/** "Choice A, Correct A, Choice B, Correct B": a key behind each option says right or wrong of that option alone. */
function verdictsBeside(columns: Learned[]): void {
  const keys = columns.filter((column) => column.role === 'key');
  if (
    keys.length > 1 &&
    keys.every((key) => columns[columns.indexOf(key) - 1]?.role === 'option')
  ) {
    for (const key of keys) {
      key.role = 'verdict';
    }
  }
}

/** A question has one text: of several columns that might be it, the one that says so, else the first. */
function onlyOneStem(columns: Learned[]): void {
  const stems = columns.filter((column) => column.role === 'stem');
  if (stems.length < 2) {
    return;
  }
  const own =
    stems.find((column) =>
      /question|frage|pregunta|domanda|vraag|pergunta|cwestiwn|\bterm\b|\bword\b/i.test(
        column.heading ?? '',
      ),
    ) ?? stems[0];
  for (const column of stems) {
    if (column !== own) {
      column.role = 'ignore';
      column.sure = false;
      column.because = `${quoted(column.heading ?? '', 40)} may be a text as well, but ${quoted(own!.heading ?? '', 40)} is the question`;
    }
  }
}

function settle(columns: Learned[], region: Region, first: number): void {
  const having = (wanted: Role): Learned[] => columns.filter((column) => column.role === wanted);
  // A lone "Answer" beside options that are numbered or lettered is the key.
  const bare = having('option').filter((column) => column.n === undefined);
  if (bare.length === 1 && having('option').length > 2 && !having('key').length) {
    bare[0]!.role = 'key';
  }
  if (having('verdict').length && !having('option').length) {
    having('verdict').forEach((column) => {
      column.role = 'key';
    });
  }
  if (
    (having('wrongs').length || having('wrong').length) &&
    !having('option').length &&
    !having('right').length
  ) {
    having('key')
      .slice(0, 1)
      .forEach((column) => {
        column.role = 'right';
      });
  }
  // A blank asks for the question's name; who wrote it is asked in other words.
  for (const column of having('by')) {
    if (/^(?:name|nom|nombre|nome|naam|enw)$/i.test(column.heading?.trim() ?? '')) {
      column.role = 'title';
      column.sure = false;
    }
  }
  repeatedTexts(columns);
  verdictsBeside(columns);
  // One feedback for the whole question is what is shown afterwards; feedback on options stands behind each of them.
  if (having('feedback').length === 1 && having('option').length > 1) {
    for (const column of having('feedback')) {
      column.role = 'explanation';
      delete column.n;
    }
  }
  onlyOneStem(columns);
  // "Left 1, Right 1": beside left halves, the word right names the other half and no key.
  if (having('left').length > 1) {
    for (const column of columns) {
      if (
        ['key', 'right', 'verdict'].includes(column.role) &&
        /^\s*(?:right|rechts|droite|derech[ao]|destra)\b/i.test(column.heading ?? '')
      ) {
        column.role = 'right-side';
        column.n = Number(/\d+/.exec(column.heading ?? '')?.[0] ?? 0) || undefined;
      }
    }
  }
  const wrong = having('wrong');
  if (
    wrong.length === 1 &&
    (having('right').length || having('key').length) &&
    separatorNamed(wrong[0]!.heading ?? '')
  ) {
    wrong[0]!.role = 'wrongs';
    delete wrong[0]!.n;
  }
  const lone = having('option');
  if (lone.length === 1) {
    lone[0]!.role = having('key').length ? 'options' : 'accepted';
  }
  // Several tag columns hold one tag each; a lone one holds them all.
  if (having('tags').length > 1) {
    having('tags').forEach((column) => {
      column.role = 'tag';
      delete column.n;
    });
  }
  for (const column of having('number-in-file')) {
    const profile = profileColumn(region, columns.indexOf(column) + region.left, first);
    if (profile.filled && profile.integers < 0.5) {
      column.role = 'ref';
    }
  }
  // A "code" is the kind's where its list or its samples name kinds, else the question's own reference.
  for (const column of having('kind')) {
    const profile = profileColumn(region, columns.indexOf(column) + region.left, first);
    if (
      /^(?:code|nr|id)/i.test(column.heading ?? '') &&
      !column.values &&
      profile.filled > 0 &&
      profile.kinds < 0.5
    ) {
      column.role = 'ref';
    }
  }
  for (const name of NUMBERED) {
    const own = having(name);
    const places = own.map((column) => column.n);
    const clear = places.every((n) => n !== undefined) && new Set(places).size === own.length;
    const least = clear ? Math.min(...places) : 0;
    own.forEach((column, index) => {
      column.n = clear ? column.n! + (least === 0 ? 1 : 0) : index + 1;
    });
  }
}

/** Columns that no heading names, by their sample rows alone. */
function learnHeadless(region: Region, first: number): Learned[] {
  const profiles = Array.from({ length: region.right - region.left + 1 }, (_, index) =>
    profileColumn(region, region.left + index, first),
  );
  return guessWithoutHeadings(profiles).map(({ profile, role: guessed, n, because, sure }) => ({
    column: columnLetters(profile.column),
    role: guessed,
    ...(n !== undefined ? { n } : {}),
    because,
    sure,
  }));
}

/** Columns of a protected sheet in which no cell below the headings may be filled; none where the sheet says nothing. */
function lockedColumns({ sheet, left, right }: Region, first: number): Set<number> {
  const locked = new Set<number>();
  if (!sheet.isProtected || !sheet.unlocked?.length) {
    return locked;
  }
  const open = new Set(
    sheet.unlocked.flatMap((place) => {
      const [row, column] = place.split(':').map(Number);
      return row! >= first ? [column!] : [];
    }),
  );
  if (open.size) {
    for (let c = left; c <= right; c++) {
      if (!open.has(c)) {
        locked.add(c);
      }
    }
  }
  return locked;
}

/** The merged heading above a column's own, which names the group that it belongs to. */
function groupAbove({ sheet, cell }: Region, headingRow: number, column: number): string {
  const merge = sheet.merges.find(
    (one) =>
      one.bottom === headingRow - 1 &&
      column >= one.left &&
      column <= one.right &&
      one.right > one.left,
  );
  return merge ? cell(merge.top, merge.left) : '';
}

/** A heading that says nothing by itself takes its meaning from its group's. */
function withGroup<T extends Pick<Learned, 'role' | 'because' | 'sure'>>(
  guess: T,
  group: string,
  heading: string,
): T {
  const named = guess.role === 'ignore' && group && heading ? roleOfHeading(group) : undefined;
  return named && ['explanation', 'hint', 'category', 'tags'].includes(named.role)
    ? {
        ...guess,
        role: named.role,
        because: `its heading stands under ${quoted(group, 40)}`,
        sure: false,
      }
    : guess;
}

/** Whether a heading or the note at it asks for the column in every row. */
const mustBeFilled = (heading: string, note: string): boolean =>
  /\b(?:required|must|mandatory|pflicht|pflichtfeld|obligatoire|obligatorio|obbligatorio|verplicht)\b/i.test(
    heading,
  ) ||
  /^[^([]*[\p{L}\p{N}]\s?\*\s*(?:[([]|$)/u.test(heading) ||
  /\b(?:must be filled|may not be empty|required|mandatory|pflichtfeld|obligatoire)\b/i.test(note);

/** Every column of a blank's rows. `headingRow` counts from 0 and is absent where no row holds headings; `lastSample` is the last sample row. */
export function learnColumns(
  region: Region,
  headingRow: number | undefined,
  first: number,
  lastSample: number,
): Learned[] {
  if (headingRow === undefined) {
    return learnHeadless(region, first);
  }
  const columns: Learned[] = [];
  const locked = lockedColumns(region, first);
  for (let c = region.left; c <= region.right; c++) {
    const heading = region.cell(headingRow, c);
    const group = groupAbove(region, headingRow, c);
    const note = noteAt(region.sheet, headingRow, c);
    const rules = rulesAt(region.sheet, Math.max(first, lastSample + 1), c);
    const most = rules.max ?? characterLimit(heading) ?? characterLimit(note) ?? bareLimit(heading);
    columns.push({
      column: columnLetters(c),
      ...(heading ? { heading } : {}),
      ...withGroup(role(heading, region, c, first), group, heading),
      ...rules,
      ...(most ? { max: most } : {}),
      ...(mustBeFilled(heading, note) ? { required: true } : {}),
    });
  }
  settle(columns, region, first);
  for (const column of columns) {
    if (!locked.has(region.left + columns.indexOf(column)) || column.role === 'number-in-file') {
      continue;
    }
    const { n: _n, ...rest } = column;
    columns[columns.indexOf(column)] = {
      ...rest,
      role: 'ignore',
      sure: true,
      because: 'its cells are locked on the protected sheet',
    };
  }
  for (const column of columns) {
    if (!['tags', 'wrongs', 'options', 'accepted', 'category'].includes(column.role)) {
      continue;
    }
    const sampled = Array.from({ length: Math.max(0, lastSample - first + 1) }, (_, i) =>
      region.cell(first + i, region.left + columns.indexOf(column)),
    );
    const named = separatorNamed(column.heading ?? '');
    const sign = sampled
      .map(
        (text) =>
          /\S\s*(\||;)\s*\S/u.exec(text)?.[1] ??
          (column.role === 'tags' ? /\S(,)/u.exec(text)?.[1] : undefined),
      )
      .find(Boolean);
    if (sign ?? named) {
      column.separator = sign ?? named!;
    }
  }
  while (columns.length && columns.at(-1)!.role === 'ignore' && !columns.at(-1)!.heading) {
    columns.pop();
  }
  return columns;
}
