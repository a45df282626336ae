// A pattern from the lines of a sample, once it is known what each of them is.
import type { Form, Kind, Part, Pattern } from '../../model';
import { alike } from '../../shared/normalise';
import { kindOfWord } from '../../shared/vocabulary/kinds';
import { trueFalseWords, verdictPair } from '../../shared/vocabulary/verdicts';
import type { Blocks, Line } from './blocks';
import { ASKS, countsBlocks, countsWithin, gapsIn, halvesIn, joinIn, type Class } from './classes';
import type { LineRole, Roles } from './roles';

type Block = readonly Line[];
/** A line with its role; right and wrong ones are options. */
type Told = Line & { role: LineRole; part: Part['role'] };

const partOf = (role: LineRole): Part['role'] =>
  role === 'right' || role === 'wrong' || role === 'kind' || role === 'feedback' ? 'option' : role;

const toldIn = (block: Block, roles: Roles): (Told | Line)[] =>
  block.map((line) => {
    const role = roles.get(line.key);
    return line.fixed || role === undefined || role === 'kind'
      ? { ...line, fixed: true }
      : { ...line, role, part: partOf(role) };
  });
const isTold = (line: Told | Line): line is Told => 'part' in line;

/** Counters in front as the receiver counts; undefined where they do not count. */
function beforeOf(own: Class, blocks: Blocks, role: LineRole): string | undefined {
  const { before, lines } = own;
  const isLetter = /\{[aA]\}/u.test(before);
  if (!isLetter && !before.includes('{#}')) {
    return before;
  }
  const isRun = ['option', 'right', 'wrong', 'step', 'accepted', 'pair'].includes(role);
  if (isRun) {
    return before.replace('{#}', '{1}');
  }
  if (!isLetter && countsBlocks(own)) {
    return before.replace('{#}', '{n}');
  }
  const counters = new Set(lines.map(({ counter }) => counter));
  return counters.size === 1 && !isLetter
    ? before.replace('{#}', String([...counters][0]))
    : undefined;
}

const SEVERAL = /^[[(]?(?:[A-Ja-j]|\d{1,2})(\s?[,;/&+ ]\s?)(?:[A-Ja-j]|\d{1,2})/u;

/** First letters of words for true and false, and the figures for them. Common practice, no source. */
const INITIALS = ['TF', 'tf', 'RF', 'rf', 'VF', 'vf', 'WF', 'wf', 'YN', 'yn', 'JN', 'jn', '10'];

/** How the lines of a key name the right options, or say true or false. */
function keyPart(
  lines: readonly Line[],
  texts: readonly string[],
  isTruth: boolean,
): Partial<Part> {
  const words = lines.map(({ text }) => trueFalseWords(text));
  if (words.every(Boolean)) {
    return { style: 'word', words: words[0]!.words };
  }
  const initials = INITIALS.find((pair) => lines.every(({ text }) => pair.includes(text)));
  if (isTruth && initials) {
    return { style: 'word', words: [initials[0]!, initials[1]!] };
  }
  const between = lines.map(({ text }) => SEVERAL.exec(text)?.[1]).find(Boolean);
  const joined = between ? { between } : {};
  if (lines.every(({ text }) => texts.includes(alike(text)))) {
    return { style: 'text', ...joined };
  }
  if (lines.every(({ text }) => /\d/u.test(text))) {
    const isZero = lines.some(({ text }) => /(?<!\d)0/u.test(text));
    return { style: isZero ? 'number-from-0' : 'number', ...joined };
  }
  return {
    style: lines.some(({ text }) => /[A-J]/u.test(text)) ? 'letter' : 'small-letter',
    ...joined,
  };
}

const LOOKED_LIKE_FEEDBACK = 2;

/** A sign behind each option with a text behind it, where no other line names what is right: feedback. */
function feedbackIn(lines: readonly Line[]): Partial<Part> {
  const sign = lines.length > LOOKED_LIKE_FEEDBACK ? halvesIn(lines) : undefined;
  return sign && !/^:?\s$/u.test(sign) ? { feedback: sign } : {};
}

type Sample = { blocks: Blocks; classes: ReadonlyMap<string, Class>; roles: Roles };

/** The part of a form that some of its lines show. */
function partFrom(
  lines: readonly Told[],
  { blocks, classes }: Sample,
  above: readonly string[],
): Part | undefined {
  const { part: role } = lines[0]!;
  const told = lines.find((line) => line.role === 'feedback');
  const ways = new Map(
    lines.flatMap((line) => (line.role === 'feedback' ? [] : [[line.key, line]])),
  );
  const around = [...ways.values()].map((line) => {
    const own = classes.get(line.key)!;
    const before = beforeOf(own, blocks, line.role);
    return before === undefined
      ? undefined
      : { role: line.role, before, ...(own.after ? { after: own.after } : {}) };
  });
  if (around.includes(undefined)) {
    return undefined;
  }
  const right = around.find((one) => one!.role !== 'wrong') ?? around[0]!;
  const wrong = around.find((one) => one!.role === 'wrong');
  const isOption = role === 'option';
  if (around.length > (isOption && wrong && wrong !== right ? 2 : 1)) {
    return undefined;
  }
  return {
    role,
    before: right!.before,
    ...(right!.after ? { after: right!.after } : {}),
    ...(above.length ? { above: [...above] } : {}),
    ...(wrong && wrong !== right
      ? { wrong: { before: wrong.before, ...(wrong.after ? { after: wrong.after } : {}) } }
      : {}),
    ...(told ? { feedbackLine: { before: told.before } } : {}),
    ...(isOption && !told ? feedbackIn(lines) : {}),
  };
}

/** Where a part of one block goes among those of another: behind the one that stands before it. */
function merged(orders: readonly (readonly string[])[]): string[] {
  const [longest = [], ...others] = [...orders].sort((a, b) => b.length - a.length);
  const order = [...longest];
  for (const other of others) {
    other.forEach((name, at) => {
      if (!order.includes(name)) {
        order.splice(order.indexOf(other[at - 1] ?? '') + 1, 0, name);
      }
    });
  }
  return order;
}

/** What stands above each part and below the last one, in the order of one block. */
function framed(told: readonly (Told | Line)[]): {
  above: Map<Part['role'], string[]>;
  below: string[];
} {
  const above = new Map<Part['role'], string[]>();
  let fixed: string[] = [];
  for (const line of told) {
    if (!isTold(line)) {
      fixed.push(line.line);
      continue;
    }
    if (!above.has(line.part)) {
      above.set(line.part, fixed);
    }
    fixed = [];
  }
  return { above, below: fixed };
}

const ANSWERING: ReadonlySet<string> = new Set([
  'option',
  'options',
  'key',
  'accepted',
  'pair',
  'step',
  'card',
]);

/** Signs around the words that fill gaps, where every text has some. */
function gapPart(lines: readonly Line[]): Partial<Part> {
  const gap = gapsIn(lines[0]?.text ?? '');
  const isEach = gap && lines.every(({ text }) => gapsIn(text)?.open === gap.open);
  if (!isEach) {
    return {};
  }
  const between = lines
    .map(({ text }) => /[[{<*_][^\]}>*_]*?([|/])/u.exec(text)?.[1])
    .find(Boolean);
  return { gap: { ...gap, ...(between ? { between } : {}) } };
}

const TITLED =
  /^([^\p{L}\p{N}\s]{1,3})[\p{L}\p{N}][^\n]{0,60}?([^\p{L}\p{N}\s?!.,;:…'’-]{1,3})\s+[\p{L}"“„¿¡]/u;

/** A title of its own in front of the questions' texts, between two signs. */
function titlePart(lines: readonly Line[]): Partial<Part> {
  const found = lines.map(({ text }) => TITLED.exec(text));
  const [, open, close] = found.find((match) => match !== null) ?? [];
  const signs = found.filter((match) => match !== null);
  const areAlike = signs.every((match) => match[1] === open && match[2] === close);
  return open && close && signs.length > 1 && areAlike ? { title: { open, close } } : {};
}

const ALONE: ReadonlySet<string> = new Set(['category']);

function kindsOf(
  blocks: readonly (readonly Told[])[],
  { word, isGapped }: { word: string | undefined; isGapped: boolean },
): Kind[] {
  const named = word === undefined ? undefined : kindOfWord(word);
  const has = (role: LineRole): boolean =>
    blocks.some((block) => block.some((line) => line.role === role));
  const rights = blocks.map((block) => block.filter(({ role }) => role === 'right').length);
  const keys = blocks.flatMap((block) => block.filter(({ role }) => role === 'key'));
  const areTruth = blocks.every((block) => {
    const options = block.filter(({ part }) => part === 'option').map(({ text }) => text);
    return options.length === 2 && verdictPair(options) !== undefined;
  });
  if (has('card')) {
    return ['card'];
  }
  if (has('pair')) {
    return ['match'];
  }
  if (has('step')) {
    return ['order'];
  }
  if (has('option') || has('right') || has('options')) {
    const many = rights.some((n) => n > 1) || keys.some(({ text }) => SEVERAL.test(text));
    const one = rights.some((n) => n === 1) || keys.some(({ text }) => !SEVERAL.test(text));
    return [
      ...(areTruth ? (['true-false'] as const) : []),
      ...(one && !areTruth ? (['choice-one'] as const) : []),
      ...(many || named === 'choice-many' ? (['choice-many'] as const) : []),
    ];
  }
  if (keys.length) {
    return ['true-false'];
  }
  if (!has('accepted')) {
    return isGapped ? ['gap'] : ['open'];
  }
  const asks = blocks.flat().some(({ part, text }) => part === 'stem' && ASKS.test(text));
  return asks ? ['short'] : ['card', 'short'];
}

/** True or false said in the line of a lone right option. */
const asTruth = (block: (Told | Line)[], word: string | undefined): (Told | Line)[] => {
  const isTruth = word !== undefined && kindOfWord(word) === 'true-false';
  const options = block.filter(
    (line): line is Told =>
      isTold(line) && (line.part === 'option' || (isTruth && line.part === 'accepted')),
  );
  const isLone = options.length === 1 && (isTruth || options[0]!.role === 'right');
  return isLone
    ? block.map((line) =>
        line === options[0] ? { ...options[0], role: 'key', part: 'key' } : line,
      )
    : block;
};

/** What makes questions of one form: their word for the kind, and what answers them. */
function signature(block: readonly (Told | Line)[], word: string | undefined): string {
  const answers = block.flatMap((line) =>
    isTold(line) && ANSWERING.has(line.part) ? [line.part] : [],
  );
  const stem = block.find((line) => isTold(line) && line.part === 'stem');
  return [word ?? '', stem?.key, ...new Set(answers)].join(' ');
}

function formFrom(
  group: readonly (readonly (Told | Line)[])[],
  word: string | undefined,
  sample: Sample,
): Form | undefined {
  const lines = group.map((block) => block.filter(isTold));
  const order = merged(
    lines.map((block) => [...new Set(block.map(({ part }) => part))]),
  ) as Part['role'][];
  const frames = group.map(framed);
  const texts = group
    .flat()
    .filter(isTold)
    .flatMap((line) =>
      line.part === 'option' || line.part === 'options'
        ? [alike(line.text), ...line.text.split(/\s*[|;/,]\s*/u).map(alike)]
        : [],
    );
  const isOpen = !lines.flat().some(({ part }) => ANSWERING.has(part));
  const parts = order.map((role): Part | undefined => {
    const own = lines.flat().filter(({ part }) => part === role);
    const above =
      frames.map((frame) => frame.above.get(role)).find((one) => one !== undefined) ?? [];
    const part = partFrom(own, sample, above);
    if (!part) {
      return undefined;
    }
    const owner = sample.classes.get(own[0]!.key)!;
    const several = lines.some((block) => block.filter((line) => line.part === role).length > 1);
    const joined: Partial<Record<Part['role'], Partial<Part>>> = {
      stem: isOpen ? gapPart(own) : titlePart(own),
      options: { between: joinIn(owner) },
      pair: { between: halvesIn(own) },
      tags: { between: own.map(({ text }) => /[,;|]\s?/u.exec(text)?.[0]).find(Boolean) ?? ', ' },
      card: { between: halvesIn(own) },
      key: role === 'key' ? keyPart(own, texts, !texts.length) : {},
      accepted: several || joinIn(owner) === undefined ? {} : { between: joinIn(owner) },
    };
    return { ...part, ...joined[role] };
  });
  const isGapped = parts.some((part) => part?.gap);
  const kinds = kindsOf(lines, { word, isGapped });
  const below = frames[0]!.below;
  return parts.includes(undefined) || !kinds.length
    ? undefined
    : { kinds, parts: parts as Part[], ...(below.length ? { below } : {}) };
}

/** Categories that not every question has, as lines that stand above several. */
function withShared(form: Form, groups: readonly (readonly (Told | Line)[])[]): Form {
  const isEach = groups.every((block) =>
    block.some((line) => isTold(line) && line.part === 'category'),
  );
  return isEach
    ? form
    : {
        ...form,
        parts: form.parts.map((part) =>
          part.role === 'category' ? { ...part, isShared: true } : part,
        ),
      };
}

/** Blocks without those that hold a category alone, which goes on top of the next one. */
function withCategories(blocks: readonly (Told | Line)[][]): {
  blocks: (Told | Line)[][];
  isApart: boolean;
} {
  const found: (Told | Line)[][] = [];
  let above: (Told | Line)[] = [];
  let isApart = false;
  for (const block of blocks) {
    if (block.every((line) => isTold(line) && ALONE.has(line.part))) {
      above.push(...block);
      isApart = true;
      continue;
    }
    found.push([...above, ...block]);
    above = [];
  }
  return { blocks: found, isApart };
}

/** The pattern of a sample under what its lines are; undefined where it takes more than a pattern to say how they are written. */
export function patternFrom(
  blocks: Blocks,
  classes: readonly Class[],
  roles: Roles,
): Pattern | undefined {
  const sample: Sample = { blocks, classes: new Map(classes.map((own) => [own.key, own])), roles };
  const isUneven = classes.some(
    (own) =>
      /\{[aA]\}/u.test(own.before) && roles.get(own.key) === 'option' && !countsWithin(own, blocks),
  );
  if (isUneven) {
    return undefined;
  }
  const wordOf = (block: Block): string | undefined =>
    block.find((line) => roles.get(line.key) === 'kind')?.text ??
    block.find((line) => line.code && roles.get(line.key) === 'stem')?.code?.word;
  const words = blocks.blocks.map(wordOf);
  const told = blocks.blocks.map((block, at) => asTruth(toldIn(block, roles), words[at]));
  const { blocks: whole, isApart } = withCategories(told);
  const groups = new Map<string, { word: string | undefined; blocks: (Told | Line)[][] }>();
  whole.forEach((block) => {
    const word = words[told.indexOf(block)];
    const name = signature(block, word);
    const group = groups.get(name) ?? { word, blocks: [] };
    group.blocks.push(block);
    groups.set(name, group);
  });
  const forms = [...groups.values()].map((group) => formFrom(group.blocks, group.word, sample));
  if (forms.includes(undefined) || !forms.length) {
    return undefined;
  }
  const apart = (form: Form): Form =>
    isApart
      ? {
          ...form,
          parts: form.parts.map((part) => (part.isShared ? { ...part, between: '\n' } : part)),
        }
      : form;
  return {
    forms: (forms as Form[]).map((form) => apart(withShared(form, whole))),
    between: [...blocks.between],
    ...(blocks.head.length ? { head: [...blocks.head] } : {}),
  };
}
