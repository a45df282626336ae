// A sample of marked text tests its layout: its questions, read by it and written again, must come out to the letter.
import type { Document, Layout } from '../model';
import { fit } from '../fitting';
import type { LearnedLayout } from '../learning';
import { readMarkedSet } from '../reading-back';
import { categoryLine } from '../shared/category-line';
import { quoted } from '../shared/plain';

/** So many lines of a sample are held against what is written. */
const MOST_LINES = 400;
const SHOWN = 50;

/** A line without its question's number, which the writer counts by itself. */
const bare = (line: string): string => line.trim().replace(/^(?:#\d{1,3}|\(?\d{1,3}[.):])\s+/u, '');

/** Whether a line does nothing but count questions, which the writer does by itself. */
const countsBy =
  (numberLine: string | undefined) =>
  (line: string): boolean =>
    numberLine !== undefined && line === numberLine.replace('{n}', /\d+/.exec(line)?.[0] ?? '');

/** The first line of a sample that is not written as it stands, and the first that is written and not in the sample. */
function differing(
  lines: readonly string[],
  layout: Layout,
): { missing: string | undefined; other: string | undefined } {
  const { items, title } = readMarkedSet(lines.join('\n'), layout);
  const fits = fit(items, layout);
  const { setTitle, tight, numberLine } = layout.marks ?? {};
  const counts = countsBy(numberLine);
  const named = setTitle && title ? [`${setTitle}${tight ? '' : ' '}${title}`] : [];
  const categories = fits.flatMap(({ as = [] }) =>
    as.flatMap(({ category }) =>
      category && layout.marks ? [categoryLine(layout.marks, category.join(' > '))] : [],
    ),
  );
  const written = [
    ...fits.flatMap(({ text = '' }) => text.split('\n')),
    ...categories,
    ...named,
  ].map(bare);
  const own = lines.map(bare).filter((line) => line && !counts(line));
  const [has, makes] = [new Set(own), new Set(written)];
  return {
    missing: own.find((line) => !makes.has(line)),
    other: written.find((line) => line && !has.has(line)),
  };
}

/** The learned layout, unsure of its signs where the sample's own questions would be written otherwise. */
export function withMarkedSample(learned: LearnedLayout, { lines }: Document): LearnedLayout {
  const { layout } = learned;
  const { comment } = layout.marks ?? {};
  const body = lines
    .slice(0, MOST_LINES)
    .map((line) => line.source ?? line.text)
    .filter((line) => !comment || !line.startsWith(comment));
  const { missing, other } = differing(body, layout);
  if (missing === undefined && other === undefined) {
    return learned;
  }
  const why =
    missing !== undefined && other !== undefined
      ? `the sample’s ${quoted(missing, SHOWN)} would be written ${quoted(other, SHOWN)}`
      : `${quoted((missing ?? other)!, SHOWN)} of the sample ${missing === undefined ? 'would be added' : 'is no part of what would be written'}`;
  return {
    ...learned,
    because: {
      ...learned.because,
      'marks.right': `${learned.because['marks.right'] ?? ''}; but ${why}`,
    },
    unsure: [...new Set([...learned.unsure, 'marks.right'])],
  };
}
