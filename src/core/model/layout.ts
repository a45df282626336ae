// The description of the file that one receiver takes.
import { z } from 'zod';
import { SETTINGS } from './settings';
import { MarksSchema } from './marks';
import { PatternSchema } from './pattern';
import { KindSchema } from './item';

export const ROLES = [
  'ref',
  'kind',
  'title',
  'stem',
  'option',
  'options',
  'key',
  'verdict',
  'weight',
  'feedback',
  'right',
  'wrong',
  'wrongs',
  'pair',
  'left',
  'right-side',
  'step',
  'accepted',
  'value',
  'tolerance',
  'unit',
  'points',
  'seconds',
  'attempts',
  'hint',
  'explanation',
  'tags',
  'tag',
  'category',
  'image',
  'image-alt',
  'shuffle',
  'across',
  'use',
  'lines',
  'endings',
  'set-title',
  'by',
  'at',
  'pick',
  'number-in-file',
  'constant',
  'ignore',
] as const;
export const RoleSchema = z.enum(ROLES);
export type Role = z.infer<typeof RoleSchema>;

export const KEY_STYLES = [
  'letter',
  'number',
  'number-from-0',
  'text',
  'marker',
  'verdict',
  'weight',
  'first',
  'right-column',
  'word',
] as const;
export const KeyStyleSchema = z.enum(KEY_STYLES);
export type KeyStyle = z.infer<typeof KeyStyleSchema>;

export const KeySchema = z.object({
  style: KeyStyleSchema,
  separator: z.string().optional(),
  marker: z.string().optional(),
  right: z.string().optional(),
  wrong: z.string().optional(),
});
export type Key = z.infer<typeof KeySchema>;

export const ColumnSchema = z.object({
  /** The column's letters, 'B'. */
  column: z.string().regex(/^[A-Z]{1,3}$/),
  heading: z.string().optional(),
  role: RoleSchema,
  /** Which option, pair or step this is, from 1. */
  n: z.number().int().positive().optional(),
  tag: z.string().optional(),
  required: z.boolean().optional(),
  default: z.string().optional(),
  values: z.array(z.string()).optional(),
  max: z.number().int().positive().optional(),
  separator: z.string().optional(),
});
export type Column = z.infer<typeof ColumnSchema>;

export const ENCODINGS = ['utf-8', 'utf-8-bom', 'utf-16le', 'windows-1252'] as const;
export type Encoding = (typeof ENCODINGS)[number];
export const SEPARATORS = [',', ';', '\t', '|'] as const;
export type Separator = (typeof SEPARATORS)[number];

export const STANDARDS = ['qti-3.0', 'qti-2.1', 'common-cartridge-1.3'] as const;
export type Standard = (typeof STANDARDS)[number];

/** A row of a sheet, from 1; no sheet has more. */
const row = z.number().int().positive().max(1_048_576);

const LayoutFileSchema = z.object({
  format: z.enum(['xlsx', 'ods', 'csv', 'tsv', 'txt', 'zip', 'xml', 'json']),
  encoding: z.enum(ENCODINGS).optional(),
  separator: z.enum(SEPARATORS).optional(),
  newline: z.enum(['lf', 'crlf']).optional(),
  quote: z.enum(['minimal', 'all', 'none']).optional(),
  sheet: z.string().optional(),
  headingRow: row.nullable().optional(),
  firstRow: row.optional(),
  firstColumn: z.string().optional(),
  sample: z.tuple([row, row]).optional(),
  /** In blocks: the row where an empty block of the form opens, and how many rows lie from one block to the next. */
  block: z.object({ template: row, every: row }).optional(),
  /** Which open standard a package keeps to. */
  standard: z.enum(STANDARDS).optional(),
  cells: z
    .array(
      z.object({
        cell: z.string(),
        role: z.enum(['set-title', 'set-description', 'constant']),
        value: z.string().optional(),
      }),
    )
    .optional(),
});

const LineSchema = z.object({
  label: z.string(),
  role: RoleSchema,
  cells: z.array(z.object({ column: z.string(), role: RoleSchema })),
  opens: z.boolean().optional(),
  /** The line's place in the blank's empty block, from 0, and how many rows the block has of it. */
  offset: z.number().int().nonnegative().max(10_000).optional(),
  times: z.number().int().positive().max(1000).optional(),
  /** What its first cell holds where a question says nothing of it. */
  default: z.string().optional(),
});

const GridSchema = z.object({
  categoryRow: row,
  levelColumn: z.string(),
  firstColumn: z.string(),
  lastColumn: z.string(),
  levels: z.array(z.string()),
  levelRows: z.array(row).max(1000),
  answer: z.enum(['below', 'beside']),
  /** The headings above questions and above answers where each names its category: '{category} question'. */
  sides: z.object({ question: z.string(), answer: z.string() }).optional(),
  /** The categories that the blank names, in the order of its columns. */
  categories: z.array(z.string()).optional(),
  /** Whether the receiver keeps its own categories, so that none may be renamed. */
  locked: z.boolean().optional(),
});

/** What holds for one kind alone: another notation of the key, and roles whose cells stay empty. */
const KindRuleSchema = z.object({
  kind: KindSchema,
  key: KeySchema.optional(),
  leave: z.array(RoleSchema).optional(),
});
export type KindRule = z.infer<typeof KindRuleSchema>;

/** A cell that holds something for the whole file; `values` are the receiver's words where it is a choice of two. */
const FileSettingSchema = z.object({
  cell: z.string().regex(/^[A-Z]{1,3}[1-9]\d*$/),
  setting: z.enum(SETTINGS),
  values: z.object({ yes: z.string(), no: z.string() }).optional(),
});
export type FileSetting = z.infer<typeof FileSettingSchema>;

/** What is set for all questions of a file at once. */
export const SettingsSchema = z.object({
  shuffle: z.boolean().optional(),
  across: z.boolean().optional(),
  attempts: z.number().optional(),
  points: z.number().optional(),
  seconds: z.number().optional(),
  use: z.enum(['practice', 'scored']).optional(),
});
export type Settings = z.infer<typeof SettingsSchema>;

export const LimitsSchema = z.object({
  stem: z.number().int().optional(),
  option: z.number().int().optional(),
  title: z.number().int().optional(),
  explanation: z.number().int().optional(),
  hint: z.number().int().optional(),
  optionsMin: z.number().int().optional(),
  optionsMax: z.number().int().optional(),
  perFile: z.number().int().optional(),
  seconds: z.array(z.number()).optional(),
  /** How the receiver counts lengths; graphemes where it does not say. */
  count: z.enum(['graphemes', 'utf16', 'bytes']).optional(),
});
export type Limits = z.infer<typeof LimitsSchema>;

export const LayoutSchema = z.object({
  id: z.string(),
  name: z.string(),
  version: z.literal(1),
  shape: z.enum(['rows', 'blocks', 'grid', 'marked-text', 'package']),
  file: LayoutFileSchema,
  columns: z.array(ColumnSchema),
  lines: z.array(LineSchema).optional(),
  grid: GridSchema.optional(),
  marks: MarksSchema.optional(),
  /** The lines of marked text, where signs alone do not say how a question is written. */
  pattern: PatternSchema.optional(),
  key: KeySchema,
  kinds: z.array(z.object({ kind: KindSchema, code: z.string() })),
  limits: LimitsSchema,
  byKind: z.array(KindRuleSchema).optional(),
  settings: z.array(FileSettingSchema).optional(),
  blank: z.object({ name: z.string(), digest: z.string() }).optional(),
  /** Pictures that the receiver knows, by name: the number or link that it wants in a picture's place. */
  pictures: z.array(z.object({ name: z.string(), value: z.string() })).optional(),
  /** The receiver's name where it has several blanks: each question goes into the one that takes it with the least change. */
  family: z.string().optional(),
  /** Where a question stands over several rows: what has a row of its own, and the columns that say the same again in each. */
  rowForEach: z
    .object({
      part: z.enum(['option', 'pair', 'step']),
      again: z.array(z.string()),
      /** A column that counts the parts of each question, and how it writes the first of them. */
      counts: z.object({ column: z.string(), from: z.enum(['a', 'A', '1']) }).optional(),
    })
    .optional(),
  /** How the receiver draws a gap in a text, where it is not four underscores. */
  gap: z.string().min(1).optional(),
  /** Whether the receiver shuffles the options itself, so that the order in the file does not matter. */
  shuffles: z.boolean().optional(),
  /** Where a receiver takes no file: the cell at which the block is pasted, 'B5'. */
  pasteAt: z.string().optional(),
  /** Counts the changes of the layout's meaning, from 1. */
  edition: z.number().int().positive().optional(),
});
export type Layout = z.infer<typeof LayoutSchema>;
