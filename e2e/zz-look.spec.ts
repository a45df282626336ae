import { readFileSync } from 'node:fs';
import { test, openDemo, drop } from './person';
test('look', async ({ page }) => {
  await openDemo(page, '/layouts');
  await drop(page, 'b10.xlsx', readFileSync('/tmp/tb11/b10.xlsx'));
  await page.waitForURL(/\/layouts\/./);
  await page.waitForTimeout(1500);
  await page.screenshot({ path: '/tmp/look1.png' });
});
