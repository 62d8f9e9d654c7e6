import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { filesOfBench } from '../../scripts/words.mjs';
import { serviceWorkerOfKeptFiles } from './keptFiles';

const source = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** The words of a language are named after it, so that a device keeps none but its own. */
const wordsName = (modules: readonly string[]) =>
  /words\/compiled\/([\w-]+)\/(\w+)\.json/
    .exec(modules[0] ?? '')
    ?.slice(1)
    .join('-')
    .replace(/^/, 'words-');

/** What every team’s phone loads before its first tap comes in one piece, not in sixty: each has a head of its own and packs worse. */
const ofBench = filesOfBench();

const output = {
  chunkFileNames: ({ moduleIds }: { moduleIds: string[] }) => `assets/${wordsName(moduleIds) ?? '[name]'}-[hash].js`,
};

export default defineConfig({
  plugins: [react(), serviceWorkerOfKeptFiles()],
  resolve: {
    alias: [
      { find: /^@bright-sprout\/words\/(.*)$/, replacement: `${source('../../packages/words/src')}/$1` },
      // Messages come compiled: no page loads the parser.
      { find: '@formatjs/icu-messageformat-parser', replacement: '@formatjs/icu-messageformat-parser/no-parser.js' },
      { find: /^@bright-sprout\/core\/(.*)$/, replacement: `${source('../../packages/core/src')}/$1` },
      { find: /^@bright-sprout\/contracts\/(.*)$/, replacement: `${source('../../packages/contracts/src')}/$1` },
    ],
  },
  worker: { format: 'es', rollupOptions: { output } },
  css: {
    preprocessorOptions: {
      scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
    },
  },
  build: {
    target: 'es2022',
    chunkSizeWarningLimit: 1600,
    rollupOptions: {
      output: { ...output, advancedChunks: { groups: [{ name: 'first', test: (id: string) => ofBench.has(id) }] } },
    },
  },
  server: {
    host: '127.0.0.1',
    port: Number(process.env.SPROUT_PAGES_PORT ?? 5173),
    strictPort: true,
    proxy: { '/api': `http://127.0.0.1:${process.env.PORT ?? 4310}` },
  },
});
