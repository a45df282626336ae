// Saved pages: fields to choose, remarks that only a class names, tables beside questions. Common practice, no source.
import { expect, it } from 'vitest';
import { gatherTyped } from '../../../../tests/typed';
import { brief } from '../../../../tests/say';

const page = (body: string) => gatherTyped(`<html><body>${body}</body></html>`, 'page.html');
const choice = (type: string, name: string, text: string, ticked = ''): string =>
  `<label><input type="${type}" name="${name}" ${ticked}> ${text}</label><br>\n`;

it('buttons and boxes are options, and those that are chosen are right', async () => {
  const { items, reading } = await page(
    `<form><fieldset><legend>1. What lifts boats?</legend>${choice('radio', 'a', 'a bridge')}${choice('radio', 'a', 'a lock', 'checked')}</fieldset>
     <fieldset><legend>2. Which float?</legend>${choice('checkbox', 'b', 'cork', 'checked')}${choice('checkbox', 'b', 'lead')}${choice('checkbox', 'b', 'oak', 'checked')}</fieldset></form>`,
  );
  expect(items.map(brief)).toEqual([
    'choice-one: What lifts boats? [a bridge / *a lock]',
    'choice-many: Which float? [*cork / lead / *oak]',
  ]);
  expect(reading.unsure).toEqual([]);
});
it('a remark that its class alone names is no option', async () => {
  const question = (stem: string, right: string, wrong: string, said: string): string =>
    `<div class="item"><div>${stem}</div><ul><li>${wrong}</li><li>${right} ✓</li></ul><div class="feedback">${said}</div></div>`;
  const { items } = await page(
    question('What is a pound?', 'water between locks', 'money', 'It lies between two locks.') +
      question('What turns the gear?', 'a windlass', 'the wind', 'It is a crank.'),
  );
  expect(items.map((item) => [brief(item), item.explanation?.plain])).toEqual([
    ['choice-one: What is a pound? [money / *water between locks]', 'It lies between two locks.'],
    ['choice-one: What turns the gear? [the wind / *a windlass]', 'It is a crank.'],
  ]);
});
it('questions beside the table of a page that are not understood without a doubt are told', async () => {
  const { items, findings } = await page(
    '<table><tr><th>Term</th><th>Definition</th></tr><tr><td>bow</td><td>front of a boat</td></tr><tr><td>stern</td><td>back of a boat</td></tr></table><p>1. Which side is port?</p><p>a) left</p><p>b) right</p><p>2. Which is bigger?</p><p>a) this</p><p>b) that</p>',
  );
  expect(items).toHaveLength(2);
  expect(findings.map(({ rule }) => rule)).toContain('questions-beside-table');
});
