// What the heading of a column of results is about: a question, known by its reference, title, text or place.
import type { Item } from '../model';
import { alike } from '../shared/normalise';

/** Columns that tell of the learner, the time or the sum, not of an answer. */
const ABOUT =
  /^(?:(?:first|last|full|sur|user)? ?name|name|learner|student|participant|player|user|id|e-?mail(?: address)?|group|class|team|time ?stamp|time|date|(?:start|finish|end|complet(?:ion|e)|submission|submit)(?:t?ed)?(?: (?:time|date|on|at))?|duration|time taken|status|attempt|(?:total )?(?:score|points|marks?)|total|grade|rank|sum|percent(?:age)?|%|vorname|nachname|klasse|gruppe|zeit|zeitstempel|datum|punkte|summe|nom|prénom|prenom|classe|note|score total|horodateur|naam|klas|totaal|nome|cognome|nombre|apellidos?|puntos|fecha)(?: ?[/(\[].*)?$/iu;

/** What stands in front of a heading or behind it where a column holds a question's points: "Points - …", "… [Score]". */
const POINTS_BEFORE =
  /^(?:points?|score|marks?|punkte|note|puntos|punti|punten)\s*(?:for|:|-|–|—)\s*/iu;
const POINTS_BEHIND = /\s*[[(](?:points?|score|marks?|punkte|note|puntos|punti|punten)[\])]$/iu;
/** Columns of a form beside the answers: what was said of an answer. */
const REMARKS = /^(?:feedback|comments?|remarks?|anmerkung|commentaire)\s*(?:for|:|-|–|—)\s*/iu;
const NUMBER_IN_FRONT = /^\s*(?:q|question|frage|item|nr\.?|no\.?)?\s*\d+\s*[.):–-]\s*/iu;
const NUMBER_ALONE =
  /^\s*(?:q|question|frage|item|pregunta|domanda|vraag|nr\.?|no\.?|#)?\s*(\d{1,3})\s*[.)]?\s*$/iu;
const CUT = /(?:…|\.{3})\s*$/u;
/** A heading that breaks off names a question from so many signs on. */
const ENOUGH = 12;

/** Whether a heading is a number and at most a word for "question". */
export const isNumbered = (heading: string): boolean => NUMBER_ALONE.test(heading);

export type Heading =
  | { is: 'about' }
  | { is: 'remark' }
  | { is: 'answer' | 'points'; item: Item | undefined; ref: string };

/** Looks headings up among questions; `order` are those of the set that was sat, where it is known. */
export class Headings {
  private readonly byName = new Map<string, Item>();

  constructor(
    private readonly items: readonly Item[],
    private readonly order: readonly Item[] = [],
  ) {
    // What is named first counts: a reference is more sure than a title, a title more than a text.
    for (const name of [
      ({ ref }: Item) => ref,
      ({ title }: Item) => title,
      ({ stem }: Item) => stem.plain,
    ]) {
      for (const item of [...order, ...items]) {
        const like = alike(name(item) ?? '');
        if (like && !this.byName.has(like)) {
          this.byName.set(like, item);
        }
      }
    }
  }

  /** A question whose text a heading breaks off. */
  private begun(heading: string): Item | undefined {
    const start = CUT.test(heading) ? alike(heading.replace(CUT, '')) : '';
    if (start.length < ENOUGH) {
      return undefined;
    }
    const begun = this.items.filter(({ stem }) => alike(stem.plain).startsWith(start));
    return begun.length === 1 ? begun[0] : undefined;
  }

  /** The question that a text names, as a heading does or a row of counts. */
  named(text: string): Item | undefined {
    const bare = text.replace(NUMBER_IN_FRONT, '');
    const number = NUMBER_ALONE.exec(text)?.[1];
    return (
      this.byName.get(alike(text)) ??
      (bare ? this.byName.get(alike(bare)) : undefined) ??
      this.begun(text) ??
      this.begun(bare) ??
      (number ? this.order[Number(number) - 1] : undefined)
    );
  }

  of(heading: string): Heading {
    const item = this.named(heading);
    if (item) {
      return { is: 'answer', item, ref: item.ref };
    }
    const bare = heading.replace(POINTS_BEFORE, '').replace(POINTS_BEHIND, '');
    const scored = bare !== heading && bare ? this.named(bare) : undefined;
    if (scored) {
      return { is: 'points', item: scored, ref: scored.ref };
    }
    if (REMARKS.test(heading)) {
      return { is: 'remark' };
    }
    return ABOUT.test(heading.trim())
      ? { is: 'about' }
      : { is: 'answer', item: undefined, ref: heading };
  }
}
