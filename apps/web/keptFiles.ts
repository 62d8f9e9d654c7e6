import { createHash } from 'node:crypto';
import { readFileSync, statSync } from 'node:fs';
import { readdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, type Plugin } from 'vite';

const KEPT = /\.(js|css|html|woff2|svg)$/;
/** Only what a teacher's page uses, and large; and words that nobody speaks. */
const LEFT = /(^|\/)(plotly|pdfmake|docx|words-en-XA)/;
const LARGEST = 1_200_000;

/** Builds the service worker once the application is there: it is told which files to keep. */
export function serviceWorkerOfKeptFiles(): Plugin {
  let folder = '';
  return {
    name: 'service-worker-of-kept-files',
    apply: 'build',
    configResolved: ({ root, build: { outDir } }) => void (folder = join(root, outDir)),
    closeBundle: async () => {
      await build({
        configFile: false,
        logLevel: 'warn',
        define: { KEPT_FILES: JSON.stringify(await keptFiles(folder)), 'process.env.NODE_ENV': '"production"' },
        build: {
          outDir: folder,
          emptyOutDir: false,
          target: 'es2022',
          lib: {
            entry: fileURLToPath(new URL('src/offline/serviceWorker.ts', import.meta.url)),
            name: 'keptPages',
            formats: ['iife'],
            fileName: () => 'sw.js',
          },
        },
      });
    },
  };
}

/** Files with a hash in their name never change; the others are told apart by their content. */
async function keptFiles(folder: string): Promise<{ url: string; revision: string | null }[]> {
  const names = (await readdir(folder, { recursive: true })).map((name) => name.split('\\').join('/')).sort();
  return names
    .filter((name) => KEPT.test(name) && !LEFT.test(name) && name !== 'sw.js' && statSync(join(folder, name)).size <= LARGEST)
    .map((name) => ({
      url: `/${name}`,
      revision: name.startsWith('assets/')
        ? null
        : createHash('sha256')
            .update(readFileSync(join(folder, name)))
            .digest('hex')
            .slice(0, 20),
    }));
}
