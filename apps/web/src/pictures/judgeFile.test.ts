import { dayInName, judgeFile } from './judgeFile';

const png = (width: number, height: number) => {
  const head = Buffer.alloc(33);
  Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex').copy(head);
  head.writeUInt32BE(width, 16);
  head.writeUInt32BE(height, 20);
  return new Uint8Array(head);
};
const why = (name: string, bytes: Uint8Array) => {
  const judged = judgeFile(name, bytes);
  return judged.ok ? 'taken' : judged.why;
};

test.each<[string, Uint8Array, RegExp]>([
  ['empty.jpg', new Uint8Array(0), /is empty/],
  ['list.jpg', new TextEncoder().encode('%PDF-1.7 …'), /is a PDF, whatever its name says/],
  ['garden.jpg', new TextEncoder().encode('\0\0\0\x18ftypheic\0\0\0\0mif1'), /HEIC picture, which this browser cannot open/],
  ['note.png', new TextEncoder().encode('just a note in a file that calls itself a picture'), /not a picture that can be read/],
  ['dot.png', png(1, 1), /1 × 1 pixels: too small/],
  ['wall.png', png(10_000, 10_000), /100 million pixels; at most 60/],
])('%s is told so in a sentence', (name, bytes, sentence) => expect(why(name, bytes)).toMatch(sentence));

test('a picture of a usual size is taken, and so is one of 48 million pixels', () => {
  expect(judgeFile('pan.png', png(800, 600))).toEqual({ ok: true, width: 800, height: 600, type: 'png' });
  expect(why('large.png', png(8000, 6000))).toBe('taken');
});

test('the day is read from names as cameras write them, and from nothing else', () => {
  expect(dayInName('IMG_20260312_104000.jpg')).toBe('2026-03-12');
  expect(dayInName('2026-03-12 10.40.jpg')).toBe('2026-03-12');
  expect(dayInName('pan-day-12.jpg')).toBeNull();
  expect(dayInName('DSC20261399.jpg')).toBeNull();
  expect(dayInName('120260312045.jpg')).toBeNull();
});
