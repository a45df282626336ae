// A receiver's sample of marked text learned line by line: every likely way to part it, with what each line may be, the best first.
import type { Pattern } from '../../model';
import { untilEmpty } from '../../shared/lines';
import { blocksIn, onOneLine } from './blocks';
import { roleOfHeading } from '../../shared/vocabulary/headings';
import { classesOf } from './classes';
import { enclosed, WAYS } from './ways';
import { patternFrom } from './forms';
import { rolesFor, type Known } from './roles';
import { wholeLines } from './whole-lines';

export { marksOfPattern } from './marks';
export type { LineRole } from './words';

/** A pattern that a sample may follow; `score` tells how well its lines fit what they would be. */
export type LikelyPattern = { pattern: Pattern; score: number };

/** More lines show no more. */
const MOST_LINES = 200;
/** Longer lines are texts of another kind. */
const LONGEST = 1000;
const MOST_KINDS_OF_LINES = 14;
const MOST_EACH = 12;

/** What stands around the name of a set on a line above all questions; undefined where it says no name. */
function titleIn(line: string): Pattern['title'] {
  const front = WAYS.map((way) => way(line)).find((one) => one && isSetTitle(one.words));
  const named = enclosed(line) ?? (front?.text ? front : undefined);
  return named && { before: named.before, ...(named.after ? { after: named.after } : {}) };
}

/** A pattern with the line above the questions taken for the name of the set that says so. */
function withTitle(pattern: Pattern | undefined): Pattern | undefined {
  if (!pattern?.head) {
    return pattern;
  }
  const { head, ...rest } = pattern;
  const at = head.findIndex((line) => titleIn(line) !== undefined);
  const title = titleIn(head[at] ?? '');
  const below = head.slice(at + 1);
  return title
    ? {
        ...rest,
        title: { ...title, ...(below.length ? { below } : {}) },
        ...(at > 0 ? { head: head.slice(0, at) } : {}),
      }
    : pattern;
}

/** Words for the name of a set. */
const isSetTitle = (words: string): boolean =>
  roleOfHeading(words)?.role === 'title' ||
  /^(?:set|quiz|name|test|titel|titre|titolo|titulo|deck)$/iu.test(words);

const NOTHING: Known = { said: [], pointed: new Map() };

/** The patterns that a sample may follow, the likeliest first; none where its lines repeat nothing. */
export function likelyPatterns(lines: readonly string[], known: Known = NOTHING): LikelyPattern[] {
  const body = lines.slice(0, untilEmpty(lines, MOST_LINES)).map((line) => line.trimEnd());
  while (body.length && !body.at(-1)) {
    body.pop();
  }
  if (body.some((line) => line.length > LONGEST)) {
    return [];
  }
  const parted = [
    ...(wholeLines(body) ?? blocksIn(body)).map((blocks) => ({ blocks, joint: undefined })),
    ...onOneLine(body),
  ];
  const found = parted.flatMap(({ blocks, joint }) => {
    const classes = classesOf(blocks);
    if (classes.length > MOST_KINDS_OF_LINES) {
      return [];
    }
    return rolesFor(blocks, classes, { ...known, most: MOST_EACH }).flatMap(({ roles, score }) => {
      const pattern = withTitle(patternFrom(blocks, classes, roles));
      const own = pattern && (joint === undefined ? pattern : { ...pattern, joint });
      return own ? [{ pattern: own, score: score - blocks.head.length / 4 }] : [];
    });
  });
  const seen = new Set<string>();
  return found
    .sort((a, b) => b.score - a.score)
    .filter(({ pattern }) => {
      const said = JSON.stringify(pattern);
      return !seen.has(said) && seen.add(said);
    });
}
