// Folders of their own for tests, gone when the tests end.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export function newFolder(): string {
  const folder = mkdtempSync(join(tmpdir(), 'cowslip-'));
  process.on('exit', () => rmSync(folder, { recursive: true, force: true }));
  return folder;
}
