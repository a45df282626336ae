// The stand-ins by their names: what each publishes, and how it answers to a file.
import { BOARD_HOST, BOARD_HOST_RULES } from './board-host/rules';
import { takeFile as takeBoard } from './board-host/take';
import { CARD_TRAINER, CARD_TRAINER_RULES } from './card-trainer/rules';
import { takeFile as takeCards } from './card-trainer/take';
import { COURSE_SHELF, COURSE_SHELF_RULES } from './course-shelf/rules';
import { takeFile as takeShelf } from './course-shelf/take';
import { FORM_HOST, FORM_HOST_RULES } from './form-host/rules';
import { takeFile as takeForm } from './form-host/take';
import { LIVE_HOST, PUBLISHED } from './live-host/rules';
import { takeFile as takeRound } from './live-host/take';
import type { Taken } from './taken';

export type StandIn = {
  name: string;
  title: string;
  what: string;
  rules: readonly string[];
  /** Where its blank can be fetched. */
  blank: string;
  take: (bytes: Uint8Array) => Promise<Taken<unknown>> | Taken<unknown>;
};

async function takeLive(bytes: Uint8Array): Promise<Taken<unknown>> {
  const answer = await takeRound(bytes);
  return 'problem' in answer
    ? answer
    : {
        questions: answer.taken,
        refused: answer.refused.map(({ row, reason }) => ({ row, reason })),
      };
}

export const STAND_INS: readonly StandIn[] = [
  {
    name: LIVE_HOST.id,
    title: LIVE_HOST.name,
    what: LIVE_HOST.what,
    rules: PUBLISHED,
    blank: `/demo/${LIVE_HOST.blank}`,
    take: takeLive,
  },
  {
    name: CARD_TRAINER.id,
    title: CARD_TRAINER.name,
    what: CARD_TRAINER.what,
    rules: CARD_TRAINER_RULES,
    blank: `/demo/${CARD_TRAINER.blank}`,
    take: takeCards,
  },
  {
    name: COURSE_SHELF.id,
    title: COURSE_SHELF.name,
    what: COURSE_SHELF.what,
    rules: COURSE_SHELF_RULES,
    blank: `/demo/${COURSE_SHELF.blank}`,
    take: takeShelf,
  },
  {
    name: BOARD_HOST.id,
    title: BOARD_HOST.name,
    what: BOARD_HOST.what,
    rules: BOARD_HOST_RULES,
    blank: `/demo/${BOARD_HOST.blank}`,
    take: takeBoard,
  },
  {
    name: FORM_HOST.id,
    title: FORM_HOST.name,
    what: FORM_HOST.what,
    rules: FORM_HOST_RULES,
    blank: `/demo/${FORM_HOST.blank}`,
    take: takeForm,
  },
];
