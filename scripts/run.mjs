// One door for every command: `node scripts/run.mjs test`. It uses Node's built-ins alone, since it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('..', import.meta.url));
const cache = join(root, '.cache');
const lock = join(cache, 'setting-up');
const [command = 'start', ...rest] = process.argv.slice(2);
const host = process.env.HOST ?? '127.0.0.1';
const port = process.env.PORT ?? '4321';
const say = (text) => console.log(`cowslip: ${text}`);

/** Runs a program in the project and ends this one with its exit code where it fails. */
function run(program, args, extra = {}) {
  const done = spawnSync(program, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1', HOST: host, PORT: port, ...extra },
  });
  if (done.status !== 0) {
    process.exit(done.status ?? 1);
  }
}
const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Runs programs of the project, as many at a time as there are cores, says what each said, and ends this one where any fails. */
async function runBeside(programs) {
  const waiting = [...programs];
  let failed = false;
  const one = ([name, args]) =>
    new Promise((resolve) => {
      const child = spawn(bin(name), args.split(' '), { cwd: root });
      const said = [];
      child.stdout.on('data', (part) => said.push(part));
      child.stderr.on('data', (part) => said.push(part));
      child.on('close', (code) => {
        process.stdout.write(Buffer.concat(said));
        if (code !== 0) {
          say(`${name} ${args}: failed`);
          failed = true;
        }
        resolve();
      });
    });
  const work = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      await one(next);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
  if (failed) {
    process.exit(1);
  }
}

/** Waits while another run of this script installs or builds; a lock of a dead process is taken over. */
function withLock(work) {
  mkdirSync(cache, { recursive: true });
  for (;;) {
    try {
      writeFileSync(lock, String(process.pid), { flag: 'wx' });
      break;
    } catch {
      const owner = Number(readFileSync(lock, 'utf8') || 0);
      try {
        process.kill(owner, 0);
        Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 500);
      } catch {
        rmSync(lock, { force: true });
      }
    }
  }
  try {
    return work();
  } finally {
    rmSync(lock, { force: true });
  }
}

/** Installs the packages unless the stamp says that this very lock file was installed already. */
function install() {
  const stamp = join(cache, 'installed');
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .update(process.version)
    .digest('hex');
  if (
    existsSync(join(root, 'node_modules')) &&
    existsSync(stamp) &&
    readFileSync(stamp, 'utf8') === wanted
  ) {
    return;
  }
  say('installing packages (npm ci)');
  run('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error']);
  writeFileSync(stamp, wanted);
}

const newest = (path) =>
  statSync(path).isDirectory()
    ? Math.max(0, ...readdirSync(path).map((name) => newest(join(path, name))))
    : statSync(path).mtimeMs;

/** Builds when a source is newer than the last build. */
function build(force = false) {
  const stamp = join(cache, 'built');
  const sources = ['src', 'public', 'demo', 'astro.config.mjs', 'package-lock.json'].filter(
    (name) => existsSync(join(root, name)),
  );
  const changed = Math.max(...sources.map((name) => newest(join(root, name))));
  if (
    !force &&
    existsSync(join(root, 'dist', 'server', 'serve.mjs')) &&
    existsSync(stamp) &&
    Number(readFileSync(stamp, 'utf8')) >= changed
  ) {
    return;
  }
  say('building');
  run(bin('astro'), ['build', '--silent']);
  writeFileSync(stamp, String(changed));
}

const isRoot = () => process.getuid?.() === 0;
const has = (program) => spawnSync(program, ['--version'], { stdio: 'ignore' }).status === 0;

/** Debian's Chromium, without what only a screen needs (quicker) or whole; either will do. */
const CHROMIUMS = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

const fetchPackage = (name) =>
  spawnSync('apt-get', ['install', '-y', '-qq', '--no-install-recommends', name], {
    stdio: 'ignore',
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });

/** Debian packages that the browser tests and the outside checks lean on. */
function debian() {
  const missing = [];
  if (!existsSync(CHROMIUMS[0])) {
    missing.push('chromium-headless-shell');
  }
  if (spawnSync('/usr/bin/python3', ['-c', 'import openpyxl'], { stdio: 'ignore' }).status !== 0) {
    missing.push('python3-openpyxl');
  }
  if (!existsSync('/usr/bin/ssconvert')) {
    missing.push('gnumeric');
  }
  if (!existsSync('/usr/bin/soffice')) {
    missing.push('libreoffice-writer-nogui');
  }
  if (!missing.length) {
    return;
  }
  if (isRoot() && has('apt-get')) {
    say(`installing ${missing.join(' and ')} from Debian's packages`);
    spawnSync('apt-get', ['update', '-qq'], { stdio: 'ignore' });
    // One by one, so that one that this Debian does not have keeps none of the others away.
    missing.forEach(fetchPackage);
    if (!CHROMIUMS.some((path) => existsSync(path))) {
      fetchPackage('chromium');
    }
  }
  if (!CHROMIUMS.some((path) => existsSync(path))) {
    console.error(
      'cowslip: the browser tests need Debian’s Chromium; install it with: apt-get install chromium-headless-shell (or chromium)',
    );
    process.exit(1);
  }
}

/** All that a run in the browser needs: packages, Debian's Chromium, a build. */
const readyForBrowser = () =>
  withLock(() => {
    install();
    debian();
    build();
  });

function serve(demo) {
  say(
    `${demo ? 'the demo bank is' : 'your bank is'} at http://${host}:${port}/${demo ? '?demo' : ''}  (Ctrl+C stops)`,
  );
  run(process.execPath, [join(root, 'dist', 'server', 'serve.mjs')], {
    COWSLIP_DEMO: demo ? '1' : '',
  });
}

/** Grown files that nothing was learned from, few enough for every run; of what they hold so much must be understood. */
const SMALL_SAMPLE = '--seed 77 --sources 120 --blanks 60 --floor 98'.split(' ');

const commands = {
  demo() {
    withLock(() => {
      install();
      build();
    });
    serve(true);
  },
  start() {
    withLock(() => {
      install();
      build();
    });
    serve(false);
  },
  dev() {
    withLock(install);
    run(bin('astro'), ['dev', '--host', host, '--port', port]);
  },
  build() {
    withLock(() => {
      install();
      build(true);
    });
  },
  async check() {
    withLock(install);
    run(bin('astro'), ['sync', '--silent']);
    // The longest first: the others pass beside it, where the machine has two cores or more.
    await runBeside([
      ['eslint', '. --max-warnings 0 --cache --cache-location .cache/eslint'],
      ['tsc', '-p tsconfig.json --noEmit'],
      ['prettier', '. --check --log-level warn --cache --cache-location .cache/prettier'],
      ['tsc', '-p tsconfig.core.json'],
      ['depcruise', 'src --config dependency-cruiser.config.cjs --output-type err'],
      ['knip', '--no-progress'],
    ]);
    run(process.execPath, ['scripts/lint-exceptions.mjs']);
    say('format, types, lint, exports and import directions hold');
  },
  test() {
    readyForBrowser();
    // Coverage is of the whole, so it is counted where all tests run.
    run(bin('vitest'), ['run', ...(rest.length ? rest : ['--coverage'])]);
    if (!rest.length) {
      run(process.execPath, ['training/run.mjs', 'report', ...SMALL_SAMPLE]);
      run(bin('playwright'), ['test']);
    }
  },
  understanding() {
    withLock(install);
    const isNamed = ['train', 'metamorphic', 'texts', 'marked'].includes(rest[0]);
    const [script, ...others] = isNamed ? rest : ['report', ...rest];
    run(process.execPath, ['training/run.mjs', script, ...others]);
  },
  bench() {
    readyForBrowser();
    if (rest[0] !== 'page') {
      run(bin('vitest'), ['run', '--config', 'vitest.bench.config.ts', ...rest]);
    }
    run(bin('playwright'), ['test', '--config', 'playwright.bench.config.ts']);
  },
  fuzz() {
    withLock(install);
    run(bin('vitest'), ['run', 'src/core/pipeline/fuzz.test.ts'], {
      COWSLIP_FUZZ: rest[0] ?? '200000',
    });
  },
  kills() {
    readyForBrowser();
    run(bin('playwright'), ['test', '--config', 'playwright.kills.config.ts'], {
      COWSLIP_KILLS: rest[0] ?? '300',
    });
  },
  soak() {
    readyForBrowser();
    run(bin('playwright'), ['test', '--config', 'playwright.soak.config.ts'], {
      COWSLIP_ACTS: rest[0] ?? '5000',
    });
  },
  reference() {
    withLock(install);
    run(bin('typedoc'), []);
  },
  words() {
    withLock(install);
    run(process.execPath, ['scripts/words.mjs']);
  },
  screenshots() {
    readyForBrowser();
    run(bin('playwright'), ['test', '--config', 'playwright.screenshots.config.ts']);
  },
};
if (!commands[command]) {
  console.error(`cowslip: no command "${command}"; there are ${Object.keys(commands).join(', ')}`);
  process.exit(2);
}
await commands[command]();
