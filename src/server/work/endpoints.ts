// Every call that does work, by its name.
import { checkEndpoint } from '../check';
import {
  assistantEndpoint,
  compareEndpoint,
  draftEndpoint,
  requestEndpoint,
  variantsEndpoint,
} from '../drafting';
import { drawEndpoint } from '../draw';
import { fillEndpoint } from '../fill';
import { fitEndpoint } from '../fit';
import { gatherEndpoint } from '../gather';
import { learnEndpoint } from '../learn';
import { activityEndpoint, paperEndpoint } from '../paper';
import { readBackEndpoint } from '../read-back';
import { resultsEndpoint } from '../results';
import { mergeEndpoint, sheetsEndpoint } from '../sheets';
import type { JobName } from './jobs';

export const ENDPOINTS: Record<JobName, (request: Request) => Promise<Response>> = {
  gather: gatherEndpoint,
  learn: learnEndpoint,
  check: checkEndpoint,
  fit: fitEndpoint,
  fill: fillEndpoint,
  'read-back': readBackEndpoint,
  draw: drawEndpoint,
  draft: draftEndpoint,
  variants: variantsEndpoint,
  request: requestEndpoint,
  compare: compareEndpoint,
  assistant: assistantEndpoint,
  paper: paperEndpoint,
  activity: activityEndpoint,
  sheets: sheetsEndpoint,
  merge: mergeEndpoint,
  results: resultsEndpoint,
};
