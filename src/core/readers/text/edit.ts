// A running text as a person edits it, and the document again after the edit: lines left alone keep what the file said
// about them, so that bold, automatic numbers and pictures outlive a mend elsewhere.
import type { Document, DocumentLine } from '../../model';
import { unchangedEnds } from '../../shared/lines';
import { readLine } from './reader';

const shown = (line: DocumentLine): string =>
  line.source ?? (line.label ? `${line.label} ${line.text}` : line.text);

/** The document as text, line by line as it is numbered. */
export const textOfDocument = (document: Document): string => document.lines.map(shown).join('\n');

/** The document with an edited text: changed lines are read anew, the others move with their numbers. */
export function editDocument(document: Document, text: string): Document {
  const before = document.lines.map(shown);
  const after = text.split('\n');
  const { head, tail } = unchangedEnds(before, after);
  const kept = document.lines.slice(before.length - tail);
  const fresh = after.slice(head, after.length - tail).map((line) => readLine(line, 0));
  const first = document.lines[0]?.line ?? 1;
  return {
    ...document,
    lines: [...document.lines.slice(0, head), ...fresh, ...kept].map((line, index) => ({
      ...line,
      line: first + index,
    })),
  };
}

/** Where formatting stands in the text as shown: a stretch of a line, counted from 0, and how it is set. */
export type ShownLook = {
  line: number;
  from: number;
  to: number;
  look: 'bold' | 'italic' | 'underline' | 'mark' | 'sub' | 'sup';
};
const LOOKS = ['bold', 'italic', 'underline', 'mark', 'sub', 'sup'] as const;

/** The formatting of a document's lines, so that what tells a key or a raised sign can be seen beside the text. */
export function looksOfDocument(document: Document): ShownLook[] {
  return document.lines.flatMap((line, index) => {
    if (!line.runs || line.source !== undefined) {
      return [];
    }
    let at = shown(line).length - line.text.length;
    return line.runs.flatMap((run) => {
      const from = at;
      at += run.text.length;
      return LOOKS.filter((look) => run[look]).map((look): ShownLook => ({
        line: index + 1,
        from,
        to: at,
        look,
      }));
    });
  });
}
