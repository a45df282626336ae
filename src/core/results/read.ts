// A file of results: a learner a row, a question a column, answers as letters, numbers, texts, 0 and 1, or points.
import type { Finding, Item } from '../model';
import { alike } from '../shared/normalise';
import { count, optionLetter, quoted } from '../shared/plain';

/** A question's column: the answers as written, their scores, and which option each chose (from 0). */
export type Column = {
  ref: string;
  item: Item | undefined;
  answers: string[];
  scores: (number | undefined)[];
  chosen: (number | undefined)[];
};
export type ResultsRead = { learners: string[]; columns: Column[]; findings: Finding[] };

/** Columns that tell of the learner or the time, not of an answer. */
const ABOUT =
  /^(?:name|learner|student|participant|user|id|e-?mail|group|class|time ?stamp|date|started|finished|duration|score|total|points|sum|percent|%|vorname|nachname|klasse|zeit|zeitstempel|nom|prenom|note)$/i;
const SCORE = /^[01](?:[.,]0+)?$/;
const NUMBER = /^-?\d+(?:[.,]\d+)?$/;

/** The question of a column: by its reference, title, text, or a number in front. */
function itemOf(heading: string, items: readonly Item[]): Item | undefined {
  const like = alike(heading);
  const bare = alike(heading.replace(/^\s*(?:q|question|frage)?\s*\d+\s*[.):-]\s*/i, ''));
  return (
    items.find(({ ref }) => alike(ref) === like) ??
    items.find(({ title }) => title && alike(title) === like) ??
    items.find(({ stem }) => alike(stem.plain) === like || alike(stem.plain) === bare)
  );
}

/** Which option an answer names: by its letter, its number, or its text. */
function placeOf(answer: string, { options = [] }: Item): number | undefined {
  const plain = answer.trim().replace(/[().]/g, '');
  const byText = options.findIndex(({ text }) => alike(text.plain) === alike(answer));
  if (byText >= 0) {
    return byText;
  }
  if (/^[A-Za-z]$/.test(plain)) {
    const at = plain.toUpperCase().charCodeAt(0) - 65;
    return at < options.length ? at : undefined;
  }
  const at = /^\d{1,2}$/.test(plain) ? Number(plain) - 1 : -1;
  return at >= 0 && at < options.length ? at : undefined;
}

function scoreOfText(answer: string, item: Item): number | undefined {
  if (item.options) {
    const places = answer.split(/[,;+]/).map((part) => placeOf(part, item));
    const rights = item.options.flatMap(({ right }, at) => (right ? [at] : []));
    const isRight =
      places.length === rights.length &&
      places.every((at) => at !== undefined && rights.includes(at));
    return Number(isRight);
  }
  if (item.number && NUMBER.test(answer.trim())) {
    const value = Number(answer.replace(',', '.'));
    return Number(Math.abs(value - item.number.value) <= item.number.tolerance + 1e-12);
  }
  const accepted = item.accepted ?? item.gaps?.[0]?.accepted;
  return accepted ? Number(accepted.some((text) => alike(text) === alike(answer))) : undefined;
}

/** Whether a column holds scores: nothing but 0 and 1, or points between. */
const isScored = (answers: readonly string[]): boolean => {
  const given = answers.filter((answer) => answer.trim());
  return given.length > 0 && given.every((answer) => SCORE.test(answer.trim()));
};

function columnOf(heading: string, answers: string[], items: readonly Item[]): Column {
  const item = itemOf(heading, items);
  const scored = isScored(answers);
  const one = (answer: string): { score: number | undefined; place: number | undefined } => {
    if (!answer.trim()) {
      return { score: undefined, place: undefined };
    }
    if (scored) {
      return { score: Number(answer.replace(',', '.')), place: undefined };
    }
    return item
      ? { score: scoreOfText(answer, item), place: placeOf(answer, item) }
      : { score: undefined, place: undefined };
  };
  const all = answers.map(one);
  return {
    ref: item?.ref ?? heading,
    item,
    answers,
    scores: all.map(({ score }) => score),
    chosen: all.map(({ place }) => place),
  };
}

/** Answers whose column can't be scored: no question is known for it and it holds no 0 and 1. */
function unscored(columns: readonly Column[]): Finding[] {
  const lost = columns.filter(({ scores }) => scores.every((score) => score === undefined));
  return lost.length
    ? [
        {
          rule: 'results-unmatched',
          level: 'warn',
          message: `${count(lost.length, 'column')} could not be matched to a question: ${lost
            .slice(0, 4)
            .map(({ ref }) => quoted(ref, 30))
            .join(', ')}. Head a column with the question’s reference, title or text.`,
        },
      ]
    : [];
}

/** Answers that name no option of their question. */
function strange(columns: readonly Column[]): Finding[] {
  return columns.flatMap(({ ref, item, answers, chosen, scores }): Finding[] => {
    const options = item?.options;
    if (!options || scores.every((score) => score === undefined) || isScored(answers)) {
      return [];
    }
    const odd = answers.filter(
      (answer, at) => answer.trim() && chosen[at] === undefined && !/[,;+]/.test(answer),
    );
    const letters = `A to ${optionLetter(options.length - 1)}`;
    return odd.length
      ? [
          {
            rule: 'results-answer-unknown',
            level: 'note',
            message: `${ref}: ${count(odd.length, 'answer')} such as ${quoted(odd[0]!, 20)} ${odd.length === 1 ? 'is' : 'are'} none of the options ${letters}, and ${odd.length === 1 ? 'counts' : 'count'} as wrong.`,
          },
        ]
      : [];
  });
}

/** Reads rows of text: the first filled one holds the headings. */
export function readResults(
  rows: readonly (readonly string[])[],
  items: readonly Item[],
): ResultsRead {
  const [headings = [], ...body] = rows.filter((row) => row.some((cell) => cell.trim()));
  const isAnswer = headings.map(
    (heading) => Boolean(heading.trim()) && !ABOUT.test(heading.trim()),
  );
  const name = headings.findIndex((heading) => /name|learner|student|participant/i.test(heading));
  const columns = headings.flatMap((heading, at) =>
    isAnswer[at]
      ? [
          columnOf(
            heading,
            body.map((row) => row[at] ?? ''),
            items,
          ),
        ]
      : [],
  );
  const scored = columns.filter(({ scores }) => scores.some((score) => score !== undefined));
  return {
    learners: body.map((row, at) => (name >= 0 ? (row[name] ?? '') : `Learner ${at + 1}`)),
    columns: scored,
    findings: [...unscored(columns), ...strange(scored)],
  };
}
