// Open documents of text (.odt), as office suites save them (OpenDocument 1.3).
import type { Opened } from '../../model';
import { partText, type Parts } from '../package';
import { composed, damaged, PackedPictures } from '../written/compose';
import { readBody } from './body';
import { readStyles } from './styles';

/** Reads an opened package as a document. Never throws for bad input. */
export function readOpenText(file: string, parts: Parts): Opened {
  try {
    const content = partText(parts, 'content.xml');
    const styles = readStyles([partText(parts, 'styles.xml'), content]);
    const pictures = new PackedPictures(parts);
    const body = readBody(content, styles, (path) => pictures.of(path));
    return composed(file, 'odt', body, pictures);
  } catch {
    return damaged(file, 'odt');
  }
}
