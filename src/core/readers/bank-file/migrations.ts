// How bank files of earlier versions become today's. Append only: the step at index n lifts version n + 1 to n + 2.
export type Raw = Record<string, unknown>;
export const migrations: readonly ((file: Raw) => Raw)[] = [];

/** Lifts a file's JSON to today's version; undefined where it is newer than this program. */
export function lift(file: Raw, today: number): Raw | undefined {
  const written = file['version'] ?? 1;
  // A version that no program ever wrote is left to the schema, which tells of it.
  if (!Number.isInteger(written) || Number(written) < 1) {
    return file;
  }
  let lifted = file;
  for (let version = Number(file['version'] ?? 1); version < today; version++) {
    lifted = { ...migrations[version - 1]!(lifted), version: version + 1 };
  }
  return Number(lifted['version'] ?? 1) > today ? undefined : lifted;
}
