// The answer of one question of a running text: its kind, its options with the right ones, and what stopped it.
import type { Option, Text } from '../../model';
import { alike } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { trueFalsePair } from '../../shared/vocabulary/verdicts';
import { resolveKey } from '../key';
import type { Problem } from '../key-by-text';
import { clozeOf } from './cloze-choices';
import { areCrossedOut, isCross } from './crossed-boxes';
import { isEmphasised, plainOfPieces, textOfPieces, type Draft, type Emphasis } from './draft';
import { pairsOrSteps } from './pairs-or-steps';
import { pairedLists } from './two-lists';
import { withoutOptions, type DraftAnswer } from './without-options';
import { letterPlace } from '../../shared/plain';

export type AnswerManner = { emphasis: Emphasis | undefined; keep: boolean };

/** Right by a sign, else by the document's emphasis; a sign that stands at every option is a bullet. */
function optionsOf(draft: Draft, manner: AnswerManner): { options: Option[]; told: boolean } {
  const signs = new Set(draft.options.map((option) => option.sign));
  const plusMinus = signs.has('+') && (signs.has('-') || signs.has('–'));
  const everyOne =
    draft.options.length > 1 &&
    draft.options.every(
      (option) => option.right === true && option.mark === draft.options[0]!.mark,
    );
  const starredBullets = new Set(draft.options.map((option) => option.sign === '*')).size === 2;
  const isCrossRight = areCrossedOut(draft);
  const areEmpty = draft.options.every((option) => option.right === false);
  const right = (option: Draft['options'][number]): boolean => {
    if (isCrossRight) {
      return isCross(option.mark);
    }
    if (plusMinus && option.sign === '+') {
      return true;
    }
    if (starredBullets && option.sign === '*') {
      return true;
    }
    // Circles that are all empty are bullets, and say nothing where something else does.
    if (option.right !== undefined && !(areEmpty && manner.emphasis)) {
      return option.right && !everyOne;
    }
    return manner.emphasis !== undefined && isEmphasised(option, manner.emphasis);
  };
  const options = draft.options.map((option): Option => ({
    text: textOfPieces(option.pieces, manner.keep),
    right: right(option),
  }));
  const some =
    options.some((option) => option.right) &&
    (options.length === 1 ||
      options.some((option) => !option.right) ||
      manner.emphasis === undefined);
  if (!some) {
    options.forEach((option) => {
      option.right = false;
    });
  }
  return { options, told: some };
}

const WORDED_NUMBERS = /^\p{L}{1,12}\.?\s?\d{1,2}(?:\s*[,;&+/]\s*\p{L}{1,12}\.?\s?\d{1,2})*$/u;

/** What an answer line says; numbers that a word stands in front of are named with it or without: "O2", "option 1, option 3". */
function saidIn({ answers }: Draft, style: 'number' | 'letter'): string {
  const said = plainOfPieces(answers).replace(/[.]$/, '');
  return style === 'number' && WORDED_NUMBERS.test(said)
    ? said.replace(/\p{L}+\.?\s?(?=\d)/gu, '')
    : said;
}

const BECAUSE =
  'because|since|as|for|weil|da|denn|parce|car|puisque|porque|pues|perché|poiché|omdat|want|porquê|pois|eftersom|fordi';
/** A letter or number with a wording or a reason behind it: 'B – magma', '1, because the current carries it', 'C since it is so'. */
const LABEL_AND_MORE = new RegExp(
  String.raw`^\(?([A-Ja-j]|\d{1,2})(?:[).:]|\s*[–—-]|,(?=\s+\p{L}{2,}\s+\p{L}+\s)|(?=\s+(?:${BECAUSE})\s))\s*(.+)$`,
  'su',
);

/** The options with the right ones as an answer line tells, by letter or number, by text, or by both ("B) A pellet"). */
function byAnswerLine(
  draft: Draft,
  options: readonly Option[],
): { options: Option[]; problems: Problem[]; rest: string } {
  const style = draft.options.some((option) => option.style === 'number') ? 'number' : 'letter';
  const said = saidIn(draft, style);
  const texts = options.map((option) => option.text.plain);
  const cell = `Line ${draft.answers[0]!.line.line}`;
  const resolve = (text: string, by: 'letter' | 'number' | 'text') =>
    resolveKey({ cell, text, key: { style: by } }, texts, { verdicts: [], weights: [] });
  const give = (found: ReturnType<typeof resolve>, rest = '') => ({
    options: options.map((option, index) => ({ ...option, right: found.options[index]!.right })),
    problems: found.problems,
    rest,
  });
  if (texts.some((text) => alike(text) === alike(said))) {
    return give(resolve(said, 'text'));
  }
  const both = LABEL_AND_MORE.exec(said);
  const label = /^(?:option |choice |antwort )?[([]?([A-Ja-j]|\d{1,2})[).\]]{0,2}$/iu.exec(said);
  if (label) {
    return give(resolve(label[1]!, style));
  }
  if (both && !/^[A-Ja-j\d]\s*[,&]/.test(both[2]!)) {
    const found = resolve(both[1]!, style);
    const at = found.options.findIndex((option) => option.right);
    const repeats = at >= 0 && alike(both[2]!).startsWith(alike(texts[at]!));
    return give(
      found,
      repeats ? both[2]!.slice(texts[at]!.length).replace(/^[\s.,;:–—-]+/u, '') : both[2]!,
    );
  }
  if (
    /^[A-Ja-j](?:\s*(?:,|;|&|\/|\+|and|und|et|y|e|en)\s*[A-Ja-j])+$/u.test(said) ||
    /^\d(?:\s*[,;&]\s*\d)+$/.test(said) ||
    /^[A-J]{2,5}$/.test(said)
  ) {
    return give(resolve(said.replace(/\b(?:and|und|et|en)\b/gu, ','), style));
  }
  const [own, reason] = withReason(said, texts) ?? [said, ''];
  return give(resolve(own, 'text'), reason);
}

const REASON_BEHIND = /^\s*[.,;:–—-]+\s+(?=\p{L}.*\s\S)/su;
/** An option's whole wording with a reason behind it, 'in Sicily. It is the most active one': the option and the reason. */
function withReason(said: string, texts: readonly string[]): [string, string] | undefined {
  const own = texts
    .filter((text) => text && alike(said).startsWith(alike(text)))
    .sort((a, b) => b.length - a.length)[0];
  const behind = own === undefined ? '' : said.slice(own.length);
  const sign = REASON_BEHIND.exec(behind)?.[0];
  const reason = sign === undefined ? '' : behind.slice(sign.length);
  const namesOthers = reason
    .split(/\s*[,;]\s*/u)
    .some((part) => texts.some((text) => alike(text) === alike(part)));
  return own !== undefined && reason && !namesOthers ? [own, reason] : undefined;
}

/** The places that a key names, each option once and otherwise than they stand: '2 - 1 - 3', 'b, a, c'; undefined of any other key. */
function orderIn(said: string, options: number): number[] | undefined {
  const parts = said.split(/[\s,;/>→–-]+/u).filter(Boolean);
  const places = parts.map((part) =>
    /^\d{1,2}$/.test(part) ? Number(part) - 1 : letterPlace(part),
  );
  const isEach =
    parts.every((part) => /^(?:\d{1,2}|[A-Ja-j])$/u.test(part)) && parts.length === options;
  const isAll =
    new Set(places).size === options && places.every((place) => place >= 0 && place < options);
  const isMoved = places.some((place, index) => place !== index);
  return isEach && isAll && isMoved && options > 2 ? places : undefined;
}

/** Steps with a key that puts them in order. */
function orderedSteps(
  draft: Draft,
  stem: Text,
  options: readonly Option[],
): DraftAnswer | undefined {
  const places = orderIn(plainOfPieces(draft.answers).replace(/[.]$/, ''), options.length);
  return (
    places && {
      kind: 'order',
      stem,
      fields: { steps: places.map((place) => options[place]!.text) },
      problems: [],
    }
  );
}

/** The kind, the answer and the problems of a draft. */
export function answerOf(draft: Draft, manner: AnswerManner): DraftAnswer {
  const stem = textOfPieces(draft.stem, manner.keep);
  const plain = stem.plain.replace(/\s*(?:\[\[|\{|\[)$/, '');
  const asked: Text = plain === stem.plain ? stem : { plain };
  const declared = draft.fields.find(({ role }) => role === 'kind');
  const kind = declared ? kindOfWord(plainOfPieces([declared.piece])) : undefined;
  if (!draft.options.length) {
    return withoutOptions(draft, asked, kind);
  }
  const lists = pairedLists(draft, plainOfPieces(draft.answers));
  if (lists) {
    return { kind: 'match', stem: asked, fields: lists, problems: [] };
  }
  const cloze = clozeOf(draft);
  if (cloze) {
    return { kind: 'gap', stem: { plain: cloze.stem }, fields: { gaps: cloze.gaps }, problems: [] };
  }
  const read = optionsOf(draft, manner);
  if (!read.told && !draft.answers.length) {
    const other = pairsOrSteps(draft, asked, read.options);
    if (other) {
      return { ...other, stem: asked, problems: [] };
    }
  }
  const ordered = read.told ? undefined : orderedSteps(draft, asked, read.options);
  if (ordered) {
    return ordered;
  }
  const keyed =
    draft.answers.length && !read.told
      ? byAnswerLine(draft, read.options)
      : { options: read.options, problems: [], rest: '' };
  const explanation =
    keyed.rest && !draft.fields.some(({ role }) => role === 'explanation')
      ? { explanation: { plain: keyed.rest } }
      : {};
  const pair =
    keyed.options.length === 2
      ? trueFalsePair(keyed.options[0]!.text.plain, keyed.options[1]!.text.plain)
      : undefined;
  const options = pair && !pair.trueFirst ? [keyed.options[1]!, keyed.options[0]!] : keyed.options;
  const several = options.filter((option) => option.right).length > 1;
  return {
    kind: pair ? 'true-false' : kind === 'choice-many' || several ? 'choice-many' : 'choice-one',
    stem: asked,
    fields: { options, ...explanation },
    problems: keyed.problems,
  };
}
