// Marked plain text read home: signs in front, escapes behind.
import type { Item, Layout, Option } from '../model';
import { defined } from '../shared/defined';

type Marks = NonNullable<Layout['marks']>;
type Open = {
  stem: string;
  title?: string;
  category?: string;
  lines: string[];
  key?: string;
  explanation?: string;
};

class Text {
  readonly questions: Open[] = [];
  private now: Open | undefined;
  private inGroup = false;
  private category: string | undefined;
  constructor(private readonly marks: Marks) {}

  /** Where a sign stands that no escape takes away; -1 where it does not. */
  private find(text: string, sign: string): number {
    for (let at = text.indexOf(sign); at >= 0; at = text.indexOf(sign, at + 1)) {
      if (!this.marks.escape || !text.slice(0, at).endsWith(this.marks.escape)) {
        return at;
      }
    }
    return -1;
  }

  plain(text: string): string {
    const { escape } = this.marks;
    if (!escape) {
      return text;
    }
    let result = '';
    for (let i = 0; i < text.length; i++) {
      if (text.startsWith(escape, i) && i + escape.length < text.length) {
        i += escape.length;
        result += text[i];
      } else {
        result += text[i];
      }
    }
    return result;
  }

  private starts(line: string): boolean {
    const label = this.marks.stemLabel;
    return (
      label !== undefined &&
      label !== 'none' &&
      new RegExp(`^\\d+\\${label.slice(-1)}\\s`).test(line)
    );
  }

  /** A question's line without its number and without the sign that opens it. */
  private opened(line: string): string {
    const { open, openAt } = this.marks;
    const text = this.starts(line) ? line.replace(/^\d+[.)]\s+/, '') : line;
    return openAt === 'stem' && open && text.startsWith(open)
      ? text.slice(open.length).trimStart()
      : text;
  }

  /** The title in front of a text, and the text behind it. */
  private titled(text: string): { title?: string; text: string } {
    const { titleOpen, titleClose = '' } = this.marks;
    const from = titleOpen && text.startsWith(titleOpen) ? titleOpen.length : -1;
    const end = from < 0 ? -1 : this.find(text.slice(from), titleClose);
    return end < 0
      ? { text }
      : {
          title: this.plain(text.slice(from, from + end)),
          text: text.slice(from + end + titleClose.length).trimStart(),
        };
  }

  private openQuestion(line: string): void {
    const { open, openAt = 'options', categoryAt } = this.marks;
    const { title, text } = this.titled(this.opened(line));
    const at = open && openAt === 'options' ? this.find(text, open) : -1;
    this.inGroup = openAt === 'question' ? this.inGroup : at >= 0;
    const stem = this.plain((at >= 0 ? text.slice(0, at) : text).trim());
    const question: Open = defined({
      stem,
      title,
      lines: [],
      category: this.category || undefined,
    });
    this.category = categoryAt === 'question' ? undefined : this.category;
    this.now = question;
    this.questions.push(question);
  }

  /** Whether a line begins a question though another is open. */
  private begins(line: string): boolean {
    const { between, open, openAt } = this.marks;
    return openAt === 'stem' && open
      ? line.startsWith(open)
      : between === 'none' && !this.inGroup && this.starts(line);
  }

  line(line: string): void {
    if (this.isBetweenQuestions(line)) {
      return;
    }
    const { keyLine, feedback, feedbackAt } = this.marks;
    if (!this.now || this.begins(line)) {
      this.openQuestion(line);
    } else if (keyLine && line.startsWith(keyLine)) {
      this.now.key = line.slice(keyLine.length).trim();
    } else if (feedbackAt === 'question' && feedback && line.startsWith(feedback)) {
      this.now.explanation = this.plain(line.slice(feedback.length).trim());
    } else {
      this.now.lines.push(line);
    }
  }

  /** Whether a line is a category: between questions, or in a frame above its text. */
  private namesCategory(line: string): boolean {
    const { category, tight, openAt } = this.marks;
    const isOpen = openAt === 'question' ? this.now !== undefined : this.inGroup;
    return category !== undefined && !isOpen && line.startsWith(tight ? category : `${category} `);
  }

  /** Takes a line that belongs to no question: a comment, an empty line, a category, the end of a group. */
  private isBetweenQuestions(line: string): boolean {
    const { comment, category, close } = this.marks;
    const isAround = this.marks.openAt === 'question';
    if (comment && line.startsWith(comment)) {
      return true;
    }
    if (!line.trim()) {
      this.now = this.inGroup ? this.now : undefined;
      return true;
    }
    if (isAround && line.trim() === this.marks.open) {
      this.inGroup = true;
      this.now = undefined;
      return true;
    }
    if (this.namesCategory(line)) {
      this.category = this.plain(line.slice(category!.length).trim());
      this.now = undefined;
      return true;
    }
    if (this.inGroup && line.trim() === close) {
      this.inGroup = false;
      this.now = undefined;
      return true;
    }
    return false;
  }

  option(line: string): Option {
    const { right, wrong, feedback, optionLabel, keyLine } = this.marks;
    const isRight = !keyLine && line.startsWith(right);
    const sign = [keyLine ? '' : right, wrong ?? ''].find(
      (candidate) => candidate && line.startsWith(candidate),
    );
    let text = line.slice(sign?.length ?? 0);
    if (optionLabel && optionLabel !== 'none') {
      text = text.replace(/^\s*[A-Za-z\d]{1,2}[.)]\s/, '');
    }
    const isBehind = feedback && this.marks.feedbackAt !== 'question';
    const at = isBehind ? this.find(text, ` ${feedback} `) : -1;
    return defined({
      text: { plain: this.plain((at >= 0 ? text.slice(0, at) : text).trim()) },
      right: isRight,
      feedback:
        at >= 0 ? { plain: this.plain(text.slice(at + feedback!.length + 2).trim()) } : undefined,
    });
  }

  item({ stem, title, category, lines, key, explanation }: Open, n: number): Item {
    const base = defined({
      id: `text-${n}`,
      ref: '',
      stem: { plain: stem },
      title: title || undefined,
      category: category ? category.split(' > ') : undefined,
      explanation: explanation ? { plain: explanation } : undefined,
    });
    const sign = this.marks.pair && ` ${this.marks.pair} `;
    const halves = sign ? lines.map((line) => this.find(line, sign)) : [];
    if (sign && lines.length && halves.every((at) => at >= 0)) {
      return {
        ...base,
        kind: 'match',
        pairs: lines.map((line, index) => ({
          left: { plain: this.plain(line.slice(0, halves[index])) },
          right: { plain: this.plain(line.slice(halves[index]! + sign.length)) },
        })),
      };
    }
    if (!lines.length) {
      return { ...base, kind: 'open' };
    }
    const named = key?.split(', ').map((letter) => letter.charCodeAt(0) - 65);
    const options = lines
      .map((line) => this.option(line))
      .map((option, index) => (named ? { ...option, right: named.includes(index) } : option));
    return {
      ...base,
      kind: options.filter((option) => option.right).length > 1 ? 'choice-many' : 'choice-one',
      options,
    };
  }
}

/** Every question of a text. */
export function readMarkedText(source: string, layout: Layout): Item[] {
  const text = new Text(layout.marks ?? { right: '*' });
  for (const line of source.split(/\r\n?|\n/)) {
    text.line(line);
  }
  return text.questions.map((question, index) => text.item(question, index + 1));
}
