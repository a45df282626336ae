// A text put together to questions under one manner; what belongs to no question is set aside.
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { Collected } from './collected';
import type { Draft } from './draft';
import { splitOptions } from './inline';
import type { TextManner } from './manner';
import type { Names } from './names';
import { Starts } from './starts';
import {
  bracketed,
  countsParts,
  endsAsked,
  isRule,
  lastLineOf,
  listsAnswers,
  marksOf,
  remarkOf,
  whole,
  type TypedLine,
} from './typed-line';

export type Segmented = Pick<Collected, 'drafts' | 'keyLines' | 'aside'>;

/** So many lines ahead the next filled one is looked for. */
const AHEAD = 6;

class Segmenter {
  private readonly found: Collected;
  private readonly starts: Starts;
  private gap = true;
  private inKey = false;

  constructor(
    private readonly lines: readonly TypedLine[],
    private readonly manner: TextManner,
    private readonly names: Names,
  ) {
    this.found = new Collected(manner.stem.is === 'gap');
    this.starts = new Starts(manner, names);
  }

  run(): Segmented {
    this.lines.forEach((line, index) => this.step(line, index));
    this.found.setAside();
    return this.found;
  }

  private next(index: number): TypedLine | undefined {
    return this.lines.slice(index + 1, index + AHEAD).find(({ isBlank }) => !isBlank);
  }

  private step(line: TypedLine, index: number): void {
    if (line.isBlank) {
      this.gap = true;
    } else if (this.inKey) {
      this.found.keyLines.push(line);
    } else if (isRule(line)) {
      // A line to write on belongs to its question, and one that parts questions to none.
      this.found.touch(line);
    } else if (!this.headsKey(line, index)) {
      this.place(line, index);
      this.gap = false;
    }
  }

  /** "Answers" above a list of numbers and letters, or with the list behind it. */
  private headsKey(line: TypedLine, index: number): boolean {
    const [, name = '', list = ''] =
      /^\W*(\p{L}[\p{L} ]{1,30}?)\s*[:–-]?\s*(\(?\d.*)?$/su.exec(line.text) ?? [];
    const below = list || (this.next(index)?.text ?? '');
    if (!this.found.drafts.length || !headsAnswers(name) || !listsAnswers(below)) {
      return false;
    }
    this.inKey = true;
    this.found.current = undefined;
    if (list) {
      const text = line.text.slice(line.text.length - list.length);
      this.found.keyLines.push({ ...line, text: list, line: { ...line.line, text } });
    }
    return true;
  }

  /** Whether a line may begin to count anew: below a whole question, or behind a gap. */
  private get isWhole(): boolean {
    const { current } = this.found;
    return (
      this.gap || (current !== undefined && current.options.length + current.answers.length > 0)
    );
  }

  private place(line: TypedLine, index: number): void {
    const { found, starts } = this;
    const stem = starts.stem(line, found.current, this.isWhole);
    if (stem) {
      found.setAside();
      found.open({ ...whole(line), from: stem.from, to: stem.to }, stem);
      return;
    }
    const inline = splitOptions(line, this.manner.option);
    if (inline) {
      found.addInline(line, inline);
      return;
    }
    const option = starts.option(line) ?? starts.other(line, this.lines[index + 1], found.current);
    if (option) {
      found.addOption(line, option);
    } else if (!this.takesBeside(line)) {
      this.onText(line, index);
    }
  }

  /** Answers in brackets, fields with their names in front, headings of documents. */
  private takesBeside(line: TypedLine): boolean {
    const { found } = this;
    const answer = found.current?.options.length ? bracketed(line) : undefined;
    if (answer) {
      found.addAnswer(line, answer);
      return true;
    }
    const isHeading = line.line.heading !== undefined;
    const field = isHeading ? undefined : this.names.fieldIn(line.text);
    if (field && field.role !== 'question' && (found.current || field.role !== 'answer')) {
      found.addField(line, field);
      return true;
    }
    if (isHeading && !endsAsked(line.text)) {
      found.setAside();
      found.head(line);
      found.aside.push(line);
      return true;
    }
    return false;
  }

  private onText(line: TypedLine, index: number): void {
    const { found, manner } = this;
    const { current, isComplete } = found;
    if (manner.stem.is === 'gap') {
      this.onFreeText(line);
    } else if (!current) {
      found.wait(line);
    } else if (isComplete && countsParts(line) && this.opensNext(index)) {
      this.between(line, index);
    } else if (manner.option.is === 'plain' && this.takesPlainOption(current, line)) {
      found.addOption(line, { family: 'plain', counts: 'bullet', ...marksOf(line) });
    } else if (isComplete && this.gap) {
      this.between(line, index);
    } else {
      this.onMore(current, line);
    }
  }

  /** Behind options that have labels, a word with a colon says something about the question; all else goes on. */
  private onMore(draft: Draft, line: TypedLine): void {
    const isLabelled = draft.options.length > 0 && this.manner.option.is === 'label';
    const remark = isLabelled ? remarkOf(line) : undefined;
    if (remark) {
      draft.fields.push({ role: 'explanation', piece: remark });
      this.found.touch(line);
    } else {
      this.found.goOn(draft, line);
    }
  }

  /** Whether the next filled line begins a question, wherever its number goes on or begins again. */
  private opensNext(index: number): boolean {
    const next = this.next(index);
    return next !== undefined && this.starts.stem(next, this.found.current, true) !== undefined;
  }

  /** A lone text between two questions heads those below it. */
  private between(line: TypedLine, index: number): void {
    if (this.opensNext(index)) {
      this.found.head(line);
    }
    this.found.aside.push(line);
  }

  /** Plain lines below a stem that is whole are its options. */
  private takesPlainOption(draft: Draft, { text }: TypedLine): boolean {
    if (draft.answers.length || draft.fields.length || (this.gap && draft.options.length > 0)) {
      return false;
    }
    const stem = lastLineOf(draft);
    const isWhole = endsAsked(stem) || /[.!]\s*$/.test(stem);
    return draft.options.length > 0 || (isWhole && !endsAsked(text));
  }

  /** Where nothing marks the beginning of a question, a text behind a whole one begins the next. */
  private onFreeText(line: TypedLine): void {
    const { found, gap } = this;
    const { current } = found;
    if (this.manner.option.is === 'plain') {
      this.onPlainText(line);
    } else if (current && !gap && !found.waits && this.goesOnWith(current, line)) {
      found.goOn(current, line);
    } else {
      found.wait(line);
    }
  }

  /** A line right below an answer or a remark goes on with it, unless it asks. */
  private goesOnWith({ fields, answers }: Draft, { text }: TypedLine): boolean {
    return fields.length + answers.length > 0 && !endsAsked(text);
  }

  /** Neither questions nor options have labels: blank lines part questions, and what follows a whole stem is an option. */
  private onPlainText(line: TypedLine): void {
    const { found, gap } = this;
    const { current, isComplete } = found;
    if (!current || gap) {
      found.setAside();
      found.open(whole(line));
    } else if (this.takesPlainOption(current, line)) {
      found.addOption(line, { family: 'plain', counts: 'bullet', ...marksOf(line) });
    } else if (isComplete && !this.goesOnWith(current, line)) {
      found.wait(line);
    } else if (isComplete) {
      found.goOn(current, line);
    } else if (endsAsked(lastLineOf(current)) && endsAsked(line.text)) {
      found.open(whole(line));
    } else {
      found.goOn(current, line);
    }
  }
}

/** The questions of a text in a manner. */
export const segment = (lines: readonly TypedLine[], manner: TextManner, names: Names): Segmented =>
  new Segmenter(lines, manner, names).run();
