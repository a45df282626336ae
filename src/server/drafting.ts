// Drafting for scripts: questions from terms, variants, requests to a writing assistant and their replies.
import { z } from 'zod';
import {
  AskedSchema,
  ItemSchema,
  MakeSchema,
  TemplateSchema,
  TermSchema,
  WishSchema,
} from '../core/model';
import {
  compareWithAsked,
  draftFromTerms,
  makeVariants,
  writeRequests,
} from '../core/pipeline/drafting';
import { FAULTS, reply } from '../stand-ins/assistant';
import { answer, json, parse, Unusable } from './answers';
import { surroundings } from './surroundings';

export const DraftRequestSchema = z.object({
  terms: z.array(TermSchema).max(20_000),
  make: MakeSchema,
});
export const VariantsRequestSchema = z.object({
  template: TemplateSchema,
  count: z.number().int().min(1).max(5000),
  seed: z.number().int(),
});
export const CompareRequestSchema = z.object({
  asked: z.array(AskedSchema).min(1),
  replies: z.array(z.string()),
  items: z.array(ItemSchema).optional(),
});
export const AssistantRequestSchema = z.object({
  request: z.string().max(20_000),
  seed: z.number().int().optional(),
  faults: z.array(z.enum(FAULTS)).optional(),
});

/** Where nothing came of it, the findings are the refusal. */
function orRefuse<T extends { items: unknown[]; findings: Unusable['findings'] }>(
  made: T,
): Response {
  if (!made.items.length && made.findings.some(({ level }) => level === 'block')) {
    throw new Unusable(made.findings);
  }
  return json(made);
}

/** POST /api/draft: questions from terms. */
export const draftEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const { terms, make } = parse(DraftRequestSchema, await request.text(), 'body');
    return orRefuse(draftFromTerms(terms, make));
  });

/** POST /api/variants: variants of a calculated question. */
export const variantsEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const { template, count, seed } = parse(VariantsRequestSchema, await request.text(), 'body');
    return orRefuse(makeVariants(template, count, seed));
  });

/** POST /api/request: requests to a writing assistant, in batches. */
export const requestEndpoint = (request: Request): Promise<Response> =>
  answer(async () =>
    json({ requests: writeRequests(parse(WishSchema, await request.text(), 'body')) }),
  );

/** POST /api/compare: replies held against what was asked. */
export const compareEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const { asked, replies, items } = parse(CompareRequestSchema, await request.text(), 'body');
    const known = items ?? [];
    return json(await compareWithAsked(asked, replies, { known, id: () => surroundings.id() }));
  });

/** POST /api/assistant: the simulated assistant's reply. */
export const assistantEndpoint = (request: Request): Promise<Response> =>
  answer(async () => {
    const {
      request: text,
      seed,
      faults,
    } = parse(AssistantRequestSchema, await request.text(), 'body');
    const options = { ...(seed === undefined ? {} : { seed }), ...(faults ? { faults } : {}) };
    return new Response(reply(text, options), {
      headers: { 'content-type': 'text/plain; charset=utf-8' },
    });
  });
