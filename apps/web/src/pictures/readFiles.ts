import { wordsOfPage } from '../words/language';
import { say } from '@bright-sprout/words/say';
/** A file that was looked at: drawn anew and ready to be sent, or refused in a sentence. */
export type ReadFile =
  | {
      ok: true;
      name: string;
      picture: Blob;
      /** When it was taken, by the camera or by its name; null where neither says it. */
      day: string | null;
      /** No camera has left a word in it. */
      noCamera: boolean;
    }
  | { ok: false; name: string; why: string };

const newReader = () => new Worker(new URL('./pictureFile.worker.ts', import.meta.url), { type: 'module', name: wordsOfPage() });

/** A reader at rest, for the next files. */
let atRest: Worker | null = null;

/** Fetches what reads files while there is a network, for pages on which pictures are taken later without one. */
export function readyToRead(): void {
  if (atRest) return;
  const reader = newReader();
  // What could not be fetched now is asked for again when a picture is there.
  reader.onerror = () => {
    if (atRest === reader) atRest = null;
  };
  atRest = reader;
}

/** Files read one after the other beside the page. */
export async function readFiles(files: readonly File[], told: (read: ReadFile) => void): Promise<void> {
  const worker = atRest ?? newReader();
  atRest = null;
  let sound = true;
  for (const file of files)
    told(
      await new Promise<ReadFile>((done) => {
        worker.onmessage = ({ data }: MessageEvent<ReadFile>) => done(data);
        worker.onerror = () => {
          sound = false;
          done({ ok: false, name: file.name, why: say('pictures.tooLargeTooStrange', { name: file.name }) });
        };
        worker.postMessage(file);
      }),
    );
  if (sound && atRest === null) atRest = worker;
  else worker.terminate();
}
