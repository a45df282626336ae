// A set as one file that plays anywhere.
import type { Activity, Surroundings } from '../model';
import { activityPage } from '../writers/activity';

/** The file's text; the same activity gives the same file. */
export const playAnywhere = (
  activity: Activity,
  { digest }: Pick<Surroundings, 'digest'>,
): Promise<string> => activityPage(activity, digest);
