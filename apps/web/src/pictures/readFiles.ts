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

/** Files read one after the other beside the page. */
export async function readFiles(files: readonly File[], told: (read: ReadFile) => void): Promise<void> {
  const worker = new Worker(new URL('./pictureFile.worker.ts', import.meta.url), { type: 'module' });
  try {
    for (const file of files)
      told(
        await new Promise<ReadFile>((done) => {
          worker.onmessage = ({ data }: MessageEvent<ReadFile>) => done(data);
          worker.onerror = () =>
            done({ ok: false, name: file.name, why: `“${file.name}” is too large or too strange to be read here.` });
          worker.postMessage(file);
        }),
      );
  } finally {
    worker.terminate();
  }
}
