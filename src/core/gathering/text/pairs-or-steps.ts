// What stands below a task and is no choice: pairs whose halves a sign joins, and steps to put in order.
import type { Option, Text } from '../../model';
import { pieceText, type Draft } from './draft';
import { asksForOrder, asksToName } from './order-words';
import { placesOfSteps } from './placed-steps';
import { POINTS } from './points';
import type { DraftAnswer } from './without-options';

const PAIRING =
  /\b(?:match(?:es|ing)?|pairs?|belongs? together|zuordne\w*|ordne\w* .* zu|associe\w*|relie\w*|empareja\w*|abbina\w*|koppel\w*|combine\w*|parwch)\b/iu;
/** Signs that part the halves of a pair and nothing else. */
const JOINS = /\s(?:==?>?|=>|->|→|↔)\s|\s*(?:=>|->|→|↔|\t)\s*/u;
const HALVES = /\s(?:==?>?|=>|->|→|–|—|-|\||:)\s|\s*(?:=>|->|→|\t)\s*/u;

/** Whether what stands below a task are steps: it asks for their order, as the line above its part may, or labels them otherwise than others. */
function areSteps({ isOtherwise, part }: Draft, task: string): boolean {
  const isAsked = asksForOrder(task) || part?.isOrdered === true;
  const isOther =
    isOtherwise === true && !asksToName(task) && /[.!:]\s*$/u.test(task.replace(POINTS, ''));
  return isAsked || isOther;
}

/** Options that are pairs or steps as their question; undefined where they are neither. */
export function pairsOrSteps(
  draft: Draft,
  stem: Text,
  options: readonly Option[],
): Pick<DraftAnswer, 'kind' | 'fields'> | undefined {
  const texts = options.map((option) => option.text.plain);
  // A tab parts halves as well; in the texts it is a blank by now.
  const raw = draft.options.map(({ pieces }) => pieces.map(pieceText).join(' '));
  const arePairs =
    raw.every((text) => JOINS.test(text)) ||
    ((PAIRING.test(stem.plain) || draft.isOtherwise) && texts.every((text) => HALVES.test(text)));
  if (texts.length > 1 && arePairs) {
    return {
      kind: 'match',
      fields: {
        pairs: raw.map((text) => {
          const [left = '', ...right] = text.split(HALVES);
          return {
            left: { plain: left.trim() },
            right: { plain: text.slice(left.length).replace(HALVES, '').trim() || right.join(' ') },
          };
        }),
      },
    };
  }
  if (areSteps(draft, stem.plain)) {
    const places = placesOfSteps(draft) ?? [...options.keys()];
    return { kind: 'order', fields: { steps: places.map((place) => options[place]!.text) } };
  }
  return undefined;
}
