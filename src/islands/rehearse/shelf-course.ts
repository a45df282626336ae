// A course as the shelf plays it: questions drawn from each section, practised with several tries, or answered for points.
import { seeded, shuffled } from '../../core/shared/chance';
import type { ShelfQuestion } from '../../stand-ins/course-shelf/take';
import { isExactly } from './questions';
import { i18n } from '../../languages';

export type Mode = 'practice' | 'scored';
/** A course at one of its questions. `tries` counts the wrong answers to it; `isShown` where its right answer is told. */
export type Course = {
  mode: Mode;
  questions: readonly ShelfQuestion[];
  at: number;
  tries: number;
  isShown: boolean;
  /** For each question that is behind: whether it was answered right, in practice at any try. */
  right: readonly boolean[];
};
export type Section = { name: string; questions: readonly ShelfQuestion[] };
export type Scored = { name: string; points: number; of: number };

/** The sections of what can be played in a mode, in the order of the file; questions without a topic are one of their own. */
export function sectionsOf(questions: readonly ShelfQuestion[], mode: Mode): Section[] {
  const sections = new Map<string, ShelfQuestion[]>();
  for (const question of questions.filter(({ use }) => use === '' || use === mode)) {
    const own = sections.get(question.topic) ?? [];
    sections.set(question.topic, [...own, question]);
  }
  return [...sections].map(([name, own]) => ({
    name: name || i18n._('Without a topic'),
    questions: own,
  }));
}

/** A course begun anew: of each section so many questions by chance, or all where `each` is 0; the same seed draws the same. */
export function begun(
  questions: readonly ShelfQuestion[],
  mode: Mode,
  { each, seed }: { each: number; seed: number },
): Course {
  const chance = seeded(seed);
  const drawn = sectionsOf(questions, mode).flatMap((section) =>
    each > 0 ? shuffled(section.questions, chance).slice(0, each) : section.questions,
  );
  return { mode, questions: drawn, at: 0, tries: 0, isShown: false, right: [] };
}

/** How often the question at hand may still be answered. */
export const triesLeft = ({ questions, at, tries }: Course): number =>
  Math.max(0, (questions[at]?.tries ?? 1) - tries);

/** The next question. */
export const next = (course: Course): Course => ({
  ...course,
  at: course.at + 1,
  tries: 0,
  isShown: false,
});

/**
 * The course after an answer. For points it counts as it is, and nothing is told before the end; in practice a wrong one may be
 * given again until the tries are used, then the right one is shown.
 */
export function answered(course: Course, picked: ReadonlySet<number>): Course {
  const question = course.questions[course.at];
  if (!question || course.isShown) {
    return course;
  }
  const isSo = isExactly(picked, question.right);
  if (course.mode === 'scored') {
    return next({ ...course, right: [...course.right, isSo] });
  }
  const tries = course.tries + (isSo ? 0 : 1);
  const isOver = isSo || tries >= question.tries;
  return {
    ...course,
    tries,
    isShown: isOver,
    right: isOver ? [...course.right, isSo] : course.right,
  };
}

/** The points of each section, and what can be had. */
export function scoresOf({ questions, right, mode }: Course): Scored[] {
  return sectionsOf(questions, mode).map(({ name, questions: own }) => {
    const had = own.filter((question) => right[questions.indexOf(question)]);
    const sum = (some: readonly ShelfQuestion[]): number =>
      some.reduce((total, { worth }) => total + worth, 0);
    return { name, points: sum(had), of: sum(own) };
  });
}
