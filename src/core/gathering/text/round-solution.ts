// A word in round brackets behind a sentence with a gap: '______ wind the paddles. (Windlasses)'.
import { POINTS } from './points';

const ROUND = /\s*\(\s*(\p{L}[^()/,;]{0,40}?)\s*\)\s*\.?\s*$/u;
/** A word in round brackets behind a sentence with one gap: it goes in, or helps to find what does. */
export function roundSolution(text: string): RegExpExecArray | null {
  const gaps = text.match(/_{2,}/gu) ?? [];
  return gaps.length === 1 && !POINTS.test(text) ? ROUND.exec(text) : null;
}
