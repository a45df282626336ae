// The zip that a workbook is, opened with care: sizes are added up before anything is inflated.
import { resolveTarget } from '../shared/part-path';
import { openZip, ZipTooFar } from '../shared/zip';
import { parseXml } from './xml';
import { blocked } from './contract';
import type { Finding } from '../model';
import { say } from '../shared/say';

export type Parts = Map<string, Uint8Array>;

const tooFar = (file: string, why: string): Finding =>
  blocked(
    file,
    'zip-inflates-too-far',
    say(
      '{file} {why}, so it was not opened. Save it again without the empty rows and columns, and bring it in.',
      { file, why },
    ),
  );

/** Opens a package; never throws for bad input. */
export function openPackage(
  file: string,
  bytes: Uint8Array,
): { parts: Parts } | { finding: Finding } {
  try {
    return { parts: new Map(Object.entries(openZip(bytes))) };
  } catch (error) {
    if (error instanceof ZipTooFar) {
      return { finding: tooFar(file, error.message) };
    }
    return {
      finding: blocked(
        file,
        'zip-damaged',
        say(
          "{file} begins like a workbook, but its package can't be opened: it is cut short or damaged. Save it again or fetch it anew.",
          { file },
        ),
      ),
    };
  }
}

/** A part as text; empty where the package lacks it. */
export const partText = (parts: Parts, name: string): string => {
  const bytes = parts.get(name) ?? parts.get(name.replace(/^\//, ''));
  return bytes ? new TextDecoder('utf-8').decode(bytes) : '';
};

/** The targets of a part's relationships, by id and by the last word of their type. */
export function readRelations(
  parts: Parts,
  part: string,
): { id: string; type: string; target: string }[] {
  const slash = part.lastIndexOf('/');
  const xml = partText(parts, `${part.slice(0, slash + 1)}_rels/${part.slice(slash + 1)}.rels`);
  const relations: { id: string; type: string; target: string }[] = [];
  if (xml) {
    parseXml(xml, {
      open(name, a) {
        if (name !== 'Relationship') {
          return;
        }
        const type = (a['Type'] ?? '').split('/').at(-1)!;
        const target = a['Target'] ?? '';
        // Of what lies outside the package only links are of use, and they are never followed.
        if (a['TargetMode'] === 'External') {
          if (type === 'hyperlink') {
            relations.push({ id: a['Id'] ?? '', type, target });
          }
        } else {
          relations.push({ id: a['Id'] ?? '', type, target: resolveTarget(part, target) });
        }
      },
    });
  }
  return relations;
}
