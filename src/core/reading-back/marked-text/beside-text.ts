// What stands beside a question's text on its own line: points, a category, a title, what answers it, the words of its gaps.
import type { Item, Part } from '../../model';
import { defined } from '../../shared/defined';
import { literal } from '../../shared/literal';
import { numberOf } from '../../shared/normalise';

/** The points beside a text, between their signs. */
export function pointedText(
  text: string,
  around: Part['points'],
): { text: string; points?: number } {
  if (!around) {
    return { text };
  }
  const { open, close, one = close, isInFront } = around;
  for (const end of [close, one]) {
    const beside = `${literal(open)}(\\d{1,3}(?:[.,]\\d{1,2})?)${literal(end)}`;
    const found = new RegExp(isInFront ? `^${beside}` : `${beside}$`, 'u').exec(text);
    if (found) {
      const [whole, number = ''] = found;
      const rest = isInFront ? text.slice(whole.length) : text.slice(0, found.index);
      return defined({ text: rest, points: numberOf(number) });
    }
  }
  return { text };
}

/** The category beside a text, between its signs. */
export function categoryBeside(
  text: string,
  around: Part['category'],
): { text: string; category?: string[] } {
  if (!around) {
    return { text };
  }
  const { open, close, isInFront } = around;
  const end = isInFront ? text.indexOf(close) : text.lastIndexOf(open);
  const isThere = isInFront ? text.startsWith(open) && end > 0 : text.endsWith(close) && end > 0;
  if (!isThere) {
    return { text };
  }
  const [said, rest] = isInFront
    ? [text.slice(open.length, end), text.slice(end + close.length)]
    : [text.slice(end + open.length, text.length - close.length), text.slice(0, end)];
  return { text: rest, category: said.split(' > ') };
}

/** A title in front of a text, between its signs. */
export function titledText(text: string, around: Part['title']): { title?: string; text: string } {
  const at = around && text.startsWith(around.open) ? text.indexOf(around.close) : -1;
  return at < 0
    ? { text }
    : {
        title: text.slice(around!.open.length, at),
        text: text.slice(at + around!.close.length).trimStart(),
      };
}

/** A text without what answers it behind it, and that answer. */
export function answeredText(text: string, { answer }: Part): { text: string; said?: string } {
  const at = answer && text.endsWith(answer.close) ? text.lastIndexOf(answer.open) : -1;
  return at < 0
    ? { text }
    : {
        text: text.slice(0, at),
        said: text.slice(at + answer!.open.length, text.length - answer!.close.length),
      };
}

/** What an answer says behind a question's text, where it is none for a gap. */
export function answeredBy(said: string, { words, blank }: Part): Partial<Item> {
  if (words) {
    return { options: words.map((plain) => ({ text: { plain }, right: plain === said })) };
  }
  return blank === undefined ? { accepted: [said] } : {};
}

/** A text whose gaps hold their words between signs, or one whose word is said behind it. */
export function gappedText(
  text: string,
  { gap, blank }: Part,
  said: string | undefined,
): Pick<Item, 'stem'> & Partial<Item> {
  if (blank !== undefined && said !== undefined) {
    return { stem: { plain: text.replace(blank, '{{1}}') }, gaps: [{ accepted: [said] }] };
  }
  if (!gap) {
    return { stem: { plain: text } };
  }
  const { open, close, between } = gap;
  const gaps: NonNullable<Item['gaps']> = [];
  const holes = new RegExp(`${literal(open)}(.+?)${literal(close)}`, 'gu');
  const plain = text.replace(holes, (_, word: string) => {
    gaps.push({ accepted: between === undefined ? [word] : word.split(between) });
    return `{{${gaps.length}}}`;
  });
  return { stem: { plain }, gaps };
}
