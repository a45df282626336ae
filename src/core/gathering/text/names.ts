// Names in front of lines, "Goed antwoord: B": what each stands for, by its words and by what stands behind it in this text.
import type { Role } from '../../model';
import { alike } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { likelihoodOf } from '../../understanding';
import type { TypedLine } from './typed-line';

export type Named = Role | 'answer' | 'question';
export type Field = { role: Named; from: number };
/** An option whose name in front says whether it is right: "Wrong: a wall". */
export type NamedOption = { right: boolean; from: number };

const NAME = /^(\s*\W{0,3}(\p{L}[\p{L} ’'/.°º-]{0,30}?)\s*(?:[:=](?!>)|\s[-–—](?![->]))\s*)(.*)$/su;
/** The same with a number behind the name: 'Wrong 2: …'. */
const NUMBERED = /^(\s*\W{0,3}(\p{L}[\p{L} ’'/.-]{0,30}?)\s*\d{0,2}\s*[:=]\s*)\S/su;
const LETTERS =
  /^[([]?[A-Ja-j](?:(?:\s*[,;&+/]\s*|\s+\p{L}{1,3}\s+)[A-Ja-j])*[)\].]?(?:$|\s*[-–—:.)]\s)/u;
const LONGEST_NAME = 4;
/** A name that stands in front of so many lines is one of the text's own. */
const OFTEN = 2;
const MOSTLY = 0.6;
const NAMED = 0.5;
const NAMED_OFTEN = 0.2;

const BESIDE = [
  'explanation',
  'hint',
  'points',
  'seconds',
  'category',
  'tags',
  'feedback',
  'attempts',
  'title',
] as const;
/** What a name may be called that stands in front of no question. */
const NO_QUESTION = ['category', 'tag', 'tags', 'points', 'seconds', 'attempts'] as const;
const SURELY = 0.9;
const COUNTED: ReadonlySet<Named> = new Set(['points', 'seconds', 'attempts']);
const ANSWERING = ['key', 'right', 'accepted'] as const;

const isWrong = (name: string): boolean =>
  verdictOf(name) === false || likelihoodOf(name, ['wrong', 'wrongs']) > NAMED;
const isRight = (name: string): boolean =>
  verdictOf(name) === true || likelihoodOf(name, ANSWERING) > NAMED;

const isLetter = (name: string): boolean => name.length === 1;

/** A line above, and the name in front of it. */
type Above = { text: string; name: string | undefined };
type Use = { times: number; letters: number; options: number };

/** So many lines of one name, one below each of another name, show that it answers; other lines stand above all of them. */
const LEAST_TURNS = 2;
const MOST_OTHERS = 3;

/** The second of two names that stand in turn in front of a text's lines, whatever numbers they have: 'P1: … / R: …'. */
function alternating(lines: readonly TypedLine[]): string | undefined {
  const names = lines.flatMap(({ isBlank, text }) => {
    const name = isBlank ? undefined : NUMBERED.exec(text)?.[2];
    return isBlank ? [] : [name === undefined ? '' : alike(name).replace(/\d+$/u, '')];
  });
  const [first, second] = names.slice(-2);
  const from = names.length % 2 === 0 ? 0 : 1;
  const turns = Math.floor(names.length / 2);
  if (!first || !second || first === second || turns < LEAST_TURNS) {
    return undefined;
  }
  const start = names.findIndex((name, index) => name === first && (index - from) % 2 === 0);
  const isEach = names
    .slice(start)
    .every((name, index) => name === (index % 2 === 0 ? first : second));
  const isRest = start >= 0 && start <= MOST_OTHERS && (names.length - start) / 2 >= LEAST_TURNS;
  return isEach && isRest ? second : undefined;
}

/** The names in front of the lines of each paragraph, as comparable words; nothing for a line without one. */
function namesByParagraph(lines: readonly TypedLine[]): string[][] {
  const paragraphs: string[][] = [[]];
  for (const { isBlank, text } of lines) {
    if (isBlank) {
      paragraphs.push([]);
    } else {
      paragraphs.at(-1)!.push(alike(NAME.exec(text)?.[2] ?? ''));
    }
  }
  return paragraphs.filter(({ length }) => length);
}

/** The names of a question's lines, where all paragraphs have the same ones and the first of them asks; none elsewhere. */
function namesOfEach(lines: readonly TypedLine[]): string[] {
  const [first = [], ...others] = namesByParagraph(lines);
  const isEach = others.length > 0 && others.every((names) => names.join() === first.join());
  const asks = fieldOfLine(`${first[0] ?? ''}: x`)?.role === 'question';
  return isEach && asks && first.every(Boolean) ? first : [];
}

const isToldToAnswer = (name: string): boolean =>
  fieldOfLine(`${name}: x`)?.role === 'answer' || likelihoodOf(name, ANSWERING) > NAMED;

/** The name right below the question, where none is known to answer. */
const belowQuestion = ([, second, ...more]: readonly string[]): string | undefined =>
  second && ![second, ...more].some(isToldToAnswer) ? second : undefined;

/** What a name is likely to say of a question besides its text and its answer. */
function besideIn(name: string, least: number): (typeof BESIDE)[number] | undefined {
  const [role] = BESIDE.map((one) => ({ one, p: likelihoodOf(name, [one]) }))
    .filter(({ p }) => p > least)
    .sort((a, b) => b.p - a.p);
  return role?.one;
}

/** What the names of a text stand for. */
export class Names {
  private readonly uses = new Map<string, Use>();
  /** How often each name stands in front of a line, whatever number it has. */
  private readonly numbered = new Map<string, number>();
  /** Whether this text says of its options by their names which are right. */
  private readonly namesOptions: boolean;
  /** The name that stands in front of every second line, or below each question. */
  private readonly answering: string | undefined;
  /** The names of each question's lines, where all questions have the same. */
  private readonly ofEach: readonly string[];

  constructor(lines: readonly TypedLine[]) {
    let above: Above[] = [];
    for (const { text, isBlank } of lines) {
      const match = isBlank ? null : NAME.exec(text);
      const name = match ? alike(match[2]!) : undefined;
      if (match && name !== undefined) {
        this.count(name, match[3]!, above);
      }
      above = isBlank ? above : [...above, { text: alike(text), name }].slice(-LOOKED_ABOVE);
      const bare = isBlank ? undefined : NUMBERED.exec(text)?.[2];
      if (bare !== undefined) {
        this.numbered.set(alike(bare), (this.numbered.get(alike(bare)) ?? 0) + 1);
      }
    }
    const often = [...this.numbered].filter(([, times]) => times >= OFTEN).map(([name]) => name);
    this.ofEach = namesOfEach(lines);
    this.answering = alternating(lines) ?? belowQuestion(this.ofEach);
    const rights = often.filter((name) => isRight(name) && !isWrong(name) && !this.answers(name));
    // A letter says wrong beside one that says right: 'F 1: …' alone is a question's number.
    this.namesOptions = often.some(
      (name) => isWrong(name) && rights.some((right) => isLetter(right) === isLetter(name)),
    );
  }

  private count(name: string, value: string, above: readonly Above[]): void {
    const use = this.uses.get(name) ?? { times: 0, letters: 0, options: 0 };
    const said = alike(value);
    use.times++;
    use.letters += Number(LETTERS.test(value.trim()));
    // The same words behind the same name are a remark that comes again, and no option.
    const isOption = above.some((line) => line.name !== name && line.text.endsWith(said));
    use.options += Number(said.length > 1 && isOption);
    this.uses.set(name, use);
  }

  /** Whether what stands behind a name mostly names an option: a letter, or the text of one above it. */
  private answers(name: string): boolean {
    const use = this.uses.get(alike(name));
    if (alike(name) === this.answering) {
      return true;
    }
    return (
      use !== undefined && use.times >= OFTEN && (use.letters + use.options) / use.times > MOSTLY
    );
  }

  private isOften(name: string): boolean {
    return (this.uses.get(alike(name))?.times ?? 0) >= OFTEN;
  }

  /** Whether a name stands in front of several lines and says nothing that is known: it may open the questions. */
  isOwn(name: string): boolean {
    return (
      this.isOften(name) &&
      !this.answers(name) &&
      !this.optionIn(`${name}: x`) &&
      likelihoodOf(name, NO_QUESTION) <= SURELY
    );
  }

  /** Whether the name in front of a line comes again. */
  comesAgain(text: string): boolean {
    const name = NAME.exec(text)?.[2];
    return name !== undefined && this.isOften(name);
  }

  /** The option that a line is by its name; undefined where the text has no such names. */
  optionIn(text: string): NamedOption | undefined {
    const match = this.namesOptions ? NUMBERED.exec(text) : null;
    const name = match?.[2];
    if (!match || !name || name.split(' ').length > LONGEST_NAME) {
      return undefined;
    }
    const from = match[1]!.length;
    if (isWrong(name)) {
      return { right: false, from };
    }
    return isRight(name) ? { right: true, from } : undefined;
  }

  /** The field that a line names in front of its text; undefined where it names none. */
  fieldIn(text: string): Field | undefined {
    const field = this.namedIn(text);
    // 'points = change the track' is a pair: what is counted has a number.
    const isCounted = field !== undefined && COUNTED.has(field.role);
    return isCounted && !/\d/u.test(text.slice(field.from)) ? undefined : field;
  }

  private namedIn(text: string): Field | undefined {
    const known = fieldOfLine(text);
    if (known) {
      return { role: known.role, from: known.valueFrom };
    }
    const match = NAME.exec(text);
    const name = match?.[2];
    if (!match || !name || name.split(' ').length > LONGEST_NAME) {
      return undefined;
    }
    const from = match[1]!.length;
    if (this.answers(name) || likelihoodOf(name, ANSWERING) > NAMED) {
      return { role: 'answer', from };
    }
    const role = this.besideAnswer(name);
    return role && { role, from };
  }

  /** What a name says of a question that neither asks nor answers, or that it asks. */
  private besideAnswer(name: string): Named | undefined {
    const least = this.isOften(name) ? NAMED_OFTEN : NAMED;
    const role = besideIn(name, least);
    if (role) {
      return role;
    }
    if (likelihoodOf(name, ['stem']) > NAMED) {
      return 'question';
    }
    // What people call the difficulty is kept as a tag, and whatever else each question has below its answer.
    const isBelow = this.ofEach.indexOf(alike(name)) > 1;
    return isBelow || likelihoodOf(name, ['tag']) > least ? 'tag' : undefined;
  }
}

/** The options of a question stand in so many lines above its answer. */
const LOOKED_ABOVE = 8;
