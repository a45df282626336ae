// Options that a sign parts behind a question or on the line below it, with one of them in capitals or starred.
import { alike } from '../../shared/normalise';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import {
  anew,
  COUNTED,
  isLine,
  namesAnswers,
  OFTEN,
  stretchesOf,
  whereOften,
  type Lines,
} from './retyping';
import { asksOutright } from './typed-line';

const PARTING = /\s+\/\s+|\s*\|\s*/u;
const STAR = /\s*[*✓✔]+(?=\s*(?:,|$))|^[*✓✔]+\s*/u;
const OFFERED = /^(.{6,}?[?？])\s+([^?？]{3,120})$/u;
const LEAST_OFFERED = 2;
const isLoud = (text: string): boolean => /\p{Lu}{2}/u.test(text) && !/\p{Ll}/u.test(text);

/** A question and what strokes part behind it; undefined where that are fewer than two. */
function partedBehind(text: string): { question: string; options: string[] } | undefined {
  const [, question, rest = ''] = OFFERED.exec(text) ?? [];
  // Commas stand in texts as well; with a star behind one of them they part options.
  const sign = !/[/|]/u.test(rest) && STAR.test(rest) ? /\s*,\s*/u : PARTING;
  const options = rest.split(sign).map((option) => option.trim());
  return question && options.length >= LEAST_OFFERED && options.every(Boolean)
    ? { question, options }
    : undefined;
}

/** Options behind a question, parted by strokes, of which one alone is in capitals or some have a star: a line each, with those marked. */
function singledOut(text: string): string[] | undefined {
  const { question, options = [] } = partedBehind(text) ?? {};
  const loud = options.filter(isLoud);
  const starred = options.filter((option) => STAR.test(option));
  const right = starred.length ? starred : loud;
  const isSingled = starred.length ? starred.length < options.length : loud.length === 1;
  return question && isSingled
    ? [
        question,
        ...options.map(
          (option) => `- ${option.replace(STAR, '')}${right.includes(option) ? ' *' : ''}`,
        ),
      ]
    : undefined;
}

/** Two texts behind a question may be two spellings of its answer; three are offered. */
const SURELY_OFFERED = 3;
const MOSTLY = 0.5;

/** What a line lists behind a name for answers, where that is an option of each question in turn; undefined of another line. */
function rightOnes(text: string, offered: readonly (readonly string[])[]): string[] | undefined {
  const field = fieldOfLine(text);
  const parts = field?.role === 'answer' ? field.value.split(/\s*[,;/]\s*/u).map(alike) : [];
  return parts.length === offered.length &&
    parts.every((part, n) => offered[n]!.some((option) => alike(option) === part))
    ? parts
    : undefined;
}

/** What strokes part on a line of its own below one that asks, one of it alone in capitals: a line each, with that one marked. */
function loudBelow(lines: Lines): Lines {
  const found = lines.map((line, at) => {
    const above = lines[at - 1]?.text ?? '';
    const options = isLine(line) ? line.text.split(PARTING).map((one) => one.trim()) : [];
    const isSingled = options.every(Boolean) && options.filter(isLoud).length === 1;
    return options.length > LEAST_OFFERED && isSingled && asksOutright(above) ? options : undefined;
  });
  return found.filter(Boolean).length < OFTEN
    ? lines
    : lines.flatMap(
        (line, at) =>
          found[at]?.map((option) => anew(line, `- ${option}${isLoud(option) ? ' *' : ''}`)) ?? [
            line,
          ],
      );
}

const LISTED = /^\s*(?:[-*•–]|[([]?[A-Ja-j][).\]])\s+(\S.*?)\s*$/su;

/** Options with labels, a line each, of which one in each question is in capitals, where nothing else says which is right: with a star. */
function loudOnes(lines: Lines): Lines {
  const texts = lines.map((line) => (isLine(line) ? LISTED.exec(line.text)?.[1] : undefined));
  const groups = stretchesOf(texts).map((own) => own.map(isLoud));
  const isSingled = groups.every(
    (loud) => loud.length >= LEAST_OFFERED && loud.filter(Boolean).length === 1,
  );
  return groups.length < OFTEN || !isSingled || namesAnswers(lines)
    ? lines
    : lines.map((line, at) => (isLoud(texts[at] ?? '') ? anew(line, `${line.text} *`) : line));
}

/** Options behind a question, parted by strokes, where answers stand elsewhere: a line each, starred where a list of them says so. */
function optionsBehind(lines: Lines): Lines {
  const found = lines.map((line) => (isLine(line) ? partedBehind(line.text) : undefined));
  const offered = found.flatMap((one) =>
    one && one.options.length >= SURELY_OFFERED ? [one.options] : [],
  );
  if (offered.length < OFTEN || !namesAnswers(lines)) {
    return lines;
  }
  const key = lines.map(({ text }) => rightOnes(text, offered));
  const right = key.find(Boolean);
  const isMost = offered.length >= lines.filter(({ text }) => text.trim()).length * MOSTLY;
  let asked = 0;
  return lines.flatMap((line, at) => {
    const { question, options = [] } = found[at] ?? {};
    if (question === undefined || options.length < SURELY_OFFERED) {
      return [key[at] ? anew(line, '') : line];
    }
    const star = right?.[asked++];
    // Counted, they are parted from a title above the first.
    const count = isMost && !COUNTED.test(question) ? `${asked}. ` : '';
    const listed = options.map((option) => `- ${option}${alike(option) === star ? ' *' : ''}`);
    return [`${count}${question}`, ...listed].map((text) => anew(line, text));
  });
}

const CHOICES = /[([]([^()[\]]*\/[^()[\]]*)[)\]]/u;
const NAMED_CHOICES = /^\s*[^:?/]{2,60}:\s+([^:?]*\S\s+\/\s+\S[^:?]*)$/su;
const AROUND = /^\s*(?:\p{L}[\p{L} ]{1,24}\s*[:=])?\s*[([]?|[)\]]?\s*\.?\s*$/gu;

/** What a line offers between strokes, in brackets or behind a colon. */
const choicesIn = (text: string): string[] =>
  (CHOICES.exec(text)?.[1] ?? NAMED_CHOICES.exec(text)?.[1] ?? '')
    .split('/')
    .map((one) => one.trim())
    .filter(Boolean);

/** A sentence with a drawn gap and its choices in brackets, which go behind it: there they are words to choose from. */
function choicesLast(text: string): string {
  const [choices = ''] = (/_{2,}/u.test(text) && CHOICES.exec(text)) || [];
  return choices
    ? `${text
        .replace(CHOICES, '')
        .replace(/\s+(?=[\s.,;!?])/gu, '')
        .trimEnd()} ${choices}`
    : text;
}

/** A line that names one of what each line above offers, in their order and whatever stands in front: below each of them, its answer. */
function keyOfChoices(lines: Lines): Lines {
  const offered = lines.flatMap((line, at) => {
    const choices = isLine(line) ? choicesIn(line.text) : [];
    return choices.length > 1 ? [{ at, choices }] : [];
  });
  const last = offered.at(-1)?.at ?? lines.length;
  const parts = (text: string): string[] => text.replace(AROUND, '').split(/\s*[,;]\s*/u);
  const isKey = (text: string): boolean =>
    parts(text).length === offered.length &&
    parts(text).every((part, n) => offered[n]!.choices.some((one) => alike(one) === alike(part)));
  const key = lines.findIndex((line, at) => at > last && isLine(line) && isKey(line.text));
  if (offered.length < OFTEN || key < 0) {
    return lines;
  }
  const answers = new Map(offered.map(({ at }, n) => [at, parts(lines[key]!.text)[n]!]));
  return lines.flatMap((line, at) => {
    const answer = answers.get(at);
    const isNamed = answer !== undefined && !CHOICES.test(line.text);
    const own = isNamed
      ? [
          line.text.slice(0, line.text.indexOf(':') + 1),
          ...choicesIn(line.text).map((one) => `- ${one}`),
        ]
      : [choicesLast(line.text)];
    return answer === undefined
      ? [at === key ? anew(line, '') : line]
      : [...own, `Answer: ${answer}`].map((text) => anew(line, text));
  });
}

const IN_COLUMNS = /^(.*[?？:]["'”’»)]*)[ \u00a0]{3,}(\S[^\t]*)$/su;
const COLUMNS = /[ \u00a0]{3,}/u;
const LABEL = /^[([]?(?:[A-Ja-j]|\d{1,2})[.):\]]\s|^[([\s][\sxX✓]?[)\]]|^[☐☑☒□■○]/u;
/** Texts without labels that wide gaps part behind a question, 'Which floats?   cork    iron    lead': a line each; undefined of another line. */
function inColumns(text: string): string[] | undefined {
  const [, question = '', rest = ''] = IN_COLUMNS.exec(text) ?? [];
  const cells = rest.trim().split(COLUMNS);
  const areOffered = cells.length >= SURELY_OFFERED && !cells.some((cell) => LABEL.test(cell));
  return question && areOffered ? [question, ...cells.map((cell) => `- ${cell}`)] : undefined;
}

/** These ways, in the order in which they are looked for. */
export const TYPED_OFFERED: readonly ((lines: Lines) => Lines)[] = [
  loudOnes,
  loudBelow,
  whereOften(singledOut, OFTEN),
  whereOften(inColumns),
  optionsBehind,
  keyOfChoices,
];
