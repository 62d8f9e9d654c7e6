import { type ReadFile, readFiles, readyToRead } from './readFiles';

/** Stands for the worker: answers with what it was told to, or breaks. */
class Reader {
  static made: Reader[] = [];
  onmessage: ((event: { data: ReadFile }) => void) | null = null;
  onerror: (() => void) | null = null;
  ended = false;
  asked: File[] = [];
  constructor() {
    Reader.made.push(this);
  }
  postMessage(file: File) {
    this.asked.push(file);
    if (file.name === 'strange.jpg') this.onerror!();
    else this.onmessage!({ data: { ok: true, name: file.name, picture: file, day: null, noCamera: false } });
  }
  terminate() {
    this.ended = true;
  }
}

const usual = window.Worker;
beforeAll(() => void (window.Worker = Reader as unknown as typeof Worker));
afterAll(() => void (window.Worker = usual));

const read = async (...names: string[]) => {
  const told: ReadFile[] = [];
  await readFiles(
    names.map((name) => new File(['x'], name)),
    (one) => told.push(one),
  );
  return told.map((t) => (t.ok ? t.name : t.why));
};

test('what was fetched ahead reads; where it could not be fetched it is asked for again, and a broken one is not kept', async () => {
  readyToRead();
  readyToRead();
  expect(Reader.made).toHaveLength(1);
  Reader.made[0]!.onerror!();
  expect(await read('a.jpg', 'b.jpg')).toEqual(['a.jpg', 'b.jpg']);
  expect(Reader.made.map((r) => r.asked.length)).toEqual([0, 2]);
  expect(await read('strange.jpg')).toEqual([expect.stringContaining('“strange.jpg” is too large or too strange')]);
  expect(Reader.made.map((r) => r.ended)).toEqual([false, true]);
  expect(await read('c.jpg')).toEqual(['c.jpg']);
  expect(Reader.made).toHaveLength(3);
});
