// How the rows of a table write their answers, learned from the rows themselves.
import type { Reading } from '../model';
import type { Region } from '../shared/table/region';
import { defined } from '../shared/defined';
import { findInnerSeparator, strongSeparator } from '../shared/table/separators';
import { scaleOfWeights, weightOf } from '../shared/weights';
import { labelsOfHeadings, withoutSign } from '../understanding';
import { learnKindWords } from './kind-of-row';
import type { Manner } from './manner';
import { areLabelled, separatorBeside, textsBeside } from './option-texts';
import { looksLike } from './question';
import { Row, type Slots } from './row';

const MINUTES = /\bmin(?:s|\.|uten?|utes?|utos?|uti|uter|utter|uuttia|uty|ut|ute)?\b/iu;
const SECONDS = /\bs\b|sec|sek|seg|:/iu;

/** So many rows show it. */
const SAMPLE = 200;

/** Behind a comma so many words are an answer of their own. */
const SHORT = 2;

/** What parts several wrong answers in a cell; a slash between blanks does where it stands in more than one. */
function separatorOfWrongs(
  texts: readonly string[],
  rights: readonly string[],
): string | undefined {
  const slashed = texts.filter((text) => /\S \/ \S/u.test(text));
  const slash = slashed.length > 1 ? ' / ' : undefined;
  return (
    findInnerSeparator(texts) ??
    strongSeparator(texts) ??
    slash ??
    (areListedByComma(texts, rights) ? ',' : undefined)
  );
}

const CAPITAL = /^\P{L}*\p{Lu}/u;

/** A few lists of wrong answers among single ones: short words or capitals behind commas, where no right answer holds a comma. */
function areListedByComma(texts: readonly string[], rights: readonly string[]): boolean {
  const listed = texts.filter((text) => text.includes(','));
  const words = (text: string): number => text.trim().split(/\s+/u).length;
  const longest = Math.max(...rights.map(words), SHORT);
  const isCapital = rights.every((text) => !text || CAPITAL.test(text));
  return (
    listed.length > 1 &&
    rights.some(Boolean) &&
    rights.every((text) => !text.includes(',')) &&
    listed.every((text) =>
      text.split(',').every((part) => words(part) <= longest || (isCapital && CAPITAL.test(part))),
    )
  );
}

/** How rows are read under a reading: what separates answers in a cell, what words name kinds, whether times are minutes. */
export function mannerOf(
  region: Region,
  slots: Slots,
  { key }: Reading,
  { first, cards }: { first: number; cards: boolean },
): Manner {
  const rows: Row[] = [];
  for (let r = first; r <= region.bottom && rows.length < SAMPLE; r++) {
    rows.push(new Row(region, slots, r));
  }
  const sample = (role: 'options' | 'wrongs' | 'right'): string[] =>
    slots.has(role) ? rows.map((row) => row.text(role)) : [];
  const sign = key.style === 'marker' ? key.marker : undefined;
  const unsigned = (text: string): string => (sign && withoutSign(text, sign)) || text;
  const time = slots.get('seconds')?.[0]?.column.heading ?? '';
  const weights = separatorBeside(rows, 'weight');
  const hasShares = key.style === 'weight' && !slots.has('weight');
  const manner: Manner = {
    key,
    optionSeparator: findInnerSeparator(sample('options')),
    wrongSeparator: separatorOfWrongs(sample('wrongs'), sample('right')),
    cards: cards && !slots.has('kind'),
    labelled: areLabelled(rows.map((row) => row.texts('option').map(unsigned))),
    labels: labelsOfHeadings((slots.get('option') ?? []).map(({ column }) => column.heading ?? '')),
    kindWords: new Map(),
    hasShares,
    besideSeparators: defined({
      verdict: separatorBeside(rows, 'verdict'),
      weight: weights,
      feedback: separatorBeside(rows, 'feedback'),
    }),
    // Shares are per cent as they stand.
    weightScale: scaleOfWeights(
      rows.map((row) => textsBeside(row, 'weight', weights).map(weightOf)),
    ),
    minutes: MINUTES.test(time) && !SECONDS.test(time.replace(MINUTES, '')),
  };
  return slots.has('kind')
    ? { ...manner, kindWords: learnKindWords(rows, (row) => looksLike(row, manner)) }
    : manner;
}
