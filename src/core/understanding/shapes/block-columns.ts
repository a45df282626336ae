// What stands in the columns beside the lines of a block: verdicts and feedback beside answers, points beside questions.
import type { Role } from '../../model';
import { numberOf } from '../../shared/normalise';
import type { Region } from '../../shared/table/region';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { TICK } from '../column-words';
import { roleOfMeaning } from '../contract';
import { meaningOfWords } from '../saying';

const BESIDE: Partial<Record<string, Role>> = {
  verdict: 'verdict',
  key: 'verdict',
  weight: 'weight',
  feedback: 'feedback',
  explanation: 'feedback',
};

/** What a column beside the answers holds, by the headings above the blocks or by the cells themselves. */
function roleBeside(
  region: Region,
  heading: number | undefined,
  column: number,
  rows: readonly number[],
): Role {
  const said = heading === undefined ? undefined : meaningOfWords(region.cell(heading, column));
  const role = said && BESIDE[said.meaning];
  if (role) {
    return role;
  }
  const texts = rows.map((r) => region.cell(r, column)).filter(Boolean);
  const isTick = texts.every((text) => TICK.test(text) && text === texts[0]);
  if (texts.length && (isTick || texts.every((text) => verdictOf(text) !== undefined))) {
    return 'verdict';
  }
  return texts.length && texts.every((text) => /^-?\d+\s*%?$/.test(text)) ? 'weight' : 'feedback';
}

const BESIDE_QUESTIONS: ReadonlySet<Role> = new Set(['points', 'seconds', 'category', 'image']);
/** What a column beside the questions holds: what its heading says, or points where all are numbers; undefined where nothing tells. */
function roleBesideQuestions(
  region: Region,
  heading: number | undefined,
  column: number,
  rows: readonly number[],
): Role | undefined {
  const said = heading === undefined ? undefined : meaningOfWords(region.cell(heading, column));
  const role = said && roleOfMeaning(said.meaning);
  if (role && BESIDE_QUESTIONS.has(role)) {
    return role;
  }
  const texts = rows.map((row) => region.cell(row, column)).filter(Boolean);
  const areNumbers = texts.length > 0 && texts.every((text) => numberOf(text) !== undefined);
  return areNumbers ? 'points' : undefined;
}

/** Lines of a block that are alike, with the row above that names columns. */
type Alike = { role: 'option' | 'stem'; rows: readonly number[]; above: number | undefined };

/** The cells behind the first one of lines alike, for columns of which it is known what they hold. */
export function besideIn(
  region: Region,
  { role, rows, above }: Alike,
): { column: number; role: Role }[] {
  const columns = Array.from(
    { length: Math.max(0, region.right - region.left - 1) },
    (_, n) => region.left + 2 + n,
  );
  return columns.flatMap((column) => {
    const isFilled = rows.some((row) => region.cell(row, column));
    const isNamed = above !== undefined && region.cell(above, column) !== '';
    if (role === 'option') {
      return isNamed || isFilled ? [{ column, role: roleBeside(region, above, column, rows) }] : [];
    }
    const own = isFilled ? roleBesideQuestions(region, above, column, rows) : undefined;
    return own ? [{ column, role: own }] : [];
  });
}
