// What packages carry on of formatting is the little that is known, written anew.
import { unzipSync } from 'fflate';
import { describe, expect, it } from 'vitest';
import { item, options, surroundings } from '../../../../tests/make';
import { fill, STARTERS } from '../../pipeline';
import type { Layout } from '../../model';

const starter = (standard: string): Layout =>
  STARTERS.find(({ file }) => file.standard === standard)!;

describe('what comes in never runs', () => {
  it('formatting is written anew from the little that is known', async () => {
    const nasty = item({
      stem: {
        plain: 'x',
        html: '<b onclick="a()">x</b><script>alert(1)</script><img src=x onerror=y>',
      },
      options: options('*<i>p</i>', 'q'),
    });
    const { bytes } = await fill({ items: [nasty], layout: starter('qti-3.0') }, surroundings);
    const xml = new TextDecoder().decode(unzipSync(bytes)['items/Q-1.xml']);
    expect(xml).not.toMatch(/<script|onclick|onerror|<img/);
    expect(xml).toContain('&lt;i&gt;p&lt;/i&gt;');
  });
});
