// What goes on paper: a handout, its key, a sheet to tick answers on, a sheet to study from, cards to cut, QR cards.
import { z } from 'zod';
import { SetSectionSchema } from './question-set';
import { ItemSchema, KindSchema } from './item';

export const PaperJobSchema = z.object({
  items: z.array(ItemSchema),
  sections: z.array(SetSectionSchema).optional(),
  what: z.enum(['handout', 'key', 'answer-sheet', 'study', 'cards', 'qr']),
  title: z.string().optional(),
  /** A page to print where absent, else a document that an office suite opens. */
  format: z.enum(['html', 'docx', 'odt']).optional(),
  /** How many versions, A, B …, each in an order of its own; the first is the set as it stands. */
  versions: z.number().int().min(1).max(8).optional(),
  seed: z.number().int().optional(),
  /** What stands at a question of a study sheet, by the question's id: how many were right. */
  notes: z.record(z.string(), z.string()).optional(),
  columns: z.union([z.literal(1), z.literal(2)]).optional(),
  /** Whether the keys of a handout's versions come behind it, each on a page of its own. */
  withKey: z.boolean().optional(),
  /** A line at the top of every page, and one at its foot beside the page's number. */
  head: z.string().max(160).optional(),
  foot: z.string().max(160).optional(),
  /** Of QR cards: the question's text or its number, behind an address where one is given. */
  qr: z
    .object({
      holds: z.enum(['text', 'number']),
      address: z.string().optional(),
      level: z.enum(['L', 'M', 'Q', 'H']).optional(),
    })
    .optional(),
});
export type PaperJob = z.infer<typeof PaperJobSchema>;

/** What one file plays: cards to turn, a quiz with feedback, a board with teams. */
export const ActivitySchema = z.object({
  items: z.array(ItemSchema),
  sections: z.array(SetSectionSchema).optional(),
  title: z.string(),
  mode: z.enum(['cards', 'quiz', 'board']),
});
export type Activity = z.infer<typeof ActivitySchema>;

/** Sheets that go out to contributors: one for each group, with so many rows to fill. */
export const SheetsJobSchema = z.object({
  groups: z.array(
    z.object({
      name: z.string().min(1),
      category: z.string().optional(),
      rows: z.number().int().min(1).max(500).optional(),
    }),
  ),
  kinds: z.array(KindSchema).min(1).optional(),
  options: z.number().int().min(2).max(10).optional(),
  limits: z.object({ stem: z.number().optional(), option: z.number().optional() }).optional(),
  setTitle: z.string().optional(),
});
export type SheetsJob = z.infer<typeof SheetsJobSchema>;
