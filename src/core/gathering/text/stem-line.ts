// A line that begins a question: its text behind the label, and the options that may stand behind it on the same line.
import type { Collected } from './collected';
import { splitOptions } from './inline';
import type { Label } from './labels';
import type { OptionSign } from './signs';
import type { Piece } from './tokens';
import { whole, type TypedLine } from './typed-line';

/** A question's text behind its label; a word behind it that says right or wrong is the verdict on it, and stays. */
export function stemPiece(line: TypedLine, { from, to }: Label): Piece & { indent: number } {
  const all = whole(line);
  const isWord = /\p{L}/u.test(line.text.slice(to));
  return { ...all, from, to: isWord ? all.to : to };
}

/** A question begins; `option` says what options begin with, also those on its own line. */
export function openStem(
  found: Collected,
  line: TypedLine,
  { label, option }: { label: Label; option: OptionSign },
): void {
  const inline = splitOptions(line, option);
  const piece = stemPiece(line, label);
  found.setAside('above');
  if (!inline || inline.before.trim().length <= label.from) {
    found.open(piece, label);
    return;
  }
  found.open({ ...piece, to: inline.before.trimEnd().length }, label);
  inline.labels.forEach((one) => found.addOption(line, one));
}
