// Another kind for a question, with what the other kind can hold.
import { KINDS, type Item, type Kind } from '../../../core/model';
import { kindName } from '../../../core/shared/kind-names';
import { kindOfWord } from '../../../core/shared/vocabulary/kinds';
import { setAnswer } from './answers';
import { hasChoices, type CellResult } from './fields';
import { i18n } from '../../../languages';

function kindOf(text: string): Kind | undefined {
  const bare = text.trim().toLowerCase();
  return KINDS.find((kind) => kind === bare || kindName(kind) === bare) ?? kindOfWord(text);
}

/** The texts that a question would hold as answers of any kind: the right ones first, where some are right. */
function heldBy(item: Item): string[] {
  const { options, accepted, steps } = item;
  const right = options?.filter((option) => option.right).map(({ text }) => text.plain);
  return accepted ?? steps?.map(({ plain }) => plain) ?? right ?? [];
}

/** Answers to choose from, where the question had none: its own answers, the first of them right. */
function asOptions(item: Item, kind: Kind): Partial<Item> {
  if (kind === 'true-false') {
    return {
      options: [i18n._('True'), i18n._('False')].map((plain) => ({
        text: { plain },
        right: false,
      })),
    };
  }
  return {
    options: heldBy(item).map((plain, index) => ({ text: { plain }, right: index === 0 })),
  };
}

type Along = (item: Item) => Partial<Item>;

const asAccepted: Along = (item) => (item.accepted ? {} : { accepted: heldBy(item) });

const asSteps: Along = (item) => {
  const texts = item.options?.map(({ text }) => text);
  return item.steps ? {} : { steps: texts ?? heldBy(item).map((plain) => ({ plain })) };
};

const asNumber: Along = (item) => {
  const set = setAnswer({ ...item, kind: 'number' }, 0, heldBy(item)[0] ?? '');
  return item.number || 'refused' in set ? {} : set;
};

const ALONG: Partial<Record<Kind, Along>> = {
  card: asAccepted,
  short: asAccepted,
  order: asSteps,
  number: asNumber,
};

/** What a question of another kind takes along. */
function takenAlong(item: Item, kind: Kind): Partial<Item> {
  if (hasChoices(kind)) {
    return item.options ? {} : asOptions(item, kind);
  }
  return ALONG[kind]?.(item) ?? {};
}

/** Sets the kind by any of its words. */
export function setKind(item: Item, text: string): CellResult {
  const kind = kindOf(text);
  if (!kind) {
    const words = KINDS.map(kindName).join(', ');
    return {
      refused: i18n._('“{text}” is no kind of question; write one of {words}.', { text, words }),
    };
  }
  return kind === item.kind ? {} : { kind, ...takenAlong(item, kind) };
}
