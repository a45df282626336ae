// A file made again by its receipt.
import type { Receipt, Surroundings } from '../model';
import { defined } from '../shared/defined';
import { Problem } from '../shared/problem';
import { say } from '../shared/say';
import { chosenFor, fillOne, type Filled, type FillJob } from './filling';
import { unfoldReceipt } from './receipts';

/** The job by which a receipt's file was made; throws an Error with a plain sentence where the receipt does not hold it. */
export function jobOf(kept: Receipt, blank?: Uint8Array): FillJob {
  const receipt = unfoldReceipt(kept);
  if (!receipt.again) {
    throw new Problem(
      say('This receipt is from before files could be made again: it does not hold its questions.'),
    );
  }
  const { items, layout, description, ...rest } = receipt.again;
  return defined({
    ...rest,
    items,
    layout,
    setTitle: receipt.set,
    fileTitle: receipt.file.name.replace(/\.[^.]*$/, ''),
    setDescription: description,
    blank,
  });
}

/** The file of a receipt made again: the same bytes, as long as the blank is the same. */
export async function fillAgain(
  receipt: Receipt,
  blank: Uint8Array | undefined,
  surroundings: Surroundings,
): Promise<Filled> {
  const job = jobOf(receipt, blank);
  // The receipt's questions are those of one file, so they are not divided once more.
  return fillOne({ ...job, setTitle: receipt.set }, chosenFor(job), surroundings);
}
