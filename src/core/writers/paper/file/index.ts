// What goes on paper as a document that an office suite opens, so that it can be changed before it is printed.
import type { PageLines } from '../page';
import { blocksOfPage } from './blocks';
import { openDocument } from './open';
import { wordDocument } from './word';

/**
 * A printable page of our own as a document.
 * @param format docx is Office Open XML (ECMA-376), odt is OpenDocument 1.2
 */
export async function paperDocument(
  page: string,
  {
    title,
    columns,
    format,
    ...lines
  }: PageLines & {
    title: string;
    columns: 1 | 2;
    format: 'docx' | 'odt';
  },
): Promise<Uint8Array> {
  const blocks = blocksOfPage(page);
  const look = { columns, ...lines };
  return format === 'odt' ? openDocument(blocks, look) : wordDocument(title, blocks, look);
}
