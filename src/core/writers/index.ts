// The one list of writers, by the format of the layout's file and its shape.
import type { Layout } from '../model';
import { wellFormed } from '../shared/markup';
import { safeName } from '../shared/plain';
import type { Job, Written } from './contract';
import { writeDelimited } from './delimited/write';
import { blankOpenDocument } from './open-document/blank';
import { fillOpenDocument } from './open-document/fill';
import { writePackage } from './packages/write';
import { blankText } from './text/blank';
import { writeMarkedText } from './text/write';
import { blankWorkbook } from './workbook/blank';
import { fillWorkbook } from './workbook/fill';
import { defined } from '../shared/defined';
import { Problem } from '../shared/problem';
import { say } from '../shared/say';

export type { Job, Written } from './contract';
export { csvwOf, tableSchemaOf } from './layout-file/describe';
export { bundle, type Handed } from './receipt/bundle';
export { receiptPage } from './receipt/page';

type Writer = {
  write(job: Job): Written;
  /** An empty form, where the layout has no blank. */ blank?(layout: Layout): Uint8Array;
};

const delimited: Writer = {
  write: writeDelimited,
  blank: (layout) => writeDelimited({ layout, questions: [] }).bytes,
};
const writers: Partial<Record<Layout['file']['format'], Writer>> = {
  xlsx: { write: fillWorkbook, blank: blankWorkbook },
  ods: { write: fillOpenDocument, blank: blankOpenDocument },
  zip: { write: writePackage },
  csv: delimited,
  tsv: delimited,
  txt: delimited,
};
const markedText: Writer = { write: writeMarkedText, blank: blankText };

const writerOf = ({ shape, file }: Layout): Writer | undefined =>
  shape === 'marked-text' ? markedText : writers[file.format];

/** An empty form of the layout; undefined for packages, which need none. */
export const blankFor = (layout: Layout): Uint8Array | undefined =>
  writerOf(layout)?.blank?.(layout);

/** Writes the job's file. Throws an Error with a plain sentence where the blank does not match its layout. */
export function write(job: Job): Written {
  const writer = writerOf(job.layout);
  if (!writer) {
    throw new Problem(
      say("Files of the kind .{format} can't be written.", { format: job.layout.file.format }),
    );
  }
  // A layout that never had a blank gets a form of its own; one whose blank is only missing must not be given another.
  const blank = job.blank ?? (job.layout.blank ? undefined : writer.blank?.(job.layout));
  return writer.write(defined({ ...job, blank }));
}

/** Long enough for a title with its receiver, short enough for folders within folders. */
const LONGEST_NAME = 100;

/** A file name that every system takes, from the set's name: signs that some forbid become blanks. */
export function fileName(set: string, layout: Layout): string {
  const bare = set.normalize('NFC').replace(/^\.+/, '');
  const safe = wellFormed(safeName(bare, 'Set').slice(0, LONGEST_NAME)).replace(/[. ]{1,9}$/, '');
  return `${safe || 'Set'}.${layout.file.format}`;
}
