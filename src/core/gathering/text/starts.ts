// By what a line begins a question or an option in one manner.
import type { Draft } from './draft';
import type { Label } from './labels';
import { isSameFamily, isWholeLine } from './manner';
import type { TextManner } from './signs';
import type { Names } from './names';
import { halvesOf, marksOf, whole, type TypedLine } from './typed-line';

/** Numbers of questions may skip so many. */
const MOST_SKIPPED = 3;

/** Tells the beginnings of questions and options of one manner. */
export class Starts {
  /** The labels of questions whose options are counted otherwise. */
  private readonly others = new Map<Draft, string>();
  /** The labels of the second of two lists to match. */
  private readonly seconds = new Map<Draft, string>();

  constructor(
    private readonly manner: TextManner,
    private readonly names: Names,
  ) {}

  /** The label by which a line may begin a question, whatever stands above it. */
  sign(line: TypedLine): Label | undefined {
    const { stem } = this.manner;
    if (stem.is === 'bold') {
      const isStem = line.isBold && !this.option(line) && !line.line.heading;
      return isStem ? { family: 'bold', counts: 'word', ...whole(line) } : undefined;
    }
    if (stem.is === 'line') {
      return isWholeLine(line) ? { family: 'line', counts: 'word', ...whole(line) } : undefined;
    }
    return stem.is === 'label'
      ? line.labels.find(({ family }) => family === stem.family)
      : undefined;
  }

  /**
   * The label by which a line begins a question below the one that is open; undefined where it begins none. Numbers go on, or
   * begin again below a question that `isWhole`: a 1 below an open one may be its first option. `isApart` behind a blank line.
   */
  stem(
    line: TypedLine,
    open: Draft | undefined,
    { isWhole, isApart }: { isWhole: boolean; isApart: boolean },
  ): Label | undefined {
    const label = this.sign(line);
    if (!label || label.n === undefined || !open) {
      return label;
    }
    if (!isApart && this.isNextOption(label, open)) {
      return undefined;
    }
    const before = open.number ?? 0;
    const counts = label.n + 1;
    const goesOn = counts > before && counts <= before + MOST_SKIPPED;
    return goesOn || (counts === 1 && isWhole) ? label : undefined;
  }

  /** Where options begin as questions do, the next of them is known by its number, and by standing right below. */
  private isNextOption({ family, n }: Label, open: Draft): boolean {
    const areAlike = isSameFamily(this.manner) || this.others.get(open) === family;
    return areAlike && n === open.options.length;
  }

  /** The label by which a line is an option; undefined where it is none. */
  option(line: TypedLine): Label | undefined {
    const { option } = this.manner;
    if (option.is === 'label') {
      const isPlusMinus = option.family === 'bullet +' || option.family === 'bullet -';
      return line.labels.find(
        ({ family }) => family === option.family || (isPlusMinus && /^bullet [+–-]$/u.test(family)),
      );
    }
    if (option.is !== 'mark') {
      return undefined;
    }
    const { from, to, right, sign } = marksOf(line);
    return right === undefined
      ? undefined
      : { family: 'mark', counts: 'bullet', from, to, right, ...(sign ? { mark: sign } : {}) };
  }

  /** Labels but those of options, and halves; a line that names a field is no pair, though a sign parts it in two. */
  private otherLabels(line: TypedLine | undefined): Label[] {
    const { option } = this.manner;
    if (!line) {
      return [];
    }
    const labels = line.labels.filter(
      ({ family, counts }) =>
        counts !== 'word' && (option.is !== 'label' || family !== option.family),
    );
    return this.names.fieldIn(line.text) ? labels : [...labels, ...halvesOf(line)];
  }

  /**
   * A question may count its options, steps or pairs otherwise than the rest: two lines or more of a label, or of halves,
   * below a question that has no options yet, or that go on so.
   */
  other(line: TypedLine, next: TypedLine | undefined, draft: Draft | undefined): Label | undefined {
    const isClosed = !draft || draft.answers.length > 0 || draft.fields.length > 0;
    if (isClosed || this.manner.stem.is === 'gap') {
      return undefined;
    }
    const family = this.others.get(draft);
    const own = this.otherLabels(line);
    const place = draft.options.length;
    if (family) {
      return (
        own.find((one) => one.family === family && (one.n ?? place) === place) ??
        this.secondList(own, next, draft)
      );
    }
    return place ? this.secondList(own, next, draft) : this.firstOther(own, next, draft);
  }

  /** Letters below a list that numbers count are the other list to match. */
  private secondList(
    own: readonly Label[],
    next: TypedLine | undefined,
    draft: Draft,
  ): Label | undefined {
    const second = this.seconds.get(draft);
    const place = draft.options.filter(({ style }) => style === 'letter').length;
    if (second) {
      return own.find(({ family, n }) => family === second && n === place);
    }
    const isFirst = place === 0 && draft.options.at(-1)?.style === 'number';
    const follows = this.otherLabels(next);
    const found = own.find(
      ({ n, counts, family }) =>
        isFirst &&
        n === 0 &&
        (counts === 'upper' || counts === 'lower') &&
        follows.some((other) => other.family === family && other.n === 1),
    );
    if (found) {
      this.seconds.set(draft, found.family);
    }
    return found;
  }

  private firstOther(
    own: readonly Label[],
    next: TypedLine | undefined,
    draft: Draft,
  ): Label | undefined {
    const follows = this.otherLabels(next);
    const found = own.find(
      ({ n = 0, family }) =>
        n === 0 && follows.some((other) => other.family === family && (other.n ?? 1) === 1),
    );
    if (found) {
      this.others.set(draft, found.family);
      draft.isOtherwise = true;
    }
    return found;
  }
}
