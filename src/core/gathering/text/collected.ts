// Questions as they are put together line by line, the lines that wait for one, and those that belong to none.
import type { Role } from '../../model';
import { defined } from '../../shared/defined';
import { isWhole } from './answers-behind';
import { newDraft, newOption, type Draft } from './draft';
import type { Inline } from './inline';
import type { Label } from './labels';
import {
  asPairs,
  blocksOf,
  isJudged,
  isTask,
  listBelow,
  mayCloseText,
  taskAbovePairs,
  type Listed,
} from './lone';
import type { Field } from './names';
import { PartAbove } from './part-above';
import { POINTS } from './points';
import type { Piece } from './tokens';
import { restOf, whole, type TypedLine } from './typed-line';

/** What a text has become so far. */
export class Collected {
  readonly drafts: Draft[] = [];
  /** Lines of the list of all answers. */
  readonly keyLines: TypedLine[] = [];
  /** Lines that belong to no question. */
  readonly aside: TypedLine[] = [];
  current: Draft | undefined;
  isAnswered = false;
  readonly above = new PartAbove();
  /** Whether the last paragraph was no question: instructions stand below titles. */
  private isBelowAside = false;
  /** What was said of the next question above it. */
  private readonly ahead: Draft['fields'] = [];
  /** Lines that may become the next question's, where nothing marks its beginning. */
  private pending: TypedLine[] = [];

  /** `isFree` where nothing marks the beginning of a question. */
  constructor(private readonly isFree: boolean) {}

  get waits(): boolean {
    return this.pending.length > 0;
  }

  /** Whether what waits may be a question by itself. */
  get mayOpen(): boolean {
    return this.isFree && this.waits;
  }

  /** Whether the open question has anything besides its text, or its answer behind that. */
  get isComplete(): boolean {
    return this.current !== undefined && isWhole(this.current);
  }

  wait(line: TypedLine): void {
    this.pending.push(line);
  }

  /** What waits belongs to no question, or is one by itself: a task may stand above a question, or alone as the last. */
  setAside(where: 'above' | 'last' | 'elsewhere' = 'elsewhere'): void {
    const blocks = blocksOf(this.pending);
    const mayBeTask = where === 'above' || (where === 'last' && mayCloseText(blocks));
    this.pending = [];
    for (const block of blocks) {
      if (!this.isFree || !this.openLone(block, mayBeTask)) {
        block.forEach((line) => this.putAside(line));
      }
      this.isBelowAside = this.aside.at(-1) === block.at(-1);
    }
  }

  private putAside(line: TypedLine): void {
    this.above.tell(line.text);
    this.aside.push(line);
  }

  /** A paragraph that is a question by itself: a statement that is judged, pairs below a task, or a task between questions. */
  private openLone(block: readonly TypedLine[], mayBeTask: boolean): boolean {
    const text = block.map((line) => line.text).join(' ');
    const task = taskAbovePairs(this.aside.at(-1), block);
    const list = task ? asPairs(block) : listBelow(block);
    const isBetween = mayBeTask && this.drafts.length > 0 && !this.isBelowAside;
    // What says how many points it is worth is a task wherever it stands.
    const isLone = !list.length && isTask(text) && (isBetween || POINTS.test(text));
    if (!list.length && !isLone && !isJudged(text)) {
      return false;
    }
    this.aside.splice(this.aside.length - Number(task !== undefined));
    this.openBlock(task ? [task, ...block] : block, list);
    this.current!.isLone = isLone;
    return true;
  }

  /** Opens a question with a paragraph that ends with a list. */
  private openBlock(block: readonly TypedLine[], list: readonly Listed[]): void {
    const [first, ...rest] = block.slice(0, block.length - list.length);
    this.open(whole(first!));
    this.current!.stem.push(...rest.map(whole));
    this.current!.isOtherwise = list.length > 0;
    list.forEach(({ line, label }) => this.addOption(line, label));
  }

  touch({ line }: TypedLine): void {
    if (this.current) {
      this.current.lastLine = line.line;
    }
  }

  /** Something that is said about the open question. */
  remark(piece: Piece, line: TypedLine): void {
    this.current?.fields.push({ role: 'explanation', piece });
    this.touch(line);
  }

  open(piece: Piece & { indent: number }, label?: Label): void {
    this.current = newDraft(piece, {
      ...(label ? defined({ isLabelled: true, word: label.word }) : {}),
      ...(label?.n === undefined ? {} : { number: label.n + 1 }),
      ...this.above.give(),
    });
    this.current.fields.push(...this.ahead.splice(0));
    this.drafts.push(this.current);
    this.isBelowAside = false;
  }

  /** A line that stands above the questions to come. */
  head(line: TypedLine): void {
    this.above.head(line.text);
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
    if (draft) {
      draft.options.push(newOption(whole(line), label, draft.options.length));
      draft.lastLine = line.line.line;
    } else {
      this.wait(line);
    }
  }

  /** The question that an option belongs to: the one that the lines before it make, or the one that is open. */
  private optionOwner(): Draft | undefined {
    return this.mayOpen ? this.openPending() : this.current;
  }

  /** The last block of what waits is a question; what stands above it belongs to none. */
  openPending(): Draft | undefined {
    const block = this.lastBlock();
    if (!block.length) {
      return undefined;
    }
    this.openBlock(block, listBelow(block));
    return this.current;
  }

  private lastBlock(): TypedLine[] {
    const waiting = this.pending;
    let from = Math.max(0, waiting.length - 1);
    while (from > 0 && waiting[from]!.line.line - waiting[from - 1]!.line.line === 1) {
      from--;
    }
    this.pending = waiting.splice(0, from);
    this.setAside('above');
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

  /** A field that stands above its question, and belongs to no other. */
  addAhead(line: TypedLine, { role, from }: Field & { role: Role }): void {
    this.ahead.push({ role, piece: restOf(line, from) });
  }

  addField(line: TypedLine, { role, from }: Field): void {
    if (this.mayOpen) {
      this.openPending();
    }
    const piece = restOf(line, from);
    if (!this.current) {
      if (role === 'category') {
        this.above.name(line.text.slice(from).trim());
      }
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
