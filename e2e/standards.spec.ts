// Items of the open standard scored by an independent implementation in the browser (development only): QTI 3.0 as it is
// written here, QTI 2.1 by way of an independent converter. A case that earns points is held for every kind, since an
// implementation that does not know a rule scores 0 without a word.
import { convertQti2toQti3 } from '@citolab/qti-convert/qti-convert-node';
import { strFromU8, unzipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fill, STARTERS } from '../src/core/pipeline';
import { EVERY_KIND, SCORES } from '../tests/kinds';
import { surroundings } from '../tests/make';
import { expect, test } from './person';

// The scoring library is put into the page from outside, which the page's own policy rightly forbids.
test.use({ bypassCSP: true });

const player = readFileSync(
  createRequire(import.meta.url)
    .resolve('@citolab/qti-components/package.json')
    .replace(/package\.json$/, 'cdn/index.js'),
  'utf8',
);
const FILE: Record<string, string> = { weighted: 'W-1' };

/** The items of a package by the question's id. */
async function itemsOf(standard: 'qti-3.0' | 'qti-2.1'): Promise<Map<string, string>> {
  const layout = STARTERS.find((starter) => starter.file.standard === standard)!;
  const { bytes, differences } = await fill(
    { items: EVERY_KIND, layout, setTitle: 'Every kind' },
    surroundings,
  );
  expect(differences).toEqual([]);
  const parts = unzipSync(bytes);
  return new Map(
    await Promise.all(
      EVERY_KIND.map(async ({ id, ref }) => {
        const xml = strFromU8(parts[`items/${FILE[id] ?? ref}.xml`]!);
        return [id, standard === 'qti-3.0' ? xml : await convertQti2toQti3(xml)] as const;
      }),
    ),
  );
}

for (const standard of ['qti-3.0', 'qti-2.1'] as const) {
  test(`items of ${standard} of every kind are scored right, wrong and partly right as meant`, async ({
    page,
  }) => {
    const items = await itemsOf(standard);
    await page.goto('/help');
    await page.addScriptTag({ content: player, type: 'module' });
    await page.waitForFunction(() => customElements.get('qti-assessment-item') !== undefined);
    for (const [id, answers, score] of SCORES) {
      const given = await page.evaluate(
        async ({ xml, said }) => {
          type Variable = { identifier: string; value: unknown };
          type Assessed = HTMLElement & {
            variables: Variable[];
            processResponse(count: boolean, report: boolean): void;
          };
          const frame = document.createElement('qti-item');
          const container = document.createElement('item-container') as HTMLElement & {
            itemXML: string;
          };
          container.itemXML = xml;
          frame.append(container);
          document.body.append(frame);
          const item = await new Promise<Assessed>((resolve) => {
            const look = (): void => {
              const found = container.shadowRoot?.querySelector<Assessed>('qti-assessment-item');
              if (found?.variables?.some(({ identifier }) => identifier === 'SCORE')) {
                resolve(found);
              } else {
                setTimeout(look, 20);
              }
            };
            look();
          });
          await new Promise((resolve) => {
            setTimeout(resolve, 60);
          });
          item.variables = item.variables.map((variable) =>
            variable.identifier in said
              ? { ...variable, value: said[variable.identifier] }
              : variable,
          );
          item.processResponse(true, false);
          const result = item.variables.find(({ identifier }) => identifier === 'SCORE')?.value;
          frame.remove();
          return Number(result);
        },
        { xml: items.get(id)!, said: answers },
      );
      expect(given, `${id} answered ${JSON.stringify(answers)}`).toBeCloseTo(score, 6);
    }
  });
}
