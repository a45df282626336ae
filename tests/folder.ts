// Folders of their own for tests, gone when the tests of the file that imports this end.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll } from 'vitest';

const made: string[] = [];
// Not when the process ends: those of tests are ended from without, and hear of it no more.
afterAll(() => made.forEach((folder) => rmSync(folder, { recursive: true, force: true })));

export function newFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'cowslip-'));
  made.push(folder);
  return folder;
}
