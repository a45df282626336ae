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

export default defineConfig({
  output: 'static',
  adapter: node({ mode: 'standalone' }),
  integrations: [react(), serverParts()],
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
    build: { rollupOptions: { onwarn: quietZodComments }, chunkSizeWarningLimit: 900 },
  },
});
