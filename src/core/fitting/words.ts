// What fitting says of refusals and changes: a code with its values on the way, a sentence at the end.
import { quoted } from '../shared/plain';
import { say } from '../shared/say';

/** A text's length, and how long it may be. */
type TooLong = { has: number; most: number; unit: string };

/** Why a question stays out of a file, each with the values that its sentence names. */
const REFUSALS = {
  'left-out': () => say('you left it out'),
  'stem-empty': () => say('it has no text'),
  'key-missing': () => say('no option is right'),
  'needs-words': ({ what, has, most, unit }: TooLong & { what: 'text' | 'answer' }) =>
    what === 'text'
      ? say(
          'its text has {has} {unit} and the receiver takes {most}; no shorter text that still asks the same can be cut out of it, so it needs your words',
          { has, unit, most },
        )
      : say(
          'an answer that is typed has {has} {unit} and the receiver takes {most}; nobody could type one that is cut, so it needs your words',
          { has, unit, most },
        ),
  'options-alike': ({ text }: { text: string }) =>
    say(
      'shortened for the receiver, two of its options would both be {text}, so it needs your words',
      { text: quoted(text, 30) },
    ),
  'option-empty': () => say('one of its options is empty'),
  'answer-missing': () => say('it has no answer'),
  'pairs-too-few': () => say('it has fewer than two pairs'),
  'steps-too-few': () => say('it has fewer than two steps'),
  'gap-unanswered': () => say('a gap has no answer'),
  'number-missing': () => say('it has no number for an answer'),
  'kind-not-taken': ({ kind }: { kind: string }) =>
    say('the receiver takes no questions of the kind {kind}', { kind }),
  'options-too-few': ({ has, least }: { has: number; least: number }) =>
    say(
      'it has {has, plural, one {# option} other {# options}}; the receiver asks for {least} at least',
      { has, least },
    ),
  'right-options-over': ({ right, room }: { right: number; room: number }) =>
    say(
      'it has {right} right options; the receiver has room for {room, plural, one {# option} other {# options}}',
      { right, room },
    ),
  'right-options-fill': ({ right }: { right: number }) =>
    say("its {right} right options fill the receiver's room, so that no wrong one would be left", {
      right,
    }),
  'key-names-one': ({ right }: { right: number }) =>
    say("it has {right} right options; the receiver's key names one", { right }),
  'room-too-small': ({ has, room }: { has: string; room: number }) =>
    say('it has {has}; the receiver has room for {room}', { has, room }),
  'board-column-missing': ({ category }: { category: string }) =>
    say('the board has no column left for the category {category}', { category }),
  'board-full': ({ size }: { size: number }) =>
    say('the board is full: its {size} cells are taken', { size }),
  'encoding-lacks': ({ what }: { what: string }) =>
    say("the file's encoding (Windows-1252) can't hold {what}", { what }),
  'word-not-listed': ({ heading, words, has }: { heading: string; words: string; has: string }) =>
    say('{heading} takes only {words}; this question has {has}', { heading, words, has }),
  'field-missing': ({ heading }: { heading: string }) =>
    say('the receiver asks for {heading}, which this question lacks', { heading }),
  'cell-too-long': ({ heading, most, has }: { heading: string; most: number; has: number }) =>
    say('{heading} takes {most} characters; this question has {has}', { heading, most, has }),
  'separator-in-text': ({ text, sign }: { text: string; sign: string }) =>
    say('“{text}” holds the sign {sign} that the receiver puts between answers', {
      text,
      sign: JSON.stringify(sign),
    }),
  'sign-in-text': ({ text, sign }: { text: string; sign: string }) =>
    say('“{text}” holds {sign}, a sign of the form, which has no way to write it as text', {
      text,
      sign: JSON.stringify(sign),
    }),
  'marker-on-wrong-option': ({ marker }: { marker: string }) =>
    say("a wrong option begins with {marker}, the receiver's sign for a right one", { marker }),
};

/** Why a field is written otherwise than the question has it. */
const CHANGES = {
  'address-dropped': () =>
    say('a package carries pictures by http, https or as data; this address is left out'),
  'picture-listed': () => say('the receiver knows this picture by its list'),
  'picture-not-listed': ({ name }: { name: string }) =>
    say('{name} is not on the receiver’s list of pictures, so its place stays empty', {
      name: quoted(name, 40),
    }),
  'kind-recoded': ({ kind, how }: { kind: string; how?: string | undefined }) =>
    `${REFUSALS['kind-not-taken']({ kind })}${how ? `; ${how}` : ''}`,
  'option-cut': ({ most, text }: { most: number; text: string }) =>
    say(
      'the receiver takes {most, plural, one {# option} other {# options}}; {text} is cut since it is the least like the right option in length and words',
      { most, text: quoted(text, 30) },
    ),
  'option-chosen': ({ most, text }: { most: number; text: string }) =>
    say(
      'the receiver takes {most, plural, one {# option} other {# options}}; you chose that {text} goes',
      { most, text: quoted(text, 30) },
    ),
  'own-text': () => say('you wrote it for this receiver'),
  'answer-left-out': ({ has, most, unit }: TooLong) =>
    say(
      "an answer of {has} {unit} can't be typed where the receiver takes {most}; the others are still taken",
      { has, unit, most },
    ),
  shortened: ({ has, most, unit }: TooLong) =>
    say('{has} {unit}; the receiver takes {most}, so {difference} are over', {
      has,
      unit,
      most,
      difference: has - most,
    }),
  'encoding-plain': ({ what }: { what: string }) =>
    say('{why}, so it is written plainly', { why: REFUSALS['encoding-lacks']({ what }) }),
  'formatting-dropped': () => say('the receiver keeps no formatting'),
  'formatting-as-signs': () =>
    say('the receiver keeps no formatting, so raised and lowered signs become signs of their own'),
  'underlining-dropped': () => say('the standard has no underlining'),
  'typed-answer-one-line': () => say('a typed answer has one line'),
  'cell-one-line': () => say('the file has no way to keep a line break in a cell'),
  'text-one-line': () => say('a line break would end the text of the question'),
  'blanks-collapsed': () => say('in the package several blanks count as one'),
  'formula-guarded': () =>
    say('an apostrophe in front keeps a spreadsheet program from running it'),
  'answers-joined': ({ n }: { n: number }) =>
    say('the receiver has room for one answer, so the {n} are joined', { n }),
  'seconds-asked': () => say('the receiver asks for a time limit'),
  'layout-default': () => say('the layout’s default'),
  'seconds-nearest': ({ seconds, allowed }: { seconds: number; allowed: string }) =>
    say("{seconds} is not on the receiver's list {allowed}", { seconds, allowed }),
  'tolerance-dropped': () => say('the receiver has no place for a tolerance'),
  'unit-dropped': () => say('the receiver has no place for a unit'),
  'gap-words-dropped': () => say('the receiver has no place for words to choose from'),
  'keys-spread': ({ seed }: { seed: number }) =>
    say(
      'the options stand in another order, so that the right ones are spread evenly (seed {seed})',
      { seed },
    ),
  'board-category': () =>
    say('the board keeps its own categories, so it takes the next free column'),
  'board-level': ({ levels }: { levels: string }) =>
    say('the board’s levels are {levels}; it takes the next free one', { levels }),
  'default-filled': ({ heading }: { heading: string }) =>
    say('the receiver asks for {heading}; the layout has a default for it', { heading }),
  'tag-holds-sign': ({ sign }: { sign: string }) =>
    say('the receiver parts tags by {sign}, so none may hold one', {
      sign: sign === ' ' ? say('a blank') : quoted(sign),
    }),
  'word-listed-instead': ({ heading, words }: { heading: string; words: string }) =>
    say('{heading} takes only {words}', { heading, words }),
};

type Table = Record<string, (values: never) => string>;
type Values<Words extends Table, Code extends keyof Words> =
  Parameters<Words[Code]> extends [infer V] ? [values: V] : [];

export type RefusalCode = keyof typeof REFUSALS;
export type RefusalValues<Code extends RefusalCode> = Values<typeof REFUSALS, Code>;
export type ChangeCode = keyof typeof CHANGES;

/** A refusal or change by its code; `words` makes its sentence when somebody wants to read it. */
export type Reason<Code extends string> = { code: Code; words: () => string };

const reasonIn =
  <Words extends Table>(table: Words) =>
  <Code extends keyof Words & string>(
    code: Code,
    ...values: Values<Words, Code>
  ): Reason<Code> => ({
    code,
    words: () => (table[code] as (...given: unknown[]) => string)(...values),
  });

/** A refusal's reason from its code and values. */
export const refused = reasonIn(REFUSALS);
/** A change's reason from its code and values. */
export const because = reasonIn(CHANGES);
