import { readWords } from '@bright-sprout/words/readWords';
import { speak } from '@bright-sprout/words/words';
import { test as base } from '@playwright/test';
import { demoPort } from './startApplication';

// What a test asks the core for is said in English.
const english = readWords('en');
speak(() => english);

/** A test beside the server of its own process, so that two files never meet in one database. */
export const test = base.extend<{ closed: void }>({
  baseURL: async ({}, use, info) => use(`http://127.0.0.1:${demoPort(info.parallelIndex)}`),
  // Every device that a test opened is closed with it: none goes on asking beside the next.
  closed: [
    async ({ browser }, use) => {
      await use();
      for (const device of browser.contexts()) await device.close();
    },
    { auto: true },
  ],
});
