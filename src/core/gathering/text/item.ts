// One question of a running text: its fields, its answer, its pictures, and what is doubtful in it.
import type { Document, Finding, Item, Overrule, Role, Tag } from '../../model';
import { defined } from '../../shared/defined';
import { numberOf, secondsOf } from '../../shared/normalise';
import { optionLetter } from '../../shared/plain';
import { splitCell } from '../../shared/table/separators';
import { tagOf } from '../beside';
import { amountsBehind } from './amounts';
import { answerOf } from './answer';
import { picturesOf, plainOfPieces, textOfPieces, type Draft, type Emphasis } from './draft';
import { feedbackApart, nameBefore, withFeedback } from './option-feedback';
import { placesOfSteps } from './placed-steps';
import { withoutPoints } from './points';
import { roundSolution } from './round-solution';
import { say } from '../../shared/say';

type Said = { text: string; pieces: Draft['stem']; keep: boolean };
type Take = (said: Said) => Partial<Item>;

const firstNumber = (text: string): number | undefined => numberOf(/[\d.,]+/.exec(text)?.[0] ?? '');
const rich = ({ pieces, keep }: Said): Item['stem'] => textOfPieces(pieces, keep);

/** What each field that a line may name gives its question. */
const TAKE: Partial<Record<Role, Take>> = {
  // Feedback on the whole question is what an explanation is; one that calls itself so goes first.
  feedback: (said) => ({ explanation: rich(said) }),
  explanation: (said) => ({ explanation: rich(said) }),
  hint: (said) => ({ hint: rich(said) }),
  points: ({ text }) => defined({ points: firstNumber(text) }),
  attempts: ({ text }) => defined({ attempts: firstNumber(text) }),
  seconds: ({ text }) => defined({ seconds: secondsOf(text) }),
  title: ({ text }) => ({ title: text }),
  ref: ({ text }) => (isCode(text) ? { ref: text } : {}),
  category: ({ text }) => ({ category: text.split(/\s*(?:>|\/|::|»)\s*/u).filter(Boolean) }),
  tags: ({ text }) => ({
    tags: splitCell(text, /[|;,]/.exec(text)?.[0]).map((tag) => tagOf(tag)),
  }),
  use: ({ text }) => ({ use: /^pract/i.test(text) ? 'practice' : 'scored' }),
};

/** A reference is one code; more words tell where the matter is from. */
const isCode = (text: string): boolean => /^\S{1,30}$/u.test(text);

/** What has no place of its own is kept as a tag under the name that it has in the text. */
function namedTags({ fields }: Draft): Tag[] {
  return fields.flatMap(({ role, piece }) => {
    const value = plainOfPieces([piece]);
    const isKept = role === 'tag' || (role === 'ref' && !isCode(value));
    const name = nameBefore(piece);
    return isKept && value ? [name ? { name, value } : { value }] : [];
  });
}

/** What people write where there is nothing to say. */
const NOTHING =
  /^\(?(?:none|nil|n\/?a|keine?|aucune?|ningun[oa]|nessun[oa]|geen|nenhuma?|[-–—]+)\)?$/iu;

/** What the lines of a question say of it besides its text, its options and its answer. */
function fieldsOf(draft: Draft, keep: boolean): Partial<Item> {
  const { fields } = draft;
  if (!fields.length) {
    return {};
  }
  const said = Object.entries(TAKE).reduce<Partial<Item>>((item, [role, take]) => {
    const pieces = fields.filter((field) => field.role === role).map(({ piece }) => piece);
    const text = pieces
      .map((piece) => plainOfPieces([piece]))
      .filter(Boolean)
      .join(' ');
    return text && !NOTHING.test(text) ? { ...item, ...take({ text, pieces, keep }) } : item;
  }, {});
  const named = namedTags(draft);
  return named.length ? { ...said, tags: [...(said.tags ?? []), ...named] } : said;
}

/** Labels of options that skip one or stand twice: an option may have been lost. */
function labelFaults(options: Draft['options']): string[] {
  const nameOf = (n: number, style: string): string =>
    style === 'number' ? String(n + 1) : optionLetter(n);
  return options.flatMap(({ n, style }, index) => {
    const before = options[index - 1];
    const counts = style === 'letter' || style === 'number';
    if (!before || !counts || before.style !== style || n === before.n + 1) {
      return [];
    }
    if (n === before.n) {
      return [
        say('Two options are called {n}. Look whether both belong here.', { n: nameOf(n, style) }),
      ];
    }
    const isGap = n > before.n && n <= before.n + 3;
    return isGap
      ? [
          say('Option {n} is missing: {after} follows {before}.', {
            n: nameOf(before.n + 1, style),
            after: nameOf(n, style),
            before: nameOf(before.n, style),
          }),
        ]
      : [];
  });
}

const SOLVED_GAP = /_{3,}\s*\(/u;

/** What is doubtful in a question as it was put together. */
function doubtsOf(
  draft: Draft,
  { id: item, kind }: Pick<Item, 'id' | 'kind'>,
  file: string,
): Finding[] {
  const where = { file, line: draft.line };
  const isSorted = kind === 'order' && placesOfSteps(draft) !== undefined;
  const labels = (isSorted ? [] : labelFaults(draft.options)).map((message): Finding => ({
    rule: 'option-labels',
    level: 'warn',
    item,
    field: 'options',
    message,
    where,
  }));
  const doubt = (rule: string, field: string, message: string): Finding => ({
    rule,
    level: 'warn',
    item,
    field,
    where,
    message,
  });
  // A task that says how many points it is worth is one.
  const isLone =
    draft.isLone === true && withoutPoints(plainOfPieces(draft.stem)).points === undefined;
  const isByLetter = draft.isLoneLetter === true && kind === 'true-false';
  const isRound = kind === 'gap' && !draft.answers.length;
  const isSolved =
    (isRound && roundSolution(plainOfPieces(draft.stem)) !== null) ||
    draft.stem.some(({ line }) => line.text.includes('[[') && SOLVED_GAP.test(line.source ?? ''));
  const { line } = draft;
  const lone = say(
    'Line {line} has no options and no answer. It was read as an open question, since it stands among questions; leave it out if it is none.',
    { line },
  );
  const solved = say(
    'The word in brackets behind the gap in line {line} was taken for what goes in. Look whether it only helps to find it.',
    { line },
  );
  const letter = say(
    'The letter that answers line {line} was taken for true or false. Look whether it is the answer itself.',
    { line },
  );
  return [
    ...labels,
    ...(isLone ? [doubt('lone-sentence', 'stem', lone)] : []),
    ...(isSolved ? [doubt('solution-in-brackets', 'stem', solved)] : []),
    ...(isByLetter ? [doubt('verdict-by-letter', 'options', letter)] : []),
  ];
}

/** What the title of a part becomes for its questions. */
export type Sections = NonNullable<Overrule['sections']>;

/** The fields of a question with the title of its part; a category of its own goes first. */
function withSection(
  fields: Partial<Item>,
  { category }: Draft,
  sections: Sections,
): Partial<Item> {
  if (!category || sections === 'none') {
    return fields;
  }
  return sections === 'category'
    ? { category: [category], ...fields }
    : { ...fields, tags: [{ value: category }, ...(fields.tags ?? [])] };
}

/** What looked like tags may have been the words to choose from. */
function withoutWords(fields: Partial<Item>, words: readonly string[] | undefined): Partial<Item> {
  const { tags, ...others } = fields;
  const left = tags?.filter(({ value }) => !words?.includes(value));
  return left?.length ? { ...others, tags: left } : others;
}

/** The pictures that stand in the lines of a question and its options. */
function mediaOf({ stem, options }: Draft): Pick<Item, 'media'> {
  const pieces = [...stem, ...options.flatMap((option) => option.pieces)].filter(
    ({ line }) => line.pictures?.length,
  );
  const pictures = picturesOf([...new Set(pieces.map(({ line }) => line))]);
  const media = pictures.map(({ href, alt }) =>
    defined({ at: 'stem' as const, href, alt: alt || undefined }),
  );
  return media.length ? { media } : {};
}

/** The lines that a sheet offers for an answer in one's own words. */
const roomOf = ({ drawn }: Draft, kind: Item['kind']): Pick<Item, 'lines'> =>
  kind === 'open' && drawn ? { lines: drawn } : {};

/** What holds for all questions of a document. */
export type ItemContext = {
  document: Document;
  emphasis: Emphasis | undefined;
  keep: boolean;
  sections: Sections;
  newId: () => string;
  findings: Finding[];
};

/** A draft as a question; what stopped it is told among the findings. */
export function itemOf(whole: Draft, context: ItemContext): Item {
  const { document, emphasis, keep, findings } = context;
  const id = context.newId();
  const answer = answerOf(whole, { emphasis, keep });
  const { draft, feedback } = feedbackApart(whole, answer.fields, keep);
  const fields = withoutWords(fieldsOf(draft, keep), answer.fields.gaps?.[0]?.options);
  const own = withoutPoints(answer.stem.plain);
  const { text, ...amounts } = amountsBehind(own.text, answer.kind !== 'open');
  const stem = text === answer.stem.plain ? answer.stem : { plain: text };
  // Behind a verdict they went with it.
  const points = own.points ?? withoutPoints(plainOfPieces(draft.stem)).points;
  for (const { rule, level, field, message, mend } of answer.problems) {
    findings.push({
      rule,
      level,
      item: id,
      field,
      message,
      where: { file: document.file, line: draft.answers[0]?.line.line ?? draft.line },
      ...(mend ? { mend } : {}),
    });
  }
  findings.push(...doubtsOf(draft, { id, kind: answer.kind }, document.file));
  return {
    id,
    ref: '',
    kind: answer.kind,
    stem,
    ...(draft.part?.points === undefined ? {} : { points: draft.part.points }),
    ...(points ? { points: numberOf(points)! } : {}),
    ...roomOf(draft, answer.kind),
    ...amounts,
    ...withSection(fields, draft, context.sections),
    ...answer.fields,
    ...withFeedback(answer.fields, feedback),
    ...mediaOf(draft),
    origin: { file: document.file, row: draft.line },
  };
}
