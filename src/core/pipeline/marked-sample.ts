// A sample of marked text tests its layout: its questions, read by it and written again, must come out to the letter.
import type { Document, Layout } from '../model';
import { fit } from '../fitting';
import { doubted, type LearnedLayout } from '../learning';
import { readMarkedSet } from '../reading-back';
import { defined } from '../shared/defined';
import { quoted } from '../shared/plain';
import { write } from '../writers';
import { say } from '../shared/say';

/** So many lines of a sample are held against what is written. */
const MOST_LINES = 400;
const SHOWN = 50;

/** A line without its question's number, which the writer counts by itself. */
const bare = (line: string): string =>
  line.trimEnd().replace(/^(?:#\d{1,3}|\(?Q?\d{1,3}[.):-])\s+/u, '');

/** The lines that are written for the sample's own questions. */
export function writtenLines(lines: readonly string[], layout: Layout): string[] {
  const { items, title } = readMarkedSet(lines.join('\n'), layout);
  const questions = fit(items, layout).flatMap(({ text, as = [] }) =>
    text === undefined ? [] : [{ text, as }],
  );
  const { comment: _comment, ...marks } = layout.marks ?? { right: '*' };
  const plain: Layout = { ...layout, marks, file: { format: 'txt', newline: 'lf' } };
  const { bytes } = write(defined({ layout: plain, questions, setTitle: title }));
  return new TextDecoder().decode(bytes).split('\n');
}

/** The first line of a sample that is not written as it stands, and what is written in its place. */
function differing(
  lines: readonly string[],
  layout: Layout,
): { missing: string | undefined; other: string | undefined } {
  const filled = (all: readonly string[]): string[] => all.map(bare).filter((line) => line.trim());
  const [own, written] = [filled(lines), filled(writtenLines(lines, layout))];
  const at = own.findIndex((line, index) => line !== written[index]);
  return at < 0 && own.length < written.length
    ? { missing: undefined, other: written[own.length] }
    : { missing: own[at], other: at < 0 ? undefined : written[at] };
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
      ? say('the sample’s {missing} would be written {other}', {
          missing: quoted(missing.trim(), SHOWN),
          other: quoted(other.trim(), SHOWN),
        })
      : say('{missing} of the sample {missingEnd}', {
          missing: quoted((missing ?? other)!.trim(), SHOWN),
          missingEnd:
            missing === undefined
              ? say('would be added')
              : say('is no part of what would be written'),
        });
  const because = {
    ...learned.because,
    'marks.right': say('{because}; but {why}', {
      because: learned.because['marks.right'] ?? '',
      why,
    }),
  };
  return doubted({ ...learned, because }, 'marks.right');
}
