// What goes on paper: the set's versions, then the page, or the same as a document that an office suite opens.
import type { PaperJob } from '../model';
import { versionsOf } from '../sets';
import { Problem } from '../shared/problem';
import { paperPage } from '../writers/paper';
import { paperDocument } from '../writers/paper/file';
import { say } from '../shared/say';

/** One printable page of a handout, a key, an answer sheet, a study sheet, cards or QR cards; the same job gives the same page. */
export function printPaper(job: PaperJob): string {
  return paperPage(job, versionsOf(job.items, job.versions ?? 1, job.seed ?? 1));
}

/**
 * The same as a document.
 * @throws {Problem} for cards, whose two sides only match on a page that no program sets anew
 */
export function paperFile(job: PaperJob, format: 'docx' | 'odt'): Promise<Uint8Array> {
  if (job.what === 'cards' || job.what === 'qr') {
    throw new Problem(say('Cards are printed as they stand; take the page and print it.'));
  }
  const { title = 'Questions', columns = 1 } = job;
  return paperDocument(printPaper(job), { title, columns, format, head: job.head, foot: job.foot });
}
