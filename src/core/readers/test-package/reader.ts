// Packages of the open standard: QTI 3.0, 2.2 and 2.1, QTI 1.2 inside a Common Cartridge, and lone files of them.
import type { Finding, Opened } from '../../model';
import { base64 } from '../../shared/base64';
import { numberOf } from '../../shared/normalise';
import { CAPS, blocked } from '../contract';
import { resolveTarget } from '../../shared/part-path';
import { partText, type Parts } from '../package';
import { classicQuestions } from './classic';
import { questionsOf, type Loose, type PictureOf, type Reference } from './item';
import { childrenNamed, named, parseTree, textOfTree, type Tree } from './tree';
import { defined } from '../../shared/defined';

const TYPES: Record<string, string> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
};
const ROOTS = /<(?:[\w-]+:)?(?:qti-)?(?:assessment-?item|assessment-?test|questestinterop)\b/i;

/** Whether a text is XML of this standard. */
export const looksLikeTestXml = (text: string): boolean =>
  /^\s*(?:<\?xml|<(?:qti-|assessmentItem|questestinterop))/.test(text.slice(0, 400)) &&
  ROOTS.test(text.slice(0, 20_000));
/** Whether a package has a manifest, or parts that are items. */
export const isTestPackage = (parts: Parts): boolean =>
  parts.has('imsmanifest.xml') ||
  [...parts.keys()].some(
    (name) => /\.(?:xml|qti)$/i.test(name) && ROOTS.test(partText(parts, name).slice(0, 20_000)),
  );

type Read = { items: Loose[]; findings: Finding[]; title?: string };

/** A picture of the package as its own bytes; links stay links, what can't be held is left out. */
function pictures(parts: Parts, from: string): PictureOf {
  return (href) => {
    if (/^(?:https?|data):/i.test(href)) {
      return href;
    }
    const path = decodeURIComponent(href.split(/[?#]/)[0] ?? '').replace(
      /^\$IMS-CC-FILEBASE\$\/?/,
      'web_resources/',
    );
    const bytes = parts.get(resolveTarget(from, path)) ?? parts.get(path);
    const type = TYPES[path.split('.').at(-1)?.toLowerCase() ?? ''];
    return bytes && type && bytes.length <= CAPS.pictureBytes
      ? `data:${type};base64,${base64(bytes)}`
      : undefined;
  };
}

/** The items that a test refers to, in its order, with what it says about each. */
function referencesOf(test: Tree, path: string): { path: string; reference: Reference }[] {
  const walk = (tree: Tree, above: string[]): { path: string; reference: Reference }[] => {
    const limits = childrenNamed(tree, 'time-limits')[0];
    return [
      ...childrenNamed(tree, 'test-part'),
      ...tree.children.filter(
        (child): child is Tree =>
          typeof child !== 'string' &&
          (child.name === 'assessment-section' || child.name === 'assessment-item-ref'),
      ),
    ].flatMap((child) => {
      if (child.name !== 'assessment-item-ref') {
        const title = child.attributes['title'] ?? '';
        return walk(
          child,
          child.name === 'assessment-section' && title ? [...above, title] : above,
        );
      }
      const own = childrenNamed(child, 'time-limits')[0] ?? limits;
      const seconds = numberOf(own?.attributes['max-time'] ?? '');
      const attempts = numberOf(
        childrenNamed(child, 'item-session-control')[0]?.attributes['max-attempts'] ?? '',
      );
      const points = numberOf(childrenNamed(child, 'weight')[0]?.attributes['value'] ?? '');
      return [
        {
          path: resolveTarget(path, child.attributes['href'] ?? ''),
          reference: defined({
            category: above,
            seconds: seconds || undefined,
            attempts: attempts || undefined,
            points: points || undefined,
          }),
        },
      ];
    });
  };
  return walk(test, []);
}

function readTree(root: Tree, path: string, picture: PictureOf, reference?: Reference): Read {
  if (root.name === 'questestinterop') {
    return classicQuestions(root, path, picture);
  }
  if (root.name === 'assessment-item') {
    return questionsOf(root, path, picture, reference);
  }
  return { items: [], findings: [] };
}

/** Keywords of the package's metadata, by the path of the item they belong to. */
function keywordsOf(manifest: Tree | undefined): Map<string, string[]> {
  return new Map(
    (manifest ? named(manifest, 'resource') : []).map((resource) => [
      resource.attributes['href'] ?? '',
      named(resource, 'keyword')
        .map((keyword) => textOfTree(keyword).trim())
        .filter(Boolean),
    ]),
  );
}

function readParts(parts: Parts): Read {
  const manifest = parts.has('imsmanifest.xml')
    ? parseTree(partText(parts, 'imsmanifest.xml'))
    : undefined;
  const listed = manifest
    ? named(manifest, 'resource').map(
        (resource) =>
          resource.attributes['href'] ||
          childrenNamed(resource, 'file')[0]?.attributes['href'] ||
          '',
      )
    : [];
  const paths = [...new Set([...listed, ...parts.keys()])].filter(
    (path) => parts.has(path) && /\.(?:xml|qti)$/i.test(path) && path !== 'imsmanifest.xml',
  );
  const keywords = keywordsOf(manifest);
  const trees = new Map<string, Tree>();
  const findings: Finding[] = [];
  for (const path of paths) {
    if (!ROOTS.test(partText(parts, path).slice(0, 20_000))) {
      continue;
    }
    try {
      trees.set(path, parseTree(partText(parts, path)));
    } catch {
      findings.push({
        rule: 'part-damaged',
        level: 'warn',
        where: { file: path },
        message: `${path} is not well-formed XML and could not be read; the other files of the package were.`,
      });
    }
  }
  const tests = [...trees].filter(([, tree]) => tree.name === 'assessment-test');
  const referred = tests.flatMap(([path, tree]) => referencesOf(tree, path));
  for (const { path } of referred) {
    if (!trees.has(path) && !findings.some((finding) => finding.where?.file === path)) {
      findings.push({
        rule: 'part-missing',
        level: 'warn',
        where: { file: path },
        message: `The test names ${path}, but the package does not hold it. Export the package again.`,
      });
    }
  }
  const order = new Map(referred.map(({ path, reference }) => [path, reference] as const));
  const rest = [...trees.keys()].filter((path) => !order.has(path));
  const reads = [...order.keys(), ...rest]
    .filter((path) => trees.has(path))
    .map((path): Read => {
      const read = readTree(trees.get(path)!, path, pictures(parts, path), order.get(path));
      const tags = (keywords.get(path) ?? []).map((word) => {
        const pair = /^([^:]{1,40}): (.+)$/s.exec(word);
        return pair ? { name: pair[1]!, value: pair[2]! } : { value: word };
      });
      return tags.length ? { ...read, items: read.items.map((item) => ({ ...item, tags })) } : read;
    });
  const title = tests[0]?.[1].attributes['title'] ?? reads.find((read) => read.title)?.title;
  return defined({
    items: reads.flatMap(({ items }) => items),
    findings: [...findings, ...reads.flatMap((read) => read.findings)],
    title: title || undefined,
  });
}

const stated = (file: string, format: 'zip' | 'xml', read: () => Read): Opened => {
  try {
    const { items, findings, title } = read();
    const none: Finding[] = items.length
      ? []
      : [
          blocked(
            file,
            'no-questions',
            `${file} is a package of the test standard, but no question was found in it.`,
          ),
        ];
    return {
      is: 'stated',
      stated: defined({
        file,
        format,
        items,
        findings: [...none, ...findings],
        title: title || undefined,
      }),
    };
  } catch {
    return {
      is: 'stated',
      stated: {
        file,
        format,
        items: [],
        findings: [
          blocked(
            file,
            'package-damaged',
            `${file} is a package of the test standard, but its XML is damaged and can't be read. Export it again.`,
          ),
        ],
      },
    };
  }
};

/** Reads an opened package. Never throws for bad input. */
export const readTestPackage = (file: string, parts: Parts): Opened =>
  stated(file, 'zip', () => readParts(parts));

/** Reads a lone file of the standard. Never throws for bad input. */
export const readTestXml = (file: string, xml: string): Opened =>
  stated(file, 'xml', () =>
    readTree(parseTree(xml), file, (href) => (/^(?:https?|data):/i.test(href) ? href : undefined)),
  );
