// How a source was read, as a row of words, each with its other readings: data for the chips and for the commands.
import type { Encoding, KeyStyle, Overrule, ReadAs, Reading, Separator } from '../../../core/model';
import { defined } from '../../../core/shared/defined';
import type { GatherAnswer } from '../../../workers/protocol';
import { AS_WORDS, KEY_CHOICES, KEY_WORDS, SEPARATOR_WORDS } from '../../parts/roles';
import { i18n } from '../../../languages';

/** Another reading, and what must be overruled for it. */
export type Other = { label: string; overrule: Overrule };
export type ReadingChip = {
  id: string;
  /** What the word is about: 'sheet'. Empty where the word says it itself. */
  name: string;
  value: string;
  isUnsure: boolean;
  why: string | undefined;
  others: Other[];
};

/** What a reading of other columns, headings or keys must forget. */
const ANEW = { columns: undefined, headingRow: undefined, key: undefined } as const;
/** Headings stand among the first rows. */
const HEADING_ROWS = 12;
const SEPARATORS: readonly Separator[] = [',', ';', '\t', '|'];
const ENCODINGS: readonly Encoding[] = ['utf-8', 'utf-16le', 'windows-1252'];

type Read = { answer: GatherAnswer; chosen: Overrule };
type Maker = (read: Read) => ReadingChip | undefined;

const inRows = ({ as }: Reading): boolean => as === 'table' || as === undefined;

function chip(
  { reading }: GatherAnswer,
  id: string,
  { name = '', value, others }: { name?: string; value: string; others: Other[] },
): ReadingChip {
  return {
    id,
    name,
    value,
    others,
    why: reading.because[id],
    isUnsure: reading.unsure.includes(id),
  };
}

const asWhat: Maker = ({ answer, chosen }) => {
  const { reading, readable } = answer;
  const isTableAlone = readable.length === 0 && inRows(reading);
  if (isTableAlone) {
    return undefined;
  }
  const kinds: readonly ReadAs[] = readable.length ? readable : ['table'];
  const fresh = { ...ANEW, separator: undefined, manner: undefined };
  const manners = (reading.others ?? []).filter(({ path }) => path === 'as');
  return chip(answer, 'as', {
    value: AS_WORDS[chosen.as ?? reading.as ?? 'table'],
    others: [
      ...manners.map(({ label, overrule }) => ({ label, overrule })),
      { label: i18n._('As found'), overrule: { as: undefined, ...fresh } },
      ...kinds.map((as) => ({ label: AS_WORDS[as], overrule: { as, ...fresh } })),
    ],
  });
};

const moreLikeIt = ({ alike }: Reading): string[] =>
  alike ? [i18n._('and {alike, number} more like it', { alike: alike.length })] : [];

const sheet: Maker = ({ answer }) => {
  const { sheets, reading } = answer;
  return sheets.length > 1
    ? chip(answer, 'sheet', {
        name: i18n._('sheet'),
        value: [reading.sheet ?? '', ...moreLikeIt(reading)].join(' '),
        others: [
          { label: i18n._('As found'), overrule: { sheet: undefined, ...ANEW } },
          ...sheets.map(({ name, hidden, rows }) => ({
            label: i18n._(
              '{name} ({rows, number} rows{isHidden, select, true {, hidden} other {}})',
              { name, rows, isHidden: Boolean(hidden) },
            ),
            overrule: { sheet: name, ...ANEW },
          })),
        ],
      })
    : undefined;
};

/** The rows that are likeliest otherwise, where the row is unsure. */
const likelyHeadings = ({ others = [] }: Reading): Other[] =>
  others
    .filter(({ path }) => path === 'headingRow')
    .map(({ label, overrule }) => ({
      label,
      overrule: { ...overrule, columns: undefined, key: undefined },
    }));

const headings: Maker = ({ answer }) => {
  const { sheet: shown, reading } = answer;
  if (!shown || !inRows(reading)) {
    return undefined;
  }
  const rows = Array.from(
    { length: Math.min(HEADING_ROWS, shown.stack?.[1]?.from ?? shown.rows.length) },
    (_, index) => shown.lines?.[index] ?? index + 1,
  );
  const to = (headingRow: number | null): Overrule => ({
    headingRow,
    columns: undefined,
    key: undefined,
  });
  return chip(answer, 'headingRow', {
    name: reading.headingRow === null ? '' : i18n._('headings in row'),
    value: reading.headingRow === null ? i18n._('no headings') : String(reading.headingRow),
    others: [
      ...likelyHeadings(reading),
      { label: i18n._('No headings'), overrule: to(null) },
      ...rows.map((row) => ({ label: i18n._('Row {row}', { row }), overrule: to(row) })),
    ],
  });
};

const EMPHASIS: Record<string, string> = {
  bold: i18n._('bold'),
  underline: i18n._('underlining'),
  italic: i18n._('italics'),
  mark: i18n._('colour'),
};

/** The key of running text: by the signs and answer lines that stand there, or by an emphasis that the user names. */
const textKey: Maker = ({ answer, chosen }) => {
  if (answer.text === undefined) {
    return undefined;
  }
  const { style, marker = '*' } = answer.reading.key;
  const found =
    style === 'letter'
      ? i18n._('answer lines')
      : (EMPHASIS[marker] ?? i18n._('the sign {marker}', { marker }));
  const others: [string, Overrule['emphasis'] | undefined][] = [
    [i18n._('As found'), undefined],
    [i18n._('Signs and answer lines only'), null],
    [i18n._('Bold'), 'bold'],
    [i18n._('Underlining'), 'underline'],
    [i18n._('Colour'), 'mark'],
    [i18n._('Italics'), 'italic'],
  ];
  return chip(answer, 'key', {
    name: i18n._('right answer by'),
    value: chosen.emphasis === null ? i18n._('signs only') : found,
    others: others.map(([label, emphasis]) => ({
      label,
      overrule: { emphasis },
    })),
  });
};

const SECTION_WORDS = {
  category: i18n._('categories'),
  tag: i18n._('tags'),
  none: i18n._('titles alone'),
} as const;
/** What the titles of parts become. */
const sections: Maker = ({ answer }) => {
  const found = answer.reading.sections;
  return found
    ? chip(answer, 'sections', {
        name: i18n._('parts as'),
        value: SECTION_WORDS[found],
        others: (['category', 'tag', 'none'] as const).map((one) => ({
          label: SECTION_WORDS[one],
          overrule: { sections: one },
        })),
      })
    : undefined;
};

/** What was said of single lines, to be forgotten. */
const saidOfLines: Maker = ({ answer, chosen }) =>
  answer.text !== undefined && chosen.lines?.length
    ? {
        id: 'lines',
        name: i18n._('with'),
        value: i18n._('{lines, plural, one {# line} other {# lines}} as you said', {
          lines: chosen.lines.length,
        }),
        isUnsure: false,
        why: i18n._('you said what they are; all other lines are read so that they agree'),
        others: [{ label: i18n._('Forget what I said of lines'), overrule: { lines: undefined } }],
      }
    : undefined;

const keyTo = (style: KeyStyle): Overrule => ({
  key: defined({ style, marker: style === 'marker' ? '*' : undefined }),
});

const tableKey: Maker = ({ answer }) =>
  answer.sheet && inRows(answer.reading)
    ? chip(answer, 'key', {
        name: i18n._('right answer by'),
        value: KEY_WORDS[answer.reading.key.style],
        others: KEY_CHOICES.map((style) => ({ label: KEY_WORDS[style], overrule: keyTo(style) })),
      })
    : undefined;

const separator: Maker = ({ answer }) => {
  const { separator: found } = answer.reading;
  return found
    ? chip(answer, 'separator', {
        name: i18n._('columns by'),
        value: SEPARATOR_WORDS[found]!,
        others: SEPARATORS.map((one) => ({
          label: SEPARATOR_WORDS[one]!,
          overrule: { separator: one, ...ANEW },
        })),
      })
    : undefined;
};

const encoding: Maker = ({ answer }) => {
  const { encoding: found } = answer.reading;
  return found
    ? chip(answer, 'encoding', {
        value: found,
        others: ENCODINGS.map((one) => ({ label: one, overrule: { encoding: one } })),
      })
    : undefined;
};

const formatting: Maker = ({ answer, chosen }) =>
  answer.reading.as === 'terms'
    ? undefined
    : {
        id: 'formatting',
        name: i18n._('formatting'),
        value: chosen.formatting === 'strip' ? i18n._('stripped') : i18n._('kept'),
        isUnsure: false,
        why: i18n._(
          'bold, italic, raised and lowered signs and links inside a text are kept unless you strip them; your choice is remembered',
        ),
        others: [
          { label: i18n._('Keep it'), overrule: { formatting: 'keep' } },
          { label: i18n._('Strip it'), overrule: { formatting: 'strip' } },
        ],
      };

const MAKERS: readonly Maker[] = [
  asWhat,
  sheet,
  headings,
  textKey,
  sections,
  saidOfLines,
  tableKey,
  separator,
  encoding,
  formatting,
];

/** The words of a reading, in the order in which they are said. */
export const chipsOf = (answer: GatherAnswer, chosen: Overrule): ReadingChip[] =>
  MAKERS.flatMap((make) => make({ answer, chosen }) ?? []);

/** The reasons that are worth saying beside the words. */
export function reasonsOf({ reading, text }: GatherAnswer): string[] {
  const [paths, most] =
    inRows(reading) && text === undefined
      ? [['key', 'headingRow', 'sheet'], 1]
      : [['as', 'key'], 2];
  return paths.flatMap((path) => reading.because[path] ?? []).slice(0, most);
}
