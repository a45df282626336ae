// Cards that lend each other their definitions as wrong options: those of the same category and of a like length first.
import type { Item } from '../model';
import { alike } from '../shared/normalise';

type Card = { id: string; term: string; text: string; like: string };

const categoryOf = (item: Item): string => item.category?.join('\n') ?? '';

/** The index of the first card whose definition is at least so long. */
function firstAtLeast(cards: readonly Card[], length: number): number {
  let [low, high] = [0, cards.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (cards[middle]!.text.length < length) {
      low = middle + 1;
    } else {
      high = middle;
    }
  }
  return low;
}

/** Cards by their category and by the length of their definitions. */
export class Deck {
  private readonly all: Card[];
  private readonly byCategory = new Map<string, Card[]>();
  constructor(items: readonly Item[]) {
    const sorted = items
      .filter((item) => item.accepted?.[0]?.trim())
      .map((item) => ({
        item,
        card: {
          id: item.id,
          term: alike(item.stem.plain),
          text: item.accepted![0]!,
          like: alike(item.accepted![0]!),
        },
      }))
      .sort((a, b) => a.card.text.length - b.card.text.length);
    this.all = sorted.map(({ card }) => card);
    for (const { item, card } of sorted) {
      const category = categoryOf(item);
      const own = this.byCategory.get(category);
      if (own) {
        own.push(card);
      } else {
        this.byCategory.set(category, [card]);
      }
    }
  }

  /** Up to `most` definitions of other cards, none of them also right and none twice. */
  near(item: Item, most: number): string[] {
    const own = item.accepted![0]!;
    const [term, seen] = [alike(item.stem.plain), new Set([alike(own)])];
    const found: string[] = [];
    const take = (card: Card | undefined): void => {
      if (!card || card.id === item.id || card.term === term || seen.has(card.like)) {
        return;
      }
      seen.add(card.like);
      found.push(card.text);
    };
    for (const cards of [this.byCategory.get(categoryOf(item)) ?? [], this.all]) {
      let up = firstAtLeast(cards, own.length);
      let down = up - 1;
      // Outwards from the own length, the nearer side first.
      while (found.length < most && (down >= 0 || up < cards.length)) {
        const isUp =
          down < 0 ||
          (up < cards.length &&
            cards[up]!.text.length - own.length <= own.length - cards[down]!.text.length);
        take(cards[isUp ? up++ : down--]);
      }
    }
    return found;
  }
}
