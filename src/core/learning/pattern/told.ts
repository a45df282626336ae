// The questions of a sample with what each of their lines is.
import type { Part } from '../../model';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import type { Blocks, Line } from './blocks';
import type { LineRole, Roles } from './words';

/** A line with its role; right and wrong ones are options. */
export type Told = Line & { role: LineRole; part: Part['role'] };
/** A question's lines, with its word for the kind. */
export type Question = { lines: readonly (Told | Line)[]; word: string | undefined };

const OPTION_ROLES: ReadonlySet<LineRole> = new Set(['right', 'wrong', 'kind', 'feedback']);
const partOf = (role: LineRole): Part['role'] =>
  OPTION_ROLES.has(role) ? 'option' : (role as Part['role']);

/** Whether a line says something else in each question. */
export const isTold = (line: Told | Line): line is Told => 'part' in line;

const ANSWERING: ReadonlySet<string> = new Set([
  'option',
  'options',
  'key',
  'accepted',
  'pair',
  'step',
  'card',
]);
/** Whether a part answers its question. */
export const answers = (part: Part['role']): boolean => ANSWERING.has(part);

function toldIn(block: readonly Line[], roles: Roles): (Told | Line)[] {
  return block.map((line) => {
    const role = roles.get(line.key);
    return line.fixed || role === undefined || role === 'kind'
      ? { ...line, fixed: true }
      : { ...line, role, part: partOf(role) };
  });
}

/** True or false said in the line of a lone right option. */
function asTruth(block: (Told | Line)[], word: string | undefined): (Told | Line)[] {
  const isTruth = word !== undefined && kindOfWord(word) === 'true-false';
  const options = block.filter(
    (line): line is Told =>
      isTold(line) && (line.part === 'option' || (isTruth && line.part === 'accepted')),
  );
  const [only] = options;
  const isLone = only && options.length === 1 && (isTruth || only.role === 'right');
  return isLone
    ? block.map((line) => (line === only ? { ...only, role: 'key', part: 'key' } : line))
    : block;
}

/** The word for the kind of a question: on a line of its own, beside its points, or the code behind the sign of its text. */
const wordOf = (block: readonly Line[], roles: Roles): string | undefined =>
  block.find((line) => roles.get(line.key) === 'kind')?.text ??
  block.find(({ kind }) => kind)?.kind ??
  block.find((line) => line.code && roles.get(line.key) === 'stem')?.code?.word;

const isCategory = (line: Told | Line): boolean => isTold(line) && line.part === 'category';

/** The questions; a category in a block of its own goes on top of the next one, and `isApart` tells that some do. */
export function questionsIn(
  { blocks }: Blocks,
  roles: Roles,
): { questions: Question[]; isApart: boolean } {
  const questions: Question[] = [];
  let above: (Told | Line)[] = [];
  let isApart = false;
  for (const block of blocks) {
    const word = wordOf(block, roles);
    const lines = asTruth(toldIn(block, roles), word);
    if (lines.every(isCategory)) {
      above.push(...lines);
      isApart = true;
    } else {
      questions.push({ lines: [...above, ...lines], word });
      above = [];
    }
  }
  return { questions, isApart };
}
