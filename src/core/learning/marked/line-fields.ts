// What lines of a sample's question say besides its text and its answers, by the word in front of them.
import { LINE_FIELDS, type Layout, type LineField } from '../../model';
import { fieldOfLine } from '../../shared/vocabulary/answer-lines';
import { signedOf } from './option-signs';

type Marks = NonNullable<Layout['marks']>;
/** What a word says that a line is. */
export type LineMeaning = LineField | 'category' | 'feedback' | 'answer' | 'question';

/** Words that say more as a sign than as a heading: what a single question is called, what helps with it. */
const OWN_WORDS: readonly (readonly [RegExp, LineField])[] = [
  [/^(?:name|label|titel|titre|nom|nombre|titolo|naam)$/u, 'title'],
  [/^(?:tips?|clues?|help|tipp|hilfe|aide|pista|aiuto)$/u, 'hint'],
];
const FIELDS: ReadonlySet<string> = new Set(LINE_FIELDS);
const MEANINGS: ReadonlySet<string> = new Set([
  ...LINE_FIELDS,
  'category',
  'feedback',
  'answer',
  'question',
]);

/** What the word of a sign means, in any language that is known; undefined for signs without a word. */
export function meaningOf(sign: string, said: readonly string[]): LineMeaning | undefined {
  const words = said.find((one) => one.startsWith(`${sign} `))?.slice(sign.length + 1) ?? '';
  const bare = words.replace(/[^\p{L}]+/gu, ' ').trim();
  const own = OWN_WORDS.find(([pattern]) => pattern.test(bare))?.[1];
  const role = own ?? fieldOfLine(`${bare}: x`)?.role;
  if (role === 'explanation') {
    return 'feedback';
  }
  return role && MEANINGS.has(role) ? (role as LineMeaning) : undefined;
}

type Found = { sign: string; at: 'above' | 'below' };

/** The signs of a block, with whether they stand above its question or below its answers. */
function around(block: readonly string[], isStem: (line: string) => boolean): Found[] {
  const stem = Math.max(0, block.findIndex(isStem));
  return block.flatMap((line, at) => {
    const sign = signedOf(line)?.sign;
    return sign === undefined || at === stem ? [] : [{ sign, at: at < stem ? 'above' : 'below' }];
  });
}

/** Lines with fields of their own, each once, in their order. `known` are the signs that say something else. */
export function fieldsIn(
  blocks: readonly string[][],
  said: readonly string[],
  { known, open }: { known: ReadonlySet<string>; open: string | undefined },
): NonNullable<Marks['fields']> {
  const isStem = (line: string): boolean => {
    const sign = signedOf(line)?.sign;
    return open === undefined ? sign === undefined : sign === open;
  };
  const fields: NonNullable<Marks['fields']> = [];
  for (const { sign, at } of blocks.flatMap((block) => around(block, isStem))) {
    const field = meaningOf(sign, said);
    // A category above is one of the layout's own signs; below the answers it is a field like others.
    if (field === 'category' && at === 'above') {
      continue;
    }
    const isNew = !known.has(sign) && !fields.some((one) => one.sign === sign);
    if (field && FIELDS.has(field) && isNew) {
      fields.push({ sign, field: field as LineField, at });
    }
  }
  return fields;
}
