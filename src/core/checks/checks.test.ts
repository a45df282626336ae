import { readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { applyMends, applyPatch, bankChecks, checkAll, checkItem, itemChecks } from '.';
import { item, options, rowsLayout } from '../../../tests/make';

describe.each(itemChecks)('$id', (check) => {
  it('passes its passing examples and fails its failing ones', () => {
    for (const one of check.examples.passes) {
      expect(check.run(one, check.examples.layouts ?? [])).toEqual([]);
    }
    for (const one of check.examples.fails) {
      expect(check.run(one, check.examples.layouts ?? []).length).toBeGreaterThan(0);
    }
  });
  it('says what to look at in a sentence, with a reason and a source behind it', () => {
    for (const one of check.examples.fails) {
      for (const { message } of check.run(one, check.examples.layouts ?? [])) {
        expect(message).toMatch(/^\S.*\.$/s);
      }
    }
    expect(check.why && check.source && check.looksFor).toBeTruthy();
  });
  it('is content once its mend is taken', () => {
    for (const one of check.examples.fails) {
      const [noticed] = check.run(one, check.examples.layouts ?? []);
      if (!noticed?.mend) {
        continue;
      }
      const mended = applyPatch(one, noticed.mend.patch);
      expect(mended && check.run(mended, check.examples.layouts ?? [])).toEqual([]);
    }
  });
});

describe.each(bankChecks)('$id', (check) => {
  it('passes its passing examples and fails its failing ones', () => {
    for (const items of check.examples.passes) {
      expect(check.run(items)).toEqual([]);
    }
    for (const items of check.examples.fails) {
      expect(check.run(items).length).toBeGreaterThan(0);
    }
  });
});

describe('the list', () => {
  it('holds every file of the folder, by its id', () => {
    const files = readdirSync(new URL('.', import.meta.url))
      .filter((name) => /^[a-z-]+\.ts$/.test(name))
      .map((name) => name.replace('.ts', ''));
    const others = ['index', 'contract', 'examples', 'mends', 'texts'];
    expect([...itemChecks, ...bankChecks].map((check) => check.id).sort()).toEqual(
      files.filter((name) => !others.includes(name)).sort(),
    );
  });
});

describe('the runner and the applier', () => {
  it('stamp rule, level and item', () => {
    expect(checkItem(item({ id: 'x', options: options('a', 'b') }))).toEqual([
      expect.objectContaining({ rule: 'key-missing', level: 'block', item: 'x', field: 'key' }),
    ]);
  });
  it('hold for one layout where the limit is its own', () => {
    const layout = rowsLayout(['stem', 'option'], { limits: { stem: 10 } });
    expect(checkAll([item()], [layout])).toEqual([
      expect.objectContaining({
        rule: 'text-over-limit',
        layout: 'layout',
        message: expect.stringContaining('Form takes 10'),
      }),
    ]);
  });
  it('skip a second mend of the same field and hand it back', () => {
    const one = item({ id: 'x', options: options('a', 'A', '', '*b') });
    const findings = checkItem(one).filter((finding) => finding.mend);
    expect(findings.length).toBeGreaterThan(1);
    const result = applyMends([one], findings);
    expect(result.changed).toEqual(['x']);
    expect(result.skipped).toHaveLength(findings.length - 1);
  });
  it('refuse a patch that would make it no question, and never change the id', () => {
    expect(applyPatch(item(), { kind: 'riddle' })).toBeUndefined();
    expect(applyPatch(item({ hint: { plain: 'h' } }), { id: 'other', hint: null })).toEqual(item());
  });
});
