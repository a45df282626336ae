// A simulated writing assistant: it answers a request from a few facts of our own, seeded, with faults that can be
// switched on, so that asking and comparing can be tried with no network. It shares no code with what compares.
import { FACTS, type Fact } from './facts';

export const FAULTS = [
  'heading',
  'numbering',
  'ellipsis',
  'short-count',
  'key-off',
  'shifted',
  'chatter',
  'doubled',
  'too-long',
] as const;
export type Fault = (typeof FAULTS)[number];

/** What it makes out of a request, by reading it as a text. */
type Understood = {
  headings: string[];
  words: string[];
  count: number;
  /** What the questions are to be of, where the request says so. */
  category: string | undefined;
  key: 'letter' | 'number' | 'zero' | 'text' | 'truth';
};

/** Numbers by chance from a seed: the "minimal standard" generator (Park and Miller 1988). */
function dice(seed: number): (sides: number) => number {
  let state = (Math.abs(Math.floor(seed)) % 2_147_483_646) + 1;
  return (sides) => {
    state = (state * 48_271) % 2_147_483_647;
    return state % sides;
  };
}

function keyOf(text: string): Understood['key'] {
  if (/True or False/.test(text)) {
    return 'truth';
  }
  if (/counted from 0/.test(text)) {
    return 'zero';
  }
  if (/by its number/.test(text)) {
    return 'number';
  }
  return /by its text/.test(text) ? 'text' : 'letter';
}

function understand(request: string): Understood {
  const lines = request.split(/\r?\n/).map((line) => line.trim());
  const form =
    // The parts stand by themselves, below the sentence that asks for them.
    lines.findLast((line) => line.split(' | ').length > 1) ??
    'Question | Option A | Option B | Option C | Option D | Right option';
  const ask = lines.findIndex((line) => /words.*:$/.test(line));
  const again = /without a good question: (.*)\.$/m.exec(request)?.[1];
  const listed = again ?? (ask >= 0 ? lines[ask + 1]! : '');
  const words = listed.split(/\s*;\s*/).filter(Boolean);
  const count = Number(/\b(\d{1,3})\b/.exec(request)?.[1] ?? words.length);
  return {
    headings: form.split(' | '),
    words,
    count: Math.max(1, count || 10),
    category: /all of the category (.+?)(?: on these \d|, one for each|[.:]?$)/m.exec(request)?.[1],
    key: keyOf(request),
  };
}

const isPart = (heading: string, pattern: RegExp): boolean => pattern.test(heading.toLowerCase());

/** What it says of a word that it knows nothing about: nothing that could be taken for knowledge. */
const unknown = (word: string): Fact => ({
  term: word,
  definition: `what the course book says of ${word}`,
  topic: 'Unknown to the simulation',
  others: [
    `the first other thing said of ${word}`,
    `the second other thing said of ${word}`,
    `the third other thing said of ${word}`,
  ],
});

/** One line of the reply: the cells in the order of the headings. */
function cellsFor(
  fact: Fact,
  { headings, key }: Understood,
  roll: (sides: number) => number,
): string[] {
  const optionPlaces = headings.flatMap((heading, at) =>
    isPart(heading, /^(?:option|answer \d|choice|antwort \d|[a-j]$)/) ? [at] : [],
  );
  const options = optionPlaces.length || 2;
  const right = roll(options);
  const wrong = [
    ...fact.others,
    'none of what is named here',
    'a word for the whole canal',
    'a rule of the toll house',
  ];
  const isTrue = roll(2) === 0;
  const keys: Record<Understood['key'], string> = {
    letter: String.fromCharCode(65 + right),
    number: String(right + 1),
    zero: String(right),
    text: fact.definition,
    truth: isTrue ? 'True' : 'False',
  };
  return headings.map((heading, at) => {
    const option = optionPlaces.indexOf(at);
    if (option >= 0) {
      return option === right ? fact.definition : wrong[option < right ? option : option - 1]!;
    }
    if (isPart(heading, /term|begriff/)) {
      return fact.term;
    }
    if (isPart(heading, /statement|aussage/)) {
      return `A ${fact.term} is ${isTrue ? fact.definition : wrong[0]}.`;
    }
    if (isPart(heading, /categor|topic/)) {
      return fact.topic;
    }
    if (isPart(heading, /right|correct|key|true|richtig/)) {
      return keys[key];
    }
    return isPart(heading, /definition|answer|antwort/)
      ? fact.definition
      : `What is a ${fact.term}?`;
  });
}

/** Spoils the lines as assistants do. */
function spoil(lines: string[][], faults: ReadonlySet<Fault>, { key }: Understood): string[][] {
  let spoiled = lines.map((cells) => [...cells]);
  const change = (at: number, work: (cells: string[]) => string[]): void => {
    spoiled = spoiled.map((cells, n) =>
      n === at % Math.max(1, spoiled.length) ? work(cells) : cells,
    );
  };
  if (faults.has('key-off')) {
    spoiled = spoiled.map((cells) =>
      cells.map((cell, at) => (at === cells.length - 1 ? moved(cell, key) : cell)),
    );
  }
  if (faults.has('ellipsis')) {
    change(1, (cells) => [
      `${cells[0]!.slice(0, Math.ceil(cells[0]!.length / 2)).trimEnd()}…`,
      ...cells.slice(1),
    ]);
  }
  if (faults.has('too-long')) {
    change(2, (cells) => [
      `${cells[0]!.replace(/\?$/, '')}, thinking of everything that a keeper has to know about it on a busy day at the staircase with boats waiting above and below?`,
      ...cells.slice(1),
    ]);
  }
  if (faults.has('shifted')) {
    change(3, (cells) => ['', ...cells]);
  }
  if (faults.has('short-count')) {
    spoiled = spoiled.slice(0, Math.max(1, spoiled.length - 2));
  }
  if (faults.has('doubled')) {
    spoiled = [...spoiled, [...spoiled[0]!]];
  }
  return spoiled;
}

/** A key that names the next option. */
function moved(cell: string, key: Understood['key']): string {
  if (key === 'letter' && /^[A-J]$/.test(cell)) {
    return String.fromCharCode(cell.charCodeAt(0) + 1);
  }
  return /^\d+$/.test(cell) ? String(Number(cell) + 1) : cell;
}

/** Of a category it says each fact once; of all it has to begin anew. */
const mostOf = ({ words, category }: Understood, told: readonly Fact[]): number =>
  words.length || category === undefined ? Infinity : told.length;

/** The lines as they are sent: numbered, below a heading, with talk around, where these faults are on. */
function wrapped(lines: readonly string[], heading: string, on: ReadonlySet<Fault>): string {
  const numbered = lines.map((line, n) => (on.has('numbering') ? `${n + 1}. ${line}` : line));
  const block = ['```', ...(on.has('heading') ? [heading] : []), ...numbered, '```'];
  return on.has('chatter')
    ? [
        'Certainly, here is what you asked for.',
        '',
        ...block,
        '',
        'Shall I write more of them?',
      ].join('\n')
    : block.join('\n');
}

const ASKS_CATEGORIES = /^Name (\d{1,2}) categories/;
/** What it can name besides the topics of its facts. */
const FURTHER_TOPICS = ['Boats', 'Rules', 'Wildlife', 'History', 'Tools', 'People'];

function namedCategories(wanted: number, on: ReadonlySet<Fault>): string {
  const topics = [...new Set([...FACTS.map(({ topic }) => topic), ...FURTHER_TOPICS])];
  const named = topics.slice(0, on.has('short-count') ? Math.max(1, wanted - 2) : wanted);
  return wrapped(on.has('doubled') ? [...named, named[0]!] : named, 'Category', on);
}

/** The simulated reply to a request, as plain text; the same request, seed and faults give the same reply. */
export function reply(
  request: string,
  { seed = 1, faults = [] }: { seed?: number; faults?: readonly Fault[] } = {},
): string {
  const on = new Set(faults);
  const wantedCategories = Number(ASKS_CATEGORIES.exec(request)?.[1] ?? 0);
  if (wantedCategories) {
    return namedCategories(wantedCategories, on);
  }
  const understood = understand(request);
  const roll = dice(seed);
  const known = FACTS.filter(({ topic }) => topic === understood.category);
  const told = known.length ? known : FACTS;
  const start = roll(told.length);
  const facts = Array.from(
    { length: Math.min(understood.count, mostOf(understood, told)) },
    (_, n) => {
      const word = understood.words[n];
      return word === undefined
        ? told[(start + n) % told.length]!
        : (FACTS.find(({ term }) => term.toLowerCase() === word.toLowerCase()) ?? unknown(word));
    },
  );
  const lines = spoil(
    facts.map((fact) => cellsFor(fact, understood, roll)),
    on,
    understood,
  );
  return wrapped(
    lines.map((cells) => cells.join(' | ')),
    understood.headings.join(' | '),
    on,
  );
}
