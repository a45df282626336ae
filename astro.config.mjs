// No look-up of any host: telemetry, update check, toolbar and image service stay off.
process.env.ASTRO_TELEMETRY_DISABLED = '1';
process.env.ASTRO_DISABLE_UPDATE_CHECK = 'true';

const { defineConfig, passthroughImageService } = await import('astro/config');
const { default: node } = await import('@astrojs/node');
const { default: react } = await import('@astrojs/react');

const quietZodComments = (warning, warn) => {
  if (warning.code !== 'INVALID_ANNOTATION') {
    warn(warning);
  }
};

/** The server's guard and its threads, built beside the application once that stands. */
const serverParts = () => ({
  name: 'server-parts',
  hooks: {
    'astro:build:done': async () => {
      const { build } = await import('vite');
      for (const [name, entry] of [
        ['serve', 'src/server/http/serve.ts'],
        ['thread', 'src/server/work/thread.ts'],
      ]) {
        await build({
          configFile: false,
          logLevel: 'error',
          ssr: { noExternal: true },
          build: {
            ssr: entry,
            outDir: 'dist/server',
            emptyOutDir: false,
            target: 'node20',
            rollupOptions: {
              onwarn: quietZodComments,
              output: { entryFileNames: `${name}.mjs`, inlineDynamicImports: true },
            },
          },
        });
      }
    },
  },
});

/** The files that the page may ask for, each with its digest; those whose names hold one need no other. */
async function filesOf(folder) {
  const { readdir, readFile } = await import('node:fs/promises');
  const { createHash } = await import('node:crypto');
  const names = await readdir(folder, { recursive: true, withFileTypes: true });
  const all = createHash('sha256');
  const files = [];
  for (const entry of names.filter((one) => one.isFile())) {
    const path = `${entry.parentPath ?? entry.path}/${entry.name}`;
    const url = path.slice(folder.length).replaceAll('\\', '/');
    const digest = createHash('sha256')
      .update(await readFile(path))
      .digest('hex');
    all.update(url + digest);
    // The pictures of Help are asked for one by one; without the server its words are enough.
    if (url.startsWith('/_astro/') && url.endsWith('.png')) {
      continue;
    }
    files.push({ url, revision: url.startsWith('/_astro/') ? null : digest });
  }
  return [...files, { url: '/gather', revision: all.digest('hex') }];
}

/** What keeps the program going without its server, built last, since it holds the names of all files. */
const serviceWorker = () => ({
  name: 'service-worker',
  hooks: {
    'astro:build:done': async () => {
      const { build } = await import('vite');
      const files = await filesOf('dist/client');
      await build({
        configFile: false,
        logLevel: 'error',
        publicDir: false,
        define: { FILES: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
        build: {
          outDir: 'dist/client',
          emptyOutDir: false,
          rollupOptions: {
            input: 'src/workers/service-worker.ts',
            output: { format: 'iife', entryFileNames: 'service-worker.js' },
          },
        },
      });
    },
  },
});

/** Beside each file of words its compressed forms, made once, so that no visit waits for them (src/server/http/files.ts). */
const compressed = () => ({
  name: 'compressed',
  hooks: {
    'astro:build:done': async () => {
      const { readdir, readFile, writeFile } = await import('node:fs/promises');
      const { promisify } = await import('node:util');
      const { brotliCompress, gzip } = await import('node:zlib');
      const entries = await readdir('dist/client', { recursive: true, withFileTypes: true });
      const pack = async (path) => {
        const bytes = await readFile(path);
        await writeFile(`${path}.br`, await promisify(brotliCompress)(bytes));
        await writeFile(`${path}.gz`, await promisify(gzip)(bytes, { level: 9 }));
      };
      const isOfWords = (name) => /\.(?:js|css|svg|json|webmanifest|csv|tsv|txt|md)$/.test(name);
      await Promise.all(
        entries
          .filter((entry) => entry.isFile() && isOfWords(entry.name))
          .map((entry) => pack(`${entry.parentPath ?? entry.path}/${entry.name}`)),
      );
    },
  },
});

export default defineConfig({
  output: 'static',
  adapter: node({ mode: 'standalone' }),
  integrations: [react(), serverParts(), serviceWorker(), compressed()],
  devToolbar: { enabled: false },
  image: { service: passthroughImageService() },
  // Without the two local names every multipart request is refused with 403.
  // Who may call is the guard's to say (src/server/http/guard.ts), which also lets scripts in that send no Origin.
  security: {
    allowedDomains: [{ hostname: 'localhost' }, { hostname: '127.0.0.1' }],
    checkOrigin: false,
  },
  server: { host: process.env.HOST ?? '127.0.0.1', port: Number(process.env.PORT ?? 4321) },
  vite: {
    worker: { format: 'es', rollupOptions: { onwarn: quietZodComments } },
    build: {
      rollupOptions: {
        onwarn: quietZodComments,
        // Loading a part of the core does nothing by itself, so what nobody uses of it is left out.
        treeshake: { moduleSideEffects: (id) => !id.includes('/src/core/') },
      },
      chunkSizeWarningLimit: 900,
    },
  },
});
