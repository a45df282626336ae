// Word-processor documents (.docx). An own reader rather than a general converter, since automatic numbers, restarts of lists,
// underlining and colour are what tells stems, options and keys.
import type { Opened } from '../../model';
import { partText, readRelations, type Parts } from '../package';
import { composed, damaged, PackedPictures } from '../written/compose';
import { readBody } from './body';
import { Numberer, readNumbering } from './numbering';
import { readStyles } from './styles';

function open(file: string, parts: Parts): Opened {
  const main = [...parts.keys()].find((name) => /^word\/document\d*\.xml$/.test(name))!;
  const relations = readRelations(parts, main);
  const target = (id: string): string =>
    relations.find((relation) => relation.id === id)?.target ?? '';
  const part = (type: string): string =>
    partText(parts, relations.find((relation) => relation.type === type)?.target ?? '');
  const pictures = new PackedPictures(parts);
  const body = readBody(partText(parts, main), {
    styles: readStyles(part('styles')),
    numberer: new Numberer(readNumbering(part('numbering'))),
    link: target,
    picture: (id) => pictures.of(target(id)),
  });
  return composed(file, 'docx', body, pictures);
}

/** Reads an opened package as a document. Never throws for bad input. */
export function readWordDocument(name: string, parts: Parts): Opened {
  try {
    return open(name, parts);
  } catch {
    return damaged(name, 'docx');
  }
}
