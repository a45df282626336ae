// The lines of a sample once it is parted into questions: what stands around each, and which say the same in every question.
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { fixedIn } from './fixed';
import { frontsOf, keyOf, lettersIn, type Front } from './fronts';
import { kindsSaid, type KindsSaid } from './kinds-said';

/** A line of a question with what stands around its text; `fixed` where it says the same in each question. */
export type Line = Front & { key: string; line: string; fixed: boolean };
export type Blocks = {
  head: readonly string[];
  blocks: readonly (readonly Line[])[];
  between: readonly string[];
  /** Lines that part a line that heads several questions from those before it. */
  aboveHeads?: readonly string[];
};

/** Titles that each have one line below them, in questions in which a title comes more than once. */
function ownTitles(blocks: readonly (readonly Line[])[]): ReadonlySet<string> {
  const titles = blocks.flat().filter(({ line, fixed }) => fixed && line);
  const isLone = (title: string): boolean =>
    blocks.every((block) =>
      block.every(
        ({ line, fixed }, at) =>
          !fixed ||
          line !== title ||
          (block[at + 1]?.fixed === false && block[at + 2]?.fixed !== false),
      ),
    );
  const isTwice = blocks.some((block) => {
    const own = block.filter(({ line, fixed }) => fixed && line).map(({ line }) => line);
    return own.some((line, at) => own.indexOf(line) < at && isLone(line));
  });
  return new Set(isTwice ? titles.map(({ line }) => line).filter(isLone) : []);
}

/** Lines below titles of their own, with the title in front of its line. */
function joined(block: readonly Line[], titles: ReadonlySet<string>): Line[] {
  return block.flatMap((line, at) => {
    const above = block[at - 1];
    if (line.fixed && titles.has(line.line)) {
      return [];
    }
    const before = `${above?.line}\n${line.before}`;
    return above?.fixed && titles.has(above.line)
      ? [
          {
            ...line,
            before,
            words: lettersIn(above.line.replace('{n}', '')),
            key: keyOf({ ...line, before }),
          },
        ]
      : [line];
  });
}

/** Whether the same signs stand in front of a text and behind it, or brackets. */
const isMirrored = ({ before, after }: Front): boolean =>
  before.trim() !== '' &&
  /[^\p{L}\p{N}\s"']/u.test(after) &&
  before.trim().length === after.trim().length;

/** What is known of all lines before each is looked at. */
type Around = {
  fixedAs: ReturnType<typeof fixedIn>;
  said: KindsSaid;
  byPlace: boolean;
  /** Whether titles between two signs stand above some questions; above each it is the question itself that stands so. */
  isTitled: boolean;
};

/** The lines of one block: each says the same in every question, or a text of its own. */
function linesOf(
  block: readonly string[],
  fronts: readonly Front[],
  { fixedAs, said, byPlace, isTitled, n }: Around & { n: number },
): Line[] {
  let title = '';
  let isFirst = true;
  const fixedLine = (line: string, place: number): Line | undefined => {
    const front = fronts[place]!;
    if (said.isKind(place)) {
      return { ...front, kind: line.trim(), key: `=${line}`, line, fixed: true };
    }
    const own = fixedAs(line, place === 0);
    const isText = front.before.trim() && front.text && !/^\p{L}/u.test(front.text);
    if (own === undefined || (isText && own === line)) {
      return undefined;
    }
    title = own || title;
    const words = lettersIn(own.replace('{n}', ''));
    const kind = place === 0 && kindOfWord(words) !== undefined ? { kind: words } : {};
    return { ...front, ...kind, key: `=${own}`, line: own, fixed: true };
  };
  const isTitle = (front: Front): boolean => isTitled && isMirrored(front);
  return block.map((line, place) => {
    const fixed = fixedLine(line, place);
    if (fixed) {
      return fixed;
    }
    const front = fronts[place]!;
    // Lines without a sign of their own are what the title above them says, the first one another thing than those below it, and
    // the last one another where it names an option.
    const isBare = !front.before.trim();
    const isKey = said.endsByKey(n) && place === block.length - 1;
    const column = byPlace ? `${place} ` : '';
    const isCode = said.isCode(place);
    const signs = [isFirst && '^', isKey && '#', isCode && '&'].filter(Boolean).join('');
    const where = `${column}${said.placeOf(n, place)}${title}${signs}`;
    const words = isBare && title ? lettersIn(title.replace('{n}', '')) : front.words;
    // Below a code stands what asks, and below a title between two signs.
    isFirst = isFirst && (isCode || isTitle(front));
    return {
      ...front,
      words,
      key: `${isBare ? where : said.answersOf(n, front.words)}${keyOf(front)}`,
      line,
      fixed: false,
    };
  });
}

/** Blocks of lines with what is known of each line; `byPlace` sets bare lines apart by their places. */
export function taken(
  head: readonly string[],
  blocks: readonly string[][],
  between: readonly string[],
  byPlace = false,
): Blocks {
  const all = frontsOf(blocks.flat());
  let at = 0;
  const fronts = blocks.map((block) => all.slice(at, (at += block.length)));
  const isTitled = !fronts.every(([first]) => first && isMirrored(first));
  const around = { fixedAs: fixedIn(blocks), said: kindsSaid(blocks, fronts), byPlace, isTitled };
  const parted = blocks.map((block, n) => linesOf(block, fronts[n]!, { ...around, n }));
  const titles = ownTitles(parted);
  return { head, between, blocks: parted.map((block) => joined(block, titles)) };
}
