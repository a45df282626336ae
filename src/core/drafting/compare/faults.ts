// What is wrong in the texts of a question: too long, cut short, options missing or twice.
import type { Asked, Finding } from '../../model';
import { lengthOf } from '../../shared/lengths';
import { alike } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { say } from '../../shared/say';

/** A fault of a row: what is told, and whether the question has to be written anew. */
export type Fault = {
  rule: string;
  level: Finding['level'];
  message: string;
  field?: string;
  /** The reason in words for the assistant, where the question is asked for again. */
  again?: string;
};
const CUT = /(?:…|\.{3})\s*$/u;
/** Texts over the lengths that were asked for. */
export function lengthFaults(
  asked: Asked,
  texts: readonly (readonly [field: string, text: string, most: number | undefined])[],
): Fault[] {
  return texts.flatMap(([field, text, most]) => {
    const length = lengthOf(text);
    return most && length > most
      ? [
          {
            rule: 'reply-too-long',
            level: 'warn' as const,
            field,
            message: say(
              '{text} has {length} characters, {difference} over the {most} that were asked for.',
              { text: quoted(text, 40), length, difference: length - most, most },
            ),
            again: say(
              'these were longer than {stem} characters, or an option longer than {option}',
              { stem: asked.limits.stem ?? most, option: asked.limits.option ?? most },
            ),
          },
        ]
      : [];
  });
}

/** Texts that end in an ellipsis. */
export const cutFaults = (texts: readonly (readonly [field: string, text: string])[]): Fault[] =>
  texts
    .filter(([, text]) => CUT.test(text))
    .map(([field, text]) => ({
      rule: 'reply-cut',
      level: 'block',
      field,
      message: say('{text} is cut short.', { text: quoted(text, 40) }),
      again: say('these were cut short'),
    }));

/** Options that are missing or come twice. */
export function optionFaults({ options }: Asked, texts: readonly string[]): Fault[] {
  const given = texts.filter(Boolean);
  const faults: Fault[] = [];
  if (given.length < options) {
    faults.push({
      rule: 'reply-options-missing',
      level: 'warn',
      message: say(
        'It has {given, plural, one {# option} other {# options}} where {options} were asked for.',
        { given: given.length, options },
      ),
      again: say('these had fewer than {options} options', { options }),
    });
  }
  const twice = given.find((text, at) => given.findIndex((one) => alike(one) === alike(text)) < at);
  if (twice !== undefined) {
    faults.push({
      rule: 'reply-options-alike',
      level: 'warn',
      message: say('The option {twice} comes twice.', { twice: quoted(twice, 30) }),
      again: say('these had the same option twice'),
    });
  }
  return faults;
}
