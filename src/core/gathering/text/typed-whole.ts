// Ways of typing of which each is known by the whole text, looked for before all others.
import { capitalsForGaps } from './typed-capitals';
import { choicesOfGaps } from './typed-cloze';
import { cluesAnswered } from './typed-clues';
import { statementsCorrected } from './typed-corrected';
import { optionsCounted } from './typed-digits';
import { optionsGapped } from './typed-gapped';
import { lastCounted } from './typed-last';
import { statementsLettered } from './typed-legend-letters';
import { modelsListed } from './typed-models';
import type { Lines } from './retyping';
import { initialsAnswer } from './typed-initial-answers';
import { barsApart, blanksBeforeLists, prizesApart } from './typed-prizes';
import { keysInShort } from './typed-short-keys';
import { someAnswered, tasksBetween } from './typed-some-keys';
import { optionsSlashed } from './typed-slashed';
import { gapsNumbered, partsHeaded, stepsApart } from './typed-stations';

export const TYPED_WHOLE: readonly ((lines: Lines) => Lines)[] = [
  barsApart,
  blanksBeforeLists,
  prizesApart,
  initialsAnswer,
  gapsNumbered,
  choicesOfGaps,
  cluesAnswered,
  partsHeaded,
  stepsApart,
  capitalsForGaps,
  statementsLettered,
  statementsCorrected,
  optionsCounted,
  lastCounted,
  modelsListed,
  tasksBetween,
  someAnswered,
  keysInShort,
  optionsSlashed,
  optionsGapped,
];
