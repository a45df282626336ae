// What only all questions of a text together show, once its lines are put together: each looks whether most are typed so.
import { takeAnswersBehind } from './answers-behind';
import { takeBracketGaps } from './bracket-gaps';
import { takeDrawnLines } from './drawn-lines';
import type { Draft } from './draft';
import { takeEndPoints } from './end-points';
import { splitJoinedWrongs } from './joined-wrongs';
import { takeLoneAnswers } from './lone-answer';
import { takeLoneNumbers } from './lone-number';
import { takeSameFront } from './same-front';
import { takeSameLines } from './same-lines';
import { spreadAnswers } from './spread-answers';
import { takeOptionLines } from './option-line';
import { takeWordMarks } from './word-marks';

/** Points come off before texts are looked at; a lone line is an answer only where it holds no options. */
const STEPS: readonly ((drafts: readonly Draft[]) => void)[] = [
  takeSameLines,
  takeSameFront,
  takeWordMarks,
  splitJoinedWrongs,
  takeEndPoints,
  takeAnswersBehind,
  takeOptionLines,
  takeLoneAnswers,
  takeLoneNumbers,
  spreadAnswers,
  takeBracketGaps,
  takeDrawnLines,
];

/** Looks at the questions of a text as a whole, and puts right what their lines alone did not tell. */
export const finish = (drafts: readonly Draft[]): void => STEPS.forEach((step) => step(drafts));
