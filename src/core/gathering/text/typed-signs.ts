// Names of what a line holds, in square or curly brackets in front of it: '[Q1] What floats?', '[A] cork', '[ANS] A'.
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { eachLine, isLine, OFTEN, type Lines } from './retyping';

const SIGNED =
  /^\s*(?:\[\s*(\p{L}[\p{L} ]{0,14}?\s?\d{0,3})\s*\]|\{\s*(\p{L}[\p{L} ]{0,14}?\s?\d{0,3})\s*\}|<\s*(\p{L}[\p{L} ]{0,14}?\s?\d{0,3})\s*>)\s*:?\s*(\S.*)$/su;

type Signed = { name: string; text: string };

function signedIn(line: string): Signed | undefined {
  const [, square, curly, angle, text = ''] = SIGNED.exec(line) ?? [];
  const name = square ?? curly ?? angle;
  return name === undefined ? undefined : { name, text };
}

/** Such names as they are typed with a colon, where one of them names the answers; letters as those of options. */
export function signsAsNames(lines: Lines): Lines {
  const signed = lines.flatMap((line) => (isLine(line) ? (signedIn(line.text) ?? []) : []));
  const answers = signed.filter(
    ({ name, text }) => name.length > 1 && fieldOfLine(`${name}: ${text}`)?.role === 'answer',
  );
  if (answers.length < OFTEN) {
    return lines;
  }
  return eachLine(lines, (line) => {
    const own = signedIn(line);
    const isLetter = own && /^[A-J]$/iu.test(own.name);
    return own && `${own.name}${isLetter ? ')' : ':'} ${own.text}`;
  });
}
