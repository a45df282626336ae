// The description of all endpoints, made from the same schemas that check their input.
import { z } from 'zod';
import {
  DifferenceSchema,
  FindingSchema,
  FitSchema,
  ItemSchema,
  LayoutSchema,
  OverruleSchema,
  ReadingSchema,
  ReceiptSchema,
  ActivitySchema,
  AskedSchema,
  PaperJobSchema,
  SheetsJobSchema,
  WishSchema,
} from '../core/model';
import { CheckRequestSchema } from './check';
import { FillJobSchema } from './fill';
import {
  AssistantRequestSchema,
  CompareRequestSchema,
  DraftRequestSchema,
  VariantsRequestSchema,
} from './drafting';
import { DrawRequestSchema } from './draw';
import { FitRequestSchema } from './fit';
import { json } from './answers';

const schema = (type: z.ZodType): unknown => {
  const { $schema: _dialect, ...body } = z.toJSONSchema(type, { io: 'input' }) as Record<
    string,
    unknown
  >;
  return body;
};
const ref = (name: string): unknown => ({ $ref: `#/components/schemas/${name}` });
const list = (name: string): unknown => ({ type: 'array', items: ref(name) });
const body = (type: 'application/json' | 'multipart/form-data', properties: unknown): unknown => ({
  required: true,
  content: { [type]: { schema: properties } },
});
const object = (properties: Record<string, unknown>, required: string[] = []): unknown => ({
  type: 'object',
  properties,
  required,
});
const binary = { type: 'string', format: 'binary' };
const refusals = {
  403: { description: 'From a page of another site, or with cookies and without an Origin' },
  503: { description: 'Too many calls wait; Retry-After says when to come again' },
  500: {
    description: 'A fault of the program, with an id that stands in its log',
    content: { 'application/json': { schema: ref('Refusal') } },
  },
  413: {
    description: 'Over the size limit',
    content: { 'application/json': { schema: ref('Refusal') } },
  },
  422: {
    description: 'The input can not be used',
    content: { 'application/json': { schema: ref('Refusal') } },
  },
};
const call = (summary: string, requestBody: unknown, answer: unknown): unknown => ({
  post: {
    summary,
    requestBody,
    responses: {
      200: { description: 'Done', content: { 'application/json': { schema: answer } } },
      ...refusals,
    },
  },
});

const integer = { type: 'integer' };
const shortLine = object({ line: integer, wanted: integer, present: integer });

const text = { type: 'string' };
const lent = object({ option: integer, from: text, why: text });

/** The calls of drafting. */
const draftingCalls = (): Record<string, unknown> => ({
  '/api/draft': call(
    'Make questions from terms',
    body('application/json', ref('DraftRequest')),
    object({
      items: list('Item'),
      findings: list('Finding'),
      because: { type: 'object', additionalProperties: { type: 'array', items: lent } },
    }),
  ),
  '/api/variants': call(
    'Draw variants of a calculated question',
    body('application/json', ref('VariantsRequest')),
    object({ items: list('Item'), findings: list('Finding') }),
  ),
  '/api/request': call(
    'Write requests to a writing assistant',
    body('application/json', ref('Wish')),
    object({
      requests: {
        type: 'array',
        items: object({ n: integer, of: integer, text, asked: ref('Asked') }),
      },
    }),
  ),
  '/api/compare': call(
    'Hold replies against what was asked',
    body('application/json', ref('CompareRequest')),
    object({
      items: list('Item'),
      findings: list('Finding'),
      missing: { type: 'array', items: text },
      again: object({ text, asked: ref('Asked') }),
    }),
  ),
  '/api/assistant': {
    post: {
      summary: 'A reply of the simulated assistant',
      requestBody: body('application/json', ref('AssistantRequest')),
      responses: {
        200: { description: 'Done', content: { 'text/plain': { schema: text } } },
        ...refusals,
      },
    },
  },
});

/** The calls for contributors and stand-ins. */
const handsCalls = (): Record<string, unknown> => ({
  '/api/sheets': {
    post: {
      summary: 'Sheets for contributors, a locked workbook for each group, in a zip',
      requestBody: body('application/json', ref('SheetsJob')),
      responses: {
        200: { description: 'Done', content: { 'application/zip': { schema: binary } } },
        ...refusals,
      },
    },
  },
  '/api/merge': call(
    'Sheets that came back, merged',
    body(
      'multipart/form-data',
      object({ file: { type: 'array', items: binary }, items: list('Item') }, ['file']),
    ),
    object({
      items: list('Item'),
      findings: list('Finding'),
      doubles: { type: 'array', items: { type: 'array', items: text } },
    }),
  ),
  '/api/stand-ins': {
    get: { summary: 'The stand-in receivers', responses: { 200: { description: 'Done' } } },
  },
  '/api/stand-ins/{name}/take': call(
    'What a stand-in says of a file',
    body('multipart/form-data', object({ file: binary }, ['file'])),
    object({ taken: integer, refused: { type: 'array' }, questions: { type: 'array' } }),
  ),
});

/** The calls for paper and results. */
const outcomeCalls = (): Record<string, unknown> => ({
  '/api/paper': {
    post: {
      summary: 'A printable page, or with `format` a document',
      requestBody: body('application/json', ref('PaperJob')),
      responses: {
        200: { description: 'Done', content: { 'text/html': { schema: text } } },
        ...refusals,
      },
    },
  },
  '/api/activity': {
    post: {
      summary: 'One file that plays with no network',
      requestBody: body('application/json', ref('Activity')),
      responses: {
        200: { description: 'Done', content: { 'text/html': { schema: text } } },
        ...refusals,
      },
    },
  },
  ...handsCalls(),
  '/api/results': call(
    'Figures of a file of answers',
    body('multipart/form-data', object({ file: binary, items: list('Item') }, ['file'])),
    object({
      learners: integer,
      items: { type: 'array', items: object({ item: text, ref: text }) },
      test: object({ items: integer, learners: integer }),
      findings: list('Finding'),
    }),
  ),
});

/** The OpenAPI 3.1 document. */
export function openApi(): Record<string, unknown> {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Cowslip',
      version: '1',
      description:
        'Questions in, checked, shaped for a receiver, filled, read back. Scripts call without an Origin and without cookies; calls from pages of other sites are refused. The server answers to localhost and to the names in COWSLIP_HOSTS.',
    },
    paths: {
      '/api/gather': call(
        'Understand a source',
        body(
          'multipart/form-data',
          object({
            file: binary,
            text: { type: 'string' },
            sheet: { type: 'string' },
            range: { type: 'string' },
            reading: ref('Overrule'),
          }),
        ),
        object({ items: list('Item'), findings: list('Finding'), reading: ref('Reading') }),
      ),
      '/api/learn': call(
        "Learn a receiver's blank",
        body('multipart/form-data', object({ file: binary }, ['file'])),
        object({
          layout: ref('Layout'),
          because: { type: 'object', additionalProperties: { type: 'string' } },
          unsure: { type: 'array', items: { type: 'string' } },
        }),
      ),
      '/api/check': call(
        'Check questions',
        body('application/json', ref('CheckRequest')),
        object({ findings: list('Finding') }),
      ),
      '/api/fit': call(
        'Fit questions to a layout',
        body('application/json', ref('FitRequest')),
        object({ fits: list('Fit') }),
      ),
      '/api/fill': call(
        'Fill a blank',
        body('multipart/form-data', object({ job: ref('FillJob'), blank: binary }, ['job'])),
        object({ name: { type: 'string' }, base64: { type: 'string' }, receipt: ref('Receipt') }),
      ),
      '/api/read-back': call(
        'Read a finished file by its layout',
        body(
          'multipart/form-data',
          object({ file: binary, layout: ref('Layout'), items: list('Item') }, ['file', 'layout']),
        ),
        object({ items: list('Item'), differences: list('Difference') }),
      ),
      '/api/draw': call(
        'Draw questions by a plan',
        body('application/json', ref('DrawRequest')),
        object({
          chosen: { type: 'array', items: { type: 'string' } },
          short: { type: 'array', items: shortLine },
        }),
      ),
      ...draftingCalls(),
      ...outcomeCalls(),
      '/api/schema': {
        get: { summary: 'This document', responses: { 200: { description: 'Done' } } },
      },
    },
    components: {
      schemas: {
        Item: schema(ItemSchema),
        Finding: schema(FindingSchema),
        Layout: schema(LayoutSchema),
        Reading: schema(ReadingSchema),
        Overrule: schema(OverruleSchema),
        Fit: schema(FitSchema),
        Difference: schema(DifferenceSchema),
        Receipt: schema(ReceiptSchema),
        CheckRequest: schema(CheckRequestSchema),
        FitRequest: schema(FitRequestSchema),
        DrawRequest: schema(DrawRequestSchema),
        DraftRequest: schema(DraftRequestSchema),
        VariantsRequest: schema(VariantsRequestSchema),
        Wish: schema(WishSchema),
        Asked: schema(AskedSchema),
        CompareRequest: schema(CompareRequestSchema),
        AssistantRequest: schema(AssistantRequestSchema),
        PaperJob: schema(PaperJobSchema),
        Activity: schema(ActivitySchema),
        SheetsJob: schema(SheetsJobSchema),
        FillJob: schema(FillJobSchema),
        Refusal: object({ findings: list('Finding') }, ['findings']),
      },
    },
  };
}

/** GET /api/schema */
export const schemaEndpoint = (): Response => json(openApi());
