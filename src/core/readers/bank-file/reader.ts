// The program's own bank file: one zip that comes back as it went.
import {
  BANK_FILE_VERSION,
  BankFileSchema,
  type BankContents,
  type Item,
  type Opened,
} from '../../model';
import { base64 } from '../../shared/base64';
import { sanitiseItem } from '../../shared/html/sanitise';
import { blocked } from '../contract';
import { partText, type Parts } from '../package';
import { lift, type Raw } from './migrations';

/** Whether a package is a bank file. */
export const isBankFile = (parts: Parts): boolean => parts.has('bank.json');

type Unpacked = { contents: BankContents } | { problem: { rule: string; message: string } };

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

/** The contents of a bank file, or why it can't be had. Never throws for bad input. */
export function unpackBankFile(name: string, parts: Parts): Unpacked {
  let raw: Raw;
  try {
    raw = JSON.parse(partText(parts, 'bank.json')) as Raw;
  } catch {
    return {
      problem: {
        rule: 'bank-file-damaged',
        message: `${name} is a bank file, but its text is damaged and can't be read. Take another copy of it.`,
      },
    };
  }
  const lifted =
    raw && typeof raw === 'object' && raw['format'] === 'question-bank'
      ? lift(raw, BANK_FILE_VERSION)
      : {};
  if (!lifted) {
    return {
      problem: {
        rule: 'bank-file-too-new',
        message: `${name} was written by a newer version of this program (${String(raw['version'])}; this one reads up to ${BANK_FILE_VERSION}). Bring this program up to date.`,
      },
    };
  }
  const parsed = BankFileSchema.safeParse(lifted);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return {
      problem: {
        rule: 'bank-file-damaged',
        message: `${name} is a bank file, but at ${issue?.path.join('.') || 'its head'} it does not hold what it should (${issue?.message ?? 'unknown'}).`,
      },
    };
  }
  const { pictures, blanks, name: bank, items, layouts, sources, receipts } = parsed.data;
  return {
    contents: {
      name: bank,
      layouts,
      sources,
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
