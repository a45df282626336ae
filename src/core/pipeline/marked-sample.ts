// A sample of marked text tests its layout: its questions, read by it and written again, must come out to the letter.
import type { Document, Layout } from '../model';
import { fit } from '../fitting';
import type { LearnedLayout } from '../learning';
import { readMarkedText } from '../reading-back';
import { quoted } from '../shared/plain';

/** So many lines of a sample are held against what is written. */
const MOST_LINES = 400;
const SHOWN = 50;

/** A line without its question's number, which the writer counts by itself. */
const bare = (line: string): string => line.trim().replace(/^\d{1,3}[.)]\s+/u, '');

/** The first line of a sample that is not written as it stands, and the first that is written and not in the sample. */
function differing(
  lines: readonly string[],
  layout: Layout,
): { missing: string | undefined; other: string | undefined } {
  const fits = fit(readMarkedText(lines.join('\n'), layout), layout);
  const categories = fits.flatMap(({ as = [] }) =>
    as.flatMap(({ category }) =>
      category ? [`${layout.marks?.category} ${category.join(' > ')}`] : [],
    ),
  );
  const written = [...fits.flatMap(({ text = '' }) => text.split('\n')), ...categories].map(bare);
  const own = lines.map(bare).filter(Boolean);
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
