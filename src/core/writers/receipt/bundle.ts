// Several receivers' files in one zip, with their receipts and a summary that people can read.
import { strToU8, zipSync } from 'fflate';
import type { Receipt } from '../../model';
import { count, freeName, safeName } from '../../shared/plain';
import { STILL } from '../contract';
import { receiptPage } from './page';

export type Handed = { name: string; bytes: Uint8Array; receipt: Receipt };

/** Names without a clash: a second file of the same name gets its receiver's in front of the ending. */
export function distinctNames(files: readonly Handed[]): string[] {
  const taken = new Set<string>();
  return files.map(({ name, receipt }) => {
    const dot = name.lastIndexOf('.');
    const receiver = safeName(receipt.layout.name, 'another receiver');
    const same = files.filter((other) => other.name === name).length > 1;
    const stem = same ? `${name.slice(0, dot)} for ${receiver}` : name.slice(0, dot);
    return freeName(stem, name.slice(dot), taken);
  });
}

function summaryOf(files: readonly Handed[], names: readonly string[]): string {
  const lines = files.flatMap(({ receipt }, index) => {
    const changed = receipt.items.filter((item) => item.changes.length).length;
    const { differences } = receipt.readBack;
    return [
      names[index]!,
      `  for ${receipt.layout.name}`,
      `  ${count(receipt.questions, 'question')}, ${receipt.points} points${changed ? `, ${changed} changed as the receipt names` : ''}${receipt.leftOut.length ? `, ${receipt.leftOut.length} left out` : ''}`,
      differences.length
        ? `  READ BACK: ${count(differences.length, 'difference')}, see the receipt before using it`
        : '  read back by other code: all as meant',
      ...(receipt.notes ?? []).map((note) => `  ${note}`),
      `  SHA-256 ${receipt.file.sha256}`,
      '',
    ];
  });
  return [
    'What is in this package',
    '',
    ...lines,
    'Each file has a receipt in the folder receipts: a page to read or print, and the same as JSON, from which the file can be made again.',
    '',
  ].join('\r\n');
}

/** The zip. The same files and receipts give the same bytes. */
export function bundle(files: readonly Handed[]): Uint8Array {
  const names = distinctNames(files);
  const parts: Record<string, Uint8Array> = { 'summary.txt': strToU8(summaryOf(files, names)) };
  files.forEach(({ bytes, receipt }, index) => {
    parts[names[index]!] = bytes;
    parts[`receipts/${names[index]}.html`] = strToU8(receiptPage(receipt));
    parts[`receipts/${names[index]}.json`] = strToU8(JSON.stringify(receipt, null, 2));
  });
  return zipSync(
    Object.fromEntries(
      Object.entries(parts).map(([name, bytes]) => [name, [bytes, { mtime: STILL }]]),
    ),
  );
}
