// A pattern from the lines of a sample, once it is known what each of them is.
import type { Form, Part, Pattern } from '../../model';
import type { Blocks } from './blocks';
import { boxShapes, withKindOfBoxes } from './boxes';
import { countsWithin, type Class } from './classes';
import { kindsOf } from './kinds';
import { partFrom, type Sample } from './parts';
import type { Roles } from './words';
import { answers, isTold, questionsIn, type Question } from './told';
import { isLettered } from './ways';
import { groupBy } from '../../shared/group-by';

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

/** What stands above each part and below the last one, in the order of one question. */
function framed({ lines }: Question): { above: Map<Part['role'], string[]>; below: string[] } {
  const above = new Map<Part['role'], string[]>();
  let fixed: string[] = [];
  for (const line of lines) {
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

/** What makes questions of one form: their word for the kind, the sign of their text, and what answers them. */
function signature({ lines, word }: Question): string {
  const told = lines.filter(isTold);
  const own = told.map(({ part }) => part).filter(answers);
  const stem = told.find(({ part }) => part === 'stem');
  return [word ?? '', stem?.key, ...new Set(own)].join(' ');
}

/** How questions of one form are written. */
function formFrom(questions: readonly Question[], sample: Sample): Form | undefined {
  const all = questions.map(({ lines }) => lines.filter(isTold));
  const order = merged(all.map((told) => [...new Set(told.map(({ part }) => part))]));
  const frames = questions.map(framed);
  const parts = (order as Part['role'][]).map((role) => {
    const above = frames.map((frame) => frame.above.get(role)).find((one) => one !== undefined);
    return partFrom(role, { all, above: above ?? [], sample });
  });
  const whole = parts.filter((part) => part !== undefined);
  const kinds = kindsOf(all, { word: questions[0]!.word, parts: whole });
  const { below } = frames[0]!;
  return whole.length < parts.length || !kinds.length
    ? undefined
    : { kinds, parts: whole, ...(below.length ? { below } : {}) };
}

/** Lines that part categories from the questions before them, and from those below. */
type Apart = { above: readonly string[]; below: readonly string[] | undefined };

/** Categories that not every question has, as lines that stand above several. */
function withShared(form: Form, questions: readonly Question[], { above, below }: Apart): Form {
  const isEach = questions.every(({ lines }) =>
    lines.some((line) => isTold(line) && line.part === 'category'),
  );
  const shared = (part: Part): Part =>
    part.role === 'category'
      ? {
          ...part,
          isShared: true,
          ...(above.length ? { above: [...above] } : {}),
          ...(below ? { between: `\n${below.join('\n')}` } : {}),
        }
      : part;
  return isEach ? form : { ...form, parts: form.parts.map(shared) };
}

/** Whether letters in front of options do not run from the first on. */
const isUneven = (own: Class, blocks: Blocks, roles: Roles): boolean =>
  isLettered(own) && roles.get(own.key) === 'option' && !countsWithin(own, blocks);

/** The pattern of a sample under what its lines are; undefined where it takes more than a pattern to say how they are written. */
export function patternFrom(
  blocks: Blocks,
  classes: readonly Class[],
  roles: Roles,
): Pattern | undefined {
  if (classes.some((own) => isUneven(own, blocks, roles))) {
    return undefined;
  }
  const sample: Sample = { blocks, classes: new Map(classes.map((own) => [own.key, own])) };
  const { questions, isApart } = questionsIn(blocks, roles);
  const shapeOf = boxShapes(questions);
  const groups = groupBy(questions, (question) => signature(question) + shapeOf(question));
  const forms = [...groups.values()].map((group) => {
    const form = formFrom(group, sample);
    return form && withKindOfBoxes(form, shapeOf(group[0]));
  });
  const whole = forms.filter((form) => form !== undefined);
  const apart = { above: blocks.aboveHeads ?? [], below: isApart ? blocks.between : undefined };
  return whole.length < forms.length || !whole.length
    ? undefined
    : {
        forms: whole.map((form) => withShared(form, questions, apart)),
        between: [...blocks.between],
        ...(blocks.head.length ? { head: [...blocks.head] } : {}),
      };
}
