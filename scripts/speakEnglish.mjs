// What a script asks the built core for is said in English.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { ROOT } from './project.mjs';

export function speakEnglish() {
  const words = createRequire(join(ROOT, 'packages/words/dist/'));
  const { readWords } = words('./readWords.js');
  const english = readWords('en');
  words('./words.js').speak(() => english);
}
