// Lines that name a field: 'Topic: Locks', 'Points: 2'. They belong to the question above, or to the one to come.
import { bareWords } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { filledBelow, nextFilled } from './ahead';
import type { Collected } from './collected';
import { plainOfPieces } from './draft';
import type { Field, Names } from './names';
import { POINTS_ALONE } from './points';
import type { Starts } from './starts';
import { asksOutright, countsParts, endsAsked, type TypedLine } from './typed-line';

type Known = { found: Collected; starts: Starts; names: Names };

/** The name in front of a line, whatever stands behind it. */
const nameOf = ({ text }: TypedLine): string => bareWords(text.split(/[:=–-]/u, 1)[0]!);

/** Takes the lines of a text that name a field, to the question that each belongs to. */
export class FieldLines {
  /** Whether what is said of a question stands above it. */
  private areAhead = false;
  /** The name that is the first of what is said of each question, where that stands above. */
  private opener: string | undefined;

  constructor(
    private readonly lines: readonly TypedLine[],
    private readonly known: Known,
  ) {}

  /** Takes a line that names a field, `gap` where it stands behind an empty one; whether it did. */
  takes(line: TypedLine, index: number, gap: boolean): boolean {
    const { found } = this.known;
    const field = this.fieldOf(line);
    if (!field || this.asksItself(line, field)) {
      return false;
    }
    if (field.role === 'category' && countsParts(line)) {
      // 'Chapter 2: …' names the part to come, not the question above.
      found.openPart(line);
      return true;
    }
    if (field.role === 'category' && gap && this.standsAbove(line, index)) {
      // 'Topic: …' right above a question, apart from the one before, is that question's.
      found.close();
    }
    return this.takesAhead(line, field, { index, gap }) || this.takesBelow(line, field);
  }

  /** Whether a line asks by its own sign below a label that has no text yet: then its name says what it checks, and it is the question. */
  private asksItself({ text }: TypedLine, { role }: Field): boolean {
    const { current } = this.known.found;
    const isEmpty = current !== undefined && !plainOfPieces(current.stem).trim();
    return isEmpty && role !== 'question' && role !== 'answer' && asksOutright(text);
  }

  /** The field that a line names; points in brackets below a question need no name. */
  private fieldOf({ text }: TypedLine): Field | undefined {
    if (this.opensRemark(text)) {
      return { role: 'explanation', from: text.length };
    }
    const arePoints = this.known.found.current !== undefined && POINTS_ALONE.test(text);
    return arePoints ? { role: 'points', from: 0 } : this.known.names.fieldIn(text);
  }

  /** Whether a line is the name of an explanation and nothing else, below a question that has its options: what it says stands below. */
  private opensRemark(text: string): boolean {
    const { current } = this.known.found;
    return (
      current !== undefined &&
      current.options.length > 0 &&
      /^\s*\p{L}{4,14}\s*$/u.test(text) &&
      fieldOfLine(`${text.trim()}: x`)?.role === 'explanation'
    );
  }

  private takesBelow(line: TypedLine, field: Field): boolean {
    const { found } = this.known;
    const isOwned = found.current !== undefined || found.mayOpen || field.role !== 'answer';
    const isField = field.role !== 'question' && isOwned;
    if (isField) {
      found.addField(line, field);
    }
    return isField;
  }

  /** Takes a field that stands above its question, as the first of the text does whose name comes again. */
  private takesAhead(
    line: TypedLine,
    field: Field,
    { index, gap }: { index: number; gap: boolean },
  ): boolean {
    const { found } = this.known;
    const { role, from } = field;
    if (role === 'answer' || role === 'question') {
      return false;
    }
    if (this.opensAhead(line, index, gap)) {
      this.areAhead = true;
      this.opener ??= nameOf(line);
      found.setAside();
      found.close();
    }
    if (!this.areAhead || found.current || found.waits) {
      return false;
    }
    if (role === 'category' && gap && this.lines[index + 1]?.isBlank) {
      // In a paragraph of its own it stands above all questions up to the next such line.
      found.addField(line, field);
    } else {
      found.addAhead(line, { role, from });
    }
    return true;
  }

  /**
   * Whether a field stands above its question, below an empty line or a whole question: its name comes again, and the first of all
   * did so.
   */
  private opensAhead(line: TypedLine, index: number, gap: boolean): boolean {
    const { found, names } = this.known;
    const isFirst = !found.drafts.length;
    const isAtTop = isFirst && !found.waits;
    const isNext = gap || isAtTop || (found.isComplete && nameOf(line) === this.opener);
    return (
      isNext && names.comesAgain(line.text) && (this.areAhead || (isFirst && this.asksNext(index)))
    );
  }

  private isNamedQuestion({ text }: TypedLine): boolean {
    return this.known.names.fieldIn(text)?.role === 'question';
  }

  /** Whether a line names nothing, or a question. */
  private mayAsk(text: string): boolean {
    return (this.known.names.fieldIn(text)?.role ?? 'question') === 'question';
  }

  /** Whether the first line below that names nothing asks, or begins as questions do. */
  private asksNext(index: number): boolean {
    const next = filledBelow(this.lines, index).find(({ text }) => this.mayAsk(text));
    const { starts } = this.known;
    return (
      next !== undefined &&
      (this.isNamedQuestion(next) || endsAsked(next.text) || starts.sign(next) !== undefined)
    );
  }

  /** Whether a line begins a paragraph that goes on with a text of no name. */
  private standsAbove(line: TypedLine, index: number): boolean {
    const next = nextFilled(this.lines, index);
    return (
      next?.line.line === line.line.line + 1 &&
      this.mayAsk(next.text) &&
      this.known.starts.option(next) === undefined
    );
  }
}
