// Boxes of two shapes, which tell apart questions with one right option and those with several.
import type { Form, Kind } from '../../model';
import { isTold, type Question } from './told';

const BOX = /^\s*(?:[-*+•–]\s+)?([([{<])[^\p{L}\p{N}]?[\p{L}\p{N}]?\s?[)\]}>]\s*$/u;

/** The shapes of the boxes in front of a question's options. */
function shapesIn({ lines }: Question): Set<string> {
  const options = lines.filter(isTold).filter(({ part }) => part === 'option');
  return new Set(options.map(({ before }) => BOX.exec(before)?.[1] ?? ''));
}

/** The shape of the boxes of each question, where each has one and not all have the same; '' where shapes tell nothing apart. */
export function boxShapes(questions: readonly Question[]): (question: Question) => string {
  const shapes = new Map(questions.map((question) => [question, [...shapesIn(question)]]));
  const shown = [...shapes.values()].filter(({ length }) => length > 0);
  const areTold =
    shown.every(([shape, ...others]) => shape && !others.length) && new Set(shown.flat()).size > 1;
  return (question) => (areTold ? (shapes.get(question)![0] ?? '') : '');
}

/** Round boxes are for one right option and square ones for several. Common practice, no source. */
const KIND_OF_SHAPE: Readonly<Record<string, Kind>> = { '(': 'choice-one', '[': 'choice-many' };
const CHOICES: ReadonlySet<Kind> = new Set(['choice-one', 'choice-many']);

/** A form with the kind that the shape of its boxes tells, unless its questions say something else. */
export function withKindOfBoxes(form: Form, shape: string): Form {
  const kind = KIND_OF_SHAPE[shape];
  const isSaid =
    kind === 'choice-many' || (form.kinds.length === 1 && form.kinds[0] === 'choice-one');
  return kind && isSaid && form.kinds.every((one) => CHOICES.has(one))
    ? { ...form, kinds: [kind] }
    : form;
}
