// The one list of writers, by the format of the layout's file.
import type { Layout } from '../model';
import type { Job, Written } from './contract';
import { writeDelimited } from './delimited/write';
import { fillWorkbook } from './workbook/fill';

export type { Job, Written } from './contract';

const writers: Partial<Record<Layout['file']['format'], (job: Job) => Written>> = {
  xlsx: fillWorkbook,
  csv: writeDelimited,
  tsv: writeDelimited,
  txt: writeDelimited,
};

/** Whether files of this format can be written. */
export const canWrite = (format: Layout['file']['format']): boolean => writers[format] !== undefined;

/** Writes the job's file. Throws an Error with a plain sentence where the blank does not match its layout. */
export function write(job: Job): Written {
  const writer = writers[job.layout.file.format];
  if (!writer) throw new Error(`Files of the kind .${job.layout.file.format} can't be written yet.`);
  return writer(job);
}

/** A file name that every system takes, from the set's name: signs that some forbid become blanks. */
export function fileName(set: string, layout: Layout): string {
   
  const safe = set.normalize('NFC').replace(/[\u0000-\u001f<>:"/\\|?*]+/g, ' ').replace(/\s+/g, ' ').trim().replace(/^\.+|[. ]+$/g, '').slice(0, 80);
  const reserved = /^(?:con|prn|aux|nul|com\d|lpt\d)$/i.test(safe);
  return `${safe && !reserved ? safe : `Set ${safe}`.trim()}.${layout.file.format}`;
}
