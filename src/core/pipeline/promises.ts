// What a text promises in its first lines, held against what came of it.
import type { Finding, Opened } from '../model';
import { promisedIn, type Promised } from '../shared/promise';
import { say } from '../shared/say';

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
      message: say(
        'Line {line} speaks of {count, plural, one {# question} other {# questions}}; {came} {came, plural, one {was} other {were}} found. Look at what was left out, or ask for the rest.',
        { line: promised.line, count: promised.count, came },
      ),
    },
  ];
}
