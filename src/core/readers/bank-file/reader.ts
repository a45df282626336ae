// The program's own bank file: one zip that comes back as it went.
import {
  BANK_FILE_VERSION,
  BankFileSchema,
  type BankContents,
  type BankFile,
  type Item,
  type Opened,
} from '../../model';
import { base64 } from '../../shared/base64';
import { sanitiseItem } from '../../shared/html/sanitise';
import { blocked } from '../contract';
import { partText, type Parts } from '../package';
import { lift, type Raw } from './migrations';
import { say } from '../../shared/say';

/** Whether a package is a bank file. */
export const isBankFile = (parts: Parts): boolean => parts.has('bank.json');

type Fault = { rule: string; message: string };
type Unpacked = { contents: BankContents } | { problem: Fault };

const withPictures = (item: Item, pictures: Record<string, string>, parts: Parts): Item =>
  !item.media
    ? item
    : {
        ...item,
        media: item.media.map((one) => {
          const digest = /^picture:(.+)$/.exec(one.href)?.[1];
          const type = digest ? pictures[digest] : undefined;
          const bytes = digest ? parts.get(`pictures/${digest}`) : undefined;
          return type && bytes ? { ...one, href: `data:${type};base64,${base64(bytes)}` } : one;
        }),
      };

/** What two questions of a file have alike that must be theirs alone. */
function twinOf(items: readonly Item[]): { what: string; value: string } | undefined {
  const ids = new Set<string>();
  const refs = new Set<string>();
  for (const { id, ref } of items) {
    if (ids.has(id)) {
      return { what: say('inner name'), value: id };
    }
    if (ref && refs.has(ref)) {
      return { what: say('reference'), value: ref };
    }
    ids.add(id);
    refs.add(ref);
  }
  return undefined;
}

const problem = (rule: string, message: string): { problem: Fault } => ({
  problem: { rule, message },
});

/** The JSON of a bank file, lifted to today's version and held against its schema. */
function parsedFile(name: string, parts: Parts): { file: BankFile } | { problem: Fault } {
  let raw: Raw;
  try {
    raw = JSON.parse(partText(parts, 'bank.json')) as Raw;
  } catch {
    return problem(
      'bank-file-damaged',
      say(
        "{name} is a bank file, but its text is damaged and can't be read. Take another copy of it.",
        { name },
      ),
    );
  }
  const lifted =
    raw && typeof raw === 'object' && raw['format'] === 'question-bank'
      ? lift(raw, BANK_FILE_VERSION)
      : {};
  if (!lifted) {
    return problem(
      'bank-file-too-new',
      say(
        '{name} was written by a newer version of this program ({raw}; this one reads up to {bankFileVersion}). Bring this program up to date.',
        { name, raw: String(raw['version']), bankFileVersion: BANK_FILE_VERSION },
      ),
    );
  }
  const parsed = BankFileSchema.safeParse(lifted);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return problem(
      'bank-file-damaged',
      say('{name} is a bank file, but at {path} it does not hold what it should ({message}).', {
        name,
        path: issue?.path.join('.') || say('its head'),
        message: issue?.message ?? say('unknown'),
      }),
    );
  }
  const twin = twinOf(parsed.data.items);
  if (twin) {
    return problem(
      'bank-file-damaged',
      say(
        '{name} holds two questions with the same {what}, {value}, so that one would be lost. Save the bank as a file once more, or give one of them another.',
        { name, what: twin.what, value: twin.value },
      ),
    );
  }
  return { file: parsed.data };
}

/** The contents of a bank file, or why it can't be had. Never throws for bad input. */
export function unpackBankFile(name: string, parts: Parts): Unpacked {
  const parsed = parsedFile(name, parts);
  if ('problem' in parsed) {
    return parsed;
  }
  const {
    pictures,
    blanks,
    name: bank,
    items,
    layouts,
    sources,
    receipts,
    readings,
    sets,
    sittings,
  } = parsed.file;
  return {
    contents: {
      name: bank,
      layouts,
      sources,
      ...(readings ? { readings } : {}),
      ...(sets ? { sets } : {}),
      ...(sittings ? { sittings } : {}),
      receipts: receipts.map((receipt) =>
        receipt.again
          ? {
              ...receipt,
              again: { ...receipt.again, items: receipt.again.items.map(sanitiseItem) },
            }
          : receipt,
      ),
      items: items.map((item) => sanitiseItem(withPictures(item, pictures, parts))),
      blanks: new Map(
        blanks.flatMap((digest) => {
          const bytes = parts.get(`blanks/${digest}`);
          return bytes ? [[digest, bytes] as const] : [];
        }),
      ),
    },
  };
}

/** The questions of a bank file, to be agreed to like those of any other source. */
export function readBankFile(name: string, parts: Parts): Opened {
  const unpacked = unpackBankFile(name, parts);
  if ('problem' in unpacked) {
    return {
      is: 'stated',
      stated: {
        file: name,
        format: 'json',
        items: [],
        findings: [blocked(name, unpacked.problem.rule, unpacked.problem.message)],
      },
    };
  }
  return {
    is: 'stated',
    stated: {
      file: name,
      format: 'json',
      title: unpacked.contents.name,
      items: unpacked.contents.items,
      findings: [],
    },
  };
}
