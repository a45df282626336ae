// What a package holds, file by file, with the tags of each question as keywords.
import type { Standard } from '../../model';
import { escapeXml } from '../../shared/markup';
import { HEAD } from './xml';

export type Resource = {
  identifier: string;
  type: string;
  href: string;
  files: string[];
  needs?: string[];
  keywords?: string[];
};
type Names = { space: string; schema: string; version: string; lom: string };

// Names of schemas and their versions from memory: the standards' own documents were not at hand.
const NAMES: Record<Standard, Names> = {
  'qti-3.0': {
    space: 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1',
    schema: 'QTI Package',
    version: '3.0.0',
    lom: 'http://ltsc.ieee.org/xsd/LOM',
  },
  'qti-2.1': {
    space: 'http://www.imsglobal.org/xsd/imscp_v1p1',
    schema: 'QTIv2.1 Package',
    version: '1.0.0',
    lom: 'http://ltsc.ieee.org/xsd/LOM',
  },
  'common-cartridge-1.3': {
    space: 'http://www.imsglobal.org/xsd/imsccv1p3/imscp_v1p1',
    schema: 'IMS Common Cartridge',
    version: '1.3.0',
    lom: 'http://ltsc.ieee.org/xsd/imsccv1p3/LOM/manifest',
  },
};

const attribute = (name: string, value: string): string => ` ${name}="${escapeXml(value)}"`;

function resourceXml({
  identifier,
  type,
  href,
  files,
  needs = [],
  keywords = [],
}: Resource): string {
  const lom = keywords.length
    ? `<metadata><lom:lom><lom:general>${keywords.map((word) => `<lom:keyword><lom:string>${escapeXml(word)}</lom:string></lom:keyword>`).join('')}</lom:general></lom:lom></metadata>`
    : '';
  return `<resource${attribute('identifier', identifier)}${attribute('type', type)}${attribute('href', href)}>${lom}${files.map((file) => `<file${attribute('href', file)}/>`).join('')}${needs.map((need) => `<dependency${attribute('identifierref', need)}/>`).join('')}</resource>`;
}

/** The XML of the manifest. A cartridge lists in its organisation what a course shows. */
export function manifestXml(
  standard: Standard,
  title: string,
  resources: readonly Resource[],
  shown?: string,
): string {
  const { space, schema, version, lom } = NAMES[standard];
  const titled =
    standard === 'common-cartridge-1.3'
      ? `<lomimscc:lom xmlns:lomimscc="${lom}"><lomimscc:general><lomimscc:title><lomimscc:string>${escapeXml(title)}</lomimscc:string></lomimscc:title></lomimscc:general></lomimscc:lom>`
      : '';
  const organisations = shown
    ? `<organizations><organization identifier="org-1" structure="rooted-hierarchy"><item identifier="root"><item identifier="item-1"${attribute('identifierref', shown)}><title>${escapeXml(title)}</title></item></item></organization></organizations>`
    : '<organizations/>';
  return `${HEAD}<manifest xmlns="${space}" xmlns:lom="${lom}" identifier="manifest-1"><metadata><schema>${schema}</schema><schemaversion>${version}</schemaversion>${titled}</metadata>${organisations}<resources>${resources.map(resourceXml).join('')}</resources></manifest>`;
}
