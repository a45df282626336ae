// Where right answers lie in the files of a layout, as they are and spread evenly.
import { tallyOfKeys, type Taken } from '../handing-over';
import { chosenFor, inFiles, spreadIn, type FillJob } from './filling';

/** How many right answers lie at each place, the first place first. */
export type KeyPlaces = { before: number[]; after: number[]; questions: number };

/** Where right answers lie in a file of the layout, without spreading them and with it. */
export function keyPlaces(
  job: Pick<FillJob, 'items' | 'layout' | 'decisions' | 'deck'>,
  seed: number,
): KeyPlaces {
  const { taken } = chosenFor(job);
  const before = tallyOfKeys(taken);
  const spread: Taken[] = inFiles(job, taken).flatMap((own) => [
    ...spreadIn({ ...job, spread: seed }, own),
  ]);
  return {
    before: before.places,
    after: tallyOfKeys(spread).places,
    questions: before.questions,
  };
}
