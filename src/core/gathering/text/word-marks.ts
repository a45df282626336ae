// A word in brackets or behind a dash that singles out an option of each question, in whatever language: 'Warszawa (poprawna)'.
import { alike } from '../../shared/normalise';
import { verdictOf } from '../../shared/vocabulary/verdicts';
import { pieceText, type Draft, type DraftOption } from './draft';

const BEHIND =
  /\s*(?:[([{<]\s*(\p{L}{2,14}(?: \p{L}{2,14})?)\s*[)\]}>]|(?:[–—-]|<-+|←)\s+(\p{L}{3,14}))\s*$/u;
const LEAST = 2;
const MOSTLY = 0.8;

type Marked = { option: DraftOption; word: string; at: number };

/** The word behind an option's text, and where it begins in its last line. */
function wordBehind(option: DraftOption): Marked | undefined {
  const match = BEHIND.exec(pieceText(option.pieces.at(-1)!));
  const word = match?.[1] ?? match?.[2];
  return match && word && match.index > 0 && verdictOf(word) !== false
    ? { option, word: alike(word), at: match.index }
    : undefined;
}

/** Whether a question has options and nothing that tells the right ones. */
const isUntold = ({ options, answers }: Draft): boolean =>
  options.length > 1 && !answers.length && options.every(({ right }) => right === undefined);

/** Takes such a word off, where the same one stands at some but not all options of most questions and nothing else tells a key. */
export function takeWordMarks(drafts: readonly Draft[]): void {
  const choices = drafts.filter(({ options }) => options.length > 1);
  const found = choices.filter(isUntold).map((draft) => ({
    draft,
    marked: draft.options.flatMap((option) => wordBehind(option) ?? []),
  }));
  const words = new Set(found.flatMap(({ marked }) => marked.map(({ word }) => word)));
  const [only, ...others] = [...words].filter((word) => {
    const telling = found.filter(({ draft, marked }) => {
      const times = marked.filter((one) => one.word === word).length;
      return times > 0 && times < draft.options.length;
    });
    return telling.length >= LEAST && telling.length >= choices.length * MOSTLY;
  });
  if (only === undefined || others.length) {
    return;
  }
  for (const { option, word, at } of found.flatMap(({ marked }) => marked)) {
    if (word === only) {
      const last = option.pieces.at(-1)!;
      option.mark = pieceText(last).slice(at).trim();
      option.right = true;
      last.to = last.from + at;
    }
  }
}
