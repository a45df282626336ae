// Lines of tags: a text between two of one name, and an opening one with attributes.
import { lettersIn, type Way } from './front';

const TAG =
  /^(\s*[<[{]([\p{L}][\p{L}\d_-]{0,20})[^<>[\]{}]{0,60}[>\]}]\s*)(.*?)(\s*[<[{]\/\2[^<>[\]{}\s]{0,4}[>\]}])\s*$/u;
/** An opening tag by itself, with attributes: '<item id="1" kind="one">'. */
const OPENING = /^\s*<\p{L}[\p{L}\d_-]*(?:\s+[\p{L}\d_:-]+="[^"<>]*")+\s*>\s*$/u;
const ATTRIBUTE = /([\p{L}\d_:-]+)="([^"<>]*)"/gu;
/** A text between tags of one name. */
export const tagged: Way = (line) => {
  const [, before, , text, after] = TAG.exec(line) ?? [];
  return before === undefined
    ? undefined
    : { before, text: text!, after: after!, words: lettersIn(before) };
};

/** The last attribute of an opening tag that is no number: what its element is called or of which kind it is. */
export const attributed: Way = (line) => {
  const own = OPENING.test(line) ? [...line.matchAll(ATTRIBUTE)] : [];
  const [numbered, ...others] = own.filter(([, , value]) => /^\d{1,4}$/u.test(value!));
  const named = own.filter((one) => one !== numbered).at(-1);
  if (!named || others.length) {
    return undefined;
  }
  const [whole, name = '', text = ''] = named;
  const at = named.index + whole.length - text.length - 1;
  const counted = (piece: string): string =>
    numbered ? piece.replace(numbered[0], `${numbered[1]}="{#}"`) : piece;
  return {
    before: counted(line.slice(0, at)),
    text,
    after: counted(line.slice(at + text.length).trimEnd()),
    words: name,
    ...(numbered ? { counter: Number(numbered[2]) } : {}),
  };
};
