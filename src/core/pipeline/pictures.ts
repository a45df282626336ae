// A list of pictures brought in for a receiver: any table, or text with a tab, a semicolon or a comma between two parts.
import { readTable, type SourceFile } from '../readers';
import { picturesIn, type ListedPicture } from '../shared/picture-list';

/** The pictures that a file lists; empty where none of its sheets lists any. */
export async function picturesOfFile(file: SourceFile): Promise<ListedPicture[]> {
  const { sheets } = await readTable(file);
  return sheets.reduce<ListedPicture[]>(
    (found, { rows }) => (found.length ? found : picturesIn(rows)),
    [],
  );
}
