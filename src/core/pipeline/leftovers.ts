// Signs that a sample's texts still hold once its questions are read: where there are some, its layout does not explain all of it.
import type { Item } from '../model';
import { kindOfWord } from '../shared/vocabulary/kinds';

/** A sign, or a letter or number with one, in front of a text. */
const IN_FRONT =
  /^(?:[^\p{L}\p{N}\s"'“”‘’„«»¿¡([{<$€£%°#_…-]{1,3}\s?|[A-Ja-j1-9]\s?[.):]\s+)(?=[\p{L}\p{N}])/u;
/** A sign behind a text, apart from it, or a word in brackets. */
const BEHIND = /\s(?:[^\p{L}\p{N}\s.?!…,;:"'”’»)\]}%°€$£-]{1,4}|\[[^[\]]{1,20}\])$/u;
/** One half of a pair of signs around a text, a tag among them, or of a list in brackets. */
const HALF_OF_PAIR =
  /^[^*_=~]*[^*_=~\s](?:\*{1,2}|__|==|~~)$|^(?:(?!<\p{L}).)*<\/\p{L}|^\[["“][^\]]*$|^[^[]*["”]\]$/u;
/** What stands between parts of a line rather than in a sentence. */
const BETWEEN = /\S\s?(?:\||::|=>|->|→|\/\/|<->)\s?\S|\S\s;\s\S/u;
const BRACKETS_FIRST = /^[([{<][\p{L}\p{N}][^()[\]{}<>]{0,24}[)\]}>]\s/u;
const IN_BRACKETS = /[([{<][\p{L}\p{N}][^()[\]{}<>]{0,24}[)\]}>]$/u;

/** The texts of all questions in the groups that are written alike. */
function groupsOf(items: readonly Item[]): string[][] {
  return [
    items.flatMap(({ options = [] }) => options.map(({ text }) => text.plain)),
    items.flatMap(({ steps = [] }) => steps.map(({ plain }) => plain)),
    items.flatMap(({ pairs = [] }) => pairs.map(({ left }) => left.plain)),
    items.flatMap(({ pairs = [] }) => pairs.map(({ right }) => right.plain)),
    items.flatMap(({ accepted = [] }) => accepted),
  ].filter((texts) => texts.length > 1);
}

/** Whether signs stand in so many of some texts that they are none of theirs. */
const areSigns = (texts: readonly string[], least: number): boolean =>
  [IN_FRONT, BEHIND, BETWEEN, HALF_OF_PAIR].some(
    (sign) => texts.filter((text) => sign.test(text)).length >= Math.max(2, least * texts.length),
  );

const NAMED = /^([^:]{2,24}):\s+\S/u;
/** Whether a word for a kind of question opens texts that are none: 'True/False: The sun is a star.' */
const nameKinds = (texts: readonly string[]): boolean =>
  texts.some((text) => {
    const name = NAMED.exec(text)?.[1];
    return name !== undefined && kindOfWord(name) !== undefined;
  });

/** Whether texts end with a letter for true or false, some with one and some with the other. */
function areTold(texts: readonly string[]): boolean {
  const ends = texts.map((text) => /\s([TFVRWJN])$/u.exec(text)?.[1]);
  return ends.every(Boolean) && new Set(ends).size === 2;
}

const HALF = 0.5;
/** Of answers, a few with a sign are as many as are right. */
const SOME = 0.15;

/** Whether texts of a sample's questions hold signs that its layout does not explain. */
export function holdsSigns(items: readonly Item[]): boolean {
  const stems = items.map(({ stem }) => stem.plain);
  const areBracketed = [IN_BRACKETS, BRACKETS_FIRST].some((sign) =>
    stems.every((stem) => sign.test(stem)),
  );
  return (
    groupsOf(items).some((texts) => areSigns(texts, SOME) || areTold(texts) || nameKinds(texts)) ||
    areSigns(stems, HALF) ||
    (stems.length > 1 && areBracketed)
  );
}
