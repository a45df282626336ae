// The reply to a request for categories: one on each line, whatever an assistant puts around them.
import type { Asked, Finding } from '../../model';
import { alike, cleanText } from '../../shared/normalise';
import { quoted } from '../../shared/plain';
import { note } from './around';
import { say } from '../../shared/say';

/** The categories of a reply, and what is to be said of it. */
export type Categories = { categories: string[]; findings: Finding[] };

const FENCE = /^\s*(`{3,}|~{3,})/;
/** Numbers, bullets and quotes that a category does not have itself. */
const DECORATION = /^(?:\s*(?:\d{1,2}\s*[.):]|[-*•–#]+)\s+)+|^["“„'|]+\s*|[*_`]{2,}/g;
const AT_END = /\s*(?:["”“'|;,]|\.$)+\s*$/;
/** A sentence of talk has more words than a category. */
const MOST_WORDS = 7;
const NAMED = 4;

/** The lines inside a fence where there is one; else all. */
function linesOf(reply: string): string[] {
  const lines = reply.split(/\r?\n/);
  const fences = lines.flatMap((line, at) => (FENCE.test(line) ? [at] : []));
  return fences.length > 1 ? lines.slice(fences[0]! + 1, fences[1]) : lines;
}

/** Lists on one line are parted where several stand on it. */
const partsOf = (line: string): string[] => (line.split(';').length > 2 ? line.split(';') : [line]);

const bare = (text: string): string =>
  cleanText(text.replace(DECORATION, '').replace(DECORATION, '').replace(AT_END, ''));

/** Three words and a full stop are a sentence. */
const SENTENCE = /\S \S+ \S.*\.\s*$/;

/** Whether a line is talk around the categories. */
const isTalk = (text: string, line: string): boolean =>
  text.split(' ').length > MOST_WORDS || /[:?!]\s*$/.test(line) || SENTENCE.test(line);

/** Words that stand above a list and are none of its categories: what it is a list of. */
const headingsOf = ({ columns, topic = '' }: Asked): ReadonlySet<string> =>
  new Set([...columns.map(({ heading }) => heading), 'categories', topic].map(alike));

/** Reads the categories of a reply; doubled ones and talk are left out and told. */
export function categoriesOfReply(reply: string, asked: Asked): Categories {
  const findings: Finding[] = [];
  const seen = new Set<string>();
  const categories: string[] = [];
  const left: string[] = [];
  const headings = headingsOf(asked);
  for (const line of linesOf(reply).flatMap(partsOf)) {
    const text = bare(line);
    if (!text) {
      continue;
    }
    const isHeading = !categories.length && headings.has(alike(text));
    if (isHeading || isTalk(text, line) || seen.has(alike(text))) {
      left.push(text);
      continue;
    }
    seen.add(alike(text));
    categories.push(text);
  }
  if (left.length) {
    const named = left.slice(0, NAMED).map((text) => quoted(text, 30));
    const message = say('Left out, as no category or one named twice: {named}{left}.', {
      named: named.join(', '),
      left: left.length > NAMED ? ' …' : '',
    });
    findings.push(note('reply-categories-left', 'note', message));
  }
  if (!categories.length) {
    findings.push(
      note(
        'reply-form',
        'block',
        say('The reply names no category: one on each line was asked for.'),
      ),
    );
  } else if (categories.length !== asked.count) {
    const message = say(
      '{categories, plural, one {# category} other {# categories}} came; {count} were asked for.',
      { categories: categories.length, count: asked.count },
    );
    findings.push(note('reply-count', 'warn', message));
  }
  return { categories, findings };
}
