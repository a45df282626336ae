// Pictures in the store: each once, under the digest of its address, however many questions and steps show it.
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import type { Item, ItemStep, Step } from '../core/model';
import { holdsPicture } from '../core/shared/picture-list';

type Change = (href: string) => string;

const NAME = /^picture:([0-9a-f]{64})$/;

/** A media entry, a list of them, or something else that is left as it is. */
function mapHrefs(value: unknown, change: Change): unknown {
  if (Array.isArray(value)) {
    const mapped = value.map((one) => mapHrefs(one, change));
    return mapped.some((one, index) => one !== value[index]) ? mapped : value;
  }
  if (typeof value !== 'object' || value === null || !('href' in value)) {
    return value;
  }
  const { href } = value;
  const changed = typeof href === 'string' ? change(href) : href;
  return changed === href ? value : { ...value, href: changed };
}

/** A question with the addresses of its pictures changed; the question itself where none is. */
function mapItem(item: Item, change: Change): Item {
  const media = mapHrefs(item.media, change) as Item['media'];
  return media === item.media ? item : { ...item, media };
}

const isMedia = (path: string): boolean => path === 'media' || path.startsWith('media.');

function mapItemStep(step: ItemStep, change: Change): ItemStep {
  if (step.is !== 'changed') {
    const item = mapItem(step.item, change);
    return item === step.item ? step : { ...step, item };
  }
  if (!step.fields.some(({ path }) => isMedia(path))) {
    return step;
  }
  const fields = step.fields.map((field) => {
    if (!isMedia(field.path)) {
      return field;
    }
    const mapped = { ...field };
    for (const side of ['before', 'after'] as const) {
      if (side in field) {
        mapped[side] = mapHrefs(field[side], change);
      }
    }
    return mapped;
  });
  return { ...step, fields };
}

/** One side of a conflict: a question, its media, or something without pictures. */
const mapSide = (value: unknown, change: Change): unknown =>
  typeof value === 'object' && value !== null && 'media' in value
    ? mapItem(value as Item, change)
    : mapHrefs(value, change);

/** Takes pictures out of what is about to be written, and remembers them. */
export class SetAside {
  /** The digests of those taken out, by their addresses as they stand in questions. */
  readonly digests = new Map<string, string>();

  private readonly change: Change = (href) => {
    if (!holdsPicture(href)) {
      return href;
    }
    const digest = this.digests.get(href) ?? bytesToHex(sha256(utf8ToBytes(href)));
    this.digests.set(href, digest);
    return `picture:${digest}`;
  };

  item = (item: Item): Item => mapItem(item, this.change);
  itemStep = (step: ItemStep): ItemStep => mapItemStep(step, this.change);
  step = (step: Step): Step => ({ ...step, items: step.items.map(this.itemStep) });
}

/** Puts pictures back into what was read. */
export class PutBack {
  private readonly change: Change;

  /** `lookup` says what picture has a digest; undefined where the store has none. */
  constructor(lookup: (digest: string) => string | undefined) {
    this.change = (href) => {
      const digest = NAME.exec(href)?.[1];
      return (digest && lookup(digest)) ?? href;
    };
  }

  item = (item: Item): Item => mapItem(item, this.change);
  step = (step: Step): Step => ({
    ...step,
    items: step.items.map((one) => mapItemStep(one, this.change)),
  });
  side = (value: unknown): unknown => mapSide(value, this.change);
}

/** The digests among the addresses that a walk meets, each once. */
function met(walk: (meet: Change) => unknown): string[] {
  const digests = new Set<string>();
  walk((href) => {
    const digest = NAME.exec(href)?.[1];
    if (digest) {
      digests.add(digest);
    }
    return href;
  });
  return [...digests];
}

/** What is kept beside an entry so that its pictures are found: their digests, or nothing where it shows none. */
export type Shows = { pictures?: string[] };
const shows = (digests: string[]): Shows => (digests.length ? { pictures: digests } : {});

/** The pictures that a question shows. */
export const shownBy = (item: Item): Shows => shows(met((meet) => mapItem(item, meet)));

/** The pictures in one side of a conflict. */
export const shownInSide = (value: unknown): Shows => shows(met((meet) => mapSide(value, meet)));

/** The pictures that a step would bring back, done again or taken back. */
export const shownByStep = (step: Step): Shows =>
  shows(met((meet) => step.items.forEach((one) => mapItemStep(one, meet))));
