// Bundles a script of this folder with the core it needs and runs it: node training/run.mjs train|report [arguments].
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const [script = 'report', ...rest] = process.argv.slice(2);
const root = fileURLToPath(new URL('..', import.meta.url));
const outfile = `${root}.cache/training-${script}.mjs`;
await build({
  entryPoints: [`${root}training/${script}.ts`],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'error',
});
const done = spawnSync(process.execPath, [outfile, ...rest], { stdio: 'inherit', cwd: root });
process.exit(done.status ?? 1);
