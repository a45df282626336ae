// Columns whose headings say nothing known: what they are is told by their cells, and by whether a key among them names
// an option in every row.
import type { Role } from '../../model';
import { quoted } from '../../shared/plain';
import type { Region } from '../../shared/table/region';
import { bestSplit, decodedWords, findKey, type Ranked } from './key';
import { readMarked } from './marks';
import { isText, rowsOf, setRole, type Silent } from './rows';

/** Where there is no question no column stands behind it. */
const NOWHERE = -2;
/** Options between the question and the key. */
const STANDS = 2;

/** The column of the questions among those still open: most question marks, then the longest texts. */
function stemAmong(drafts: readonly Silent[]): Silent | undefined {
  const open = drafts.filter((draft) => draft.role === 'ignore' && isText(draft));
  return open.sort(
    (a, b) =>
      b.profile.questions - a.profile.questions ||
      b.profile.averageLength - a.profile.averageLength,
  )[0];
}

/** Gives the roles of a split, and the question its own where that was still open. */
function takeSplit(split: Ranked, others: readonly Silent[], stem: Silent | undefined): void {
  // Options that do not fill the room between question and key may have a neighbour too many, or one too few.
  const isWhole = split.share === 1 && split.standing === STANDS;
  if (stem) {
    const asks = `${Math.round(stem.profile.questions * 100)} % of its cells end in a question mark`;
    setRole(
      stem,
      'stem',
      stem.profile.questions > 0.4 ? asks : 'its texts are the longest',
      isWhole && stem.profile.questions > 0.4,
    );
  }
  const key = others[split.key]!;
  others.slice(split.from, split.to + 1).forEach((draft) => {
    setRole(
      draft,
      'option',
      `column ${quoted(key.heading || 'beside', 30)} names one of them`,
      isWhole,
    );
  });
  setRole(key, 'key', decodedWords(split.share), isWhole);
}

/** Gives roles to columns that are still open, where the rows show what they are. */
export function readSilent(region: Region, first: number, drafts: readonly Silent[]): void {
  const has = (...roles: Role[]): boolean => drafts.some(({ role }) => roles.includes(role));
  const known = drafts.filter(({ role }) => role === 'option');
  if (known.length > 1 && !has('key', 'right', 'verdict', 'weight', 'wrongs')) {
    findKey(region, first, drafts, known);
    return;
  }
  if (has('option', 'options', 'right', 'accepted', 'left', 'pair', 'step', 'verdict')) {
    return;
  }
  const stem = has('stem') ? undefined : stemAmong(drafts);
  const others = drafts.filter((draft) => draft !== stem);
  if (readMarked(region, first, others)) {
    return;
  }
  const rows = rowsOf(region, first, others);
  const asked = stem ?? drafts.find(({ role }) => role === 'stem');
  const split = bestSplit(rows, others, asked?.profile.column ?? NOWHERE);
  if (split) {
    takeSplit(split, others, stem);
  }
}
