// A receiver's own open document filled: the rows of its one sheet, every other part as it is to the byte.
import { zipSync, type Zippable } from 'fflate';
import { canonicalXml } from '../../shared/canonical-xml';
import { escapeXml } from '../../shared/markup';
import { Problem } from '../../shared/problem';
import { openZip } from '../../shared/zip';
import { STILL, type Job, type Written } from '../contract';
import { leftAlone } from '../left-alone';
import { planSheet } from '../sheet-plan';
import { attributeOf } from './pieces';
import { Sheet } from './sheet';
import { say } from '../../shared/say';

/** The namespaces of the format (OpenDocument 1.2 part 1, 1.3) by the prefixes that splicing looks for. */
const PREFIXES = {
  'urn:oasis:names:tc:opendocument:xmlns:office:1.0': 'office',
  'urn:oasis:names:tc:opendocument:xmlns:table:1.0': 'table',
  'urn:oasis:names:tc:opendocument:xmlns:text:1.0': 'text',
  'urn:oasis:names:tc:opendocument:xmlns:drawing:1.0': 'draw',
  'urn:org:documentfoundation:names:experimental:calc:xmlns:calcext:1.0': 'calcext',
};

/** Where the named table's rows begin and end in the document; the first table where none is named so. */
function tableIn(
  xml: string,
  name: string | undefined,
): { start: number; end: number } | undefined {
  const tables = [...xml.matchAll(/<table:table\s([^>]*)>/g)];
  const table =
    tables.find((match) => attributeOf(match[1]!, 'table:name') === escapeXml(name ?? '')) ??
    tables[0];
  if (!table) {
    return undefined;
  }
  const start = table.index + table[0].length;
  const end = xml.indexOf('</table:table>', start);
  return end < 0 ? undefined : { start, end };
}

function openBlank(blank: Uint8Array): Record<string, Uint8Array> {
  try {
    return openZip(blank);
  } catch {
    throw new Problem(
      say(
        'The blank can’t be opened as a spreadsheet. Fetch it anew from the receiver and teach the layout again.',
      ),
    );
  }
}

/**
 * Fills the layout's sheet in a copy of the blank. Text is written as text; cells with a formula are left alone and named
 * in `notes`. Throws an Error with a plain sentence where the blank is not the document that the layout describes.
 */
export function fillOpenDocument(job: Job): Written {
  if (!job.blank) {
    throw new Problem(
      say(
        'This layout fills a spreadsheet, and its blank is not at hand. Drop the blank in again.',
      ),
    );
  }
  const parts = openBlank(job.blank);
  const xml = canonicalXml(
    new TextDecoder('utf-8').decode(parts['content.xml'] ?? new Uint8Array()),
    PREFIXES,
  );
  const place = tableIn(xml, job.layout.file.sheet);
  if (!place) {
    throw new Problem(
      say('The blank has no sheet “{sheet}” to fill. Teach the layout again from the blank.', {
        sheet: job.layout.file.sheet ?? '',
      }),
    );
  }
  const sheet = new Sheet(xml.slice(place.start, place.end), xml.includes('xmlns:calcext='));
  parts['content.xml'] = new TextEncoder().encode(
    xml.slice(0, place.start) + sheet.fill(planSheet(job)) + xml.slice(place.end),
  );
  const notes = leftAlone(sheet.skipped, ({ cells, names }) =>
    say(
      '{cells, plural, one {# cell of the blank holds a formula or is merged into another and was} other {# cells of the blank hold a formula or are merged into another and were}} left alone: {names}.',
      { cells, names },
    ),
  );
  // The type of the file stands first and unpacked, so that it can be told by its first bytes (OpenDocument 1.2 part 3, 3.3).
  const zippable: Zippable = Object.fromEntries(
    Object.entries(parts).map(([name, bytes]) => [
      name,
      [bytes, { mtime: STILL, level: name === 'mimetype' || name.endsWith('/') ? 0 : 6 }],
    ]),
  );
  return { bytes: zipSync(zippable), notes };
}
