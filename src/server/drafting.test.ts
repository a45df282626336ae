// Drafting as scripts call it.
import { describe, expect, it } from 'vitest';
import {
  ItemSchema,
  type Drafted,
  type Finding,
  type Item,
  type WrittenRequest,
} from '../core/model';
import {
  assistantEndpoint,
  compareEndpoint,
  draftEndpoint,
  requestEndpoint,
  variantsEndpoint,
} from './drafting';

const post = (body: unknown): Request =>
  new Request('http://127.0.0.1/api', { method: 'POST', body: JSON.stringify(body) });
const read = async (response: Promise<Response>) => {
  const got = await response;
  return { status: got.status, body: (await got.json()) as { items: Item[]; findings: Finding[] } };
};

describe('drafting', () => {
  it('makes questions from terms and says where wrong options come from', async () => {
    const terms = ['a', 'b', 'c', 'd', 'e'].map((term) => ({
      term: `part ${term}`,
      definition: `a piece of gear called ${term}${term}`,
    }));
    const answer = await draftEndpoint(post({ terms, make: { kind: 'choice-one', seed: 2 } }));
    const body = (await answer.json()) as Drafted;
    body.items.forEach((one) => ItemSchema.parse(one));
    expect(body.items).toHaveLength(5);
    expect(body.because[body.items[0]!.id]).toHaveLength(3);
    const refused = await read(draftEndpoint(post({ terms: [], make: { kind: 'card' } })));
    expect(refused).toMatchObject({ status: 422, body: { findings: [{ rule: 'terms-missing' }] } });
  });
  it('draws variants, each with its values', async () => {
    const template = {
      stem: 'How large is {a} by 2?',
      quantities: [{ name: 'a', from: 1, to: 9, step: 1 }],
      formula: '2 * a',
      kind: 'number',
    };
    const made = await read(variantsEndpoint(post({ template, count: 3, seed: 1 })));
    expect(made.status).toBe(200);
    for (const { number, variant } of made.body.items) {
      expect(number!.value).toBe(2 * variant!.values[0]!.value);
    }
    const hostile = { ...template, formula: 'import("fs")' };
    const refused = await read(variantsEndpoint(post({ template: hostile, count: 3, seed: 1 })));
    expect(refused).toMatchObject({
      status: 422,
      body: { findings: [{ rule: 'formula-unreadable' }] },
    });
  });
  it('asks, is answered by the simulated assistant, and compares', async () => {
    const wish = { about: { terms: ['pound', 'paddle', 'cill'] }, limits: { stem: 90 } };
    const { requests } = (await (await requestEndpoint(post(wish))).json()) as {
      requests: WrittenRequest[];
    };
    const said = await assistantEndpoint(
      post({ request: requests[0]!.text, seed: 2, faults: ['short-count'] }),
    );
    expect(said.headers.get('content-type')).toMatch(/^text\/plain/);
    const reply = await said.text();
    const compared = await compareEndpoint(post({ asked: [requests[0]!.asked], replies: [reply] }));
    const body = (await compared.json()) as { missing: string[]; again: { asked: unknown } };
    expect(body.missing).toEqual(['paddle', 'cill']);
    expect(body.again.asked).toMatchObject({ terms: ['paddle', 'cill'] });
    expect((await compareEndpoint(post({ asked: [], replies: [] }))).status).toBe(422);
  });
});
