// The whole loop without a network: a request, a reply with faults, a second request, and all of it together.
import { describe, expect, it } from 'vitest';
import { compareWithAsked, writeRequests } from '../../core/pipeline/drafting';
import { FACTS } from './facts';
import { FAULTS, reply, type Fault } from './index';

const terms = FACTS.slice(0, 15).map(({ term }) => term);
const [request] = writeRequests({ about: { terms }, limits: { stem: 100, option: 75 } });
const id = (): string => 'x';
const RULE: Record<Fault, string> = {
  heading: 'reply-heading',
  numbering: 'reply-numbering',
  ellipsis: 'reply-cut',
  'short-count': 'reply-count',
  'key-off': 'reply-key-off',
  shifted: 'reply-shifted',
  chatter: 'reply-chatter',
  doubled: 'reply-doubled',
  'too-long': 'reply-too-long',
};

describe('the simulated assistant', () => {
  it('answers what is asked, the same again from the same seed', async () => {
    const text = reply(request!.text, { seed: 3 });
    expect(reply(request!.text, { seed: 3 })).toBe(text);
    expect(reply(request!.text, { seed: 4 })).not.toBe(text);
    const { items, findings } = await compareWithAsked([request!.asked], [text], { id });
    expect(findings).toEqual([]);
    for (const { stem, options } of items) {
      const fact = FACTS.find(({ term }) => stem.plain === `What is a ${term}?`)!;
      expect(options!.find(({ right }) => right)!.text.plain).toBe(fact.definition);
    }
  });
  it.each(FAULTS)('makes the fault %s, which the comparison finds', async (fault) => {
    const text = reply(request!.text, { seed: 3, faults: [fault] });
    const { findings } = await compareWithAsked([request!.asked], [text], { id });
    expect(findings.map(({ rule }) => rule)).toContain(RULE[fault]);
  });
  it('with all faults at once still gives every word one good question after the second request', async () => {
    const first = reply(request!.text, { seed: 5, faults: FAULTS });
    const { again } = await compareWithAsked([request!.asked], [first], { id });
    const second = reply(again!.text, { seed: 6 });
    const both = await compareWithAsked([request!.asked, again!.asked], [first, second], { id });
    expect(both.missing).toEqual([]);
  });
  it('says nothing as if it knew it of words that it does not know', () => {
    const [strange] = writeRequests({ about: { terms: ['glockenspiel'] }, kinds: ['card'] });
    expect(reply(strange!.text)).toContain('what the course book says of glockenspiel');
  });
});
