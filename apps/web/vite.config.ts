import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { serviceWorkerOfKeptFiles } from './keptFiles';

const source = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  plugins: [react(), serviceWorkerOfKeptFiles()],
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
