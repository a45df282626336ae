// Packages of the open standards: QTI 3.0 and 2.1 with test, items and manifest; Common Cartridge 1.3 with QTI 1.2.
import { strToU8, zipSync } from 'fflate';
import type { Item, Standard } from '../../model';
import { defined } from '../../shared/defined';
import { tagText } from '../../shared/plain';
import { STILL, type Job, type Written } from '../contract';
import { cartridgeXml } from './cartridge';
import type { Media } from './content';
import { itemXml, type TestStandard } from './item';
import { manifestXml, type Resource } from './manifest';
import { testXml, type Listed } from './test';
import { identifierOf } from './xml';
import { say } from '../../shared/say';

type Files = Record<string, string | Uint8Array>;
const TYPES = {
  'qti-3.0': ['imsqti_item_xmlv3p0', 'imsqti_test_xmlv3p0'],
  'qti-2.1': ['imsqti_item_xmlv2p1', 'imsqti_test_xmlv2p1'],
} as const;

const tagsOf = (item: Item): string[] => (item.tags ?? []).map(tagText);
const pictures = (xml: string): string[] => [
  ...new Set([...xml.matchAll(/src="\.\.\/(media\/[^"]+)"/g)].map((match) => match[1]!)),
];

/** The questions of a package on their way into its files. */
type Content = {
  title: string;
  items: readonly Item[];
  /** The sections of the set, and the one that each question stands in. */
  sections: Job['sections'];
  sectionOf: ReadonlyMap<Item, number>;
  media: Media;
};

function testPackage(
  standard: TestStandard,
  { title, items, sections, sectionOf, media }: Content,
): Files {
  const taken = new Set<string>(['test', 'manifest-1']);
  const files: Files = {};
  const resources: Resource[] = [];
  const listed = items.map((item): Listed => {
    const identifier = identifierOf(item.ref || 'item', taken);
    const href = `items/${identifier}.xml`;
    const xml = itemXml(item, { identifier, standard, media, from: '../' });
    files[href] = xml;
    resources.push({
      identifier: `resource-${identifier}`,
      type: TYPES[standard][0],
      href,
      files: [href, ...pictures(xml)],
      keywords: tagsOf(item),
    });
    return defined({ item, identifier, href, section: sectionOf.get(item) });
  });
  files['test.xml'] = testXml(defined({ title, listed, standard, sections }));
  const test: Resource = {
    identifier: 'resource-test',
    type: TYPES[standard][1],
    href: 'test.xml',
    files: ['test.xml'],
    needs: resources.map(({ identifier }) => identifier),
  };
  return { 'imsmanifest.xml': manifestXml(standard, title, [test, ...resources]), ...files };
}

function cartridge({ title, items, media }: Content): Files {
  const xml = cartridgeXml(title, items, media);
  const assessment: Resource = {
    identifier: 'resource-1',
    type: 'imsqti_xmlv1p2/imscc_xmlv1p3/assessment',
    href: 'assessment/assessment.xml',
    files: ['assessment/assessment.xml'],
  };
  const web = [...media.bytes.keys()].map((path, index): Resource => ({
    identifier: `picture-${index + 1}`,
    type: 'webcontent',
    href: `web_resources/${path}`,
    files: [`web_resources/${path}`],
  }));
  return {
    'imsmanifest.xml': manifestXml(
      'common-cartridge-1.3',
      title,
      [assessment, ...web],
      'resource-1',
    ),
    'assessment/assessment.xml': xml,
  };
}

/** Writes a package. The same questions give the same bytes. */
export function writePackage({
  layout,
  questions,
  setTitle = layout.name,
  sections,
}: Job): Written {
  const standard: Standard = layout.file.standard ?? 'qti-3.0';
  const items = questions.flatMap(({ as }) => as);
  const media: Media = { paths: new Map(), bytes: new Map() };
  const sectionOf = new Map(
    questions.flatMap(({ as, section }) =>
      section === undefined ? [] : as.map((item) => [item, section] as const),
    ),
  );
  const content: Content = { title: setTitle, items, sections, sectionOf, media };
  const files =
    standard === 'common-cartridge-1.3' ? cartridge(content) : testPackage(standard, content);
  const prefix = standard === 'common-cartridge-1.3' ? 'web_resources/' : '';
  for (const [path, bytes] of media.bytes) {
    files[prefix + path] = bytes;
  }
  const notes =
    sections?.some(({ draw }) => draw) && standard === 'common-cartridge-1.3'
      ? [say('This package can’t say that only some questions are drawn; it holds all of them.')]
      : [];
  return {
    bytes: zipSync(
      Object.fromEntries(
        Object.entries(files).map(([path, content]) => [
          path,
          [typeof content === 'string' ? strToU8(content) : content, { mtime: STILL }],
        ]),
      ),
    ),
    notes,
  };
}
