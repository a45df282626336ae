// The stand-ins that a file can be handed to in this place, each with its own strict reader and its own play.
import type { Square } from '../../stand-ins/board-host/take';
import type { Card } from '../../stand-ins/card-trainer/take';
import type { ShelfQuestion } from '../../stand-ins/course-shelf/take';
import type { FormQuestion } from '../../stand-ins/form-host/take';
import type { Taken } from '../../stand-ins/taken';
import type { FilledFile } from '../state/hand-over';
import type { PlayQuestion } from './questions';
import { ofHost } from './questions';

export type Played =
  | { questions: readonly PlayQuestion[]; isLive?: boolean }
  | { cards: readonly Card[] }
  | { squares: readonly Square[] }
  | { form: readonly FormQuestion[] }
  | { course: readonly ShelfQuestion[] };
export type Refused = { row: number; reason: string; question?: string };
/** What a stand-in answered: a title, what can be played, what it refused; or why it could read nothing. */
export type Answer =
  { problem: string } | { title: string; many: number; play: Played; refused: readonly Refused[] };

export type Host = {
  id: string;
  accept: string;
  load: () => Promise<{
    name: string;
    what: string;
    rules: readonly string[];
    blank: string;
    take: (bytes: Uint8Array) => Promise<Answer>;
  }>;
};

const live: Host = {
  id: 'live-host',
  accept: '.xlsx',
  load: async () => {
    const { LIVE_HOST, PUBLISHED } = await import('../../stand-ins/live-host/rules');
    const { takeFile } = await import('../../stand-ins/live-host/take');
    return {
      ...LIVE_HOST,
      rules: PUBLISHED,
      take: async (bytes) => {
        const answer = await takeFile(bytes);
        return 'problem' in answer
          ? answer
          : {
              title: answer.title,
              many: answer.taken.length,
              play: { questions: answer.taken.map(ofHost), isLive: true },
              refused: answer.refused,
            };
      },
    };
  },
};

/** The answer of a stand-in of the one manner as this place shows it. */
const answerOf = <Question>(
  title: string,
  answer: Taken<Question>,
  play: (questions: readonly Question[]) => Played,
): Answer =>
  'problem' in answer
    ? answer
    : {
        title,
        many: answer.questions.length,
        play: play(answer.questions),
        refused: answer.refused,
      };

const cards: Host = {
  id: 'card-trainer',
  accept: '.tsv,.txt',
  load: async () => {
    const { CARD_TRAINER, CARD_TRAINER_RULES } = await import('../../stand-ins/card-trainer/rules');
    const { takeFile } = await import('../../stand-ins/card-trainer/take');
    return {
      ...CARD_TRAINER,
      rules: CARD_TRAINER_RULES,
      take: (bytes) =>
        Promise.resolve(
          answerOf(CARD_TRAINER.name, takeFile(bytes), (taken) => ({ cards: taken })),
        ),
    };
  },
};

const shelf: Host = {
  id: 'course-shelf',
  accept: '.csv',
  load: async () => {
    const { COURSE_SHELF, COURSE_SHELF_RULES } = await import('../../stand-ins/course-shelf/rules');
    const { takeFile } = await import('../../stand-ins/course-shelf/take');
    return {
      ...COURSE_SHELF,
      rules: COURSE_SHELF_RULES,
      take: (bytes) =>
        Promise.resolve(
          answerOf(COURSE_SHELF.name, takeFile(bytes), (taken) => ({ course: taken })),
        ),
    };
  },
};

const board: Host = {
  id: 'board-host',
  accept: '.xlsx',
  load: async () => {
    const { BOARD_HOST, BOARD_HOST_RULES } = await import('../../stand-ins/board-host/rules');
    const { takeFile } = await import('../../stand-ins/board-host/take');
    return {
      ...BOARD_HOST,
      rules: BOARD_HOST_RULES,
      take: async (bytes) =>
        answerOf(BOARD_HOST.name, await takeFile(bytes), (squares) => ({ squares })),
    };
  },
};

const form: Host = {
  id: 'form-host',
  accept: '.txt',
  load: async () => {
    const { FORM_HOST, FORM_HOST_RULES } = await import('../../stand-ins/form-host/rules');
    const { takeFile } = await import('../../stand-ins/form-host/take');
    return {
      ...FORM_HOST,
      rules: FORM_HOST_RULES,
      take: (bytes) => {
        const answer = takeFile(bytes);
        return Promise.resolve(
          answerOf(answer.title ?? FORM_HOST.name, answer, (taken) => ({ form: taken })),
        );
      },
    };
  },
};

export const HOSTS: readonly Host[] = [live, cards, shelf, board, form];

/** The files that were filled from a host's own blank: a file of another form is never offered to it. */
export const filesFor = (blank: string, files: readonly FilledFile[]): FilledFile[] =>
  files.filter(({ made }) => made.kept.layout.blank?.name === blank);
