// The questions of a sample: between empty lines, or from each line that opens one to the next.
import { groupBy } from '../../shared/group-by';
import { frontsOf, keyOf, type Front } from './fronts';
import { taken, type Blocks } from './taken';

export type { Blocks, Line } from './taken';

/** Between empty lines. */
function byBlankLines(lines: readonly string[]): string[][] {
  const blocks: string[][] = [[]];
  for (const line of lines) {
    if (line) {
      blocks.at(-1)!.push(line);
    } else {
      blocks.push([]);
    }
  }
  return blocks.filter((block) => block.length > 0);
}

/** The lines that end all blocks but the last one alike: they stand between the questions. */
function withBetween(blocks: readonly string[][]): { blocks: string[][]; between: string[] } {
  const between: string[] = [];
  let rest = blocks.map((block) => [...block]);
  const others = (): string[][] => rest.slice(0, -1);
  for (;;) {
    const last = others()[0]?.at(-1);
    if (last !== '' || !others().every((block) => block.at(-1) === last)) {
      return { blocks: rest, between };
    }
    between.unshift(last);
    rest = rest.map((block, at) =>
      at < rest.length - 1 || block.at(-1) === last ? block.slice(0, -1) : block,
    );
  }
}

const RULE = /^\s*[^\p{L}\p{N}\s]{2,}\s*$/u;

/** Between lines of signs alone, '-----', with the empty lines around them; the first such line that stands more than once. */
function byRules(lines: readonly string[]): Blocks[] {
  const rule = lines.find((line) => RULE.test(line) && lines.indexOf(line) > 0);
  const at = rule === undefined ? [] : lines.flatMap((line, n) => (line === rule ? [n] : []));
  const [first] = at;
  if (first === undefined || (at.length === 1 && first === lines.length - 1)) {
    return [];
  }
  const own = [-1, ...at].map((from, n) => lines.slice(from + 1, at[n] ?? lines.length));
  const isBlank = (n: number): boolean => at.every((place) => lines[place + n] === '');
  const between = [...(isBlank(-1) ? [''] : []), rule!, ...(isBlank(1) ? [''] : [])];
  const blocks = own.filter((block) => block.some(Boolean)).map(trimmed);
  if (blocks.length < 2) {
    return [];
  }
  // Where it ends the last question too, it belongs to each.
  const below = [...(isBlank(-1) ? [''] : []), rule!];
  return at.at(-1) === lines.length - 1
    ? [
        taken(
          [],
          blocks.map((block) => [...block, ...below]),
          isBlank(1) ? [''] : [],
        ),
      ]
    : [taken([], blocks, between)];
}

/** Lines without empty ones at both ends. */
const trimmed = (lines: readonly string[]): string[] =>
  lines.slice(lines.findIndex(Boolean), lines.findLastIndex(Boolean) + 1);

/** Blocks that open with a line of one kind, and the lines above the first of them. */
function byOpening(
  lines: readonly string[],
  opens: (at: number) => boolean,
): { head: string[]; blocks: string[][] } {
  const starts = lines.flatMap((_, at) => (opens(at) ? [at] : []));
  return {
    head: lines.slice(0, starts[0] ?? lines.length),
    blocks: starts.map((at, n) => lines.slice(at, starts[n + 1])),
  };
}

/** Lines above all questions are of no kind that comes in them again, unless they head several of them. */
function isHead(head: readonly string[], below: readonly string[]): boolean {
  const filled = head.filter(Boolean);
  const fronts = frontsOf([...filled, ...below.filter(Boolean)]);
  const inBlocks = new Set(fronts.slice(filled.length).map(keyOf));
  return fronts
    .slice(0, filled.length)
    .every((front) => !front.before.trim() || !inBlocks.has(keyOf(front)));
}

/** Lines that head several questions each, which stand above the first of them, moved from the end of the block before. */
function withHeads({
  head,
  blocks,
}: {
  head: string[];
  blocks: string[][];
}): { blocks: string[][]; aboveHeads: string[] } | undefined {
  const [own] = frontsOf(head);
  const all = [...head, ...blocks.flat()];
  const fronts = frontsOf(all.map((line) => line || ' '));
  const isHead = new Map(
    all.map((line, at) => [line, own && line && keyOf(fronts[at]!) === keyOf(fronts[0]!)]),
  );
  if (head.length !== 1 || !fronts[0]!.before.trim()) {
    return undefined;
  }
  const heads = blocks.filter((block) => isHead.get(block.at(-1) ?? ''));
  const aboveHeads = heads.length > 0 && heads.every((block) => block.at(-2) === '') ? [''] : [];
  let above = head;
  const headed = blocks.map((block) => {
    const moved = isHead.get(block.at(-1) ?? '') ? block.slice(-1) : [];
    const parting = moved.length ? aboveHeads.length : 0;
    const whole = [...above, ...block.slice(0, block.length - moved.length - parting)];
    above = moved;
    return whole;
  });
  return { blocks: headed, aboveHeads };
}

/** Whether lines have the same in front, or the same with another code behind it, or each a word for its question's kind. */
const isAlike = (one: Front, other: Front): boolean => {
  const areKinds = one.kind !== undefined && other.kind !== undefined;
  const areCodes = (one.kind ?? other.kind) !== undefined && one.sigil !== undefined;
  return (
    keyOf(one) === keyOf(other) ||
    areKinds ||
    (areCodes && one.sigil === other.sigil) ||
    (one.code !== undefined && one.code.family === other.code?.family)
  );
};

/** So many kinds of lines may open the questions. */
const MOST_OPENINGS = 3;

/** Signs that may stand between the parts of a question on one line. */
const JOINTS = [' | ', ' ; ', '; ', ' / ', ' // ', ' :: ', ' # ', ';', '|'];

/** Questions on a line each, by the sign that parts all of them; where the lines are even, their places may tell what is what. */
export function onOneLine(lines: readonly string[]): { joint: string; blocks: Blocks }[] {
  const filled = lines.filter(Boolean);
  const joints = JOINTS.filter((joint) => filled.every((line) => line.includes(joint)));
  const own = joints.filter(
    (joint) => !joints.some((other) => other !== joint && other.includes(joint)),
  );
  if (filled.length < 2) {
    return [];
  }
  const between = filled.length < lines.length ? [''] : [];
  return own.flatMap((joint) => {
    const blocks = filled.map((line) => line.split(joint));
    const isEven = blocks.every(({ length }) => length > 2 && length === blocks[0]!.length);
    return [false, ...(isEven ? [true] : [])].map((byPlace) => ({
      joint,
      blocks: taken([], blocks, between, byPlace),
    }));
  });
}

/** How many of the first lines are of kinds that come nowhere else: they stand above all questions, though no empty line parts them. */
function headOf(blocks: readonly (readonly string[])[]): number {
  const fronts = frontsOf(blocks.flat());
  const times = groupBy(fronts, keyOf);
  const own = fronts.findIndex(
    (front) => times.get(keyOf(front))!.length > 1 || !front.before.trim(),
  );
  return own < blocks[0]!.length ? Math.max(0, own) : 0;
}

/** Between empty lines, below none of them, the first or the first two; or below the first lines of the first. */
function byBlanks(lines: readonly string[]): Blocks[] {
  const blank = byBlankLines(lines);
  const head = blank.length > 1 ? headOf(blank) : 0;
  const [first = [], ...others] = blank;
  return [
    ...byBlanksBelow(blank),
    ...(head ? [taken(first.slice(0, head), [first.slice(head), ...others], [''])] : []),
  ];
}

function byBlanksBelow(blank: readonly string[][]): Blocks[] {
  return blank.slice(0, MOST_OPENINGS).flatMap((_, head) => {
    const above = blank.slice(0, head).flatMap((block) => [...block, '']);
    const below = blank.slice(head);
    return isHead(above, below.flat()) ? [taken(above, below, [''])] : [];
  });
}

/** From each line that stands as one of the first does to the next. */
function byOpenings(lines: readonly string[], first: number, fronts: readonly Front[]): Blocks[] {
  const isExact = lines.filter((line) => line === lines[first]).length > 1;
  const opens = (at: number): boolean =>
    isExact ? lines[at] === lines[first] : lines[at] !== '' && isAlike(fronts[at]!, fronts[first]!);
  const { head, blocks } = byOpening(lines, opens);
  if (blocks.length < 2 || !(isExact || keyOf(fronts[first]!).trim())) {
    return [];
  }
  const parted = withBetween(blocks);
  const headed = withHeads({ head, blocks: parted.blocks });
  return [
    ...(isHead(head, blocks.flat()) ? [taken(head, parted.blocks, parted.between)] : []),
    ...(headed
      ? [{ ...taken([], headed.blocks, parted.between), aboveHeads: headed.aboveHeads }]
      : []),
  ];
}

/** Each line a question, where none is empty. */
export const byLines = (lines: readonly string[]): Blocks[] =>
  lines.length > 1 && lines.every(Boolean)
    ? [
        taken(
          [],
          lines.map((line) => [line]),
          [],
        ),
      ]
    : [];

/** From each line that begins at the margin to the next, where lines that are set in stand below every one of them and none is empty. */
function byIndent(lines: readonly string[]): Blocks[] {
  const isSetIn = (line: string): boolean => /^\s/u.test(line);
  const { blocks } = byOpening(lines, (at) => !isSetIn(lines[at]!));
  const areWhole = blocks.length > 1 && blocks.every(({ length }) => length > 1);
  return areWhole && lines.every(Boolean) && !isSetIn(lines[0]!) ? [taken([], blocks, [])] : [];
}

/** The ways in which a sample may be parted into questions; the likeliest first. */
export function blocksIn(lines: readonly string[]): Blocks[] {
  const fronts = frontsOf(lines.map((line) => line || ' '));
  const filled = lines.flatMap((line, at) => (line ? [at] : []));
  const indented = byIndent(lines);
  return [
    // Where lines are set in below others, not all of them are one question.
    ...(indented.length ? indented : byBlanks(lines)),
    ...byRules(lines),
    ...byLines(lines),
    ...filled.slice(0, MOST_OPENINGS).flatMap((first) => byOpenings(lines, first, fronts)),
  ];
}
