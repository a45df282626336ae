// Replies held against what was asked: what is missing, wrong or too much, each at its place, and what to ask for again.
import type { Asked, Finding, Item } from '../../model';
import { quoted } from '../../shared/plain';
import { nameItems } from '../../shared/references';
import { isAbout } from './about';
import { again, wrongOf } from './again';
import { aroundFindings, at, keyOffset, note, onePlace } from './around';
import { withoutDoubles } from './doubles';
import { itemOfRow, type RowItem } from './row-item';
import { rowsOf } from './rows';
import { say } from '../../shared/say';

/** Reads a reply that has no rows, as any other text is read. */
export type ReadText = (reply: string) => Item[] | Promise<Item[]>;
export type Compared = {
  items: Item[];
  findings: Finding[];
  /** Words that no question is about. */
  missing: string[];
  again?: { text: string; asked: Asked };
};

type Reply = { made: RowItem[]; findings: Finding[] };

async function readReply(
  reply: string,
  asked: Asked,
  n: number,
  of: { replies: number; read: ReadText },
): Promise<Reply> {
  const place = of.replies > 1 ? say('Reply {n}', { n: n + 1 }) : say('The reply');
  const rows = rowsOf(reply, asked.columns);
  const id = (at_: number): string => `reply-${n + 1}-${at_ + 1}`;
  if (!rows.rows.length) {
    const items = await of.read(reply);
    const made = items.map((item, index) => ({
      item: { ...item, id: id(index) },
      line: item.origin?.row ?? 1,
      faults: [],
      key: '',
    }));
    const message = items.length
      ? say('{place} is not in the form that was asked for; it was read as text.', { place })
      : say('{place} holds no question.', { place });
    return { made, findings: [note('reply-form', items.length ? 'warn' : 'block', message)] };
  }
  const off = keyOffset(rows.rows, asked);
  const made = rows.rows.map((row, index) => itemOfRow(row, asked, id(index), off));
  const findings = aroundFindings(rows, place);
  if (off) {
    findings.push(
      note(
        'reply-key-off',
        'warn',
        say(
          'The keys of {place} are one too {off} throughout: one points past the options and none at the {offEnd}. They are moved by one; look over a few.',
          {
            place: place.toLowerCase(),
            off: off < 0 ? say('high') : say('low'),
            offEnd: off < 0 ? say('first') : say('last'),
          },
        ),
      ),
    );
  }
  return { made, findings: [...findings, ...onePlace(made, place)] };
}

const faultFindings = (made: readonly RowItem[]): Finding[] =>
  made.flatMap(({ item, line, faults }) =>
    faults.map(({ again: _again, ...fault }) => ({ ...fault, item: item.id, where: at(line) })),
  );

/** So many were asked for; a second request asks for some of them again. */
const wantedOf = (asked: readonly Asked[]): number => {
  const first = asked.filter((one) => !one.again);
  // What the first ones brought may be in the bank already: then the second ones count for themselves.
  return (first.length ? first : asked).reduce((sum, one) => sum + one.count, 0);
};

function countFinding(asked: readonly Asked[], has: number): Finding[] {
  const wanted = wantedOf(asked);
  if (has === wanted) {
    return [];
  }
  const words =
    has < wanted
      ? say('{wanted} fewer', { wanted: wanted - has })
      : say('{has} more', { has: has - wanted });
  return [
    note(
      'reply-count',
      'warn',
      say(
        '{has, plural, one {# question} other {# questions}} came, {words} than the {wanted} that were asked for.',
        { has, words, wanted },
      ),
    ),
  ];
}

/** Words that should occur; where none does, the reply belongs to something else. */
function otherFinding(
  terms: readonly string[],
  missing: readonly string[],
  has: number,
): Finding[] {
  return terms.length > 1 && missing.length === terms.length && has > 0
    ? [
        note(
          'reply-other',
          'block',
          say(
            'None of the {terms} words occurs in what came: it looks like a reply to another request.',
            { terms: terms.length },
          ),
        ),
      ]
    : [];
}

/** The questions of a reply, without those that a later reply was asked to write anew. */
const withoutReplaced = (made: readonly RowItem[], later: readonly Asked[]): readonly RowItem[] =>
  later.some(({ again: isAgain }) => isAgain)
    ? made.filter(({ faults }) => !faults.some((fault) => fault.again))
    : made;

/**
 * Holds replies against requests: one reply for each request, or all requests against all replies where their numbers differ.
 * Questions with faults stay among the items, with their findings; only what came twice is left out.
 */
export async function compareReplies(
  asked: readonly Asked[],
  replies: readonly string[],
  { read, known = [] }: { read: ReadText; known?: readonly Item[] },
): Promise<Compared> {
  const given = replies.filter((reply) => reply.trim());
  const whole = await Promise.all(
    given.map((reply, n) =>
      readReply(reply, asked[Math.min(n, asked.length - 1)]!, n, { replies: given.length, read }),
    ),
  );
  const {
    kept,
    inBank,
    findings: doubled,
  } = withoutDoubles(
    whole.flatMap(({ made }, n) => withoutReplaced(made, asked.slice(n + 1, given.length))),
    known,
  );
  const items = nameItems(
    kept.map(({ item }) => item),
    [],
  );
  const terms = [...new Set(asked.flatMap((one) => one.terms))];
  const fine = kept.filter(({ faults }) => !faults.some((fault) => fault.again));
  const without = (list: readonly Item[]): string[] =>
    terms.filter((term) => !list.some((item) => isAbout(item, term)));
  const missing = without([...items, ...inBank]);
  const next = again(asked, {
    words: without([...fine.map(({ item }) => item), ...inBank]),
    wrong: wrongOf(kept),
    short: wantedOf(asked) - fine.length - inBank.length,
  });
  return {
    items,
    findings: [
      ...whole.flatMap(({ findings }) => findings),
      ...otherFinding(terms, missing, items.length),
      ...countFinding(asked, items.length + inBank.length),
      ...doubled,
      ...faultFindings(kept),
      ...missingFinding(missing, fine.length),
    ],
    missing,
    ...(next ? { again: next } : {}),
  };
}

const NAMED = 5;
function missingFinding(missing: readonly string[], fine: number): Finding[] {
  if (!missing.length || !fine) {
    return [];
  }
  const named = missing
    .slice(0, NAMED)
    .map((term) => quoted(term, 30))
    .join(', ');
  return [
    note(
      'reply-words-missing',
      'warn',
      say('{missing, plural, one {# word} other {# words}} had no question: {named}{missingEnd}.', {
        missing: missing.length,
        named,
        missingEnd: missing.length > NAMED ? ' …' : '',
      }),
    ),
  ];
}
