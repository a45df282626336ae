// A whole bank as one zip: its JSON, its pictures by digest, the receivers' blanks by digest. The same bank gives the
// same bytes, since every part carries the same fixed date.
import { strToU8, zipSync, type Zippable } from 'fflate';
import { BANK_FILE_VERSION, type BankContents, type BankFile, type Item } from '../../model';
import { fromBase64 } from '../../shared/base64';
import { holdsPicture } from '../../shared/picture-list';

type Digest = (bytes: Uint8Array) => Promise<string>;
const DATE = new Date('2000-01-01T00:00:00');

/** The questions with their pictures moved out, each picture once. */
async function movePictures(
  items: readonly Item[],
  digest: Digest,
): Promise<{ items: Item[]; types: Record<string, string>; bytes: Map<string, Uint8Array> }> {
  const types: Record<string, string> = {};
  const bytes = new Map<string, Uint8Array>();
  const known = new Map<string, string>();
  const moved: Item[] = [];
  for (const item of items) {
    if (!item.media?.some(({ href }) => holdsPicture(href))) {
      moved.push(item);
      continue;
    }
    const media: NonNullable<Item['media']> = [];
    for (const one of item.media) {
      const match = /^data:([\w/+.-]+);base64,(.*)$/s.exec(one.href);
      if (!match) {
        media.push(one);
        continue;
      }
      let name = known.get(one.href);
      if (!name) {
        const picture = fromBase64(match[2]!);
        name = await digest(picture);
        known.set(one.href, name);
        types[name] = match[1]!;
        bytes.set(name, picture);
      }
      media.push({ ...one, href: `picture:${name}` });
    }
    moved.push({ ...item, media });
  }
  return { items: moved, types, bytes };
}

/** The bytes of a bank file. `digest` gives the SHA-256 of bytes in hexadecimal digits. */
export async function writeBankFile(contents: BankContents, digest: Digest): Promise<Uint8Array> {
  const { items, types, bytes } = await movePictures(contents.items, digest);
  const file: BankFile = {
    format: 'question-bank',
    version: BANK_FILE_VERSION,
    name: contents.name,
    items,
    layouts: contents.layouts,
    sources: contents.sources,
    receipts: contents.receipts,
    ...(contents.readings?.length ? { readings: contents.readings } : {}),
    ...(contents.sets?.length ? { sets: contents.sets } : {}),
    ...(contents.sittings?.length ? { sittings: contents.sittings } : {}),
    pictures: types,
    blanks: [...contents.blanks.keys()],
  };
  const parts: Zippable = {
    'bank.json': [strToU8(JSON.stringify(file, null, 1)), { mtime: DATE, level: 6 }],
  };
  for (const [name, picture] of bytes) {
    parts[`pictures/${name}`] = [picture, { mtime: DATE, level: 0 }];
  }
  for (const [name, blank] of contents.blanks) {
    parts[`blanks/${name}`] = [blank, { mtime: DATE, level: 0 }];
  }
  return zipSync(parts);
}
