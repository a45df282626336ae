// What a receipt needs to make its file again, folded small: thousands of questions would be slow to hand about and to keep.
import { strFromU8, strToU8, deflateSync, inflateSync } from 'fflate';
import { AgainSchema, type Receipt } from '../model';
import { base64, fromBase64 } from '../shared/base64';

const LONG = 200;

/** The receipt with its questions folded, where they are many. */
export function foldReceipt(receipt: Receipt): Receipt {
  const { again, ...rest } = receipt;
  return !again || again.items.length < LONG
    ? receipt
    : { ...rest, folded: base64(deflateSync(strToU8(JSON.stringify(again)))) };
}

/** The receipt with its questions as they are. A receipt whose folded part is damaged comes back without it. */
export function unfoldReceipt(receipt: Receipt): Receipt {
  const { folded, ...rest } = receipt;
  if (!folded) {
    return receipt;
  }
  try {
    const parsed = AgainSchema.safeParse(JSON.parse(strFromU8(inflateSync(fromBase64(folded)))));
    return parsed.success ? { ...rest, again: parsed.data } : rest;
  } catch {
    return rest;
  }
}
