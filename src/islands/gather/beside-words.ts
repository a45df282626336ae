// Everything that was read of a question beside its text and its answers, in words.
import type { Item } from '../../core/model';
import { optionLetter, tagText } from '../../core/shared/plain';
import { i18n } from '../../languages';

const yes = (value: boolean | undefined, ifSo: string, ifNot: string): string | undefined =>
  value === undefined ? undefined : [ifNot, ifSo][Number(value)];

const feedbackOf = ({ options = [] }: Item): string =>
  options
    .flatMap(({ feedback }, index) =>
      feedback ? [`${optionLetter(index)}: ${feedback.plain}`] : [],
    )
    .join(' · ');

const weightsOf = ({ options = [] }: Item): string =>
  options
    .flatMap(({ weight }, index) =>
      weight === undefined ? [] : [`${optionLetter(index)} ${weight} %`],
    )
    .join(', ');

/** What stands beside a question, each with its name; nothing that was not read. */
export function besideWords(item: Item): [name: string, text: string][] {
  const words: [string, string | number | undefined][] = [
    [i18n._('title'), item.title],
    [i18n._('category'), item.category?.join(' > ')],
    [i18n._('tags'), item.tags?.map(tagText).join(', ')],
    [i18n._('hint'), item.hint?.plain],
    [i18n._('why'), item.explanation?.plain],
    [i18n._('feedback'), feedbackOf(item)],
    [i18n._('per cent'), weightsOf(item)],
    [i18n._('attempts'), item.attempts],
    [i18n._('lines'), item.lines],
    [i18n._('file endings'), item.endings?.join(', ')],
    [i18n._('use'), item.use],
    [i18n._('options'), yes(item.shuffle, i18n._('shuffled'), i18n._('not shuffled'))],
    [i18n._('options stand'), yes(item.across, i18n._('across'), i18n._('down'))],
    [i18n._('picture'), item.media?.map(({ alt, href }) => alt ?? shortAddress(href)).join(', ')],
    [i18n._('by'), item.origin?.by],
    [i18n._('when'), item.origin?.at],
  ];
  return words.flatMap(([name, text]) => (text ? [[name, String(text)]] : []));
}

/** So much of an address tells which picture it is. */
const ADDRESS = 60;
const shortAddress = (href: string): string =>
  href.startsWith('data:') ? i18n._('in the source itself') : href.slice(0, ADDRESS);
