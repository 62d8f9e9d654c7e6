import { wordsOfPage } from '../words/language';

/** A worker that holds one table. */
export function tableWorker(): Worker {
  return new Worker(new URL('./table.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });
}
