// What goes on paper: the set's versions, then the page.
import type { PaperJob } from '../model';
import { versionsOf } from '../sets';
import { paperPage } from '../writers/paper';

/** One printable page of a handout, a key, cards or QR cards; the same job gives the same page. */
export function printPaper(job: PaperJob): string {
  return paperPage(job, versionsOf(job.items, job.versions ?? 1, job.seed ?? 1));
}
