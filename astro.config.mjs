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

export default defineConfig({
  output: 'static',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  devToolbar: { enabled: false },
  image: { service: passthroughImageService() },
  // Without the two local names every multipart request is refused with 403.
  security: { allowedDomains: [{ hostname: 'localhost' }, { hostname: '127.0.0.1' }] },
  server: { host: process.env.HOST ?? '127.0.0.1', port: Number(process.env.PORT ?? 4321) },
  vite: {
    worker: { format: 'es', rollupOptions: { onwarn: quietZodComments } },
    build: { rollupOptions: { onwarn: quietZodComments }, chunkSizeWarningLimit: 900 },
  },
});
