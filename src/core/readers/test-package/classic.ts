// Questions of QTI 1.2 as Common Cartridges carry them. The standard's text was not at hand: names of elements and
// fields are from memory, and so are the tests beside them.
import type { Finding, Item, Option, Text } from '../../model';
import { numberOf } from '../../shared/normalise';
import { textOf } from '../../shared/rich-text';
import { trueFalsePair } from '../../shared/vocabulary/verdicts';
import type { Loose, PictureOf } from './item';
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

function materialOf(tree: Tree | undefined): Content {
  const texts = tree ? named(tree, 'mattext') : [];
  const parts = texts.map((one) =>
    /html/i.test(one.attributes['texttype'] ?? '')
      ? contentOfHtml(textOfTree(one))
      : contentOf(one.children),
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
      values: equals.map((one) => textOfTree(one).trim()),
      score,
      feedback: named(condition, 'displayfeedback').map((one) => one.attributes['linkrefid'] ?? ''),
    };
  });
}

function optionsOf(lid: Tree, scored: readonly Scored[], feedback: Map<string, Text>): Option[] {
  const id = lid.attributes['ident'] ?? '';
  const right = new Set(
    scored
      .filter((one) => one.score > 0 && (one.response === id || !one.response))
      .flatMap((one) => one.values),
  );
  return named(lid, 'response-label').map((label) => {
    const own = label.attributes['ident'] ?? '';
    const shown = scored.find(
      (one) =>
        one.values.length === 1 &&
        one.values[0] === own &&
        one.feedback.some((name) => feedback.has(name)),
    );
    const text = shown?.feedback.map((name) => feedback.get(name)).find(Boolean);
    return defined({
      text: textOf(materialOf(label).runs),
      right: right.has(own),
      feedback: text,
    });
  });
}

function answerOf(
  item: Tree,
  profile: string,
  scored: readonly Scored[],
  feedback: Map<string, Text>,
): (Partial<Item> & Pick<Item, 'kind'>) | undefined {
  const lids = named(item, 'response-lid');
  if (lids.length > 1) {
    const pairs = lids.flatMap((lid) => {
      const right = optionsOf(lid, scored, new Map()).find((option) => option.right);
      return right
        ? [{ left: textOf(materialOf(childrenNamed(lid, 'material')[0]).runs), right: right.text }]
        : [];
    });
    return { kind: 'match', pairs };
  }
  const text = named(item, 'response-str')[0];
  if (text) {
    const accepted = [
      ...new Set(scored.filter((one) => one.score > 0).flatMap((one) => one.values)),
    ];
    return /essay/.test(profile) || !accepted.length
      ? { kind: 'open' }
      : { kind: 'short', accepted };
  }
  const lid = lids[0];
  if (!lid) {
    return undefined;
  }
  const options = optionsOf(lid, scored, feedback);
  const pair =
    options.length === 2
      ? trueFalsePair(options[0]!.text.plain, options[1]!.text.plain)
      : undefined;
  if (pair) {
    return { kind: 'true-false', options: pair.trueFirst ? options : [options[1]!, options[0]!] };
  }
  return {
    kind: lid.attributes['rcardinality'] === 'Multiple' ? 'choice-many' : 'choice-one',
    options,
  };
}

function questionOf(
  item: Tree,
  path: string,
  section: readonly string[],
  picture: PictureOf,
): { item?: Loose; finding?: Finding } {
  const meta = fields(item);
  const feedback = new Map(
    named(item, 'itemfeedback').map((one) => [
      one.attributes['ident'] ?? '',
      textOf(materialOf(one).runs),
    ]),
  );
  const presentation = named(item, 'presentation')[0];
  const stem = materialOf(
    presentation && childrenNamed(presentation, 'material')[0]
      ? { ...presentation, children: childrenNamed(presentation, 'material') }
      : presentation && named(presentation, 'flow')[0],
  );
  const answer = answerOf(item, meta.get('cc_profile') ?? '', conditionsOf(item), feedback);
  const ref = item.attributes['ident'] ?? '';
  if (!answer) {
    return {
      finding: {
        rule: 'interaction-unknown',
        level: 'warn',
        where: { file: path },
        message: `${path}: the item ${ref} asks in a way that no kind of question here can hold; it was left out.`,
      },
    };
  }
  const points = numberOf(meta.get('cc_weighting') ?? meta.get('points_possible') ?? '');
  const general = feedback.get('general_fb');
  const category = meta.get('cc_question_category') ? [meta.get('cc_question_category')!] : section;
  const media = stem.pictures.flatMap(({ href, alt }) => {
    const found = picture(href);
    return found ? [defined({ at: 'stem' as const, href: found, alt: alt || undefined })] : [];
  });
  return {
    item: defined({
      ref,
      stem: textOf(stem.runs),
      title: item.attributes['title'] || undefined,
      ...answer,
      points: points || undefined,
      explanation: general,
      category: category.length ? [...category] : undefined,
      media: filled(media),
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
      questionOf(item, path, groups.length > 1 && title ? [title] : [], picture),
    );
  });
  const title = named(root, 'assessment')[0]?.attributes['title'];
  return defined({
    items: read.flatMap(({ item }) => item ?? []),
    findings: read.flatMap(({ finding }) => finding ?? []),
    title: title || undefined,
  });
}
