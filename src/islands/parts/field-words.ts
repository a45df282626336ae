// Fields of questions and layouts as people call them.
import { optionLetter } from '../../core/shared/plain';

const FIELDS: Readonly<Record<string, string>> = {
  stem: 'question',
  options: 'options',
  key: 'right answer',
  kind: 'kind',
  title: 'title',
  category: 'category',
  pairs: 'pair',
  steps: 'step',
  gaps: 'gap',
  accepted: 'accepted answers',
  number: 'number',
  ref: 'reference',
  tags: 'tags',
  media: 'pictures',
  seconds: 'time limit',
  layout: 'what it says of the file',
  variants: 'own texts for it',
  chosen: 'whether it is in view',
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
    return `${fieldWords(rest.join('.'))}, in question ${index + 1} of it`;
  }
  const words =
    name === 'options' ? `option ${optionLetter(index)}` : `${nameOf(name)} ${index + 1}`;
  return rest.length ? `${nameOf(rest[0]!)} of ${words}` : words;
}
