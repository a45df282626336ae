// A form of marked plain text: the signs for right and wrong, labels, separators, from its comments and its samples.
import type { Document, Kind, Layout } from '../model';
import { keyOfMarks } from '../shared/marked-key';
import { bareWords } from '../shared/normalise';
import { count, quoted } from '../shared/plain';
import { fieldOfLine } from '../shared/vocabulary/answer-lines';
import { repeatedSigns } from './repeated-signs';
import { limitsIn } from './sentences';
import type { LearnedLayout } from './contract';

type Marks = NonNullable<Layout['marks']>;
const SIGN = /^([^\p{L}\p{N}\s]{1,3})(?:\s|$)/u;
const LEGEND = /^([^\p{L}\p{N}\s]{1,3})(?:\s([^\p{L}\p{N}\s]{1,3}))?\s{2,}(\S.*)$/u;

/** The sign of comments: the one that the text begins with, where several lines begin so. */
function commentSign(lines: readonly string[]): string | undefined {
  const first = lines.find((line) => line.trim());
  const sign = first && SIGN.exec(first)?.[1];
  const own = sign ? lines.filter((line) => line.startsWith(sign)) : [];
  // Signs that stand alone open and close something; a comment says something.
  const isAlone = own.filter((line) => line.trim() === sign).length > own.length * 0.5;
  if (isAlone) {
    return undefined;
  }
  // Two lines are enough where they say themselves that they are not read.
  return own.length > 2 ||
    (own.length > 0 &&
      /comment|not read|ignored|kommentar|nicht gelesen|commentaire|comentario|commento|\b(?:in front of|before|leave|number the|label the|replace|blank line)\b/i.test(
        own.join(' '),
      ))
    ? sign
    : undefined;
}

type Explained = { signs: [string, string | undefined]; meaning: string };

/** What the comments explain sign by sign; a line without a sign goes on with the one above. */
function legendOf(comments: readonly string[]): Explained[] {
  const found: Explained[] = [];
  for (const comment of comments) {
    const match = LEGEND.exec(comment.trimStart());
    if (match) {
      found.push({ signs: [match[1]!, match[2]], meaning: match[3]! });
    } else if (found.length && /^\s{4,}\S/.test(comment)) {
      found.at(-1)!.meaning += ` ${comment.trim()}`;
    }
  }
  return found;
}

/** The signs by what is said of them. */
function explainedMarks(legend: readonly Explained[]): Partial<Marks> {
  const marks: Partial<Marks> = {};
  for (const {
    signs: [sign, closing],
    meaning,
  } of legend) {
    const words = bareWords(meaning);
    if (/\bcategor|kategorie|categorie/.test(words)) {
      marks.category ??= sign;
    } else if (/\b(?:title|titel|titre)\b/.test(words) && closing) {
      marks.titleOpen = sign;
      marks.titleClose = closing;
    } else if (/\b(?:around|group of options|between which the options)\b/.test(words) && closing) {
      marks.open = sign;
      marks.close = closing;
    } else if (/ordinary|literal|as text|escape|wortlich/.test(words)) {
      marks.escape ??= sign;
    } else if (
      /\b(?:pairs?|halves|belongs? to)\b/.test(words) &&
      !/right option|wrong option/.test(words)
    ) {
      marks.pair ??= sign;
    } else if (/feedback|ruckmeldung|shown after/.test(words)) {
      marks.feedback ??= sign;
    } else if (/\b(?:wrong|false|incorrect|falsche?)\b/.test(words)) {
      marks.wrong ??= sign;
    } else if (/\b(?:right|correct|true|richtige?)\b/.test(words)) {
      marks.right ??= sign;
    }
  }
  return marks;
}

const NAMED_SIGNS: Record<string, string> = {
  plus: '+',
  minus: '-',
  star: '*',
  asterisk: '*',
  hash: '#',
  arrow: '>',
  'equals sign': '=',
  'exclamation mark': '!',
  stern: '*',
  sternchen: '*',
  pluszeichen: '+',
};
/** Signs that a comment names in a sentence: `Put a plus in front of the right option.` */
function marksInSentences(comments: readonly string[]): Partial<Marks> {
  const marks: Partial<Marks> = {};
  for (const comment of comments) {
    const words = bareWords(comment);
    const around =
      /\b(?:between|zwischen|entre)\s+([^\p{L}\p{N}\s]{1,3})\s+(?:and|und|et)\s+([^\p{L}\p{N}\s]{1,3}?)[.,]?(?:\s|$)/u.exec(
        comment,
      );
    if (around && /option|answer|antwort|reponse/.test(words)) {
      marks.open ??= around[1]!;
      marks.close ??= around[2]!;
    }
    if (!/in front of|before|vor (?:der|die|jede|jeder)|devant/.test(words)) {
      continue;
    }
    const raw =
      /\b(?:put|set|write|type|use)\s+(?:an?\s+|the\s+sign\s+)?([^\p{L}\p{N}\s]{1,3})\s+(?:in front of|before)\s+(?:the\s+|each\s+|every\s+|all\s+)*(right|correct|wrong)/iu.exec(
        comment,
      );
    if (raw) {
      if (/wrong/i.test(raw[2]!)) {
        marks.wrong ??= raw[1]!;
      } else {
        marks.right ??= raw[1]!;
      }
    }
    const named = Object.entries(NAMED_SIGNS).find(([word]) =>
      new RegExp(`\\b${word}\\b`).test(words),
    )?.[1];
    if (named && /\b(?:right|correct|richtige|bonne)/.test(words)) {
      marks.right ??= named;
    } else if (named && /\b(?:wrong|false|falsche|mauvaise)/.test(words)) {
      marks.wrong ??= named;
    }
  }
  return marks;
}

/** A second sign at options beside the right one's: the wrong ones' own. */
function wrongSign(body: readonly string[], right: string): string | undefined {
  const signs = body
    .map((line) => /^\s*([^\p{L}\p{N}\s]{1,2})\s\S/u.exec(line)?.[1])
    .filter((sign) => sign && sign !== right);
  const other = tally(signs);
  return other && other[1] > 1 && other[1] === signs.length ? other[0] : undefined;
}

/** A line that names the right answer behind the options, and the words in front of it: 'Answer:'. */
function keyLineIn(body: readonly string[]): string | undefined {
  const found = body.map((line) => {
    const field = fieldOfLine(line);
    return field?.role === 'answer' &&
      /^[A-Ja-j\d](?:\s*[,;]\s*[A-Ja-j\d])*[.)]?$/.test(field.value.trim())
      ? line.slice(0, field.valueFrom).trim()
      : undefined;
  });
  const line = tally(found);
  return line && line[1] > 1 ? line[0] : undefined;
}

const tally = (values: readonly (string | undefined)[]): [string, number] | undefined => {
  const counts = new Map<string, number>();
  for (const value of values) {
    if (value) {
      counts.set(value, (counts.get(value) ?? 0) + 1);
    }
  }
  return [...counts].sort((a, b) => b[1] - a[1])[0];
};

/** A label as the layout names it: 'a)', 'A.', '1.'. */
const labelOf = (label: string, sign: string): Marks['optionLabel'] =>
  `${/\d/.test(label) ? '1' : /[a-z]/.test(label) ? 'a' : 'A'}${sign}` as Marks['optionLabel'];

/** What the samples themselves show: numbers before stems, labels before options, a sign before some of them. */
function shownMarks(body: readonly string[]): {
  marks: Partial<Marks>;
  options: number;
  right: number;
} {
  const stems = body.map((line) => /^\d+([.)])\s+\S/.exec(line)?.[1]);
  const options = body.map((line) =>
    /^([^\p{L}\p{N}\s]{0,3})\s?\(?([A-Ja-j])([.)])\s+\S/u.exec(line),
  );
  const stem = tally(stems);
  const labelled = options.filter((match) => match !== null);
  const label = tally(labelled.map((match) => labelOf(match[2]!, match[3]!)));
  const sign = tally(labelled.map((match) => match[1]));
  const box = tally(body.map((line) => /^\s*([[(][xX✓*][\])])\s\S/u.exec(line)?.[1]));
  const unlabelled = label
    ? undefined
    : (box ?? tally(body.map((line) => /^([*+✓>=#!]{1,2})\s?\S/u.exec(line)?.[1])));
  return {
    options: labelled.length,
    right: sign?.[1] ?? 0,
    marks: {
      ...(stem ? { stemLabel: `1${stem[0]}` as Marks['stemLabel'] } : {}),
      ...(label ? { optionLabel: label[0] as Marks['optionLabel'] } : {}),
      ...(sign ? { right: sign[0] } : unlabelled ? { right: unlabelled[0] } : {}),
    },
  };
}

/** Which kinds the samples hold. */
function kindsShown(body: readonly string[], marks: Marks): Layout['kinds'] {
  const questions = body.join('\n').split(/\n\s*\n/);
  const kinds = new Set<Kind>();
  const isRight = (line: string): boolean => line.trimStart().startsWith(marks.right);
  for (const question of questions) {
    const lines = question.split('\n');
    const right = lines.filter(isRight).length;
    if (marks.pair && lines.some((line) => line.includes(` ${marks.pair} `))) {
      kinds.add('match');
    } else if (/\b(?:true|wahr|vrai)\b[\s\S]*\b(?:false|falsch|faux)\b/i.test(question)) {
      kinds.add('true-false');
    } else if (right > 1) {
      kinds.add('choice-many');
    } else if (right === 1) {
      kinds.add('choice-one');
    }
  }
  return [...kinds].map((kind) => ({ kind, code: '' }));
}

/** Whether a text's comments explain its signs. */
export function explainsSigns(document: Document): boolean {
  const lines = document.lines.map((line) => line.source ?? line.text);
  const comment = commentSign(lines);
  return (
    comment !== undefined &&
    explainedMarks(
      legendOf(
        lines.filter((line) => line.startsWith(comment)).map((line) => line.slice(comment.length)),
      ),
    ).right !== undefined
  );
}

/** Words in front of lines say more than a sign that happens to stand there. */
const rightOf = (shown: Partial<Marks>, repeated: Marks | undefined): string | undefined =>
  repeated && /\p{L}/u.test(repeated.right) ? repeated.right : (shown.right ?? repeated?.right);

/** Learns a form of marked text; undefined where nothing shows how a right option is marked. */
export function learnMarkedText(
  document: Document,
  id: string,
  name: string,
): LearnedLayout | undefined {
  const lines = document.lines.map((line) => line.source ?? line.text);
  const comment = commentSign(lines);
  const comments = comment
    ? lines.filter((line) => line.startsWith(comment)).map((line) => line.slice(comment.length))
    : [];
  const body = lines.filter((line) => !comment || !line.startsWith(comment));
  const told = { ...marksInSentences(comments), ...explainedMarks(legendOf(comments)) };
  const shown = shownMarks(body);
  const repeated = repeatedSigns(body, comments);
  const keyLine = keyLineIn(body) ?? repeated?.keyLine;
  const right = told.right ?? (keyLine ? '*' : rightOf(shown.marks, repeated));
  if (!right) {
    return undefined;
  }
  const empty = /^([[(]).([\])])$/u.exec(right);
  const wrong =
    told.wrong ??
    (empty && body.some((line) => line.trimStart().startsWith(`${empty[1]} ${empty[2]}`))
      ? `${empty[1]} ${empty[2]}`
      : undefined) ??
    (keyLine || (shown.marks.optionLabel && shown.marks.optionLabel !== 'none')
      ? undefined
      : wrongSign(body, right));
  const blank = body.some(
    (line, index) =>
      !line.trim() &&
      body.slice(0, index).some((one) => one.trim()) &&
      body.slice(index).some((one) => one.trim()),
  );
  const marks: Marks = {
    optionLabel: 'none',
    stemLabel: 'none',
    ...repeated,
    ...shown.marks,
    ...told,
    // What a comment says to stand around stands around the options.
    ...(told.open ? { openAt: 'options' as const } : {}),
    right,
    ...(wrong ? { wrong } : {}),
    ...(keyLine ? { keyLine } : {}),
    between: blank ? 'blank-line' : 'none',
    ...(comment ? { comment } : {}),
  };
  const limits = Object.assign({}, ...comments.map(limitsIn).reverse()) as Layout['limits'];
  const layout: Layout = {
    id,
    name,
    version: 1,
    shape: 'marked-text',
    file: { format: 'txt', ...(document.encoding ? { encoding: document.encoding } : {}) },
    columns: [],
    marks,
    key: keyOfMarks(marks),
    kinds: kindsShown(body, marks),
    limits,
  };
  const because: Record<string, string> = {
    shape: 'it is plain text whose lines carry signs',
    'marks.right': keyLine
      ? `a line ${quoted(keyLine)} names the right answer`
      : told.right
        ? `the comments explain ${quoted(right)}`
        : `${quoted(right)} stands at ${count(shown.right, 'option')} of ${shown.options}`,
    ...(comment
      ? {
          'marks.comment': `the text begins with ${quoted(comment)}, and so do ${comments.length} of its lines`,
        }
      : {}),
    ...(blank ? { 'marks.between': 'a blank line stands between two questions' } : {}),
  };
  return {
    layout,
    because,
    unsure: told.right || keyLine || shown.right > 1 ? [] : ['marks.right'],
  };
}
