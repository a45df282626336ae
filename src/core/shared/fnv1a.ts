/** FNV-1a, a published hash of 32 bits (draft-eastlake-fnv), of a text's UTF-16 code units. */
export function fnv1a(text: string): number {
  let value = 0x811c9dc5;
  for (let index = 0; index < text.length; index++) {
    value = Math.imul(value ^ text.charCodeAt(index), 0x01000193);
  }
  return value >>> 0;
}
