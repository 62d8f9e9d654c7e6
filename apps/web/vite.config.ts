import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const source = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  plugins: [
    react(),
    // The team's pages open without a network: the application is kept, and the last answer about the team's own containers.
    VitePWA({
      injectRegister: false,
      registerType: 'prompt',
      manifest: {
        name: 'Bright Sprout',
        short_name: 'Sprout',
        start_url: '/bench',
        display: 'standalone',
        background_color: '#f5f7fa',
        theme_color: '#f5f7fa',
        icons: [{ src: '/sprout.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,woff2,svg}'],
        globIgnores: ['**/plotly*', '**/pdfmake*', '**/docx*'],
        maximumFileSizeToCacheInBytes: 1_200_000,
        // Only the pages of teams are kept: a teacher's page is always the newest.
        directoryIndex: null,
        // Pages that are open already are served too, so that joining once is enough.
        clientsClaim: true,
        navigateFallback: '/index.html',
        navigateFallbackAllowlist: [/^\/(bench|join|c)(\/|\?|$)/i],
        runtimeCaching: [
          {
            urlPattern: ({ url, request }) =>
              request.method === 'GET' && /^\/api\/v1\/bench\/(photos|frames)\//.test(url.pathname),
            // Asked about each time there is a network, so that what was taken back goes from here too.
            handler: 'NetworkFirst',
            options: {
              cacheName: 'bench-photos',
              expiration: { maxEntries: 80 },
              cacheableResponse: { statuses: [200] },
              plugins: [
                {
                  fetchDidSucceed: async ({ request, response }) => {
                    if (response.status === 404) await (await caches.open('bench-photos')).delete(request);
                    return response;
                  },
                },
              ],
            },
          },
          {
            urlPattern: ({ url, request }) =>
              request.method === 'GET' &&
              /^\/api\/v1\/bench(\/(predictions|films|(conclude|investigations)(\/[0-9a-f-]+)?))?$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'bench', networkTimeoutSeconds: 5, cacheableResponse: { statuses: [200] } },
          },
        ],
      },
    }),
  ],
  resolve: {
    alias: [
      { find: /^@bright-sprout\/core\/(.*)$/, replacement: `${source('../../packages/core/src')}/$1` },
      { find: /^@bright-sprout\/contracts\/(.*)$/, replacement: `${source('../../packages/contracts/src')}/$1` },
    ],
  },
  worker: { format: 'es' },
  css: {
    preprocessorOptions: {
      scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
    },
  },
  build: { target: 'es2022', chunkSizeWarningLimit: 1600 },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
