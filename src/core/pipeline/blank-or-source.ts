// Whether a file that was dropped is a receiver's blank to be filled, or a source with questions of its own.
import type { Layout, Surroundings } from '../model';
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

/**
 * Whether a file is to be filled: it asks for questions and has none, or a few that its lists, its locked cells or its own words
 * call samples. Anything that can't be read is no blank.
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
  const sheets = opened.is === 'table' ? opened.table.sheets : [];
  const isForm =
    sheets.some(({ validations, isProtected }) => validations.length > 0 || isProtected) ||
    (layout.file.cells?.length ?? 0) > 0;
  const isSaid = items.some(({ stem, ref }) => SAMPLE.test(`${stem.plain} ${ref}`));
  return items.length ? isForm || isSaid : opened.is === 'table';
}
