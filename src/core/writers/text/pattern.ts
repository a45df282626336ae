// The lines of a file by a receiver's pattern: what stands above all questions, each with its number and its category.
import type { Part, Pattern } from '../../model';
import { lineAround, numberedText, questionsIn } from '../../shared/pattern-line';
import type { Job, Placed } from '../contract';

/** The line of a category that stands above several questions. */
const sharedPart = ({ forms }: Pattern): Part | undefined =>
  forms.flatMap(({ parts }) => parts).find(({ isShared }) => isShared);

/** The lines above all questions, with the set's name where there is one. */
function topOf({ head = [], title }: Pattern, setTitle: string | undefined): string[] {
  const named = title && setTitle ? [lineAround(title, setTitle)] : [];
  return [...head, ...named, ...(title?.below ?? [])];
}

const categoryOf = ({ as }: Placed): string => as[0]?.category?.join(' > ') ?? '';

/** The line of a question's category, where it is another one than that of the question before. */
function categoryLines(
  shared: Part | undefined,
  { own, before, isFirst }: { own: string; before: string; isFirst: boolean },
): string[] {
  return shared && own && own !== before
    ? [
        ...((!isFirst && shared.above) || []),
        lineAround(shared, own),
        ...(shared.between?.split('\n').slice(1) ?? []),
      ]
    : [];
}

/** The lines of a file by its pattern. */
export function patternLines(
  pattern: Pattern,
  { questions, setTitle }: Pick<Job, 'questions' | 'setTitle'>,
): string[] {
  const shared = sharedPart(pattern);
  const lines = topOf(pattern, setTitle);
  const counts = questions.map(({ text = '' }) => questionsIn(text));
  const total = counts.reduce((sum, count) => sum + count, 0);
  let before = '';
  let first = 1;
  questions.forEach((question, at) => {
    const own = categoryOf(question);
    const text = numberedText(question.text ?? '', first, total);
    first += counts[at]!;
    const category = categoryLines(shared, { own, before, isFirst: at === 0 });
    lines.push(...(at ? pattern.between : []), ...category);
    lines.push(...text.split('\n'));
    before = own || before;
  });
  return lines;
}
