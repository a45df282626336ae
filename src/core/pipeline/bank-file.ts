// A whole bank as one file, out and back.
import type { BankContents, Finding, Surroundings } from '../model';
import { unpackBank } from '../readers';
import { writeBankFile } from '../writers/bank-file/write';

/** The bytes of a bank file; the same contents give the same bytes. */
export const packBank = (
  contents: BankContents,
  surroundings: Pick<Surroundings, 'digest'>,
): Promise<Uint8Array> => writeBankFile(contents, (bytes) => surroundings.digest(bytes));

/** The contents of a bank file, or the finding that says why they can't be had. */
export const openBankFile = (
  name: string,
  bytes: Uint8Array,
): { contents: BankContents } | { finding: Finding } => unpackBank(name, bytes);
