// A question from what stands in its roles, by the layout's notation.
import { saysOnlyTruth } from '../shared/ticked-pair';
import type { Item, Kind, Layout, Role } from '../model';
import { defined } from '../shared/defined';
import { numberOf, secondsOf } from '../shared/normalise';
import { answersOf } from './answers';
import { saidBeside } from './beside';
import { kindByRule, overRule, ruledBy, saidBy, signOfAnswers } from './by-kind';
import { readOptions } from './options';
import type { Said } from './said';
import { unreadOf, type ReadItem } from './unread';

/** Which kind a layout's places can only mean, the first that holds. */
const KINDS_BY_PLACES: readonly (readonly [Kind, readonly Role[]])[] = [
  ['match', ['pair', 'left']],
  ['order', ['step']],
  ['number', ['value', 'tolerance']],
];

/** The kind that the receiver's word names, else the one that the layout's places can only mean. */
function kindOf(layout: Layout, said: Said): Kind {
  const code = said.get('kind');
  const named = layout.kinds.filter((kind) => kind.code !== '' && kind.code === code);
  const declared = named.length > 1 ? kindByAnswers(layout, said) : named[0]?.kind;
  const hasOne = (roles: readonly Role[]): boolean => roles.some((role) => said.has(role));
  const only = layout.kinds.length === 1 ? layout.kinds[0]!.kind : undefined;
  const byPlaces = KINDS_BY_PLACES.find(([, roles]) => hasOne(roles))?.[0];
  return declared ?? only ?? kindByRule(layout, said) ?? byPlaces ?? kindByAnswers(layout, said);
}

/** The kind of a row whose places could be of several. */
function kindByAnswers(layout: Layout, said: Said): Kind {
  const hasOptions = (['option', 'options', 'right'] as const).some((role) => said.has(role));
  if (saysOnlyTruth(layout) && !hasOptions) {
    return 'true-false';
  }
  if (hasOptions) {
    const right = readOptions(layout, said).filter((option) => option.right);
    return right.length > 1 ? 'choice-many' : 'choice-one';
  }
  if (!said.has('accepted')) {
    return 'open';
  }
  return layout.kinds.some(({ kind: taken }) => taken === 'short') ? 'short' : 'card';
}

/** Typed answers without the sign that their kind's rule puts in front of them; one without it is no answer. */
function withoutSign(answers: Partial<Item>, layout: Layout, kind: Kind): Partial<Item> {
  const sign = signOfAnswers(layout, kind);
  return sign !== undefined && answers.accepted
    ? {
        ...answers,
        accepted: answers.accepted.flatMap((text) =>
          text.startsWith(sign) ? [text.slice(sign.length)] : [],
        ),
      }
    : answers;
}

/** The question that the places say. `n` is its number in the file, from 1. */
export function questionOf(layout: Layout, said: Said, n: number): ReadItem {
  const kind = kindOf(layout, said);
  const text = (role: Role): string | undefined => said.get(role) || undefined;
  const rich = (role: Role): { plain: string } | undefined =>
    said.get(role) ? { plain: said.get(role) } : undefined;
  const number = (role: Role): number | undefined => numberOf(said.get(role));
  const href = text('image');
  const own = ruledBy(layout, kind);
  const answers = withoutSign(answersOf(kind, own, saidBy(layout, kind, said)), layout, kind);
  const unread = {
    ...unreadOf(own, said, answers.options !== undefined),
    ...overRule(layout, kind, said),
  };
  return defined({
    id: `row-${n}`,
    ref: said.get('ref'),
    kind,
    stem: { plain: said.get('stem') },
    ...answers,
    title: text('title'),
    hint: rich('hint'),
    explanation: rich('explanation'),
    points: number('points'),
    attempts: number('attempts'),
    lines: number('lines'),
    seconds: secondsOf(said.get('seconds')),
    category: text('category')?.split(' > '),
    ...saidBeside(said),
    endings: text('endings')?.split(', '),
    unread: Object.keys(unread).length ? unread : undefined,
    media: href ? [defined({ at: 'stem' as const, href, alt: text('image-alt') })] : undefined,
  });
}
