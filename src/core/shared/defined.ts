// Fields that may be absent, without a spread and a condition for each.

/**
 * The fields that hold something: those that are undefined are left out, so that they are absent in files, in stored
 * records and in comparisons, and not merely empty.
 */
export function defined<Fields extends object>(fields: Fields): Fields {
  const kept = {} as Fields;
  for (const name in fields) {
    if (fields[name] !== undefined) {
      kept[name] = fields[name];
    }
  }
  return kept;
}

/** A list that holds something, else undefined. */
export const filled = <T extends { length: number }>(list: T): T | undefined =>
  list.length ? list : undefined;
