// Bytes as text and back (RFC 4648, section 4).
import { fromByteArray, toByteArray } from 'base64-js';

/** The bytes in base64. */
export const base64 = (bytes: Uint8Array): string => fromByteArray(bytes);

/** The bytes that a base64 text stands for; signs outside the alphabet and a torn end are passed over. */
export function fromBase64(text: string): Uint8Array {
  const digits = text.replace(/[^A-Za-z0-9+/]/g, '');
  const whole = digits.length % 4 === 1 ? digits.slice(0, -1) : digits;
  return toByteArray(whole.padEnd(Math.ceil(whole.length / 4) * 4, '='));
}
