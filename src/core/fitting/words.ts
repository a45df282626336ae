// What fitting says of refusals and changes: a code with its values on the way, a sentence at the end.
import { count, quoted } from '../shared/plain';

/** A text's length, and how long it may be. */
type TooLong = { has: number; most: number; unit: string };

/** Why a question stays out of a file, each with the values that its sentence names. */
const REFUSALS = {
  'left-out': () => 'you left it out',
  'stem-empty': () => 'it has no text',
  'key-missing': () => 'no option is right',
  'needs-words': ({ what, has, most, unit }: TooLong & { what: 'text' | 'answer' }) =>
    what === 'text'
      ? `its text has ${has} ${unit} and the receiver takes ${most}; no shorter text that still asks the same can be cut out of it, so it needs your words`
      : `an answer that is typed has ${has} ${unit} and the receiver takes ${most}; nobody could type one that is cut, so it needs your words`,
  'options-alike': ({ text }: { text: string }) =>
    `shortened for the receiver, two of its options would both be ${quoted(text, 30)}, so it needs your words`,
  'option-empty': () => 'one of its options is empty',
  'answer-missing': () => 'it has no answer',
  'pairs-too-few': () => 'it has fewer than two pairs',
  'steps-too-few': () => 'it has fewer than two steps',
  'gap-unanswered': () => 'a gap has no answer',
  'number-missing': () => 'it has no number for an answer',
  'kind-not-taken': ({ kind }: { kind: string }) =>
    `the receiver takes no questions of the kind ${kind}`,
  'options-too-few': ({ has, least }: { has: number; least: number }) =>
    `it has ${count(has, 'option')}; the receiver asks for ${least} at least`,
  'right-options-over': ({ right, room }: { right: number; room: number }) =>
    `it has ${right} right options; the receiver has room for ${count(room, 'option')}`,
  'right-options-fill': ({ right }: { right: number }) =>
    `its ${right} right options fill the receiver's room, so that no wrong one would be left`,
  'key-names-one': ({ right }: { right: number }) =>
    `it has ${right} right options; the receiver's key names one`,
  'room-too-small': ({ has, thing, room }: { has: number; thing: string; room: number }) =>
    `it has ${count(has, thing)}; the receiver has room for ${room}`,
  'board-column-missing': ({ category }: { category: string }) =>
    `the board has no column left for the category ${category}`,
  'board-full': ({ size }: { size: number }) => `the board is full: its ${size} cells are taken`,
  'encoding-lacks': ({ what }: { what: string }) =>
    `the file's encoding (Windows-1252) can't hold ${what}`,
  'word-not-listed': ({ heading, words, has }: { heading: string; words: string; has: string }) =>
    `${heading} takes only ${words}; this question has ${has}`,
  'field-missing': ({ heading }: { heading: string }) =>
    `the receiver asks for ${heading}, which this question lacks`,
  'cell-too-long': ({ heading, most, has }: { heading: string; most: number; has: number }) =>
    `${heading} takes ${most} characters; this question has ${has}`,
  'separator-in-text': ({ text, sign }: { text: string; sign: string }) =>
    `“${text}” holds the sign ${JSON.stringify(sign)} that the receiver puts between answers`,
  'sign-in-text': ({ text, sign }: { text: string; sign: string }) =>
    `“${text}” holds ${JSON.stringify(sign)}, a sign of the form, which has no way to write it as text`,
  'marker-on-wrong-option': ({ marker }: { marker: string }) =>
    `a wrong option begins with ${marker}, the receiver's sign for a right one`,
};

/** Why a field is written otherwise than the question has it. */
const CHANGES = {
  'address-dropped': () =>
    'a package carries pictures by http, https or as data; this address is left out',
  'picture-listed': () => 'the receiver knows this picture by its list',
  'picture-not-listed': ({ name }: { name: string }) =>
    `${quoted(name, 40)} is not on the receiver’s list of pictures, so its place stays empty`,
  'kind-recoded': ({ kind, how }: { kind: string; how?: string | undefined }) =>
    `${REFUSALS['kind-not-taken']({ kind })}${how ? `; ${how}` : ''}`,
  'option-cut': ({ most, text }: { most: number; text: string }) =>
    `the receiver takes ${count(most, 'option')}; ${quoted(text, 30)} is cut since it is the least like the right option in length and words`,
  'option-chosen': ({ most, text }: { most: number; text: string }) =>
    `the receiver takes ${count(most, 'option')}; you chose that ${quoted(text, 30)} goes`,
  'own-text': () => 'you wrote it for this receiver',
  'answer-left-out': ({ has, most, unit }: TooLong) =>
    `an answer of ${has} ${unit} can't be typed where the receiver takes ${most}; the others are still taken`,
  shortened: ({ has, most, unit }: TooLong) =>
    `${has} ${unit}; the receiver takes ${most}, so ${has - most} are over`,
  'encoding-plain': ({ what }: { what: string }) =>
    `${REFUSALS['encoding-lacks']({ what })}, so it is written plainly`,
  'formatting-dropped': () => 'the receiver keeps no formatting',
  'formatting-as-signs': () =>
    'the receiver keeps no formatting, so raised and lowered signs become signs of their own',
  'underlining-dropped': () => 'the standard has no underlining',
  'typed-answer-one-line': () => 'a typed answer has one line',
  'cell-one-line': () => 'the file has no way to keep a line break in a cell',
  'text-one-line': () => 'a line break would end the text of the question',
  'blanks-collapsed': () => 'in the package several blanks count as one',
  'formula-guarded': () => 'an apostrophe in front keeps a spreadsheet program from running it',
  'answers-joined': ({ n }: { n: number }) =>
    `the receiver has room for one answer, so the ${n} are joined`,
  'seconds-asked': () => 'the receiver asks for a time limit',
  'layout-default': () => 'the layout’s default',
  'seconds-nearest': ({ seconds, allowed }: { seconds: number; allowed: string }) =>
    `${seconds} is not on the receiver's list ${allowed}`,
  'tolerance-dropped': () => 'the receiver has no place for a tolerance',
  'unit-dropped': () => 'the receiver has no place for a unit',
  'gap-words-dropped': () => 'the receiver has no place for words to choose from',
  'keys-spread': ({ seed }: { seed: number }) =>
    `the options stand in another order, so that the right ones are spread evenly (seed ${seed})`,
  'board-category': () => 'the board keeps its own categories, so it takes the next free column',
  'board-level': ({ levels }: { levels: string }) =>
    `the board’s levels are ${levels}; it takes the next free one`,
  'default-filled': ({ heading }: { heading: string }) =>
    `the receiver asks for ${heading}; the layout has a default for it`,
  'tag-holds-sign': ({ sign }: { sign: string }) =>
    `the receiver parts tags by ${sign === ' ' ? 'a blank' : quoted(sign)}, so none may hold one`,
  'word-listed-instead': ({ heading, words }: { heading: string; words: string }) =>
    `${heading} takes only ${words}`,
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
