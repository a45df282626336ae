// A text put together to questions under one manner; what belongs to no question is set aside.
import type { LineRole } from '../../model';
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { filledBelow, nextFilled } from './ahead';
import { Collected } from './collected';
import { FieldLines } from './field-lines';
import { splitOptions } from './inline';
import type { TextManner } from './signs';
import type { Names } from './names';
import { finish } from './finish';
import { listHeadedBy, listsAnswers, namesPart, withoutPartName } from './key-heading';
import { takesNamed } from './named-option';
import {
  endsWith,
  hasAnswers,
  plainOption,
  takeFreeText,
  takeMore,
  takePlainText,
  takesPlainOption,
} from './plain-lines';
import type { SaidLines } from './said-lines';
import { Starts } from './starts';
import { openStem } from './stem-line';
import { TAKE } from './take-said';
import type { Piece } from './tokens';
import { takeSideLine } from './side-lists';
import { headFirst, headsPart } from './part';
import { quotesParts, takesQuoted } from './quoted';
import { countDrawn } from './drawn-lines';
import { bracketed, countsParts, endsAsked, isRule, type TypedLine } from './typed-line';

export type Segmented = Pick<Collected, 'drafts' | 'keyLines' | 'aside'>;

/** A question may begin there, wherever its number goes on or begins again. */
const WHOLE = { isWhole: true, isApart: true };

class Segmenter {
  private readonly found: Collected;
  private readonly starts: Starts;
  private readonly fields: FieldLines;
  private readonly quotes: boolean;
  private gap = true;
  private inKey = false;
  /** The number of the last line between two questions, with which the next one goes on. */
  private lastBeside = 0;
  /** The last line that heads a list of answers. */
  private lastKey: number | undefined;

  constructor(
    private readonly lines: readonly TypedLine[],
    private readonly manner: TextManner,
    private readonly names: Names,
    private readonly said: SaidLines,
  ) {
    this.found = new Collected(manner.stem.is === 'gap');
    this.starts = new Starts(manner, names);
    this.fields = new FieldLines(lines, { found: this.found, starts: this.starts, names });
    this.quotes = quotesParts(lines);
  }

  run(): Segmented {
    this.lines.forEach((line, index) => this.step(line, index));
    this.found.setAside('last');
    headFirst(this.found);
    finish(this.found.drafts);
    return this.found;
  }

  private step(line: TypedLine, index: number): void {
    const said = this.said.get(line.line.line);
    if (line.isBlank) {
      this.gap = true;
    } else if (said) {
      this.takeSaid(line, said);
      this.gap = false;
    } else if (this.inKey) {
      this.takeKeyLine(line, index);
    } else if (isRule(line)) {
      this.takeRule(line);
    } else if (!this.headsKey(line, index)) {
      this.place(line, index);
      this.gap = false;
    }
  }

  /** A line to write on belongs to its question, which may wait right above; one that parts questions belongs to none. */
  private takeRule(line: TypedLine): void {
    if (this.found.mayOpen && !this.gap && /[_.…]/u.test(line.text)) {
      this.found.openPending()!.isLabelled = true;
    }
    countDrawn(this.found, line);
    this.found.touch(line);
  }

  /** A line of which a person said what it is. */
  private takeSaid(line: TypedLine, said: LineRole): void {
    const { found, starts, names } = this;
    this.inKey = said === 'answers';
    if (said === 'answers') {
      this.beginKey(listsAnswers(line.text) ? line : undefined);
    } else {
      TAKE[said](line, { found, starts, names });
    }
  }

  /** A line of the list of answers, or the title of the next part, which has such a list of its own below. */
  private takeKeyLine(line: TypedLine, index: number): void {
    this.lastKey ??= this.lines.findLastIndex(({ text }) => headsAnswers(text));
    this.inKey =
      index > this.lastKey || !this.headsNext(line, index) || namesPart(line, this.found);
    if (this.inKey) {
      this.found.keyLines.push(withoutPartName(line, this.found.drafts));
    } else {
      this.found.openPart(line);
    }
  }

  /** What follows is the list of all answers. */
  private beginKey(first: TypedLine | undefined): void {
    this.inKey = true;
    this.found.current = undefined;
    if (first) {
      this.found.keyLines.push(first);
    }
  }

  /** "Answers" above a list of numbers and letters, or with the list behind it. */
  private headsKey(line: TypedLine, index: number): boolean {
    const below = (): TypedLine[] => filledBelow(this.lines, index);
    const list = listHeadedBy(line, { next: nextFilled(this.lines, index), below }, this.found);
    if (!list) {
      return false;
    }
    this.beginKey(list.first);
    return true;
  }

  /** Whether a line may begin to count anew: below a whole question, or behind a gap. */
  private get isWhole(): boolean {
    return this.gap || hasAnswers(this.found.current);
  }

  private place(line: TypedLine, index: number): void {
    const { found, starts } = this;
    if (line.side) {
      takeSideLine(found, line, line.side);
      return;
    }
    const { isWhole, gap: isApart } = this;
    const stem = starts.stem(line, found.current, { isWhole, isApart });
    if (stem) {
      openStem(found, line, { label: stem, option: this.manner.option });
      return;
    }
    const answer = this.answerInBrackets(line);
    const inline = answer ? undefined : splitOptions(line, this.manner.option);
    if (answer) {
      found.addAnswer(line, answer);
      return;
    }
    if (inline) {
      found.addInline(line, inline);
      return;
    }
    const option = starts.option(line) ?? starts.other(line, this.lines[index + 1], found.current);
    if (option) {
      found.addOption(line, option);
    } else if (!this.takesBeside(line, index)) {
      this.onText(line, index);
    }
  }

  /** Letters alone in brackets below options are the answer, unless they count the next option. */
  private answerInBrackets(line: TypedLine): Piece | undefined {
    const count = this.found.current?.options.length ?? 0;
    const answer = count ? bracketed(line) : undefined;
    return answer && this.starts.option(line)?.n !== count ? answer : undefined;
  }

  /** Options and fields with their names in front, headings of documents. */
  private takesBeside(line: TypedLine, index: number): boolean {
    if (line.line.heading === undefined) {
      const { found, names } = this;
      const isMore = this.quotes && this.isWhole && takesQuoted(line, found, names);
      return isMore || takesNamed(line, found, names) || this.fields.takes(line, index, this.gap);
    }
    if (endsAsked(line.text)) {
      return false;
    }
    this.found.openPart(line);
    return true;
  }

  private onText(line: TypedLine, index: number): void {
    const { found, manner } = this;
    const { current } = found;
    if (manner.stem.is === 'gap') {
      const take = manner.option.is === 'plain' ? takePlainText : takeFreeText;
      take(line, found, this.gap);
    } else if (!current) {
      found.wait(line);
    } else if (this.headsNext(line, index) && (this.gap || endsWith(line, current, found))) {
      this.between(line, index);
    } else if (manner.option.is === 'plain' && takesPlainOption(current, line, this.gap)) {
      found.addOption(line, plainOption(line));
    } else if (this.isBetween || this.lastBeside === line.line.line - 1) {
      this.between(line, index);
    } else {
      takeMore(found, current, line, manner.option.is === 'label');
    }
  }

  /** Whether a line behind a gap stands between two questions. */
  private get isBetween(): boolean {
    return this.gap && (this.found.isComplete || this.manner.stem.is === 'line');
  }

  /** Whether a line heads the part that begins with the next one; the question before it may have no answer. */
  private headsNext(line: TypedLine, index: number): boolean {
    return headsPart(line) && this.opensNext(index);
  }

  /** Whether the next filled line begins a question, wherever its number goes on or begins again. */
  private opensNext(index: number): boolean {
    const next = nextFilled(this.lines, index);
    return next !== undefined && this.starts.stem(next, this.found.current, WHOLE) !== undefined;
  }

  /** A lone text between two questions heads those below it. */
  private between(line: TypedLine, index: number): void {
    if (this.opensNext(index) || countsParts(line)) {
      this.found.head(line);
    } else {
      this.lastBeside = line.line.line;
    }
    this.found.aside.push(line);
  }
}

/** The questions of a text in a manner; lines of which a person said what they are, are that. */
export const segment = (
  lines: readonly TypedLine[],
  manner: TextManner,
  names: Names,
  said: SaidLines = new Map(),
): Segmented => new Segmenter(lines, manner, names, said).run();
