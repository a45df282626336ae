// A package of an open standard as a blank: nothing is to be learned but which standard it keeps to.
import { unzipSync } from 'fflate';
import type { Layout, Surroundings, Table } from '../model';
import { STARTERS, type LearnedLayout } from '../learning';
import { openFile, type SourceFile } from '../readers';
import { sheetWith } from '../shared/sheet';
import { say } from '../shared/say';

const ZIP = /\.(?:zip|imscc)$/i;
/** So much of a part tells its standard. */
const HEAD = 4000;
/** Larger parts hold pictures or sound, and none of the standard's files. */
const LARGEST = 2_000_000;

const STANDARD_SIGNS: readonly (readonly [NonNullable<Layout['file']['standard']>, RegExp])[] = [
  ['qti-3.0', /imsqtiasi_v3|qti-assessment-item|imsqti_v3p0/],
  ['common-cartridge-1.3', /imsccv1p|common ?cartridge|imscc_/i],
  ['qti-2.1', /imsqti_v2p|assessmentItem\b/],
];

/** The standard that a package's files speak of; the newest where none is named. */
function standardOf({ bytes }: SourceFile): NonNullable<Layout['file']['standard']> {
  const parts = unzipSync(bytes, {
    filter: ({ name, originalSize }) => /\.xml$/i.test(name) && originalSize < LARGEST,
  });
  const text = Object.values(parts)
    .map((part) => new TextDecoder().decode(part.subarray(0, HEAD)))
    .join('\n');
  return STANDARD_SIGNS.find(([, sign]) => sign.test(text))?.[0] ?? 'qti-3.0';
}

/** The layout of a package; undefined where a file is none that can be read. */
export async function learnPackage(
  file: SourceFile,
  surroundings: Pick<Surroundings, 'id'>,
  name: string,
): Promise<(LearnedLayout & { table: Table }) | undefined> {
  const opened = ZIP.test(file.name) ? await openFile(file) : undefined;
  if (opened?.is !== 'stated') {
    return undefined;
  }
  const standard = standardOf(file);
  const starter = STARTERS.find(({ file: own }) => own.standard === standard);
  if (!starter) {
    return undefined;
  }
  const { items, findings } = opened.stated;
  const rows = [['Question'], ...items.map(({ stem }) => [stem.plain])];
  const sheet = sheetWith({ name: file.name, rows });
  return {
    layout: { ...starter, id: surroundings.id(), name },
    because: {
      shape: say('it is a package of {standard}', {
        standard: standard.toUpperCase().replace('-', ' '),
      }),
    },
    unsure: [],
    table: { file: file.name, format: 'txt', sheets: [sheet], findings },
  };
}
