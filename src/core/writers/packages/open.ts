// Questions that a person scores: open answers and files handed in.
import { DOCUMENT_TYPES } from '../../shared/media-types';
import type { Item } from '../../model';
import { defined } from '../../shared/defined';
import { declare, prompt, RESPONSE, type Made, type Parts } from './scoring';
import { el } from './xml';

/** Media types by file endings (IANA, from memory). */
const MIME: Record<string, string> = {
  '.pdf': 'application/pdf',
  '.png': 'image/png',
  '.jpg': 'image/jpeg',
  '.jpeg': 'image/jpeg',
  '.gif': 'image/gif',
  '.txt': 'text/plain',
  '.csv': 'text/csv',
  '.docx': DOCUMENT_TYPES.docx,
  '.odt': DOCUMENT_TYPES.odt,
  '.xlsx': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  '.ods': 'application/vnd.oasis.opendocument.spreadsheet',
  '.zip': 'application/zip',
  '.mp3': 'audio/mpeg',
  '.mp4': 'video/mp4',
};

/** An answer in one's own words, scored by a person. */
export function open(item: Item, made: Made): Parts {
  return {
    declarations: [declare({ cardinality: 'single', baseType: 'string' })],
    body: [
      el(
        'qti-extended-text-interaction',
        defined({
          'response-identifier': RESPONSE,
          'expected-lines': item.lines || undefined,
        }),
        prompt(item, made),
      ),
    ],
    scoring: [],
  };
}

/** A file handed in, scored by a person. */
export function upload(item: Item, made: Made): Parts {
  const types = (item.endings ?? []).flatMap((ending) => MIME[ending.toLowerCase()] ?? []);
  return {
    declarations: [declare({ cardinality: 'single', baseType: 'file' })],
    body: [
      el(
        'qti-upload-interaction',
        defined({
          'response-identifier': RESPONSE,
          type: types.length === 1 ? types[0] : undefined,
        }),
        prompt(item, made),
      ),
    ],
    scoring: [],
  };
}
