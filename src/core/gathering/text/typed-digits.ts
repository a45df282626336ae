// Nought or one behind every option, as a sheet of answers counts them: 'top gate 0', 'bottom gate 1'.
import { groupBy } from '../../shared/group-by';
import { isLine, OFTEN, retyped, stretchesOf, type Lines } from './retyping';

const DIGIT = /^(\s*\S.*?)\s*(?:[\s([:=–-]\s*)([01])\s*[)\]]?\s*$/su;
const ASKS = /[?？؟:…]\s*$/u;
const LEAST_OPTIONS = 2;

type Counted = { at: number; text: string; isOne: boolean };

/** Whether lines are the options of a question: some have a one, and words come once. */
const areOptions = (group: readonly Counted[]): boolean =>
  group.length >= LEAST_OPTIONS &&
  group.some(({ isOne }) => isOne) &&
  group.some(({ isOne }) => !isOne) &&
  groupBy(group, ({ text }) => text.trim().toLowerCase()).size === group.length;

/** Such options as ticked and unticked ones, where they stand below every question of the text. */
export function optionsCounted(lines: Lines): Lines {
  const found = lines.map((line, at): Counted | undefined => {
    const [, text, digit] = (isLine(line) && DIGIT.exec(line.text)) || [];
    return text ? { at, text, isOne: digit === '1' } : undefined;
  });
  const groups = stretchesOf(found);
  const areAsked = groups.every(([first]) => ASKS.test(lines[first!.at - 1]?.text ?? ''));
  return groups.length < OFTEN || !groups.every(areOptions) || !areAsked
    ? lines
    : retyped(lines, (at) => {
        const own = found[at];
        return own && `- ${own.text.trim()} ${own.isOne ? '✓' : '✗'}`;
      });
}
