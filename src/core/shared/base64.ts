// Bytes as text and back (RFC 4648, section 4), without the page or the server.
const SIGNS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';

/** The bytes in base64. */
export function base64(bytes: Uint8Array): string {
  const parts: string[] = [];
  for (let i = 0; i < bytes.length; i += 3) {
    const n = (bytes[i]! << 16) | ((bytes[i + 1] ?? 0) << 8) | (bytes[i + 2] ?? 0);
    parts.push(
      SIGNS[n >> 18]! +
        SIGNS[(n >> 12) & 63]! +
        (i + 1 < bytes.length ? SIGNS[(n >> 6) & 63]! : '=') +
        (i + 2 < bytes.length ? SIGNS[n & 63]! : '='),
    );
  }
  return parts.join('');
}

/** The bytes that a base64 text stands for; signs outside the alphabet are passed over. */
export function fromBase64(text: string): Uint8Array {
  const digits = [...text].map((sign) => SIGNS.indexOf(sign)).filter((digit) => digit >= 0);
  const bytes = new Uint8Array(Math.floor((digits.length * 3) / 4));
  for (let i = 0, at = 0; at < bytes.length; i += 4) {
    const n =
      (digits[i]! << 18) |
      (digits[i + 1]! << 12) |
      ((digits[i + 2] ?? 0) << 6) |
      (digits[i + 3] ?? 0);
    for (const shift of [16, 8, 0]) {
      if (at < bytes.length) {
        bytes[at++] = (n >> shift) & 255;
      }
    }
  }
  return bytes;
}
