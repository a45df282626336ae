// What questions are made from: terms, requests to a writing assistant, and templates with quantities.
import { z } from 'zod';
import { KindSchema, TagSchema, type Item } from './item';
import { LayoutSchema } from './layout';
import type { Finding } from './finding';

export const TermSchema = z.object({
  term: z.string(),
  definition: z.string(),
  /** A path, outermost first, or its one part. */
  category: z.union([z.string(), z.array(z.string())]).optional(),
  /** A tag 'synonym: …' names a term that means the same. */
  tags: z.array(TagSchema).optional(),
});
export type Term = z.infer<typeof TermSchema>;

const MadeKindSchema = z.enum(['choice-one', 'true-false', 'match', 'short', 'gap', 'card']);

export const MakeSchema = z.object({
  kind: MadeKindSchema,
  /** Asks with the term and offers definitions, or the other way round. */
  direction: z.enum(['to-definition', 'to-term']).optional(),
  /** How many options a question has, the right one among them; of pairs, how many a question has. */
  options: z.number().int().min(2).max(10).optional(),
  /** Questions for each term, each with other wrong options. */
  perQuestion: z.number().int().min(1).max(10).optional(),
  seed: z.number().int().optional(),
  /** The words of the question, with {term} or {definition} where it stands. */
  ask: z.string().optional(),
});
export type Make = z.infer<typeof MakeSchema>;

/** Why a wrong option was chosen: `option` is its place, from 0; `from` the term that lent it. */
export type Lent = { option: number; from: string; why: string };
/** Questions that were made, what is to be said of them, and where their wrong options come from, by the question's id. */
export type Drafted = {
  items: Item[];
  findings: Finding[];
  because: Record<string, Lent[]>;
  /** The term of each question, with its definition; absent where a question is of several. */
  of?: Record<string, Term>;
};

export const QuantitySchema = z.object({
  name: z.string(),
  from: z.number(),
  to: z.number(),
  step: z.number().positive().optional(),
  /** Values to choose from, in place of a range. */
  list: z.array(z.number()).optional(),
  unit: z.string().optional(),
});
export type TemplateQuantity = z.infer<typeof QuantitySchema>;

export const SlipSchema = z.object({ name: z.string(), formula: z.string() });

export const TemplateSchema = z.object({
  /** With {name} where the value of a quantity stands. */
  stem: z.string(),
  quantities: z.array(QuantitySchema),
  formula: z.string(),
  unit: z.string().optional(),
  significant: z.number().int().min(1).max(12).optional(),
  decimals: z.number().int().min(0).max(12).optional(),
  /** In the answer's unit, or a share of it: '2 %'. */
  tolerance: z.union([z.number().min(0), z.string()]).optional(),
  constraints: z.array(z.string()).optional(),
  slips: z.union([z.array(SlipSchema), z.literal('usual')]).optional(),
  kind: z.enum(['number', 'choice-one']),
  options: z.number().int().min(2).max(10).optional(),
  /** Of the variants: 'LOCK-7' makes LOCK-7-1, LOCK-7-2 …; {n} stands for the number where it is somewhere else. */
  ref: z.string().optional(),
  category: z.union([z.string(), z.array(z.string())]).optional(),
  tags: z.array(TagSchema).optional(),
});
export type Template = z.infer<typeof TemplateSchema>;

export const AskedLimitsSchema = z.object({
  stem: z.number().optional(),
  option: z.number().optional(),
});
export type AskedLimits = z.infer<typeof AskedLimitsSchema>;

/** A column of the reply: its heading, what it holds, and which option where it is one. */
export const AskedColumnSchema = z.object({
  heading: z.string(),
  role: z.enum(['stem', 'option', 'key', 'accepted', 'category', 'explanation', 'hint']),
  n: z.number().int().optional(),
});
export type AskedColumn = z.infer<typeof AskedColumnSchema>;

export const AskedKeySchema = z.object({
  style: z.enum(['letter', 'number', 'number-from-0', 'text', 'word', 'none']),
});

/** One batch of a request: what its reply is held against. */
export const AskedSchema = z.object({
  count: z.number().int().min(0),
  terms: z.array(z.string()),
  kinds: z.array(KindSchema),
  options: z.number().int().min(0),
  limits: AskedLimitsSchema,
  columns: z.array(AskedColumnSchema),
  key: AskedKeySchema,
  topic: z.string().optional(),
  text: z.string().optional(),
  category: z.string().optional(),
  language: z.string().optional(),
  level: z.string().optional(),
  avoid: z.string().optional(),
  /** A second request: what it brings stands for the faulty ones of the first. */
  again: z.boolean().optional(),
  /** Asks for categories and no questions yet. */
  isForCategories: z.boolean().optional(),
});
export type Asked = z.infer<typeof AskedSchema>;

/** What a request is to be about, and what it asks for. */
export const WishSchema = z.object({
  about: z.object({
    terms: z.array(z.union([z.string(), z.object({ term: z.string() })])).optional(),
    topic: z.string().optional(),
    text: z.string().optional(),
    /** So many questions are asked for of each. */
    categories: z.array(z.string()).optional(),
    /** So many categories are asked for before any question is, where none is given. */
    categoriesFirst: z.number().int().min(2).max(50).optional(),
  }),
  count: z.number().int().min(1).max(1000).optional(),
  kinds: z.array(KindSchema).optional(),
  options: z.number().int().min(2).max(10).optional(),
  layouts: z.array(LayoutSchema).optional(),
  limits: AskedLimitsSchema.optional(),
  language: z.string().optional(),
  level: z.string().optional(),
  avoid: z.string().optional(),
  /** Words or questions in one request at most. */
  batch: z.number().int().min(1).max(50).optional(),
});
export type Wish = z.infer<typeof WishSchema>;
/** One request of `of`: the words to send, and what they ask for. */
export type WrittenRequest = { n: number; of: number; text: string; asked: Asked };
