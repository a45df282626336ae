// Whether a file that was dropped is a receiver's blank to be filled, or a source with questions of its own.
import type { Layout, Opened, Surroundings } from '../model';
import { gatherOpened, openSource } from './sources';
import { learnBlank } from './layouts';

/** More questions than this are no samples. */
const MOST_SAMPLES = 3;
const SAMPLE =
  /(?<![\p{L}])(?:examples?|samples?|e\.\s?g\.|beispiel|muster|exemple|ejemplo|esempio|voorbeeld|exemplo|przykład|enghraifft)(?![\p{L}])/iu;

const asksForQuestions = ({ shape, columns, marks }: Layout): boolean =>
  shape === 'blocks' ||
  shape === 'grid' ||
  marks !== undefined ||
  columns.some(({ role }) => role === 'stem');

/** Whether cells may hold this and that alone, and the file says what it takes: somebody's own table may have lists as well. */
function isForm(opened: Opened, { limits, file }: Layout): boolean {
  const sheets = opened.is === 'table' ? opened.table.sheets : [];
  const isRuled = sheets.some(
    ({ validations, isProtected }) => validations.length > 0 || isProtected,
  );
  const { stem, option, title } = limits;
  const isLimited = [stem, option, title].some((most) => most !== undefined);
  return isRuled && (isLimited || (file.cells?.length ?? 0) > 0);
}

/**
 * Whether a file is to be filled: it asks for questions and has none, or a few that its own words call samples, or that stand in a
 * form with lists or locked cells and rules of its own. Anything that can't be read is no blank.
 */
export async function isBlank(
  file: { name: string; bytes: Uint8Array },
  surroundings: Surroundings,
): Promise<boolean> {
  const opened = await openSource(file);
  if (opened.is === 'stated') {
    return false;
  }
  const { items, findings } = gatherOpened(opened, {}, surroundings);
  const isContributed = findings.some(({ rule }) => rule === 'sheet-of-contributor');
  if (items.length > MOST_SAMPLES || isContributed) {
    return false;
  }
  const { layout } = await learnBlank(file, surroundings);
  if (!layout || !asksForQuestions(layout)) {
    return false;
  }
  const isSaid = items.some(({ stem, ref }) => SAMPLE.test(`${stem.plain} ${ref}`));
  return items.length ? isSaid || isForm(opened, layout) : opened.is === 'table';
}
