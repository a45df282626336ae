// A line that stands alike between every question and its options is no part of any: 'Answer choices:'.
import { alike } from '../../shared/normalise';
import { pieceText, type Draft } from './draft';

const LEAST = 2;
const MOSTLY = 0.6;
const ANNOUNCES = /[:：]\s*$/u;

/** The last line of a question's text that announces its options, where it is not all of it. */
function announced({ stem }: Draft): string | undefined {
  const text = stem.length > 1 ? pieceText(stem.at(-1)!) : '';
  return ANNOUNCES.test(text) ? alike(text) : undefined;
}

/** Takes such a line out of the questions' texts. */
export function takeSameLines(drafts: readonly Draft[]): void {
  const offering = drafts.filter(({ options }) => options.length > 0);
  const counts = new Map<string, number>();
  for (const text of offering.flatMap((draft) => announced(draft) ?? [])) {
    counts.set(text, (counts.get(text) ?? 0) + 1);
  }
  for (const draft of offering) {
    const times = counts.get(announced(draft) ?? '') ?? 0;
    if (times >= LEAST && times >= offering.length * MOSTLY) {
      draft.stem.pop();
    }
  }
}
