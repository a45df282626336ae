// Questions as they are put together line by line, the lines that wait for one, and those that belong to none.
import { defined } from '../../shared/defined';
import { newDraft, newOption, type Draft } from './draft';
import type { Inline } from './inline';
import type { Label } from './labels';
import { blocksOf, isJudged, isTask, isTitle, pairsBelow, taskAbovePairs } from './lone';
import type { Field } from './names';
import { partOf, titleOf, type Part } from './part';
import type { Piece } from './tokens';
import { halvesOf, whole, type TypedLine } from './typed-line';

/** What a text has become so far. */
export class Collected {
  readonly drafts: Draft[] = [];
  /** Lines of the list of all answers. */
  readonly keyLines: TypedLine[] = [];
  /** Lines that belong to no question. */
  readonly aside: TypedLine[] = [];
  current: Draft | undefined;
  isAnswered = false;
  heading: string | undefined;
  /** Whether no question stands below the heading yet. */
  private isFresh = false;
  /** What the lines above say of the questions to come. */
  private part: Part | undefined;
  /** Whether 'Topic: …' says that the heading is a category. */
  private isNamedPart = false;
  /** Whether the last paragraph was no question: instructions stand below titles. */
  private isBelowAside = false;
  /** Lines that may become the next question's, where nothing marks its beginning. */
  private pending: TypedLine[] = [];

  /** `isFree` where nothing marks the beginning of a question. */
  constructor(private readonly isFree: boolean) {}

  get waits(): boolean {
    return this.pending.length > 0;
  }

  /** Whether the open question has anything besides its text. */
  get isComplete(): boolean {
    const { current } = this;
    return (
      current !== undefined &&
      current.options.length + current.answers.length + current.fields.length > 0
    );
  }

  wait(line: TypedLine): void {
    this.pending.push(line);
  }

  /** What waits belongs to no question, or is one by itself. `follows` where a question comes below. */
  setAside(follows = false): void {
    const blocks = blocksOf(this.pending);
    this.pending = [];
    for (const block of blocks) {
      if (!this.isFree || !this.openLone(block, follows)) {
        block.forEach((line) => this.putAside(line));
      }
      this.isBelowAside = this.aside.at(-1) === block.at(-1);
    }
  }

  private putAside(line: TypedLine): void {
    const part = partOf(line.text);
    this.part = part.isTask ? part : this.part;
    this.aside.push(line);
  }

  /** A paragraph that is a question by itself: a statement that is judged, pairs below a task, or a task between questions. */
  private openLone(block: readonly TypedLine[], follows: boolean): boolean {
    const text = block.map((line) => line.text).join(' ');
    const task = taskAbovePairs(this.aside.at(-1), block);
    const pairs = task ? [...block] : pairsBelow(block);
    const isBetween = follows && this.drafts.length > 0 && !this.isBelowAside;
    const isLone = isBetween && !pairs.length && isTask(text);
    if (!pairs.length && !isLone && !isJudged(text)) {
      return false;
    }
    const [first, ...rest] = task ? [task] : block.slice(0, block.length - pairs.length);
    this.aside.splice(this.aside.length - Number(task !== undefined));
    this.open(whole(first!));
    this.current!.stem.push(...rest.map(whole));
    this.current!.isLone = isLone;
    pairs.forEach((line) => this.addOption(line, halvesOf(line)[0]!));
    this.current!.isOtherwise = pairs.length > 0;
    return true;
  }

  touch({ line }: TypedLine): void {
    if (this.current) {
      this.current.lastLine = line.line;
    }
  }

  open(piece: Piece & { indent: number }, label?: Label): void {
    this.current = newDraft(piece, {
      ...(label ? defined({ isLabelled: true, word: label.word }) : {}),
      ...(label?.n === undefined ? {} : { number: label.n + 1 }),
      ...(this.heading ? { category: this.heading, isNamedPart: this.isNamedPart } : {}),
      ...(this.part?.isTask ? { part: this.part } : {}),
    });
    this.drafts.push(this.current);
    this.isFresh = false;
    this.isBelowAside = false;
  }

  /** Where later parts have titles, the line above the first is its part's. */
  headFirst(): void {
    const [first] = this.drafts;
    const headed = this.drafts.findIndex(({ category }) => category !== undefined);
    const title = this.aside
      .filter((line) => line.line.line < (first?.line ?? 0) && isTitle(line))
      .at(-1);
    if (headed > 0 && title) {
      this.drafts.slice(0, headed).forEach((draft) => {
        draft.category = titleOf(title.text);
      });
    }
  }

  /** A line that stands above the questions to come. */
  head(line: TypedLine): void {
    const part = partOf(line.text);
    // What is to be done stands below the title of a part, and takes nothing from it.
    const isBelowTitle = part.isTask && this.heading !== undefined && this.isFresh;
    this.heading = isBelowTitle ? this.heading : titleOf(line.text);
    this.part = part;
    this.isFresh = true;
    this.current = undefined;
  }

  /** A line that is the title of a part: it belongs to no question, and heads those to come. */
  openPart(line: TypedLine): void {
    this.setAside();
    this.head(line);
    this.aside.push(line);
  }

  addOption(line: TypedLine, label: Label): void {
    const draft = this.optionOwner();
    if (!draft) {
      this.wait(line);
      return;
    }
    draft.options.push(newOption(whole(line), label, draft.options.length));
    draft.lastLine = line.line.line;
  }

  /** The question that an option belongs to: the one that the lines before it make, or the one that is open. */
  private optionOwner(): Draft | undefined {
    return this.isFree && this.waits ? this.openPending() : this.current;
  }

  /** The last block of what waits is a question; what stands above it belongs to none. */
  openPending(): Draft | undefined {
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
    let from = Math.max(0, waiting.length - 1);
    while (from > 0 && waiting[from]!.line.line - waiting[from - 1]!.line.line === 1) {
      from--;
    }
    this.pending = waiting.splice(0, from);
    this.setAside(true);
    return waiting;
  }

  /** Options that stand on one line, and the text in front of them. */
  addInline(line: TypedLine, { before, labels }: Inline): void {
    if (before.trim()) {
      const piece = { ...whole(line), to: before.length };
      if (this.isFree || !this.current) {
        this.setAside();
        this.open(piece);
      } else {
        this.current.stem.push(piece);
      }
    }
    labels.forEach((label) => this.addOption(line, label));
  }

  addAnswer(line: TypedLine, piece: Piece): void {
    this.current?.answers.push(piece);
    this.isAnswered = true;
    this.touch(line);
  }

  /** What follows belongs to the questions to come. */
  close(): void {
    this.current = undefined;
  }

  addField(line: TypedLine, { role, from }: Field): void {
    if (this.waits && this.isFree) {
      this.openPending();
    }
    const piece: Piece = { line: line.line, from, to: line.text.trimEnd().length };
    if (!this.current) {
      this.isNamedPart ||= role === 'category';
      this.heading = role === 'category' ? line.text.slice(from).trim() : this.heading;
      this.aside.push(line);
      return;
    }
    if (role === 'answer') {
      this.addAnswer(line, piece);
    } else if (role !== 'question') {
      this.current.fields.push({ role, piece });
    }
    this.touch(line);
  }

  /** A line that goes on with the last thing that was said. */
  goOn(draft: Draft, line: TypedLine): void {
    const piece = whole(line);
    const field = draft.fields.at(-1);
    const waits = draft.answers.at(-1);
    this.touch(line);
    if (field) {
      draft.fields.push({ role: field.role, piece });
    } else if (waits && waits.to <= waits.from) {
      // 'Answer:' with its words on the line below.
      draft.answers[draft.answers.length - 1] = piece;
    } else if (waits) {
      draft.answers.push(piece);
    } else if (draft.options.length) {
      draft.options.at(-1)!.pieces.push(piece);
    } else {
      draft.stem.push(piece);
    }
  }
}
