// Files that are no table, whatever their name says. Told by their first bytes, so that the message can name them.
import type { SourceFile } from './contract';
import { say, toSay } from '../shared/say';

const begins = (bytes: Uint8Array, signature: readonly number[]): boolean =>
  signature.every((byte, index) => bytes[index] === byte);

const SIGNATURES: readonly (readonly [string, readonly number[]])[] = [
  [toSay('a PDF document'), [0x25, 0x50, 0x44, 0x46]],
  [toSay('a PNG picture'), [0x89, 0x50, 0x4e, 0x47]],
  [toSay('a JPEG picture'), [0xff, 0xd8, 0xff]],
  [toSay('a GIF picture'), [0x47, 0x49, 0x46, 0x38]],
  [toSay('a gzip archive'), [0x1f, 0x8b]],
  [toSay('a 7z archive'), [0x37, 0x7a, 0xbc, 0xaf]],
  [toSay('a RAR archive'), [0x52, 0x61, 0x72, 0x21]],
  [toSay('an RTF document'), [0x7b, 0x5c, 0x72, 0x74, 0x66]],
];
/** The compound file that old workbooks and encrypted new ones are kept in ([MS-CFB] 2.2). */
const COMPOUND = [0xd0, 0xcf, 0x11, 0xe0, 0xa1, 0xb1, 0x1a, 0xe1];

function holds(bytes: Uint8Array, wanted: readonly number[]): boolean {
  for (let at = bytes.indexOf(wanted[0]!); at >= 0; at = bytes.indexOf(wanted[0]!, at + 1)) {
    if (wanted.every((byte, index) => bytes[at + index] === byte)) {
      return true;
    }
  }
  return false;
}

const wide = (name: string): number[] => [...name].flatMap((letter) => [letter.charCodeAt(0), 0]);

/** Whether a file is a compound file ([MS-CFB] 2.2). */
export const isCompound = (bytes: Uint8Array): boolean => begins(bytes, COMPOUND);
/** Whether a compound file keeps the stream of a workbook ([MS-XLS] 2.1.2). */
export const isOldWorkbook = (bytes: Uint8Array): boolean =>
  isCompound(bytes) && (holds(bytes, wide('Workbook')) || holds(bytes, wide('Book')));

/** Why this file can't be read as a table, where its first bytes tell; undefined where they do not. */
export function disguise({
  name,
  bytes,
}: SourceFile): { rule: string; message: string } | undefined {
  if (isCompound(bytes)) {
    if (holds(bytes, wide('EncryptedPackage'))) {
      return {
        rule: 'file-encrypted',
        message: say(
          '{name} is protected with a password. Open it in the program it comes from, take the password off, save it and bring it in again.',
          { name },
        ),
      };
    }
    return isOldWorkbook(bytes)
      ? undefined
      : {
          rule: 'file-kind-unknown',
          message: say(
            '{name} is a document of an old binary kind. Save it as .docx, .xlsx or plain text in the program it comes from, and bring it in again.',
            { name },
          ),
        };
  }
  const found = SIGNATURES.find(([, signature]) => begins(bytes, signature));
  if (found) {
    return {
      rule: 'file-not-a-table',
      message: say(
        '{name} is {found}, not a table or text. Bring in a workbook (.xlsx, .ods, .xls), a document (.docx, .odt) or text (.csv, .tsv, .txt).',
        { name, found: say(found[0]) },
      ),
    };
  }
  return undefined;
}
