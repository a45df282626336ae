// Marked text learned line by line: of the patterns that a sample may follow, the likeliest under which its own questions, read and
// written again, come out to the letter.
import {
  likelyPatterns,
  marksOfPattern,
  partsOfSample,
  type LearnedLayout,
  type LikelyPattern,
  type LineRole,
} from '../learning';
import type { Document, Item, Layout, Pattern } from '../model';
import { readMarkedSet } from '../reading-back';
import { holdsSigns } from './leftovers';
import { isGuessed, sayFirst, toldByPlace } from './marked-guesses';
import { writtenLines } from './marked-sample';
import { namesSides } from './named-sides';
import { say } from '../shared/say';

type Base = Pick<Layout, 'id' | 'name' | 'limits'>;

/** The key as the lines of a pattern say it. */
function keyOf({ forms }: Pattern): Layout['key'] {
  const parts = forms.flatMap((form) => form.parts);
  const style = parts.find((part) => part.role === 'key' && part.style !== 'word')?.style;
  if (style && style !== 'word') {
    return { style: style === 'small-letter' ? 'letter' : style };
  }
  if (parts.some(({ first }) => first)) {
    return { style: 'first' };
  }
  const { right } = marksOfPattern({ forms, between: [] });
  const hasOptions = parts.some(({ role }) => role === 'option');
  return hasOptions ? { style: 'marker', marker: right } : { style: 'text' };
}

function layoutOf(pattern: Pattern, base: Base, encoding: Document['encoding']): Layout {
  const kinds = [...new Set(pattern.forms.flatMap((form) => form.kinds))];
  return {
    ...base,
    version: 1,
    shape: 'marked-text',
    file: { format: 'txt', newline: 'lf', ...(encoding ? { encoding } : {}) },
    columns: [],
    marks: marksOfPattern(pattern),
    pattern,
    key: keyOf(pattern),
    kinds: kinds.map((kind) => ({ kind, code: '' })),
  };
}

const filled = (lines: readonly string[]): string[] => {
  const all = lines.map((line) => line.trimEnd());
  while (all.length && !all.at(-1)) {
    all.pop();
  }
  return all;
};

/** Whether the questions of a sample, read by a layout and written again, are the sample. */
function comesOut(body: readonly string[], layout: Layout): boolean {
  const [own, written] = [filled(body), filled(writtenLines(body, layout))];
  return own.length === written.length && own.every((line, at) => line === written[at]);
}

const roles = ({ forms }: Pattern): string =>
  forms.map(({ parts }) => parts.map(({ role, before }) => `${before}${role}`).join()).join(';');

const linesOf = ({ forms }: Pattern): number =>
  forms.reduce((sum, { parts }) => sum + parts.length, 0);

/** So much likelier must a pattern be than the next that says something else. */
const CLEAR = 0.9;
const MOST_TRIED = 40;
/** How much a sentence counts that says what a pattern holds. */
const SAID = 4;
const LEAST = 2;

/** Whether a pattern is clearly the likeliest of those that come out. */
const isClear = (best: LikelyPattern, others: readonly LikelyPattern[]): boolean =>
  best.score >= LEAST + 2 &&
  !others.some(
    ({ pattern, score }) =>
      (best.score - score) * linesOf(best.pattern) < CLEAR &&
      roles(pattern) !== roles(best.pattern),
  );

const SENTENCE = /^[\p{L}"'“‘„(].*\s\S+\s.*[.:!]$/u;
/** Whether lines above the questions speak to whoever fills the form, and are no part of a file. */
const explains = (head: readonly string[]): boolean =>
  head.some((line) => SENTENCE.test(line.trim()));

type Body = {
  own: readonly string[];
  top: string[];
  said: readonly string[];
  comment?: string | undefined;
};

/** The lines of a sample without its comments, and all of them: what opens every question may look like a comment's sign. */
function bodiesOf(document: Document): Body[] {
  const { comment, comments, body } = partsOfSample(document);
  const all = document.lines.map((line) => line.source ?? line.text);
  const trimmed = (lines: readonly string[]): readonly string[] =>
    lines.slice(
      Math.max(
        0,
        lines.findIndex((line) => line.trim()),
      ),
    );
  const whole: Body = { own: trimmed(all), top: [], said: [] };
  const [first = -1] = all.flatMap((line, at) => (line.trim() ? [at] : []));
  if (namesSides(all[first] ?? '')) {
    return [{ own: trimmed(all.slice(first + 1)), top: all.slice(0, first + 1), said: [] }];
  }
  if (comments.length) {
    return [{ own: trimmed(body), top: headOf(all, body), said: comments, comment }, whole];
  }
  const isRemark = (line: string): boolean => {
    const [, sign = ''] = REMARK.exec(line.trim()) ?? [];
    return sign !== '' && all.filter((other) => other.startsWith(sign)).length === 1;
  };
  const remarks = all.findIndex((line) => line.trim() && !isRemark(line));
  const top = all.slice(0, Math.max(0, remarks)).map((line) => line.trimEnd());
  return remarks > 0 ? [{ own: trimmed(all.slice(remarks)), top, said: top }, whole] : [whole];
}

/** Several words that stand as a remark does in texts that machines read. Common practice, no source. */
const REMARK = /^(\/\/|\/\*|<!--|--|#|%|;)\s*\S+(?:\s+\S+){3,}/u;

type Tested = LikelyPattern & Body;

/** Learns how a receiver writes each line; undefined where no pattern gives the sample again. */
export function learnPattern(
  document: Document,
  base: Base,
  pointed: ReadonlyMap<string, LineRole> = new Map(),
): LearnedLayout | undefined {
  const found = bodiesOf(document)
    .flatMap(({ own, top, said, comment }) =>
      likelyPatterns(own, { said, pointed })
        .filter(({ score }) => score >= LEAST)
        .slice(0, MOST_TRIED)
        .filter(({ pattern }) => comesOut(own, layoutOf(pattern, base, undefined)))
        .map(({ pattern, score }): Tested => {
          const isSaid = toldByPlace(pattern) && sayFirst(said);
          return { pattern, score: score + (isSaid ? SAID : 0), own, top, comment, said };
        }),
    )
    .sort((a, b) => b.score - a.score);
  const [best, ...others] = found;
  if (!best) {
    return undefined;
  }
  const { head = [], ...rest } = best.pattern;
  const whole = [...best.top, ...(explains(head) ? [] : head)];
  const pattern = { ...rest, ...(whole.length ? { head: whole } : {}) };
  const layout = layoutOf(pattern, base, document.encoding);
  const { comment } = best;
  return {
    layout: comment ? { ...layout, marks: { ...layout.marks!, comment } } : layout,
    because: {
      shape: say('it is plain text whose lines carry signs'),
      pattern: say(
        'read by {pattern, plural, one {# kind of line} other {# kinds of lines}} and written again, the sample comes out to the letter',
        { pattern: linesOf(pattern) },
      ),
    },
    unsure:
      isClear(best, others) &&
      !isGuessed(best.pattern, best.said) &&
      !holdsMore(best.own, layoutOf(best.pattern, base, undefined))
        ? []
        : ['pattern'],
  };
}

/** The comments above all other lines, which stay where they are. */
function headOf(all: readonly string[], body: readonly string[]): string[] {
  const first = all.indexOf(body.find((line) => line.trim()) ?? '');
  return all.slice(0, Math.max(0, first)).map((line) => line.trimEnd());
}

/** Lines above the questions that say something else of each file: who made it, when. */
const SAYS = /^\s*[^\p{L}\p{N}\s]{0,2}\p{L}+\s?[:=]?\s+\S/u;

/** Whether a sample holds what no line of a pattern says: signs in texts, or a line below the set's name that is written as it stands. */
function holdsMore(lines: readonly string[], layout: Layout): boolean {
  const { items } = readMarkedSet(lines.join('\n'), layout);
  return holdsSigns(items) || (layout.pattern?.title?.below ?? []).some((line) => SAYS.test(line));
}

/** The questions of a sample as a layout reads them. */
export const itemsUnder = (document: Document, layout: Layout): Item[] =>
  readMarkedSet(partsOfSample(document).body.join('\n'), layout).items;

/** How much of a sample is text of its questions, and no sign, under a layout; what says more of its signs leaves less. */
export function textUnder(document: Document, layout: Layout): number {
  const texts = itemsUnder(document, layout).flatMap(
    ({ stem, title, options, accepted, pairs, steps, ...item }) => [
      stem.plain,
      title,
      ...(options ?? []).flatMap(({ text, feedback }) => [text.plain, feedback?.plain]),
      ...(accepted ?? []),
      ...(pairs ?? []).flatMap(({ left, right }) => [left.plain, right.plain]),
      ...(steps ?? []).map(({ plain }) => plain),
      item.explanation?.plain,
      item.hint?.plain,
      item.ref,
      item.category?.join(' > '),
    ],
  );
  return [...new Set(texts)].reduce((sum, text) => sum + (text?.length ?? 0), 0);
}
