// What is taken away: files, all of them in one zip, blocks to paste, receipts. Only what was taken has a receipt kept.
import type { Receipt } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import { safeName } from '../../../core/shared/plain';
import { sayProblem } from '../../parts/say';
import { takeAway } from '../../parts/take-away';
import { core } from '../../../workers/client';
import { keepReceipt, theStore } from '../bank';
import { handOverState, setHandOver, titleOf, type FilledFile } from './hold';
import { i18n } from '../../../languages';

/** Keeps the receipts of files that are taken for the first time. */
function noteTaken(files: readonly FilledFile[]): void {
  const fresh = new Set(files.filter((file) => !file.isTaken).map(({ receipt }) => receipt.id));
  for (const { receipt } of files) {
    if (fresh.has(receipt.id)) {
      void keepReceipt(receipt);
    }
  }
  setHandOver({
    files: handOverState().files.map((file) =>
      fresh.has(file.receipt.id) ? { ...file, isTaken: true } : file,
    ),
  });
}

/** Hands a file to the browser. */
export function takeFile(file: FilledFile): void {
  takeAway(file.name, file.bytes);
  noteTaken([file]);
}

/** Filled files in one zip, with their receipts and a summary. */
export async function takeAll(files: readonly FilledFile[]): Promise<void> {
  const handed = files.map(({ name, bytes, receipt }) => ({ name, bytes, receipt }));
  const zip = await core().bundle(handed);
  takeAway(`${safeName(titleOf(), i18n._('Set'))}.zip`, zip, 'application/zip');
  noteTaken(files);
}

const firstDifference = ({ field, meant, found }: Receipt['readBack']['differences'][number]) =>
  i18n._('{field} came out as “{found}” where “{meant}” was meant', { field, found, meant });

/**
 * Copies the rows of a filled file as a block; gives how many rows there are and the cell to paste them at, or says why
 * nothing was copied.
 */
export async function copyBlock(
  file: FilledFile,
): Promise<{ rows: number; cell: string } | undefined> {
  const { cell, rows, text, html, differences } = await core().pasteBlock(file.receipt);
  if (differences[0]) {
    sayProblem(
      i18n._('Not copied: read back as text, {firstDifference}. Take the file instead.', {
        firstDifference: firstDifference(differences[0]),
      }),
    );
    return undefined;
  }
  const forms = defined({
    'text/plain': new Blob([text], { type: 'text/plain' }),
    'text/html': html ? new Blob([html], { type: 'text/html' }) : undefined,
  });
  await navigator.clipboard.write([new ClipboardItem(forms as Record<string, Blob>)]);
  noteTaken([file]);
  return { rows: rows.length, cell };
}

/** A receipt's page in a tab of its own, to be read or printed. */
export async function showReceipt(receipt: Receipt): Promise<void> {
  const page = await core().receiptPage(receipt);
  const url = URL.createObjectURL(new Blob([page], { type: 'text/html;charset=utf-8' }));
  // Opened without a way back to this page; a page of text alone, since every text in it is escaped.
  window.open(url, '_blank', 'noopener');
  setTimeout(() => URL.revokeObjectURL(url), 60_000);
}

/** Hands over a receipt as JSON, from which its file can be made again. */
export async function takeReceipt(receipt: Receipt): Promise<void> {
  const json = await core().receiptJson(receipt);
  takeAway(`${receipt.file.name}.receipt.json`, new TextEncoder().encode(json), 'application/json');
}

/** Makes the file of a receipt again, says whether it is the same to the byte, and hands it over. */
export async function makeAgain(receipt: Receipt): Promise<string> {
  const blank = receipt.layout.blank ? await theStore().blank(receipt.layout.blank) : undefined;
  const answer = await core().fillAgain(receipt, blank);
  if ('problem' in answer) {
    sayProblem(answer.problem);
    return answer.problem;
  }
  const [file] = answer.files;
  takeAway(file!.name, file!.bytes);
  return file!.receipt.file.sha256 === receipt.file.sha256
    ? i18n._('the same to the byte')
    : i18n._('made again, but it differs from the file of this receipt');
}
