// One item of QTI 2 or 3 as a question, or as several where it asks several things.
import type { Finding, Text } from '../../model';
import { defined, filled } from '../../shared/defined';
import { quoted } from '../../shared/plain';
import { textOf } from '../../shared/rich-text';
import { declarationsOf, pointsOf, type Declaration } from './declarations';
import { isKnown, partOf, type Part } from './interactions';
import { picturesOf, type Loose, type PictureOf } from './question';
import { isInline, sentenceOf } from './sentence';
import { childrenNamed, contentOf, findTrees, named, textOfTree, type Tree } from './tree';
import { say } from '../../shared/say';

const isInteraction = (tree: Tree): boolean =>
  /-interaction$/.test(tree.name) && tree.name !== 'end-attempt-interaction';

/** Names that feedback on the whole question goes by. */
const GENERAL = /^(?:general|explanation|solution|feedback)/i;

/** Feedback on the whole question: what is shown whatever was answered, or for the right answer. */
function explanationOf(item: Tree): Text | undefined {
  const all = named(item, 'modal-feedback');
  const identifier = (tree: Tree): string => tree.attributes['identifier'] ?? '';
  const general =
    all.find((tree) => GENERAL.test(identifier(tree))) ??
    all.find((tree) => /correct/i.test(identifier(tree))) ??
    (all.length === 1 ? all[0] : undefined);
  const text = general && textOf(contentOf(general.children).runs);
  return text?.plain ? text : undefined;
}

/** The unit that a number is asked in, which stands behind its entry. */
const isUnit = (tree: Tree): boolean => tree.name === 'span' && tree.attributes['class'] === 'unit';
const withUnit = (unit: string | undefined, part: Part | undefined): Part | undefined =>
  unit && part?.number ? { ...part, number: { ...part.number, unit } } : part;

/** What a test says about an item that it refers to. */
export type Reference = {
  category?: string[];
  points?: number;
  seconds?: number;
  attempts?: number;
};

/** An item of a package, and what is known of it from outside. */
export type Placed = {
  item: Tree;
  /** The file, for messages. */
  path: string;
  picture: PictureOf;
  reference?: Reference | undefined;
};

/** An item taken apart. */
type Opened = Placed & {
  body: Tree;
  declarations: Map<string, Declaration>;
  interactions: Tree[];
};

const warning = (rule: string, path: string, message: string): Finding => ({
  rule,
  level: 'warn',
  where: { file: path },
  message,
});

/** What the item says of the whole question. */
function frameOf({ item, path, picture, reference = {}, body, declarations }: Opened): Loose {
  // The label is for people; an identifier may have had to give up signs that it can't hold.
  const ref = item.attributes['label'] || (item.attributes['identifier'] ?? '');
  const title = item.attributes['title'] ?? '';
  const text = contentOf(body.children, (tree) =>
    isInteraction(tree) || tree.name === 'rubric-block' || isUnit(tree) ? '' : undefined,
  );
  return defined({
    ref,
    kind: 'open',
    stem: textOf(text.runs),
    title: title && title !== ref ? title : undefined,
    points: reference.points ?? pointsOf(item, declarations),
    seconds: reference.seconds,
    attempts: reference.attempts,
    category: filled(reference.category ?? []),
    media: filled(picturesOf(contentOf(body.children), picture)),
    explanation: explanationOf(item),
    origin: { file: path },
  });
}

/** Texts one below the other; formatted where one of them is. */
function joinedTexts(texts: readonly Text[]): Text {
  if (texts.length === 1) {
    return texts[0]!;
  }
  return defined({
    plain: texts.map(({ plain }) => plain).join('\n'),
    html: texts.some(({ html }) => html)
      ? texts.map(({ plain, html }) => html ?? plain).join('<br>')
      : undefined,
  });
}

/** The question that one interaction asks, within the frame of its item. */
function questionOf(interaction: Tree, frame: Loose, { item, body, declarations }: Opened): Loose {
  const prompt = childrenNamed(interaction, 'prompt')[0];
  const unit = findTrees(body, isUnit).map((tree) => textOfTree(tree).trim())[0];
  const declared = declarations.get(interaction.attributes['response-identifier'] ?? '');
  const part = withUnit(unit, partOf(interaction, declared, item)) ?? { kind: 'open' as const };
  const asked = prompt && textOf(contentOf(prompt.children).runs);
  const texts = [frame.stem, asked, part.stem].filter((text): text is Text => Boolean(text?.plain));
  return { ...frame, ...part, stem: joinedTexts(texts) };
}

/** What of the item no kind of question can hold. */
function unknownFindings(
  unknown: readonly Tree[],
  { item, path, interactions }: Opened,
): Finding[] {
  const { title } = item.attributes;
  const name = `${path}${title ? ` (${quoted(title)})` : ''}`;
  const left = interactions.length === unknown.length ? say('The item') : say('This part of it');
  return unknown.map((tree) =>
    warning(
      'interaction-unknown',
      path,
      say(
        '{name} asks by {interaction}, which no kind of question here can hold. {left} was left out.',
        {
          name,
          interaction: tree.name.replace(/-/g, ' '),
          left,
        },
      ),
    ),
  );
}

/** The number of questions is told where it is not one. */
function countFindings(
  items: readonly Loose[],
  frame: Loose,
  { path, interactions }: Opened,
): Finding[] {
  const note = (rule: string, message: string): Finding[] => [
    { rule, level: 'note', where: { file: path }, message },
  ];
  if (items.length > 1) {
    const message = say(
      '{path} asks {items} things in one item; each became a question of its own.',
      { path, items: items.length },
    );
    return note('item-asks-several', message);
  }
  return !interactions.length && frame.stem.plain
    ? note(
        'item-asks-nothing',
        say('{path} holds a text that asks nothing; it was left out.', { path }),
      )
    : [];
}

/** References of several questions of one item: q7-1, q7-2. */
const numbered = (items: readonly Loose[]): Loose[] =>
  items.map((item, index) =>
    items.length > 1 && item.ref ? { ...item, ref: `${item.ref}-${index + 1}` } : item,
  );

/** The questions of an item, and what of it could not be taken. */
export function questionsOf(placed: Placed): { items: Loose[]; findings: Finding[] } {
  const { item, path } = placed;
  const body = childrenNamed(item, 'item-body')[0];
  if (!body) {
    const message = say('{path} holds an item without a body; it was left out.', { path });
    return { items: [], findings: [warning('item-without-body', path, message)] };
  }
  const interactions = findTrees(body, isInteraction);
  const opened: Opened = { ...placed, body, declarations: declarationsOf(item), interactions };
  const unknown = interactions.filter((tree) => !isInline(tree) && !isKnown(tree));
  const findings = unknownFindings(unknown, opened);
  const frame = frameOf(opened);
  const isSentence = interactions.length > 0 && interactions.every(isInline);
  const sentence = isSentence ? sentenceOf(body, interactions, opened.declarations) : undefined;
  if (sentence) {
    return { items: [{ ...frame, ...sentence }], findings };
  }
  const items = interactions
    .filter((tree) => !unknown.includes(tree))
    .map((tree) => questionOf(tree, frame, opened));
  return {
    items: numbered(items),
    findings: [...findings, ...countFindings(items, frame, opened)],
  };
}
