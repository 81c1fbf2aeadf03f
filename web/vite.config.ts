import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  root: import.meta.dirname,
  resolve: { conditions: ['source', ...defaultClientConditions] },
  plugins: [
    react(),
    tailwindcss(),
    // Compressed once, as well as it goes: the server has them ready, and a phone in a harbour fetches a sixth less.
    compression({
      include: /assets\/.*\.(js|css|wasm)$/,
      threshold: 1000,
      algorithms: [defineAlgorithm('brotliCompress'), defineAlgorithm('gzip', { level: 9 })],
    }),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Dagboek',
        short_name: 'Dagboek',
        description: 'A working logbook that follows each fish from the water to the plate.',
        theme_color: '#0D3036',
        background_color: '#F3EBD9',
        display: 'standalone',
        start_url: '/',
        // The ground reaches to the edges and the drawing keeps to the middle: it may be cut to any shape.
        icons: [
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          ...[192, 512].flatMap((px) =>
            (['any', 'maskable'] as const).map((purpose) => ({
              src: `/icon-${px}.png`,
              sizes: `${px}x${px}`,
              type: 'image/png',
              purpose,
            })),
          ),
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}', 'icon-*.png', 'practice/*'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/licences\.txt$/, /^\/bom\.cdx\.json$/],
        // Catalogue and rules are kept as soon as they pass by; the query cache alone writes them down a moment later.
        runtimeCaching: [
          {
            urlPattern: /\/api\/(catalogue|rulebook|rulebook\/schema)$/,
            handler: 'NetworkFirst',
            options: { cacheName: 'catalogue-and-rules', networkTimeoutSeconds: 4 },
          },
          // The solver of the plan of meals: too large for every first visit, kept from the first plan on.
          {
            urlPattern: /\/assets\/.*\.wasm$/,
            handler: 'CacheFirst',
            options: { cacheName: 'solver', expiration: { maxEntries: 2 }, cacheableResponse: { statuses: [200] } },
          },
          // A picture never changes: its address is its content.
          {
            urlPattern: /\/api\/photos\/[0-9a-f]{64}/,
            handler: 'CacheFirst',
            options: { cacheName: 'pictures', expiration: { maxEntries: 300 }, cacheableResponse: { statuses: [200] } },
          },
        ],
      },
    }),
  ],
  worker: { format: 'es' },
  build: { target: 'es2022', chunkSizeWarningLimit: 700 },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
