// The answer of a question that has no options: a statement that is judged, gaps, a short or an open answer.
import type { Item, Kind, Option, Text } from '../../model';
import { verdictPair } from '../../shared/vocabulary/verdicts';
import { drawnGaps, splitAnswers, type DrawnGaps } from '../answers';
import { defined } from '../../shared/defined';
import type { Problem } from '../key-by-text';
import { plainOfPieces, textOfPieces, type Draft } from './draft';
import { quantityOf } from '../../shared/normalise';
import type { VerdictPair } from '../../shared/vocabulary/verdict-pairs';
import { chosenBehind, chosenWithin } from './choices-within';
import { offeredBehind } from './offered';
import { rangeSaid } from './number-range';
import { orderInLine } from './order-in-line';
import { pairsSaid } from './pairs-said';
import { roundSolution } from './round-solution';
import { POINTS } from './points';
import { likelihoodOf } from '../../understanding';
import { withBank } from '../gap-words';
import { asTrueFalse, verdictApart } from './true-false';
import { bankOf } from './word-bank';

/** The kind of a question, its text, what its answer gives it, and what stopped it. */
export type DraftAnswer = { kind: Kind; stem: Text; fields: Partial<Item>; problems: Problem[] };

const OR = /^(?:or|oder|ou|o|of|eller|lub|neu)$/iu;

/** A statement without the choice in front of it: 'True or false: …', 'Vrai/faux ? …'. */
export function withoutChoice(text: string): string {
  const [whole, choice] = /^([\p{L} /|-]{5,24}?)\s*[:?.–-]\s+(?=\S)/u.exec(text) ?? [];
  const words = choice?.split(/[\s/|-]+/u).filter((word) => word && !OR.test(word)) ?? [];
  const [first = '', ...rest] = words;
  return whole !== undefined && words.length > 1 && verdictPair([first, rest.join(' ')])
    ? text.slice(whole.length)
    : text;
}

/** A sentence with gaps; a list that holds their solutions is what learners choose from, and no part of the sentence. */
function gapAnswer(draft: Draft, drawn: DrawnGaps, said: string): DraftAnswer {
  const bank = bankOf(draft, drawn.gaps);
  const own = bank && drawnGaps(textOfPieces(bank.stem, false).plain, [said]);
  const { stem, gaps } = own ?? drawn;
  return {
    kind: 'gap',
    stem: { plain: stem },
    fields: { gaps: bank && own ? withBank(gaps, bank.words) : gaps },
    problems: [],
  };
}

/** A statement that is to be judged, and nothing says how. */
function unjudged(statement: string, pair: VerdictPair | undefined): DraftAnswer {
  const words = pair ? [pair.right, pair.wrong] : ['True', 'False'];
  return {
    kind: 'true-false',
    stem: { plain: statement },
    fields: { options: words.map((plain) => ({ text: { plain }, right: false })) },
    problems: [],
  };
}

/** A number with its tolerance, '3 ± 0.1 m' or '3 (2.9 to 3.1)'; undefined where an answer is none. */
function toleranceIn(said: string): Item['number'] {
  const found = quantityOf(said);
  return found?.tolerance === undefined
    ? rangeSaid(said)
    : { ...found, tolerance: found.tolerance };
}

/** The options in the words that are offered beside the statement, where they are words. */
const inWords = (options: readonly Option[], pair: VerdictPair): Option[] =>
  pair.right.length > 1
    ? options.map((option, index) => ({
        ...option,
        text: { plain: index === 0 ? pair.right : pair.wrong },
      }))
    : [...options];

/** A statement with its verdict, and why it is so where that stands behind the verdict. */
function statementWith(
  stem: Text,
  said: string,
  { offer, isOffered, draft }: { offer: VerdictPair | undefined; isOffered: boolean; draft: Draft },
): DraftAnswer | undefined {
  const { word, reason } = isOffered ? verdictApart(said) : { word: said, reason: undefined };
  const statement = asTrueFalse(stem, word, { isOffered, pair: draft.part?.pair });
  if (!statement) {
    return undefined;
  }
  const options = offer ? inWords(statement.options, offer) : statement.options;
  const explanation = reason === undefined ? undefined : { plain: reason };
  const fields = defined({ options, explanation });
  return { kind: 'true-false', stem: statement.stem, fields, problems: [] };
}

/** A statement to judge, without the choice beside it; undefined where a question is none. */
function judged(draft: Draft, stem: Text, said: string): DraftAnswer | undefined {
  const own = stem.plain.replace(POINTS, '');
  const unpointed = withoutChoice(own);
  const offer = offeredBehind(unpointed);
  const bare = offer ? unpointed.slice(0, offer.at).trim() : unpointed;
  const isJudged = draft.part?.isJudged === true;
  const isOffered = [offer !== undefined, unpointed !== own, isJudged].includes(true);
  const statement = statementWith(bare === stem.plain ? stem : { plain: bare }, said, {
    offer: offer?.pair,
    isOffered,
    draft,
  });
  const isOpen = (offer || isJudged) && !said;
  return statement ?? (isOpen ? unjudged(bare, offer?.pair) : undefined);
}

/** A solution in square or curly brackets behind a sentence. */
export const SOLUTION = /\s*(?:\[\s*([^[\]]{1,60}?)\s*\]|\{\s*([^{}]{1,60}?)\s*\})\s*\.?\s*$/u;

const solvedGap = ({ stem, gaps }: DrawnGaps): DraftAnswer => ({
  kind: 'gap',
  stem: { plain: stem },
  fields: { gaps },
  problems: [],
});

/** A sentence with a drawn gap and its solution in square brackets behind it: 'We ____ (sail) home. [sailed]'. */
function solvedBehind(text: string): DraftAnswer | undefined {
  const match = SOLUTION.exec(text) ?? roundSolution(text);
  const solution = match?.[1] ?? match?.[2];
  const drawn =
    match && solution && /\p{L}|\d/u.test(solution)
      ? drawnGaps(text.slice(0, match.index), [solution])
      : undefined;
  return drawn && solvedGap(drawn);
}

/** A sentence whose gaps hold what goes in, in two pairs of square brackets, or in one where the others of its text are such. */
function solvedInside({ holdsGaps }: Draft, text: string): DraftAnswer | undefined {
  const drawn = text.includes('[[') || holdsGaps ? drawnGaps(text, []) : undefined;
  return drawn && solvedGap(drawn);
}

/** Whether the word in front of a question calls it one side of a card: 'Front', 'Term'. */
const isTerm = ({ word }: Draft): boolean =>
  word !== undefined &&
  word.replace(/[^\p{L}]/gu, '').length > 1 &&
  likelihoodOf(word, ['term']) > CALLED;
const CALLED = 0.8;

/** What is written for an answer: words for gaps, a number with its tolerance, a short text, or nothing. */
function written(draft: Draft, stem: Text, said: string): DraftAnswer {
  if (!said) {
    return (
      solvedBehind(stem.plain) ??
      solvedInside(draft, stem.plain) ?? { kind: 'open', stem, fields: {}, problems: [] }
    );
  }
  const matched = pairsSaid(draft, said);
  if (matched) {
    const { stem: pieces, pairs } = matched;
    return { kind: 'match', stem: textOfPieces(pieces, false), fields: { pairs }, problems: [] };
  }
  const drawn = drawnGaps(stem.plain, [said]);
  if (drawn) {
    return gapAnswer(draft, drawn, said);
  }
  const chosen = chosenWithin(stem.plain, said);
  if (chosen) {
    const { stem: plain, gaps } = chosen;
    return { kind: 'gap', stem: { plain }, fields: { gaps }, problems: [] };
  }
  const offered = chosenBehind(stem.plain, said);
  if (offered) {
    const { stem: plain, options } = offered;
    return { kind: 'choice-one', stem: { plain }, fields: { options }, problems: [] };
  }
  const order = orderInLine(stem.plain.replace(POINTS, ''), said);
  if (order) {
    const { steps } = order;
    return { kind: 'order', stem: { plain: order.stem }, fields: { steps }, problems: [] };
  }
  if (isTerm(draft)) {
    return { kind: 'card', stem, fields: { accepted: [said] }, problems: [] };
  }
  const number = toleranceIn(said);
  return number
    ? { kind: 'number', stem, fields: { number }, problems: [] }
    : { kind: 'short', stem, fields: { accepted: splitAnswers(said) }, problems: [] };
}

/** An answer as the kind that the question names has it; undefined where it names none, or another shows by the text. */
function asDeclared(stem: Text, said: string, declared: Kind | undefined): DraftAnswer | undefined {
  const value = declared === 'number' ? quantityOf(said) : undefined;
  if (value) {
    const number = { ...value, tolerance: value.tolerance ?? 0 };
    return { kind: 'number', stem, fields: { number }, problems: [] };
  }
  if (said && declared === 'card') {
    return { kind: 'card', stem, fields: { accepted: [said] }, problems: [] };
  }
  return said && declared === 'short'
    ? { kind: 'short', stem, fields: { accepted: splitAnswers(said) }, problems: [] }
    : undefined;
}

/** A question without options: true or false, gaps, a short or an open answer. */
export function withoutOptions(draft: Draft, stem: Text, declared?: Kind): DraftAnswer {
  const said = draft.answers.length ? plainOfPieces(draft.answers) : '';
  return (
    asDeclared(stem, said, declared) ?? judged(draft, stem, said) ?? written(draft, stem, said)
  );
}
