// Marked text line by line: where a question begins and ends, and which of its lines say what.
import type { LineField } from '../../model';
import { defined } from '../../shared/defined';
import { labelPattern } from '../../shared/labels';
import { literal } from '../../shared/literal';
import { behindSign, findSign, plainText, type Marks } from './signs';

/** A field on a line of its own. */
export type Said = { field: LineField; text: string };
/** A question as its lines say it; `lines` are those of its options or pairs, `key` is what names the right ones. */
export type Open = {
  stem: string;
  title?: string;
  category?: string;
  lines: string[];
  key?: string;
  explanation?: string;
  accepted: string[];
  said: Said[];
};

/** Reads one line after the other; what they made of questions stands in `questions`. */
export class Lines {
  readonly questions: Open[] = [];
  /** The set's name, where a line above the questions says it. */
  title: string | undefined;
  private now: Open | undefined;
  private inGroup = false;
  private category: string | undefined;
  /** Fields on lines above the question that they belong to. */
  private above: Said[] = [];
  private readonly number: RegExp | undefined;
  private readonly counting: RegExp | undefined;

  constructor(private readonly marks: Marks) {
    const [front, behind = ''] = marks.numberLine?.split('{n}').map(literal) ?? [];
    this.number = labelPattern(marks.stemLabel);
    this.counting = front === undefined ? undefined : new RegExp(`^${front}\\d+${behind}\\s*$`);
  }

  /** A question's line without its number and without the sign that opens it. */
  private opened(line: string): string {
    const { open, openAt, stem } = this.marks;
    const text = this.number ? line.replace(this.number, '') : line;
    const sign = (openAt === 'stem' ? open : stem) ?? '';
    const inside = text.startsWith(sign) ? text.slice(sign.length).trimStart() : text;
    const { stemClose = '' } = this.marks;
    return inside.endsWith(stemClose)
      ? inside.slice(0, inside.length - stemClose.length).trimEnd()
      : inside;
  }

  /** The title in front of a text, and the text behind it. */
  private titled(text: string): { title?: string; text: string } {
    const { titleOpen, titleClose = '' } = this.marks;
    const from = titleOpen && text.startsWith(titleOpen) ? titleOpen.length : -1;
    const end = from < 0 ? -1 : findSign(text.slice(from), titleClose, this.marks);
    return end < 0
      ? { text }
      : {
          title: plainText(text.slice(from, from + end), this.marks),
          text: text.slice(from + end + titleClose.length).trimStart(),
        };
  }

  private openQuestion(line: string): void {
    const { open, openAt = 'options', categoryAt } = this.marks;
    const { title, text } = this.titled(this.opened(line));
    const at = open && openAt === 'options' ? findSign(text, open, this.marks) : -1;
    this.inGroup = openAt === 'question' ? this.inGroup : at >= 0;
    const question: Open = defined({
      stem: plainText((at >= 0 ? text.slice(0, at) : text).trim(), this.marks),
      title,
      lines: [],
      accepted: [],
      said: this.above,
      category: this.category || undefined,
    });
    this.category = categoryAt === 'question' ? undefined : this.category;
    this.above = [];
    this.now = question;
    this.questions.push(question);
  }

  /** Whether a line begins a question though another is open. */
  private begins(line: string): boolean {
    const { between, open, openAt } = this.marks;
    if (openAt === 'stem' && open) {
      return line.startsWith(open);
    }
    return between === 'none' && !this.inGroup && (this.number?.test(line) ?? false);
  }

  line(whole: string): void {
    const { indent } = this.marks;
    const line = indent && whole.startsWith(indent) ? whole.slice(indent.length) : whole;
    if (this.isBetweenQuestions(line) || this.takeField(line)) {
      return;
    }
    if (!this.now || this.begins(line)) {
      this.openQuestion(line);
    } else {
      this.takeLine(line, this.now);
    }
  }

  /** A line below the question's text: an answer, the key, feedback, or one of its options. */
  private takeLine(line: string, now: Open): void {
    const { keyLine, feedback, feedbackAt, accepted } = this.marks;
    const begins = (sign: string | undefined): sign is string =>
      Boolean(sign && line.startsWith(sign));
    if (begins(accepted) && !now.lines.length) {
      now.accepted.push(behindSign(line, accepted, this.marks));
    } else if (begins(keyLine)) {
      now.key = line.slice(keyLine.length).trim();
    } else if (feedbackAt === 'question' && begins(feedback)) {
      now.explanation = behindSign(line, feedback, this.marks);
    } else {
      now.lines.push(line);
    }
  }

  /** Takes a line with a field of its own, above its question or below. */
  private takeField(line: string): boolean {
    const { fields = [] } = this.marks;
    const field = fields.find(
      ({ sign, at }) => line.startsWith(sign) && (at === 'above' || this.now !== undefined),
    );
    if (!field) {
      return false;
    }
    const said = { field: field.field, text: behindSign(line, field.sign, this.marks) };
    (field.at === 'above' ? this.above : this.now!.said).push(said);
    return true;
  }

  /** Whether a line is a category: between questions, or in a frame above its text. */
  private namesCategory(line: string): boolean {
    const { category, tight, openAt } = this.marks;
    const isOpen = openAt === 'question' ? this.now !== undefined : this.inGroup;
    return category !== undefined && !isOpen && line.startsWith(tight ? category : `${category} `);
  }

  private takeCategory(line: string): void {
    const { category = '', categoryClose = '' } = this.marks;
    const named = line.slice(category.length).trim();
    const end = named.endsWith(categoryClose) ? categoryClose.length : 0;
    this.category = plainText(named.slice(0, named.length - end).trim(), this.marks);
  }

  /** Takes a line of the set itself: a comment, or its name above all questions. */
  private isOfTheSet(line: string): boolean {
    const { comment, setTitle } = this.marks;
    if (comment && line.startsWith(comment)) {
      return true;
    }
    const isAbove = !this.questions.length && !this.now;
    if (setTitle && isAbove && line.startsWith(setTitle)) {
      this.title = behindSign(line, setTitle, this.marks);
      return true;
    }
    return false;
  }

  /** Takes a line that opens or closes the frame of a question or of its options. */
  private isFrame(line: string): boolean {
    const { open, close, openAt } = this.marks;
    const opens = openAt === 'question' && line.trim() === open;
    if (!opens && !(this.inGroup && line.trim() === close)) {
      return false;
    }
    this.inGroup = opens;
    this.now = undefined;
    return true;
  }

  /** Takes a line that belongs to no question: a comment, an empty line, a number, a category, a frame. */
  private isBetweenQuestions(line: string): boolean {
    if (this.isOfTheSet(line) || this.isFrame(line)) {
      return true;
    }
    if (!line.trim()) {
      this.now = this.inGroup ? this.now : undefined;
      return true;
    }
    const isCategory = !this.counting?.test(line) && this.namesCategory(line);
    if (isCategory) {
      this.takeCategory(line);
    } else if (!this.counting?.test(line)) {
      return false;
    }
    this.now = undefined;
    return true;
  }
}
