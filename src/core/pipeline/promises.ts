// What a text promises in its first lines, held against what came of it.
import type { Finding, Opened } from '../model';
import { count } from '../shared/plain';
import { promisedIn, type Promised } from '../shared/promise';

function promisedBy(opened: Opened): Promised | undefined {
  if (opened.is === 'table') {
    return opened.table.promised;
  }
  if (opened.is !== 'document') {
    return undefined;
  }
  const first = opened.document.lines.filter(({ text }) => text.trim()).slice(0, 6);
  const found = promisedIn(first.map(({ text }) => text).join('\n'));
  return found && { ...found, line: first[found.line - 1]!.line };
}

/** Told where fewer questions came than were promised; more may come where learners choose among them. */
export function promiseUnmet(opened: Opened, came: number, file: string): Finding[] {
  const promised = promisedBy(opened);
  if (!promised || came === 0 || came >= promised.count) {
    return [];
  }
  return [
    {
      rule: 'fewer-than-promised',
      level: 'warn',
      where: { file, line: promised.line },
      message: `Line ${promised.line} speaks of ${count(promised.count, 'question')}; ${came} ${came === 1 ? 'was' : 'were'} found. Look at what was left out, or ask for the rest.`,
    },
  ];
}
