// A sample of marked text, learned by its signs and line by line: of two layouts under which it comes out, the one that explains more.
import { dequal } from 'dequal';
import { learnMarkedText, type LearnedLayout } from '../learning';
import type { Document, Layout } from '../model';
import { learnPattern, textUnder } from './marked-pattern';
import { withMarkedSample } from './marked-sample';

/** A word in small letters, as texts begin with: no sign. */
const WORD = /^\p{L}?\p{Ll}{2,}$/u;

/** Whether signs were found for certain, and none of them is a word that texts may begin with. */
function areSure(learned: LearnedLayout | undefined): learned is LearnedLayout {
  const { open, right, wrong } = learned?.layout.marks ?? {};
  const signs = [open, right, wrong];
  return learned?.unsure.length === 0 && !signs.some((sign) => WORD.test(sign ?? ''));
}

/** Whether two layouts say the same of the lines around the answers. */
const sayAlike = ({ marks: one }: Layout, { marks: other }: Layout): boolean =>
  one?.feedback === other?.feedback &&
  one?.category === other?.category &&
  dequal(one?.fields ?? [], other?.fields ?? []);

/** Learns a text: by its signs where it is plain marked text, and by its lines. */
export function learnText(
  { document, isPlain }: { document: Document; isPlain: boolean },
  base: Pick<Layout, 'id' | 'name'>,
): LearnedLayout | undefined {
  const found = isPlain ? learnMarkedText(document, base.id, base.name) : undefined;
  const bySigns = found && withMarkedSample(found, document);
  const byLines = learnPattern(document, { ...base, limits: bySigns?.layout.limits ?? {} });
  if (!byLines || !areSure(bySigns)) {
    return byLines ?? bySigns;
  }
  // What takes more of a text for signs leaves less of it to the questions.
  const more = textUnder(document, bySigns.layout) - textUnder(document, byLines.layout);
  if (more !== 0) {
    return more > 0 ? byLines : bySigns;
  }
  const isOther = byLines.unsure.length === 0 && !sayAlike(byLines.layout, bySigns.layout);
  return isOther ? { ...byLines, unsure: ['pattern'] } : bySigns;
}
