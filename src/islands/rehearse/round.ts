// A live round over several windows of this machine: what the host knows, what the learners see, and how an answer counts.
import { seeded, shuffled } from '../../core/shared/chance';
import { csvOf } from '../../stand-ins/csv';
import type { PlayQuestion } from './questions';
import { i18n } from '../../languages';

/** An answer: the options that were picked, from 1, and after how many seconds. */
export type Given = { picked: readonly number[]; seconds: number };
export type Learner = { id: string; name: string; answers: Readonly<Record<number, Given>> };
export type Phase = 'waiting' | 'asking' | 'shown' | 'over';

/** The round as the host's window holds it. Times are in milliseconds. */
export type Round = {
  id: string;
  title: string;
  questions: readonly PlayQuestion[];
  at: number;
  phase: Phase;
  begunAt: number;
  learners: readonly Learner[];
};

/** What a learner's window is told: never what is right before it is shown. */
export type View = {
  title: string;
  phase: Phase;
  at: number;
  of: number;
  stem: string;
  answers: readonly string[];
  many: boolean;
  seconds: number;
  begunAt: number;
  right: readonly number[];
  scores: readonly { id: string; name: string; right: number; seconds: number }[];
};

export type ToHost =
  { is: 'hello'; id: string } | ({ is: 'answer'; id: string; at: number } & Given);
export type ToLearners = { is: 'view'; view: View } | { is: 'who' };

/** A question without a clock of its own is open for so long. */
const DEFAULT_SECONDS = 30;
const secondsOf = ({ facts }: PlayQuestion): number =>
  Number(/(\d+) s\b/.exec(facts)?.[1] ?? DEFAULT_SECONDS);

export const freshRound = (title: string, questions: readonly PlayQuestion[]): Round => ({
  id: crypto.randomUUID().slice(0, 8),
  title,
  // What is typed or only thought can't be answered by picking.
  questions: questions.filter(({ answers }) => answers.length > 0),
  at: 0,
  phase: 'waiting',
  begunAt: 0,
  learners: [],
});

const isRight = ({ right }: PlayQuestion, { picked }: Given): boolean =>
  picked.length === right.length && right.every((n) => picked.includes(n));

/** How many a learner has right of what was shown so far, and how long the right answers took. */
function scoreOf({ questions, at, phase }: Round, { id, name, answers }: Learner) {
  const shown = phase === 'asking' ? at : at + 1;
  const right = questions
    .slice(0, shown)
    .flatMap((question, n) => (answers[n] && isRight(question, answers[n]) ? [answers[n]] : []));
  return {
    id,
    name,
    right: right.length,
    seconds: Math.round(right.reduce((sum, { seconds }) => sum + seconds, 0)),
  };
}

/** The learners by what they have right; the quicker first where that is the same. */
export const scoresOf = (round: Round): View['scores'] =>
  round.learners
    .map((learner) => scoreOf(round, learner))
    .sort((a, b) => b.right - a.right || a.seconds - b.seconds);

export function viewOf(round: Round): View {
  const { title, phase, at, questions, begunAt } = round;
  const question = questions[at];
  const isAsked = phase === 'asking' || phase === 'shown';
  return {
    title,
    phase,
    at,
    of: questions.length,
    stem: isAsked && question ? question.stem : '',
    answers: isAsked && question ? question.answers : [],
    many: question?.many ?? false,
    seconds: question ? secondsOf(question) : DEFAULT_SECONDS,
    begunAt,
    right: phase === 'shown' && question ? question.right : [],
    scores: scoresOf(round),
  };
}

/** The round after a message from a learner's window: one more learner, or an answer while the question is open. */
export function heard(round: Round, message: ToHost, now: number): Round {
  const { learners, phase, at, begunAt } = round;
  const known = learners.find(({ id }) => id === message.id);
  if (message.is === 'hello') {
    const name = i18n._('Learner {learners, number}', { learners: learners.length + 1 });
    return known
      ? round
      : { ...round, learners: [...learners, { id: message.id, name, answers: {} }] };
  }
  if (!known || phase !== 'asking' || message.at !== at) {
    return round;
  }
  const given: Given = { picked: message.picked, seconds: (now - begunAt) / 1000 };
  return {
    ...round,
    learners: learners.map((one) =>
      one.id === message.id ? { ...one, answers: { ...one.answers, [at]: given } } : one,
    ),
  };
}

/** The next step of the host: begin, show what is right, the next question, the end. */
export function stepped(round: Round, now: number): Round {
  if (round.phase === 'waiting') {
    return { ...round, phase: 'asking', begunAt: now };
  }
  if (round.phase === 'asking') {
    return { ...round, phase: 'shown' };
  }
  return round.phase === 'shown' && round.at + 1 < round.questions.length
    ? { ...round, at: round.at + 1, phase: 'asking', begunAt: now }
    : { ...round, phase: 'over' };
}

/** The order in which a learner sees the options, from 1: its own for each window and question. */
export function orderFor(learner: string, at: number, many: number): number[] {
  const seed = [...`${learner} ${at}`].reduce(
    (sum, sign) => (sum * 31 + sign.charCodeAt(0)) | 0,
    7,
  );
  return shuffled(
    Array.from({ length: many }, (_, n) => n + 1),
    seeded(seed),
  );
}

/** The answers as text that any spreadsheet program opens (RFC 4180): a row for each learner, the texts that were picked. */
export function answersCsv({ questions, learners }: Round): string {
  const rows = learners.map(({ name, answers }) => [
    name,
    ...questions.map(({ answers: texts }, n) =>
      (answers[n]?.picked ?? []).map((one) => texts[one - 1] ?? '').join('; '),
    ),
  ]);
  const head = [i18n._('Learner'), ...questions.map(({ stem }) => stem)];
  return csvOf([head, ...rows]);
}

export const channelOf = (id: string): string => i18n._('cowslip round {id}', { id });
