// Puts the lines of a running text together to questions. Each line is judged by its signs, by what stands before it
// and, where that leaves two readings, by what comes next.
import type { Document } from '../../model';
import { headsAnswers } from '../../shared/vocabulary/answer-lines';
import { newDraft, pieceText, type Draft, type DraftOption, type LabelStyle } from './draft';
import { PartAbove } from './part-above';
import { PART } from './typed-line';
import {
  countsInRoman,
  splitInline,
  tokenOf,
  type Piece,
  type TextToken,
  type Token,
} from './tokens';

export type Assembled = {
  drafts: Draft[];
  /** Lines below a heading such as "Answer key", to be joined with the questions afterwards. */
  keyLines: Token[];
};

type OptionToken = Extract<Token, { is: 'numbered' | 'lettered' | 'bullet' }>;
const endsAsked = (text: string): boolean =>
  /[?？؟:…]["'”’)\]]*\s*$|_{2,}\W*$|\.\.\.\s*$/u.test(text);

/** So many lines without a gap tell what they are. */
const LONGEST_BLOCK = 60;

class Machine {
  readonly drafts: Draft[] = [];
  readonly keyLines: Token[] = [];
  private current: Draft | undefined;
  private gap = true;
  private readonly above = new PartAbove();
  private inKey = false;

  constructor(private readonly tokens: readonly Token[]) {}

  run(): Assembled {
    this.tokens.forEach((token, index) => this.step(token, index));
    return { drafts: this.drafts, keyLines: this.keyLines };
  }

  private next(index: number): Token | undefined {
    for (let i = index + 1; i < this.tokens.length; i++) {
      if (this.tokens[i]!.is !== 'blank') {
        return this.tokens[i];
      }
    }
    return undefined;
  }

  private step(token: Token, index: number): void {
    if (this.inKey && this.takesKeyLine(token)) {
      return;
    }
    switch (token.is) {
      case 'blank':
        this.gap = true;
        return;
      case 'rule':
        this.current = undefined;
        this.gap = true;
        return;
      case 'heading':
        this.onHeading(token, index);
        break;
      case 'answers-heading':
        this.onAnswersHeading(token, index);
        break;
      case 'numbered':
        if (this.isStem(token, this.next(index))) {
          this.open(
            { ...token, to: token.end },
            {
              number: token.n,
              sign: token.sign,
              ...(token.level !== undefined ? { level: token.level } : {}),
            },
          );
        } else {
          this.addOption(token, 'number', token.n - 1);
        }
        break;
      case 'lettered':
        this.onLettered(token, index);
        break;
      case 'bullet':
        this.onBullet(token, index);
        break;
      case 'field':
        this.onField(token, index);
        break;
      case 'text':
        this.onText(token, index);
        break;
    }
    if (this.current) {
      this.current.lastLine = token.line.line;
    }
    this.gap = false;
  }

  private open(piece: Piece & { indent: number }, about: Partial<Draft> = {}): void {
    this.current = newDraft(piece, {
      ...about,
      ...this.above.give(),
    });
    this.drafts.push(this.current);
  }

  private addOption(token: OptionToken | TextToken, style: LabelStyle, n: number): void {
    if (!this.current) {
      return this.open(token);
    }
    const { line, from, to, indent } = token;
    const about = !('sign' in token)
      ? {}
      : {
          ...(token.right !== undefined ? { right: token.right } : {}),
          ...(token.mark ? { mark: token.mark } : {}),
        };
    const option: DraftOption = {
      pieces: [{ line, from, to }],
      style,
      n,
      indent,
      sign: 'sign' in token ? token.sign : '',
      ...about,
    };
    this.current.options.push(option);
  }

  /** A number starts a question or labels an option; sequence, sign, indent and list level decide. */
  private isStem(token: Extract<Token, { is: 'numbered' }>, next: Token | undefined): boolean {
    const draft = this.current;
    if (!draft || token.asked) {
      return true;
    }
    if (token.right !== undefined && draft.number !== undefined && token.n !== draft.number + 1) {
      return false;
    }
    if (token.level !== undefined && draft.level !== undefined && token.level !== draft.level) {
      return token.level < draft.level;
    }
    const last = draft.options.at(-1);
    const continuesStems = draft.number !== undefined && token.n === draft.number + 1;
    if (next?.is === 'lettered' && next.n === 0) {
      return true;
    }
    if (!last) {
      if (token.n !== 1) {
        return true;
      }
      // A 1 below a question that has no options yet: its first option, unless the count starts anew after a gap.
      return draft.number === undefined
        ? this.gap
        : this.gap &&
            token.sign === draft.sign &&
            token.indent <= draft.indent &&
            draft.answers.length > 0;
    }
    if (last.style !== 'number' || token.n !== last.n + 2) {
      return true;
    }
    if (!continuesStems) {
      return false;
    }
    if (token.sign !== draft.sign && token.sign === last.sign) {
      return false;
    }
    if (token.indent !== draft.indent && token.indent === last.indent) {
      return false;
    }
    return token.sign === draft.sign && token.sign !== last.sign ? true : this.gap;
  }

  private onLettered(token: Extract<Token, { is: 'lettered' }>, index: number): void {
    const draft = this.current;
    const next = this.next(index);
    if (token.n === 0 && token.sign === ':' && !(next?.is === 'lettered' && next.n === 1)) {
      if (draft) {
        draft.answers.push(token);
      }
      return;
    }
    if (!draft) {
      return this.open(token);
    }
    const expected = draft.options.filter((option) => option.style === 'letter').at(-1)?.n ?? -1;
    if (token.n > expected || draft.options.length === 0) {
      this.addOption(token, 'letter', token.n);
    } else {
      this.open(token);
    }
  }

  private onBullet(token: Extract<Token, { is: 'bullet' }>, index: number): void {
    const draft = this.current;
    const isQuestion =
      endsAsked(pieceText(token)) &&
      (!draft || draft.options.length > 0 || (draft.number === undefined && this.gap));
    const next = this.next(index);
    // A bulleted question: options of another label follow it.
    if (
      isQuestion ||
      (draft?.options.length &&
        next?.is === 'lettered' &&
        next.n === 0 &&
        draft.options.at(-1)!.style === 'letter')
    ) {
      return this.open(token);
    }
    if (!draft) {
      return this.open(token);
    }
    if (token.sign === '' && draft.options.at(-1)?.style !== 'letter') {
      return this.addOption(token, 'none', draft.options.length);
    }
    this.addOption(token, 'bullet', draft.options.length);
  }

  private onField(token: Extract<Token, { is: 'field' }>, index: number): void {
    if (this.opensPart(token)) {
      return;
    }
    this.closeAt(token, index);
    const draft = this.current;
    if (token.role === 'question') {
      return this.open(token);
    }
    if (
      !draft ||
      (this.gap && !draft.options.length && draft.number === undefined && token.role !== 'answer')
    ) {
      if (token.role === 'category') {
        this.above.name(pieceText(token).trim());
      } else if (token.role === 'title' || !draft) {
        this.open({ ...token, from: 0 });
      } else {
        draft.fields.push({ role: token.role as Draft['fields'][number]['role'], piece: token });
      }
      return;
    }
    if (token.role === 'answer') {
      draft.answers.push(token);
    } else {
      draft.fields.push({ role: token.role, piece: token });
    }
  }

  /** 'Chapter 2: …' names the part to come, not the question above. */
  private opensPart({ role, line }: Extract<Token, { is: 'field' }>): boolean {
    const isPart = role === 'category' && PART.test(line.text);
    if (isPart) {
      this.current = undefined;
      this.above.head(line.text);
    }
    return isPart;
  }

  /** 'Topic: …' right above a question, apart from the one before, is that question's. */
  private closeAt({ role }: Extract<Token, { is: 'field' }>, index: number): void {
    const below = this.tokens[index + 1]?.is;
    if (role === 'category' && this.gap && (below === 'text' || below === 'numbered')) {
      this.current = undefined;
    }
  }

  private onHeading(token: TextToken, index: number): void {
    const next = this.next(index);
    const text = pieceText(token).trim();
    if (
      endsAsked(text) &&
      next &&
      (next.is === 'lettered' || next.is === 'bullet' || next.is === 'text')
    ) {
      return this.open(token);
    }
    this.current = undefined;
    this.above.head(text);
  }

  /** "Answers" alone heads the key of all questions where lines of numbers follow; else it waits for its own line. */
  private onAnswersHeading(token: TextToken, index: number): void {
    const next = this.next(index);
    if (!this.drafts.length) {
      return;
    }
    if (!headsAnswers(token.line.text)) {
      this.inKey = true;
      this.current = undefined;
      this.keyLines.push({
        ...token,
        is: 'text',
        line: { ...token.line, text: token.line.text.slice(token.from) },
        from: 0,
        to: token.to - token.from,
      });
      return;
    }
    if (!next) {
      return;
    }
    const text = next.is === 'blank' || next.is === 'rule' ? '' : next.line.text;
    const lists = next.is === 'numbered' || /^\W*\d+\s*[.):–-]?\s*\(?[A-Ja-j]\b/u.test(text);
    if (lists) {
      this.inKey = true;
      this.current = undefined;
      return;
    }
    if (this.current && next.is !== 'rule' && next.is !== 'blank') {
      this.current.answers.push({
        line: token.line,
        from: token.line.text.length,
        to: token.line.text.length,
      });
    }
  }

  private takesKeyLine(token: Token): boolean {
    if (token.is === 'heading') {
      this.inKey = false;
      return false;
    }
    if (token.is !== 'blank' && token.is !== 'rule') {
      this.keyLines.push(token);
    }
    return true;
  }

  private onText(token: TextToken, index: number): void {
    const draft = this.current;
    const next = this.next(index);
    const text = pieceText(token);
    if (!draft) {
      return this.open(token);
    }
    if (/^[[\](){}<>|]+$/.test(text.trim())) {
      return;
    }
    // "Answer:" with its words on the line below.
    const waiting = draft.answers.at(-1);
    if (waiting && !pieceText(waiting).trim() && !this.gap) {
      draft.answers[draft.answers.length - 1] = token;
      return;
    }
    if (!draft.options.length && !draft.answers.length) {
      return this.textAfterStem(draft, token, index);
    }
    const firstOption =
      next &&
      ((next.is === 'lettered' && next.n === 0) ||
        (next.is === 'numbered' && next.n === 1 && draft.options.at(-1)?.style === 'number'));
    if (this.gap || firstOption) {
      return this.open(token);
    }
    if (draft.answers.length || draft.fields.length) {
      return this.continueField(draft, token);
    }
    const last = draft.options.at(-1)!;
    if (last.style === 'none') {
      return this.addOption(token, 'none', draft.options.length);
    }
    if (endsAsked(text) && /^\p{Lu}/u.test(text)) {
      return this.open(token);
    }
    last.pieces.push(token);
  }

  /** A line behind an answer or explanation goes on with it, unless it asks something new. */
  private continueField(draft: Draft, token: TextToken): void {
    const field = draft.fields.at(-1);
    if (endsAsked(pieceText(token)) || !field) {
      this.open(token);
    } else {
      draft.fields.push({ role: field.role, piece: token });
    }
  }

  private textAfterStem(draft: Draft, token: TextToken, index: number): void {
    const asked = endsAsked(pieceText(draft.stem.at(-1)!));
    const block = this.block(index);
    const starred = block.some((one) => one.is === 'bullet' && one.sign === '' && one.right);
    if (this.gap) {
      const labelled = block.length < 4 && block.every((one) => one.is === 'text');
      // A numbered question in several paragraphs goes on until its options come.
      const after = this.tokens.slice(index + block.length).find((one) => one.is !== 'blank');
      const joins =
        draft.number !== undefined && labelled && after?.is === 'lettered' && after.n === 0;
      if (joins) {
        draft.stem.push(token);
        return;
      }
      if (
        asked &&
        draft.number !== undefined &&
        (starred || block.length > 1) &&
        !block.some((one) => one.is === 'lettered')
      ) {
        return this.addOption(token, 'none', 0);
      }
      return this.open(token);
    }
    // A line further down that asks is still the stem's.
    const asks = block.some((one) => one.is === 'text' && endsAsked(pieceText(one)));
    // Questions one a line are no options of the first.
    if (
      asked &&
      !starred &&
      block.filter((one) => one.is === 'text' && endsAsked(pieceText(one))).length >=
        block.length * 0.5
    ) {
      return this.open(token);
    }
    const isPlain =
      block.length > 1 &&
      block.every((one) => one.is === 'text' || (one.is === 'bullet' && one.sign === ''));
    const capital = (one: Token): boolean => /^\W*\p{Lu}/u.test(pieceText(one as Piece));
    if (isPlain && (asked || (starred && !asks && capital(token) === capital(block.at(-1)!)))) {
      return this.addOption(token, 'none', 0);
    }
    draft.stem.push(token);
  }

  /** The tokens from here to the next gap. */
  private block(index: number): Token[] {
    const found: Token[] = [];
    for (
      let i = index;
      i < this.tokens.length &&
      i < index + LONGEST_BLOCK &&
      this.tokens[i]!.is !== 'blank' &&
      this.tokens[i]!.is !== 'rule';
      i++
    ) {
      found.push(this.tokens[i]!);
    }
    return found;
  }
}

/** Puts a document's lines together; nothing is judged to be no question yet. */
export function assemble(document: Document): Assembled {
  const roman = countsInRoman(document.lines);
  return new Machine(document.lines.flatMap(splitInline).map((line) => tokenOf(line, roman))).run();
}
