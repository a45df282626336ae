// A text put together to questions under one manner; what belongs to no question is set aside.
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { newDraft, type Draft, type DraftOption, type LabelStyle } from './draft';
import type { Label } from './labels';
import { takeMarks } from './marks';
import type { TextManner, TypedLine } from './manner';
import { splitOptions } from './inline';
import type { Field, Names } from './names';
import type { Piece } from './tokens';

export type Segmented = {
  drafts: Draft[];
  /** Lines of the list of all answers. */
  keyLines: TypedLine[];
  /** Lines that belong to no question. */
  aside: TypedLine[];
};

const ASKED = /[?？:…]["'”’)\]]*\s*(?:[([].{1,20}[)\]])?\s*$|_{2,}\W*$|\.\.\.\s*$/u;
export const endsAsked = (text: string): boolean => ASKED.test(text);

const HALVES = /\S(?:\s(?:==?>?|=>|->|→|↔|–|—)\s|\s*(?:=>|->|→)\s*|\t+)\S/u;
/** A line of two halves, as pairs are typed. */
const halves = ({ text }: TypedLine): Label[] =>
  HALVES.test(text)
    ? [
        {
          family: 'halves',
          counts: 'bullet',
          from: text.length - text.trimStart().length,
          to: text.trimEnd().length,
        },
      ]
    : [];

const REMARK = /^\s*\p{Lu}\p{L}{2,14}(?: \p{L}{2,14})?\s?:\s+(?=\S)/u;
const PART = /^\s*\p{Lu}\p{L}{2,14}\.? (?:\d{1,2}|[A-Z]|[IVX]{1,4})(?:\s*[:.–-]|\s*$)/u;

/** A line of letters alone in brackets, '(B)' or '[a, c]': the answer to the question above it. */
const BRACKETED =
  /^\s*[([]\s*([A-Ja-j](?:\s*(?:[,;&/+]|and|und|et|y|en|e)\s*[A-Ja-j])*)\s*[)\]]\s*$/u;
const RULE = /^\s*(?:[-–—_=~·.…]\s*){3,}$/u;
const PAIRS =
  /^\s*\(?\d{1,3}\s*[.):=–-]?\s*\(?[A-Ja-j](?:\s*(?:[,;&+/]|and|und|et|y|en)\s*[A-Ja-j])*\)?(?=$|[\s,;|.)])/u;

const styleOf = (counts: Label['counts']): LabelStyle => {
  switch (counts) {
    case 'number':
    case 'roman':
    case 'circled':
      return 'number';
    case 'upper':
    case 'lower':
      return 'letter';
    default:
      return 'bullet';
  }
};

const whole = ({ line, text }: TypedLine): Piece & { indent: number } => ({
  line,
  from: text.length - text.trimStart().length,
  to: text.trimEnd().length,
  indent: text.length - text.trimStart().length,
});

const takeMarksOf = ({ text }: TypedLine): ReturnType<typeof takeMarks> =>
  takeMarks(text, text.length - text.trimStart().length);

/** The last line of a question's text. */
function lastOf({ stem }: Draft): string {
  const { line, from, to } = stem.at(-1)!;
  return line.text.slice(from, to);
}

class Segmenter {
  private readonly drafts: Draft[] = [];
  private readonly keyLines: TypedLine[] = [];
  private readonly aside: TypedLine[] = [];
  private current: Draft | undefined;
  /** Lines that may become the next question's, where nothing marks its beginning. */
  private pending: TypedLine[] = [];
  /** The labels of questions whose options are counted otherwise. */
  private readonly others = new Map<Draft, string>();
  private gap = true;
  private inKey = false;
  private heading: string | undefined;

  constructor(
    private readonly lines: readonly TypedLine[],
    private readonly manner: TextManner,
    private readonly names: Names,
  ) {}

  run(): Segmented {
    this.lines.forEach((line, index) => this.step(line, index));
    this.setAside();
    return { drafts: this.drafts, keyLines: this.keyLines, aside: this.aside };
  }

  private next(index: number): TypedLine | undefined {
    return this.lines.slice(index + 1, index + 6).find(({ isBlank }) => !isBlank);
  }

  private setAside(): void {
    this.aside.push(...this.pending);
    this.pending = [];
  }

  private step(line: TypedLine, index: number): void {
    if (line.isBlank) {
      this.gap = true;
      return;
    }
    if (this.inKey) {
      this.keyLines.push(line);
      return;
    }
    if (RULE.test(line.text) && !line.line.label) {
      // A line to write on belongs to its question, and one that parts questions to none.
      this.touch(line);
      return;
    }
    if (this.headsKey(line, index)) {
      return;
    }
    this.place(line, index);
    this.gap = false;
  }

  private touch({ line }: TypedLine): void {
    if (this.current) {
      this.current.lastLine = line.line;
    }
  }

  /** "Answers" above a list of numbers and letters, or with the list behind it. */
  private headsKey(line: TypedLine, index: number): boolean {
    if (!this.drafts.length) {
      return false;
    }
    const [, name = '', list = ''] =
      /^\W*(\p{L}[\p{L} ]{1,30}?)\s*[:–-]?\s*(\(?\d.*)?$/su.exec(line.text) ?? [];
    if (!headsAnswers(name)) {
      return false;
    }
    const next = this.next(index);
    const isList =
      PAIRS.test(list) ||
      (!list && next !== undefined && (PAIRS.test(next.text) || /^\s*1\s+2\s+3\b/.test(next.text)));
    if (!isList) {
      return false;
    }
    this.inKey = true;
    this.current = undefined;
    if (list) {
      const from = line.text.length - list.length;
      this.keyLines.push({
        ...line,
        text: list,
        line: { ...line.line, text: line.text.slice(from) },
      });
    }
    return true;
  }

  private place(line: TypedLine, index: number): void {
    const stem = this.stemLabel(line, index);
    if (stem) {
      this.setAside();
      this.open(
        { line: line.line, from: stem.from, to: stem.to, indent: whole(line).indent },
        stem,
      );
      return;
    }
    const inline = splitOptions(line, this.manner.option);
    if (inline) {
      this.addInline(line, inline);
      return;
    }
    const option = this.optionLabel(line) ?? this.otherOption(line, index);
    if (option) {
      this.addOption(line, option);
      return;
    }
    const answer = this.current?.options.length ? BRACKETED.exec(line.text) : null;
    if (answer) {
      const from = line.text.indexOf(answer[1]!);
      this.current!.answers.push({ line: line.line, from, to: from + answer[1]!.length });
      this.touch(line);
      return;
    }
    const field = line.line.heading ? undefined : this.names.fieldIn(line.text);
    if (field && field.role !== 'question' && (this.current || field.role !== 'answer')) {
      this.addField(line, field);
      return;
    }
    if (line.line.heading && !endsAsked(line.text)) {
      this.onHeading(line);
      return;
    }
    this.onText(line, index);
  }

  private onHeading(line: TypedLine): void {
    this.setAside();
    this.current = undefined;
    this.heading = line.text.trim();
    this.aside.push(line);
  }

  private open(piece: Piece & { indent: number }, label?: Label): void {
    this.current = newDraft(piece, {
      ...(label?.n === undefined ? {} : { number: label.n + 1 }),
      ...(this.heading ? { category: this.heading } : {}),
    });
    this.drafts.push(this.current);
  }

  /** The label by which a line begins a question in this manner; undefined where it begins none. */
  private stemLabel(line: TypedLine, index: number, isAfterAll = false): Label | undefined {
    const { stem } = this.manner;
    if (stem.is === 'bold') {
      const isStem = line.isBold && !this.optionLabel(line) && !line.line.heading;
      return isStem ? { family: 'bold', counts: 'word', ...whole(line) } : undefined;
    }
    const label =
      stem.is === 'label' ? line.labels.find(({ family }) => family === stem.family) : undefined;
    if (!label || label.n === undefined || !this.current) {
      return label;
    }
    const before = this.current.number ?? 0;
    const counts = label.n + 1;
    // Numbers of questions go on or begin again; where options may be numbered alike, a 1 below an open question is theirs.
    const goesOn = counts > before && counts <= before + 3;
    const isAnew =
      counts === 1 &&
      (isAfterAll ||
        this.current.options.length > 0 ||
        this.current.answers.length > 0 ||
        this.gap);
    return goesOn || isAnew ? label : undefined;
  }

  /** The label by which a line is an option in this manner; undefined where it is none. */
  private optionLabel(line: TypedLine): Label | undefined {
    const { option } = this.manner;
    if (option.is === 'label') {
      const isPlusMinus = option.family === 'bullet +' || option.family === 'bullet -';
      return line.labels.find(
        ({ family }) => family === option.family || (isPlusMinus && /^bullet [+–-]$/u.test(family)),
      );
    }
    if (option.is === 'mark') {
      const { from, to, right, sign } = this.marks(line);
      return right === undefined
        ? undefined
        : { family: 'mark', counts: 'bullet', from, to, right, ...(sign ? { mark: sign } : {}) };
    }
    return undefined;
  }

  /**
   * A question may count its options, steps or pairs otherwise than the rest: two lines or more of a label, or with halves,
   * below a question that has no options yet, or that go on so.
   */
  private otherOption(line: TypedLine, index: number): Label | undefined {
    const draft = this.current;
    const { stem } = this.manner;
    if (!draft || stem.is === 'gap' || draft.answers.length || draft.fields.length) {
      return undefined;
    }
    const family = this.others.get(draft);
    if (!family && draft.options.length) {
      return undefined;
    }
    const isOwn = (one: Label): boolean => stem.is !== 'label' || one.family !== stem.family;
    const own = [...line.labels.filter(isOwn), ...this.halves(line)];
    if (family) {
      return own.find(
        (one) => one.family === family && (one.n ?? draft.options.length) === draft.options.length,
      );
    }
    const next = this.lines[index + 1];
    const follows = next ? [...next.labels.filter(isOwn), ...this.halves(next)] : [];
    const found = own.find(
      (one) =>
        (one.n ?? 0) === 0 &&
        one.counts !== 'word' &&
        follows.some((other) => other.family === one.family && (other.n ?? 1) === 1),
    );
    if (found) {
      this.others.set(draft, found.family);
      draft.isOtherwise = true;
    }
    return found;
  }

  /** A line that names a field is no pair, though a sign parts it in two. */
  private halves(line: TypedLine): Label[] {
    return this.names.fieldIn(line.text) ? [] : halves(line);
  }

  private marks(line: TypedLine): { from: number; to: number; right?: boolean; sign?: string } {
    return takeMarksOf(line);
  }

  private addOption(line: TypedLine, label: Label): void {
    const draft = this.draftFor(line, label);
    if (!draft) {
      this.pending.push(line);
      return;
    }
    const option: DraftOption = {
      pieces: [{ line: line.line, from: label.from, to: label.to }],
      style: styleOf(label.counts),
      n: label.n ?? draft.options.length,
      sign: label.family.startsWith('bullet ') ? label.family.slice('bullet '.length) : '',
      indent: whole(line).indent,
      ...(label.right === undefined ? {} : { right: label.right }),
      ...(label.mark ? { mark: label.mark } : {}),
    };
    draft.options.push(option);
    draft.lastLine = line.line.line;
  }

  /** The question that an option belongs to: the one that is open, or the one that the lines before it make. */
  private draftFor(line: TypedLine, label: Label): Draft | undefined {
    const draft = this.current;
    if (this.manner.stem.is !== 'gap') {
      return draft;
    }
    const beginsAnew = label.n === 0 || (draft !== undefined && this.pending.length > 0);
    if (this.pending.length && (!draft || beginsAnew)) {
      return this.openPending();
    }
    return draft;
  }

  /** The last block of what waits is a question; what stands above it belongs to none. */
  private openPending(): Draft | undefined {
    const [first, ...rest] = this.lastBlock();
    if (!first) {
      return undefined;
    }
    this.open(whole(first));
    this.current!.stem.push(...rest.map(whole));
    return this.current;
  }

  private lastBlock(): TypedLine[] {
    const waiting = this.pending;
    this.pending = [];
    let from = waiting.length - 1;
    while (from > 0 && waiting[from]!.line.line - waiting[from - 1]!.line.line === 1) {
      from--;
    }
    this.aside.push(...waiting.slice(0, Math.max(0, from)));
    return waiting.slice(Math.max(0, from));
  }

  private addInline(line: TypedLine, parts: NonNullable<ReturnType<typeof splitOptions>>): void {
    if (parts.before.trim()) {
      const piece = {
        line: line.line,
        from: 0,
        to: parts.before.length,
        indent: whole(line).indent,
      };
      if (this.manner.stem.is === 'gap' || !this.current) {
        this.setAside();
        this.open(piece);
      } else {
        this.current.stem.push(piece);
      }
    }
    for (const label of parts.labels) {
      this.addOption(line, label);
    }
  }

  private addField(line: TypedLine, { role, from }: Field): void {
    if (this.pending.length && this.manner.stem.is === 'gap') {
      this.openPending();
    }
    const piece: Piece = { line: line.line, from, to: line.text.trimEnd().length };
    if (!this.current) {
      if (role === 'category') {
        this.heading = line.text.slice(from).trim();
      }
      this.aside.push(line);
      return;
    }
    if (role === 'answer') {
      this.current.answers.push(piece);
    } else if (role !== 'question') {
      this.current.fields.push({ role, piece });
    }
    this.touch(line);
  }

  private onText(line: TypedLine, index: number): void {
    const draft = this.current;
    const isComplete =
      draft && (draft.options.length > 0 || draft.answers.length > 0 || draft.fields.length > 0);
    if (this.manner.stem.is === 'gap') {
      this.onFreeText(line, isComplete ?? false);
      return;
    }
    if (!draft) {
      this.pending.push(line);
      return;
    }
    if (isComplete && this.headsNext(line, index)) {
      this.between(line, index);
      return;
    }
    if (this.manner.option.is === 'plain' && this.takesPlainOption(draft, line)) {
      this.addOption(line, { family: 'plain', counts: 'bullet', ...takeMarksOf(line) });
      return;
    }
    const waits = draft.answers.at(-1);
    if (waits && waits.to <= waits.from && !this.gap) {
      draft.answers[draft.answers.length - 1] = whole(line);
      this.touch(line);
      return;
    }
    if (isComplete && this.gap) {
      this.between(line, index);
      return;
    }
    const remark =
      draft.options.length && this.manner.option.is === 'label' ? REMARK.exec(line.text) : null;
    if (remark) {
      // Behind options that have labels, a word with a colon says something about the question.
      const piece: Piece = {
        line: line.line,
        from: remark[0].length,
        to: line.text.trimEnd().length,
      };
      draft.fields.push({ role: 'explanation', piece });
      this.touch(line);
      return;
    }
    this.continueWith(draft, line);
  }

  /** A line that counts parts, 'Section 2: …', right above a question. */
  private headsNext(line: TypedLine, index: number): boolean {
    const next = this.next(index);
    return (
      PART.test(line.text) &&
      next !== undefined &&
      this.stemLabel(next, index + 1, true) !== undefined
    );
  }

  /** A lone text between two questions heads those below it. */
  private between(line: TypedLine, index: number): void {
    const next = this.next(index);
    const opens = next !== undefined && this.stemLabel(next, index + 1, true) !== undefined;
    if (opens) {
      this.heading = line.text.trim();
      this.current = undefined;
    }
    this.aside.push(line);
  }

  private continueWith(draft: Draft, line: TypedLine): void {
    const piece = whole(line);
    this.touch(line);
    const field = draft.fields.at(-1);
    if (field) {
      draft.fields.push({ role: field.role, piece });
    } else if (draft.answers.length) {
      draft.answers.push(piece);
    } else if (draft.options.length) {
      draft.options.at(-1)!.pieces.push(piece);
    } else {
      draft.stem.push(piece);
    }
  }

  /** Plain lines below a stem that is whole are its options. */
  private takesPlainOption(draft: Draft, { text }: TypedLine): boolean {
    if (draft.answers.length || draft.fields.length || (this.gap && draft.options.length > 0)) {
      return false;
    }
    const stem = lastOf(draft);
    const isWhole = endsAsked(stem) || /[.!]\s*$/.test(stem);
    return draft.options.length > 0 || (isWhole && !endsAsked(text));
  }

  /** Where nothing marks the beginning of a question, a text behind a whole one begins the next. */
  private onFreeText(line: TypedLine, isComplete: boolean): void {
    const draft = this.current;
    const isPlain = this.manner.option.is === 'plain';
    if (draft && isPlain && !this.gap && this.takesPlainOption(draft, line)) {
      this.addOption(line, { family: 'plain', counts: 'bullet', ...takeMarksOf(line) });
      return;
    }
    if (
      draft &&
      !this.gap &&
      isComplete &&
      !this.pending.length &&
      draft.fields.length + draft.answers.length > 0 &&
      !endsAsked(line.text)
    ) {
      this.continueWith(draft, line);
      return;
    }
    if (isPlain && this.gap) {
      this.setAside();
      this.open(whole(line));
      return;
    }
    const asked = draft !== undefined && endsAsked(lastOf(draft));
    if (isPlain && draft && !isComplete && asked && endsAsked(line.text)) {
      this.open(whole(line));
      return;
    }
    if (isPlain && draft && !isComplete) {
      draft.stem.push(whole(line));
      this.touch(line);
      return;
    }
    if (isComplete || !draft) {
      this.pending.push(line);
      return;
    }
    this.pending.push(line);
  }
}

/** The questions of a text in a manner. */
export const segment = (lines: readonly TypedLine[], manner: TextManner, names: Names): Segmented =>
  new Segmenter(lines, manner, names).run();
