// Signs of a receiver that stand in the texts themselves, where they would be read as what they mean.
import type { Item, Part, Pattern } from '../model';
import { aroundPattern, isBare, isFixed, waysOfPart, type Around } from '../shared/pattern-line';

const count = (text: string, sign: string): number => text.split(sign).length - 1;

/** The sign around a category beside the question's text that stands in the category too, or at the end of a text without one. */
function signOfCategory({ category, stem }: Item, around: Part['category']): string | undefined {
  if (!around) {
    return undefined;
  }
  const [open, close] = [around.open.trim(), around.close.trim()];
  const said = category?.join(' > ');
  if (said) {
    return [open, close].find((sign) => said.includes(sign));
  }
  const { plain } = stem;
  const isTaken = around.isInFront
    ? plain.startsWith(open) && plain.includes(close)
    : plain.endsWith(close) && plain.includes(open);
  return isTaken ? open : undefined;
}

/** What of its own texts a line holds twice: the sign between its parts, or between an option and its feedback. */
export function signWithin(
  text: string,
  { role, between, feedback, category }: Part,
  item: Item,
): string | undefined {
  const taken = signOfCategory(item, category);
  if (taken !== undefined) {
    return taken;
  }
  if (feedback && count(text, feedback) > 1) {
    return feedback;
  }
  const { options = [], accepted = [] } = item;
  const most: Partial<Record<Part['role'], number>> = {
    options: options.length - 1,
    accepted: accepted.length - 1,
    pair: 1,
    card: 1,
  };
  const expected = most[role];
  return between && expected !== undefined && count(text, between) > expected ? between : undefined;
}

/** Everything that stands around texts in some forms. */
const waysOf = (forms: Pattern['forms']): Around[] =>
  forms
    .flatMap(({ parts }) => parts)
    .flatMap((part) => waysOfPart(part).map(({ around }) => around));

/** The sign with which a line without one of its own begins as other lines do, of its own form or another one. */
export function signOfAnother(
  line: string,
  part: Part,
  { forms, joint }: Pattern,
): string | undefined {
  const fixed = forms.flatMap(({ parts, below = [] }) => [
    ...below,
    ...parts.flatMap(({ above = [] }) => above),
  ]);
  // On one line, what counts the questions is never taken for what follows.
  if (fixed.some((one) => isFixed(line, one) && (joint === undefined || one !== '{n}'))) {
    return line;
  }
  return waysOf(forms).find(
    (other) => other !== part && !isBare(other) && aroundPattern(other).test(line),
  )?.before;
}

/** Signs of so many characters are none of ordinary texts. */
const UNUSUAL = 2;

/**
 * The sign of another line with which a text begins, or that stands in it: behind its own sign a receiver may take it for that
 * all the same.
 */
export function signInFront(text: string, part: Part, { forms }: Pattern): string | undefined {
  return waysOf(forms)
    .filter((other) => !isBare(other) && !other.before.includes('{'))
    .map((other) => ({ sign: other.before.trimStart(), isOwn: other === part }))
    .find(({ sign, isOwn }) => {
      const bare = sign.trim();
      const isUnusual = bare.length >= UNUSUAL && !/[\p{L}\p{N}]/u.test(bare);
      return (!isOwn && text.startsWith(sign)) || (isUnusual && ` ${text}`.includes(` ${bare}`));
    })?.sign;
}
