// Fields of questions and layouts as people call them.
import { optionLetter } from '../../core/shared/plain';
import { i18n } from '../../languages';

const FIELDS: Readonly<Record<string, string>> = {
  stem: i18n._('question'),
  options: i18n._('options'),
  key: i18n._('right answer'),
  kind: i18n._('kind'),
  title: i18n._('title'),
  category: i18n._('category'),
  pairs: i18n._('pair'),
  steps: i18n._('step'),
  gaps: i18n._('gap'),
  accepted: i18n._('accepted answers'),
  number: i18n._('number'),
  ref: i18n._('reference'),
  tags: i18n._('tags'),
  media: i18n._('pictures'),
  seconds: i18n._('time limit'),
  layout: i18n._('what it says of the file'),
  variants: i18n._('own texts for it'),
  chosen: i18n._('whether it is in view'),
};

const nameOf = (name: string): string => FIELDS[name] ?? name;

/** 'option B' for 'options.1', 'feedback of option B' for what stands at it. */
export function fieldWords(path: string): string {
  const [name = '', place, ...rest] = path.split('.');
  if (place === undefined) {
    return nameOf(name);
  }
  const index = Number(place);
  if (name === 'parts') {
    return i18n._('{fieldWords}, in question {index} of it', {
      fieldWords: fieldWords(rest.join('.')),
      index: index + 1,
    });
  }
  const words =
    name === 'options'
      ? i18n._('option {optionLetter}', { optionLetter: optionLetter(index) })
      : `${nameOf(name)} ${index + 1}`;
  return rest.length ? i18n._('{nameOf} of {words}', { nameOf: nameOf(rest[0]!), words }) : words;
}
