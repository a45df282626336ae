// Packages of the open standard: QTI 3.0, 2.2 and 2.1, QTI 1.2 inside a Common Cartridge, and lone files of them.
import type { Finding, Opened, Tag } from '../../model';
import { base64 } from '../../shared/base64';
import { CAPS, blocked } from '../contract';
import { resolveTarget } from '../../shared/part-path';
import { partText, type Parts } from '../package';
import { classicQuestions } from './classic';
import { questionsOf, type Placed } from './item';
import type { Loose, PictureOf } from './question';
import { referencesOf } from './references';
import { childrenNamed, named, parseTree, textOfTree, type Tree } from './tree';
import { defined } from '../../shared/defined';
import { say } from '../../shared/say';

const TYPES: Record<string, string> = {
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
};
/** The names that files of the standard begin with, and how far from their beginning. */
const ROOTS = /<(?:[\w-]+:)?(?:qti-)?(?:assessment-?item|assessment-?test|questestinterop)\b/i;
const ROOT_WITHIN = 20_000;
const MANIFEST = 'imsmanifest.xml';

/** Whether a text is XML of this standard. */
export const looksLikeTestXml = (text: string): boolean =>
  /^\s*(?:<\?xml|<(?:qti-|assessmentItem|questestinterop))/.test(text.slice(0, 400)) &&
  ROOTS.test(text.slice(0, ROOT_WITHIN));
/** Whether a package has a manifest, or parts that are items. */
export const isTestPackage = (parts: Parts): boolean =>
  parts.has(MANIFEST) ||
  [...parts.keys()].some(
    (name) =>
      /\.(?:xml|qti)$/i.test(name) && ROOTS.test(partText(parts, name).slice(0, ROOT_WITHIN)),
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

function readTree(placed: Placed): Read {
  const { item, path, picture } = placed;
  if (item.name === 'questestinterop') {
    return classicQuestions(item, path, picture);
  }
  return item.name === 'assessment-item' ? questionsOf(placed) : { items: [], findings: [] };
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

/** Whether a part is a file of the standard, by its beginning. */
const isOfStandard = (text: string): boolean => ROOTS.test(text.slice(0, ROOT_WITHIN));

/** The paths of XML that may be questions, those that the manifest lists first. */
function pathsOf(parts: Parts, manifest: Tree | undefined): string[] {
  const listed = (manifest ? named(manifest, 'resource') : []).map(
    (resource) =>
      resource.attributes['href'] || childrenNamed(resource, 'file')[0]?.attributes['href'] || '',
  );
  return [...new Set([...listed, ...parts.keys()])].filter(
    (path) => parts.has(path) && /\.(?:xml|qti)$/i.test(path) && path !== MANIFEST,
  );
}

type Trees = Map<string, Tree>;

/** The parsed parts by their paths; one that is not well-formed is told, and the others are read. */
function parseParts(parts: Parts, paths: readonly string[]): { trees: Trees; findings: Finding[] } {
  const trees: Trees = new Map();
  const findings: Finding[] = [];
  for (const path of paths) {
    const text = partText(parts, path);
    if (!isOfStandard(text)) {
      continue;
    }
    try {
      trees.set(path, parseTree(text));
    } catch {
      findings.push({
        rule: 'part-damaged',
        level: 'warn',
        where: { file: path },
        message: say(
          '{path} is not well-formed XML and could not be read; the other files of the package were.',
          { path },
        ),
      });
    }
  }
  return { trees, findings };
}

const missing = (path: string): Finding => ({
  rule: 'part-missing',
  level: 'warn',
  where: { file: path },
  message: say(
    'The test names {path}, but the package does not hold it. Export the package again.',
    { path },
  ),
});

/** "name: value" as a tag of that name; names are short, so that a sentence is none. */
function tagOf(word: string): Tag {
  const pair = /^([^:]{1,40}): (.+)$/s.exec(word);
  return pair ? { name: pair[1]!, value: pair[2]! } : { value: word };
}

/** The questions of a part with the tags that the manifest gives it. */
function withTags(read: Read, keywords: readonly string[]): Read {
  const tags = keywords.map(tagOf);
  return tags.length ? { ...read, items: read.items.map((item) => ({ ...item, tags })) } : read;
}

function readParts(parts: Parts): Read {
  const manifest = parts.has(MANIFEST) ? parseTree(partText(parts, MANIFEST)) : undefined;
  const { trees, findings } = parseParts(parts, pathsOf(parts, manifest));
  const tests = [...trees].filter(([, tree]) => tree.name === 'assessment-test');
  const referred = tests.flatMap(([path, tree]) => referencesOf(tree, path));
  const isTold = (path: string): boolean => findings.some(({ where }) => where?.file === path);
  const lost = referred.map(({ path }) => path).filter((path) => !trees.has(path) && !isTold(path));
  const order = new Map(referred.map(({ path, reference }) => [path, reference] as const));
  const keywords = keywordsOf(manifest);
  const reads = [...new Set([...order.keys(), ...trees.keys()])]
    .filter((path) => trees.has(path))
    .map((path) => {
      const picture = pictures(parts, path);
      const read = readTree({
        item: trees.get(path)!,
        path,
        picture,
        reference: order.get(path),
      });
      return withTags(read, keywords.get(path) ?? []);
    });
  const title = tests[0]?.[1].attributes['title'] ?? reads.find((read) => read.title)?.title;
  return defined({
    items: reads.flatMap(({ items }) => items),
    findings: [
      ...findings,
      ...[...new Set(lost)].map(missing),
      ...reads.flatMap((read) => read.findings),
    ],
    title: title || undefined,
  });
}

/** What was read, as stated by its package; whatever breaks on the way is a finding. */
function stated(file: string, format: 'zip' | 'xml', read: () => Read): Opened {
  const of = ({ items, findings, title }: Read): Opened => ({
    is: 'stated',
    stated: defined({ file, format, items, findings, title: title || undefined }),
  });
  try {
    const found = read();
    if (found.items.length) {
      return of(found);
    }
    const message = say(
      '{file} is a package of the test standard, but no question was found in it.',
      { file },
    );
    const none = blocked(file, 'no-questions', message);
    return of({ ...found, findings: [none, ...found.findings] });
  } catch {
    const message = say(
      "{file} is a package of the test standard, but its XML is damaged and can't be read. Export it again.",
      { file },
    );
    return of({ items: [], findings: [blocked(file, 'package-damaged', message)] });
  }
}

/** Reads an opened package. Never throws for bad input. */
export const readTestPackage = (file: string, parts: Parts): Opened =>
  stated(file, 'zip', () => readParts(parts));

/** A lone file has no package to take pictures from; links stay links. */
const linkOnly: PictureOf = (href) => (/^(?:https?|data):/i.test(href) ? href : undefined);

/** Reads a lone file of the standard. Never throws for bad input. */
export const readTestXml = (file: string, xml: string): Opened =>
  stated(file, 'xml', () => readTree({ item: parseTree(xml), path: file, picture: linkOnly }));
