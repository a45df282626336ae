// From one row to one question: its kind, its answer, and what stopped it.
import type { Item, Key, Kind, Option } from '../model';
import { numberAnswer } from './number-answer';
import { alike } from '../shared/normalise';
import { shareIn, weightOf } from '../shared/weights';
import { quoted } from '../shared/plain';
import { splitCell } from '../shared/table/separators';
import { kindOfWord, leavesOpenHowMany } from '../shared/vocabulary/kinds';
import {
  trueFalsePair,
  trueFalseWords,
  verdictOf,
  verdictPair,
} from '../shared/vocabulary/verdicts';
import { withoutSign } from '../understanding';
import { drawnGaps, splitAnswers } from './answers';
import { servesGaps, withBank } from './gap-words';
import { resolveKey } from './key';
import type { KeyInput, Problem } from './key-by-text';
import { inferKind, isTruthPair } from './kind-of-row';
import type { BesideOptions, Manner } from './manner';
import { partsOfOptions, textsBeside, withoutLabel } from './option-texts';
import { pairsOf, stepsOf } from './pairs-and-steps';
import { isEmphasis, isSetOff } from './rich';
import { isPutUnder, judgesRow, type Row } from './row';
import { truthByKind } from './truth-by-kind';
import { kindName } from '../shared/kind-names';
import { say } from '../shared/say';

type Answer = { kind: Kind; fields: Partial<Item>; problems: Problem[] };
type Built = Pick<Answer, 'fields' | 'problems'>;

const plain = (text: string) => ({ plain: text });

/** The option texts of a row, empty places left out. */
export function optionTexts(row: Row, manner: Manner): string[] {
  if (row.has('right')) {
    return [
      row.text('right'),
      ...row.texts('wrong'),
      ...splitCell(row.text('wrongs'), manner.wrongSeparator),
    ].filter(Boolean);
  }
  return partsOfOptions(row, manner.optionSeparator).filter(Boolean);
}

/** Two columns that are ticked, one for true and one for false: their headings are the options. */
function tickedOptions(row: Row, key: Key): Option[] {
  const slots = row.slots.get('verdict') ?? [];
  const names = slots.map(({ column }) => column.heading ?? '');
  const texts = row.texts('verdict');
  const isRight = (text: string): boolean =>
    Boolean(text) && (key.wrong === undefined || alike(text) !== alike(key.wrong));
  return names.map((name, index) => ({ text: plain(name), right: isRight(texts[index] ?? '') }));
}

/**
 * What the columns beside a statement make of it: two that are ticked in turn, or one that is ticked where it is true or says so in
 * words. Undefined of a row that says nothing, or has no such columns.
 */
function judgedOptions(row: Row, key: Key): Option[] | undefined {
  if (!judgesRow(row)) {
    return undefined;
  }
  if (row.slots.get('verdict')!.length > 1) {
    return trueFirst(tickedOptions(row, key));
  }
  const { right, wrong } = key;
  const said = alike(row.text('verdict'));
  if (wrong !== undefined && !said) {
    return undefined;
  }
  const isTrue = wrong === undefined ? said !== '' : said === alike(right ?? '');
  return twoOptions(['True', 'False'], isTrue);
}

/** True first, whatever the order of the source. */
function trueFirst(options: Option[]): Option[] {
  const [first, second] = options as [Option, Option];
  const known = trueFalsePair(first.text.plain, second.text.plain);
  const pair = verdictPair([first.text.plain, second.text.plain]);
  const isTurned = known ? !known.trueFirst : pair?.right === second.text.plain;
  return isTurned ? [second, first] : options;
}

/** The two words of the source and whether a cell says true; undefined where it says neither. */
function truthSaid(
  said: string,
  key: Key,
): { isTrue: boolean; words: [string, string] } | undefined {
  const { right, wrong } = key.style === 'word' ? key : {};
  const known = trueFalseWords(said);
  if (right !== undefined && wrong !== undefined) {
    const isTrue = alike(said) === alike(right);
    // Single letters stand for words that learners should read.
    const words: [string, string] = right.length > 1 ? [right, wrong] : ['True', 'False'];
    return isTrue || alike(said) === alike(wrong) ? { isTrue, words } : undefined;
  }
  if (known) {
    return { isTrue: known.isTrue, words: known.words };
  }
  const verdict = verdictOf(said);
  return verdict === undefined ? undefined : { isTrue: verdict, words: ['True', 'False'] };
}

const twoOptions = ([yes, no]: [string, string], isTrue: boolean | undefined): Option[] => [
  { text: plain(yes), right: isTrue === true },
  { text: plain(no), right: isTrue === false },
];

/** True first, whatever the source's order; the words stay the source's own. */
function trueFalse(row: Row, options: Option[], manner: Manner): Built {
  const judged = judgedOptions(row, manner.key);
  if (judged) {
    return { fields: { options: judged }, problems: [] };
  }
  if (
    options.length === 2 &&
    (isTruthPair(options[0]!.text.plain, options[1]!.text.plain) || !row.text('key'))
  ) {
    return { fields: { options: trueFirst(options) }, problems: [] };
  }
  const said =
    row.text('key') ||
    row.text('accepted') ||
    row.texts('option').find(Boolean) ||
    row.text('right') ||
    // A statement beside questions whose options are judged one by one has its own verdict in their first place.
    (options.length ? '' : row.text('verdict'));
  const found = truthByKind(said ?? '', row.text('kind')) ?? truthSaid(said ?? '', manner.key);
  if (found) {
    return { fields: { options: twoOptions(found.words, found.isTrue) }, problems: [] };
  }
  if (options.length === 2) {
    return { fields: { options }, problems: [] };
  }
  const problem: Problem =
    said && manner.key.style === 'word'
      ? {
          rule: 'key-no-verdict',
          level: 'block',
          field: 'key',
          message: say('{row} says {said}, which is neither true nor false. Choose which it is.', {
            row: row.cellOf('key'),
            said: quoted(said),
          }),
        }
      : {
          rule: 'key-missing',
          level: 'block',
          field: 'key',
          message: say(
            'Row {shown} does not say whether this is true or false. Choose which it is.',
            { shown: row.shown },
          ),
        };
  return { fields: { options: twoOptions(['True', 'False'], undefined) }, problems: [problem] };
}

const unmarked = (text: string, { style, marker }: Key): string =>
  (style === 'marker' && marker ? withoutSign(text, marker) : undefined) ?? text;

/** The words that gaps offer where a row has wrong ones: those, behind the right ones. */
function bankOfWrongs(
  row: Row,
  gaps: readonly { accepted: string[] }[],
  { wrongSeparator }: Manner,
): string[] {
  const more = row.text('wrongs');
  // Behind commas stand words of a bank, which no sentences are.
  const separator = wrongSeparator ?? (/^[^\s,]+(?:, *[^\s,]+)+$/u.test(more) ? ',' : undefined);
  const wrong = [...row.texts('wrong'), ...splitCell(more, separator)].filter(Boolean);
  return wrong.length ? [...gaps.flatMap(({ accepted }) => accepted.slice(0, 1)), ...wrong] : [];
}

/** What a question of a kind other than choice is made of. */
const BUILDERS: Partial<Record<Kind, (row: Row, parts: string[], manner: Manner) => Built>> = {
  match: (row, parts) => ({ fields: { pairs: pairsOf(row, parts) }, problems: [] }),
  order: (row, parts) => ({ fields: { steps: stepsOf(row, parts).map(plain) }, problems: [] }),
  number: (row, parts) => numberAnswer(row, row.text('accepted') || row.text('key'), parts),
  gap: (row, parts, manner) => {
    const said = [...row.texts('accepted'), row.text('key')].filter(Boolean);
    const answers = said.length ? said : parts;
    const drawn = drawnGaps(row.text('stem'), answers) ?? { stem: row.text('stem'), gaps: [] };
    const words = said.length ? partsOfOptions(row, manner.optionSeparator).filter(Boolean) : [];
    const bank = servesGaps(words, drawn.gaps) ? words : bankOfWrongs(row, drawn.gaps, manner);
    const gaps = bank.length ? withBank(drawn.gaps, bank) : drawn.gaps;
    return { fields: { gaps, stem: plain(drawn.stem) }, problems: [] };
  },
  // Nobody types a model answer word for word: it is shown afterwards, to be marked by.
  open: (row) => {
    const model = row.text('accepted') || row.text('key') || row.text('right');
    const isShown = model !== '' && !row.text('explanation');
    return { fields: isShown ? { explanation: plain(model) } : {}, problems: [] };
  },
  card: (row, parts) => ({
    fields: {
      accepted: row.any('accepted')
        ? row.texts('accepted').filter(Boolean)
        : [row.text('key') || parts[0] || ''].filter(Boolean),
    },
    problems: [],
  }),
  short: (row, parts) => {
    const said = [
      ...row.texts('accepted'),
      row.text('key'),
      row.text('right'),
      row.text('value'),
    ].filter(Boolean);
    // A cell that lists options elsewhere lists answers here.
    const listed = row.any('options') ? parts.flatMap(splitAnswers) : parts;
    const accepted = said.length ? said.flatMap(splitAnswers) : listed;
    return { fields: { accepted: [...new Set(accepted)] }, problems: [] };
  },
};

function byKind(kind: Kind, row: Row, options: Option[], manner: Manner): Built {
  if (kind === 'choice-one' || kind === 'choice-many') {
    return { fields: { options }, problems: [] };
  }
  if (kind === 'true-false') {
    return trueFalse(row, options, manner);
  }
  const cells = row.has('options') ? [row.text('options')] : row.texts('option');
  const parts = [...row.texts('step'), ...cells, ...row.texts('pair'), ...row.texts('right')]
    .filter(Boolean)
    .map((text) => unmarked(text, manner.key));
  return BUILDERS[kind]?.(row, parts, manner) ?? { fields: {}, problems: [] };
}

/** What stands beside the options that are kept (by their place from 0): by the option's own number, else in order. */
function besideOptions(
  row: Row,
  role: BesideOptions,
  keep: readonly number[],
  separator: string | undefined,
): string[] {
  const slots = row.slots.get(role) ?? [];
  if (separator) {
    const listed = textsBeside(row, role, separator);
    return keep.map((index) => listed[index] ?? '');
  }
  const options = row.slots.get('option') ?? [];
  const texts = row.texts(role);
  const numbers = options.map(({ column }) => column.n);
  // Where each belongs to an option by number, an option without one has nothing beside it.
  const areNumbered = slots.every(({ column }) => column.n && numbers.includes(column.n));
  return slots.length
    ? keep.map((index) => {
        const n = numbers[index];
        const at = slots.findIndex(({ column }) => column.n !== undefined && column.n === n);
        return (at < 0 && areNumbered ? '' : texts[at >= 0 ? at : index]) ?? '';
      })
    : [];
}

/** A weight in per cent, to a hundredth. */
const perCent = (weight: number | undefined, scale: number): number | undefined =>
  weight === undefined || scale === 1 ? weight : Math.round(weight * scale * 100) / 100;

/** The row's options under the source's key, with the problems met. */
function optionsOf(row: Row, manner: Manner): { options: Option[]; problems: Problem[] } {
  if (isPutUnder(row)) {
    return { options: tickedOptions(row, manner.key), problems: [] };
  }
  const whole = optionTexts(row, manner);
  const shares = manner.hasShares ? whole.map(shareIn) : [];
  const texts = whole.map((text, index) => shares[index]?.text ?? text);
  const all = row.has('option') && !row.has('right') ? row.texts('option') : texts;
  const keep = all.flatMap((text, index) => (text ? [index] : []));
  const slots = row.slots.get('option') ?? [];
  const { labels } = manner;
  const { marker, style } = manner.key;
  const input: KeyInput = {
    cell: row.cellOf('key'),
    text: row.text('key'),
    key: manner.key,
    outerBlanks: row.hasOuterBlanks('key'),
    headings: keep.map((index) => slots[index]?.column.heading ?? ''),
    labels: labels.length ? keep.map((index) => labels[index] ?? '') : [],
  };
  if (style === 'marker' && isEmphasis(marker)) {
    input.setOff = keep.map(
      (index) => slots[index] !== undefined && isSetOff(row, slots[index].index, marker),
    );
  }
  const beside = (role: BesideOptions): string[] =>
    besideOptions(row, role, keep, manner.besideSeparators[role]);
  const resolved = resolveKey(input, texts, {
    verdicts: beside('verdict'),
    weights: manner.hasShares
      ? shares.map((share) => share?.weight)
      : beside('weight').map((text) => perCent(weightOf(text), manner.weightScale)),
  });
  if (manner.labelled) {
    resolved.options.forEach((option, index) => {
      option.text.plain =
        withoutLabel(option.text.plain, keep[index] ?? index) ?? option.text.plain;
    });
  }
  beside('feedback').forEach((text, index) => {
    if (text && resolved.options[index]) {
      resolved.options[index].feedback = plain(text);
    }
  });
  return resolved;
}

/** The kind that a row's word says, as far as its key agrees: a word for one right answer is none where several are marked. */
function declaredKind(row: Row, options: readonly Option[], manner: Manner): Kind | undefined {
  const word = row.text('kind');
  const declared = word ? (manner.kindWords.get(alike(word)) ?? kindOfWord(word)) : undefined;
  const right = options.filter((option) => option.right).length;
  const isOpen = right > 1 && leavesOpenHowMany(word);
  return declared === 'choice-one' && isOpen ? 'choice-many' : declared;
}

/** How a row looks without its word for the kind. */
export const looksLike = (row: Row, manner: Manner): Kind =>
  inferKind(optionsOf(row, manner).options, row, manner);

/** The kind, the answer and the problems of one row. */
export function readAnswer(row: Row, manner: Manner): Answer {
  const word = row.text('kind');
  const resolved = optionsOf(row, manner);
  const declared = declaredKind(row, resolved.options, manner);
  const kind = declared ?? inferKind(resolved.options, row, manner);
  const built = byKind(kind, row, resolved.options, manner);
  const choice = kind === 'choice-one' || kind === 'choice-many' || kind === 'true-false';
  const isOwn = built.fields.options === resolved.options || kind !== 'true-false';
  const problems = [
    ...(choice && !built.problems.length && resolved.options.length > 0 && isOwn
      ? resolved.problems
      : []),
    ...built.problems,
  ];
  if (word && (!declared || !kindOfWord(word))) {
    problems.push({
      rule: 'kind-unknown',
      // What several rows agree on is told, what one row alone may be is asked.
      level: declared ? 'note' : 'warn',
      field: 'kind',
      message: say(
        '{row} says {word}, a kind that is not known here; it was taken as {kind} from what the row holds.',
        { row: row.cellOf('kind'), word: quoted(word), kind: kindName(kind) },
      ),
    });
  }
  return { kind, fields: built.fields, problems };
}
