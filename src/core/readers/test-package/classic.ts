// Questions of QTI 1.2 as Common Cartridges carry them. The standard's text was not at hand: names of elements and
// fields are from memory, and so are the tests beside them.
import type { Finding, Item, Option, Text } from '../../model';
import { numberOf } from '../../shared/normalise';
import { textOf } from '../../shared/rich-text';
import { trueFalsePair } from '../../shared/vocabulary/verdicts';
import { picturesOf, type Loose, type PictureOf } from './question';
import {
  childrenNamed,
  contentOf,
  contentOfHtml,
  findTrees,
  named,
  textOfTree,
  type Content,
  type Tree,
} from './tree';
import { defined, filled } from '../../shared/defined';
import { say } from '../../shared/say';

function materialOf(material: Tree | undefined): Content {
  const texts = material ? named(material, 'mattext') : [];
  const parts = texts.map((tree) =>
    /html/i.test(tree.attributes['texttype'] ?? '')
      ? contentOfHtml(textOfTree(tree))
      : contentOf(tree.children),
  );
  return {
    runs: parts.flatMap(({ runs }, index) => (index ? [{ text: '\n' }, ...runs] : runs)),
    pictures: parts.flatMap(({ pictures }) => pictures),
  };
}

const fields = (tree: Tree): Map<string, string> =>
  new Map(
    named(tree, 'qtimetadatafield').map((field) => [
      textOfTree(named(field, 'fieldlabel')[0] ?? field).trim(),
      textOfTree(named(field, 'fieldentry')[0] ?? field).trim(),
    ]),
  );

type Scored = { response: string; values: string[]; score: number; feedback: string[] };

/** The conditions of the scoring: which values of which response earn what, and which feedback they show. */
function conditionsOf(item: Tree): Scored[] {
  return named(item, 'respcondition').map((condition) => {
    const equals = findTrees(
      condition,
      (tree) => tree.name === 'not' || tree.name === 'varequal' || tree.name === 'varsubstring',
    ).filter((tree) => tree.name !== 'not');
    const score = Math.max(
      0,
      ...named(condition, 'setvar').map((set) => numberOf(textOfTree(set)) ?? 0),
    );
    return {
      response: equals[0]?.attributes['respident'] ?? '',
      values: equals.map((tree) => textOfTree(tree).trim()),
      score,
      feedback: named(condition, 'displayfeedback').map(
        (tree) => tree.attributes['linkrefid'] ?? '',
      ),
    };
  });
}

function optionsOf(
  lid: Tree,
  scored: readonly Scored[],
  feedback: ReadonlyMap<string, Text>,
): Option[] {
  const response = lid.attributes['ident'] ?? '';
  const right = new Set(
    scored
      .filter((scoring) => scoring.score > 0)
      .filter((scoring) => scoring.response === response || !scoring.response)
      .flatMap(({ values }) => values),
  );
  return named(lid, 'response-label').map((label) => {
    const ident = label.attributes['ident'] ?? '';
    return defined({
      text: textOf(materialOf(label).runs),
      right: right.has(ident),
      feedback: scored
        .filter(({ values }) => values.length === 1 && values[0] === ident)
        .flatMap((scoring) => scoring.feedback)
        .map((name) => feedback.get(name))
        .find(Boolean),
    });
  });
}

type Answer = Partial<Item> & Pick<Item, 'kind'>;

/** Several lists of the same sides are pairs: each list's prompt with its right one. */
function pairsOf(lids: readonly Tree[], scored: readonly Scored[]): Answer {
  const pairs = lids.flatMap((lid) => {
    const right = optionsOf(lid, scored, new Map()).find((option) => option.right);
    const left = materialOf(childrenNamed(lid, 'material')[0]);
    return right ? [{ left: textOf(left.runs), right: right.text }] : [];
  });
  return { kind: 'match', pairs };
}

function typedAnswer(profile: string, scored: readonly Scored[]): Answer {
  const earning = scored.filter(({ score }) => score > 0);
  const accepted = [...new Set(earning.flatMap(({ values }) => values))];
  return /essay/.test(profile) || !accepted.length ? { kind: 'open' } : { kind: 'short', accepted };
}

function choiceOf(lid: Tree, scored: readonly Scored[], feedback: Map<string, Text>): Answer {
  const options = optionsOf(lid, scored, feedback);
  const [first, second] = options;
  const pair =
    options.length === 2 ? trueFalsePair(first!.text.plain, second!.text.plain) : undefined;
  if (pair) {
    return { kind: 'true-false', options: pair.trueFirst ? options : [second!, first!] };
  }
  const isSeveral = lid.attributes['rcardinality'] === 'Multiple';
  return { kind: isSeveral ? 'choice-many' : 'choice-one', options };
}

/** The answers of an item; undefined where it asks in a way that no kind can hold. */
function answerOf(
  item: Tree,
  profile: string,
  scored: readonly Scored[],
  feedback: Map<string, Text>,
): Answer | undefined {
  const lids = named(item, 'response-lid');
  if (lids.length > 1) {
    return pairsOf(lids, scored);
  }
  if (named(item, 'response-str').length) {
    return typedAnswer(profile, scored);
  }
  return lids[0] && choiceOf(lids[0], scored, feedback);
}

/** Where an item stands: its file, and the titles of the sections around it. */
type Place = { path: string; section: readonly string[] };

const unknownKind = (ref: string, path: string): Finding => ({
  rule: 'interaction-unknown',
  level: 'warn',
  where: { file: path },
  message: say(
    '{path}: the item {ref} asks in a way that no kind of question here can hold; it was left out.',
    { path, ref },
  ),
});

/** The question's own text, before any answer. */
function stemOf(item: Tree): Content {
  const presentation = named(item, 'presentation')[0];
  const materials = presentation ? childrenNamed(presentation, 'material') : [];
  return materialOf(
    presentation && materials.length
      ? { ...presentation, children: materials }
      : presentation && named(presentation, 'flow')[0],
  );
}

const feedbackOf = (item: Tree): Map<string, Text> =>
  new Map(
    named(item, 'itemfeedback').map((tree) => [
      tree.attributes['ident'] ?? '',
      textOf(materialOf(tree).runs),
    ]),
  );

function questionOf(
  item: Tree,
  { path, section }: Place,
  picture: PictureOf,
): { item?: Loose; finding?: Finding } {
  const meta = fields(item);
  const feedback = feedbackOf(item);
  const stem = stemOf(item);
  const answer = answerOf(item, meta.get('cc_profile') ?? '', conditionsOf(item), feedback);
  const ref = item.attributes['ident'] ?? '';
  if (!answer) {
    return { finding: unknownKind(ref, path) };
  }
  const points = numberOf(meta.get('cc_weighting') ?? meta.get('points_possible') ?? '');
  const category = meta.get('cc_question_category');
  return {
    item: defined({
      ref,
      stem: textOf(stem.runs),
      title: item.attributes['title'] || undefined,
      ...answer,
      points: points || undefined,
      explanation: feedback.get('general_fb'),
      category: filled(category ? [category] : [...section]),
      media: filled(picturesOf(stem, picture)),
      origin: { file: path },
    }),
  };
}

/** The questions of an assessment or a question bank of QTI 1.2. */
export function classicQuestions(
  root: Tree,
  path: string,
  picture: PictureOf,
): { items: Loose[]; findings: Finding[]; title?: string } {
  const sections = named(root, 'section');
  const groups = sections.length ? sections : [root];
  const read = groups.flatMap((group) => {
    const title = group.attributes['title'] ?? '';
    return named(group, 'item').map((item) =>
      questionOf(item, { path, section: groups.length > 1 && title ? [title] : [] }, picture),
    );
  });
  const title = named(root, 'assessment')[0]?.attributes['title'];
  return defined({
    items: read.flatMap(({ item }) => item ?? []),
    findings: read.flatMap(({ finding }) => finding ?? []),
    title: title || undefined,
  });
}
