// A whole bank as one file, and back.
import { safeName } from '../../core/shared/plain';
import { takeAway } from '../parts/take-away';
import { core } from '../../workers/client';
import { bankState, theStore } from './bank';
import { recordsAdded } from './bank/lists';
import { freshBank, openBank } from './banks';
import { keptReadings, takeInReadings } from './kept-readings';
import { fileSaved } from './since-file';

/** The blanks of the bank's layouts, and the names of those that the browser no longer has. */
async function blanksOfBank(): Promise<{ blanks: Map<string, Uint8Array>; missing: string[] }> {
  const blanks = new Map<string, Uint8Array>();
  const missing: string[] = [];
  for (const { layout } of bankState().layouts) {
    if (!layout.blank) {
      continue;
    }
    // The questions are in this page even where the store is gone; they must be had as a file all the same.
    const bytes = await theStore()
      .blank(layout.blank.digest)
      .catch(() => undefined);
    if (bytes) {
      blanks.set(layout.blank.digest, bytes);
    } else {
      missing.push(layout.name);
    }
  }
  return { blanks, missing };
}

/** The open bank as the bytes of one file, with its layouts, blanks, sources, receipts and pictures. */
export async function packOpenBank(): Promise<{ bytes: Uint8Array; missing: string[] }> {
  const { info, items, layouts, sources, receipts, sets, sittings } = bankState();
  const { blanks, missing } = await blanksOfBank();
  const contents = {
    name: info.name,
    layouts: [...layouts],
    sources: [...sources],
    receipts: [...receipts],
    sets: [...sets],
    sittings: [...sittings],
    readings: [...(await keptReadings())],
    blanks,
  };
  const bytes = await core().packBank(
    contents,
    items.map(({ id }) => id),
  );
  return { bytes, missing };
}

/** Hands over the open bank as one file. Gives the file's name, and the layouts whose blanks the browser no longer has. */
export async function saveBankFile(): Promise<{ name: string; missing: string[] }> {
  const { bytes, missing } = await packOpenBank();
  const name = `${safeName(bankState().info.name, 'bank')}.bank.zip`;
  takeAway(name, bytes, 'application/zip');
  fileSaved();
  return { name, missing };
}

/** Opens a bank file as a bank of its own beside the others; gives the reason where it can't be had. */
export const openBankFile = async (file: File): Promise<string | undefined> =>
  openBankBytes(file.name, new Uint8Array(await file.arrayBuffer()));

/** The same from bytes; `called` is the new bank's name where it is to be another than the file says. */
export async function openBankBytes(
  fileName: string,
  bytes: Uint8Array,
  called?: string,
): Promise<string | undefined> {
  const opened = await core().openBankFile(fileName, bytes);
  if ('finding' in opened) {
    return opened.finding.message;
  }
  const { name, items, layouts, sources, receipts, readings, blanks } = opened.contents;
  const { sets = [], sittings = [] } = opened.contents;
  const info = freshBank(called ?? name);
  // One transaction: a page that is closed meanwhile leaves no half of a bank behind.
  await theStore().write(info.id, {
    info,
    blanks,
    items: items.map((item, index) => ({ id: item.id, is: 'added', order: index + 1, item })),
    records: recordsAdded({ layouts, sources, receipts, sets, sittings }),
  });
  await takeInReadings(readings ?? []);
  await openBank(info);
  return undefined;
}
