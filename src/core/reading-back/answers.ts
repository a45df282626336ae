// The answers of a question, by its kind.
import type { Item, Kind, Layout, Role } from '../model';
import { separatorOfAnswers } from '../shared/answers-joined';
import { defined } from '../shared/defined';
import { betweenBounds } from '../shared/bounds';
import { literal } from '../shared/literal';
import { numberOf, quantityOf } from '../shared/normalise';
import { readOptions } from './options';
import { ANSWER_ROLES, typed, type Said } from './said';

const cut = (text: string, separator: string): string[] =>
  text.split(separator).filter((part) => part !== '');

function pairsOf(said: Said): NonNullable<Item['pairs']> {
  if (said.has('left')) {
    return said
      .all('left')
      .flatMap((left, index) =>
        left
          ? [{ left: { plain: left }, right: { plain: said.all('right-side')[index] ?? '' } }]
          : [],
      );
  }
  const role: Role = said.has('pair') ? 'pair' : 'option';
  const separator = said.separator(role) ?? '|';
  return said
    .all(role)
    .filter((text) => text !== '')
    .map((text) => {
      const border = text.indexOf(separator);
      return {
        left: { plain: text.slice(0, border) },
        right: { plain: text.slice(border + separator.length) },
      };
    });
}

function numberIn(said: Said): Item['number'] {
  const between = betweenBounds(said.all('tolerance'));
  if (between) {
    return defined({ ...between, unit: said.get('unit') || undefined });
  }
  if (said.has('value')) {
    return defined({
      value: numberOf(said.get('value')) ?? Number.NaN,
      tolerance: numberOf(said.get('tolerance')) ?? 0,
      unit: said.get('unit') || undefined,
    });
  }
  const quantity = quantityOf(typed(said)[0] ?? '');
  return quantity
    ? defined({
        value: quantity.value,
        tolerance: quantity.tolerance ?? 0,
        unit: said.get('unit') || quantity.unit || undefined,
      })
    : undefined;
}

/** The stem with its gaps, and what is accepted in each. */
function gapsOf(said: Said, layout: Layout): Pick<Item, 'stem' | 'gaps'> {
  let n = 0;
  const drawn = layout.gap === undefined ? /_{3,}/g : new RegExp(literal(layout.gap), 'g');
  const plain = said.get('stem').replace(drawn, () => `{{${++n}}}`);
  const role: Role = said.has('accepted') ? 'accepted' : 'option';
  const texts = said.all(role).filter((text) => text !== '');
  const each = texts.length === 1 && n > 1 ? texts[0]!.split(said.separator(role) ?? '; ') : texts;
  const gaps = each.map((text) => ({ accepted: text.split(' / ') }));
  const beside = said.has('wrongs') ? cut(said.get('wrongs'), said.separator('wrongs') ?? ';') : [];
  // What is offered besides stands with what goes in.
  const options = [...gaps.flatMap(({ accepted }) => accepted.slice(0, 1)), ...beside];
  return {
    stem: { plain },
    gaps: beside.length ? gaps.map((gap) => ({ ...gap, options })) : gaps,
  };
}

/** A card has one side behind the other, wherever the layout has room for it; only answers of its own may be several. */
function cardAnswer(said: Said, layout: Layout): string[] {
  if (!said.has('accepted')) {
    return typed(said).slice(0, 1);
  }
  return said.separator('accepted') === undefined ? typed(said) : shortAnswers(said, layout);
}

/** Typed answers; one cell may hold several, in the column of the key as well. */
function shortAnswers(said: Said, layout: Layout): string[] {
  const role = ANSWER_ROLES.find((one) => said.has(one));
  const mayHoldSeveral = role === 'accepted' || role === 'key' || role === 'options';
  if (!mayHoldSeveral || said.all(role).length !== 1) {
    return typed(said);
  }
  const separator = separatorOfAnswers(layout, { role, separator: said.separator(role) }) ?? '; ';
  return typed(said).flatMap((text) => cut(text, separator));
}

/** The fields that a kind's answers are kept in; kinds that are not named here have options. */
const ANSWERS: Partial<Record<Kind, (said: Said, layout: Layout) => Partial<Item>>> = {
  match: (said) => ({ pairs: pairsOf(said) }),
  order: (said) => ({ steps: typed(said, ['step', 'option']).map((plain) => ({ plain })) }),
  number: (said) => defined({ number: numberIn(said) }),
  gap: gapsOf,
  open: () => ({}),
  upload: () => ({}),
  card: (said, layout) => ({ accepted: cardAnswer(said, layout) }),
  short: (said, layout) => ({ accepted: shortAnswers(said, layout) }),
};

/** The answers of a question of this kind. */
export const answersOf = (kind: Kind, layout: Layout, said: Said): Partial<Item> =>
  ANSWERS[kind]?.(said, layout) ?? { options: readOptions(layout, said) };
