import { containerLink } from '@bright-sprout/core/wayIn/shortLink';
import jsQR from 'jsqr';
import QRCode from 'qrcode';
import { squareOf } from './square';

const LINK = containerLink('http://192.168.178.120:4310', 'COPPR7', '0198c0de-0000-7000-8000-0000001a2b3c', 'A12');

/** The square as a camera sees it, with a part of it covered. */
function photographed(text: string, covered: (x: number, y: number) => boolean): string | undefined {
  const { path, side } = squareOf(text);
  const scale = 6;
  const pixels = new Uint8ClampedArray((side * scale) ** 2 * 4).fill(255);
  for (const [, x, y] of path.matchAll(/M(\d+) (\d+)h/g))
    for (let i = 0; i < scale ** 2; i++) {
      const at = ((Number(y) * scale + Math.floor(i / scale)) * side * scale + Number(x) * scale + (i % scale)) * 4;
      pixels.set([0, 0, 0], at);
    }
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++)
      if (covered(x, y))
        for (let i = 0; i < scale ** 2; i++)
          pixels.set([190, 190, 190], ((y * scale + Math.floor(i / scale)) * side * scale + x * scale + (i % scale)) * 4);
  return jsQR(pixels, side * scale, side * scale)?.data;
}

test('a reader of another make reads the link of a label, also where a drop lies on it', () => {
  expect(photographed(LINK, () => false)).toBe(LINK);
  expect(photographed(LINK, (x, y) => Math.hypot(x - 20, y - 20) < 3)).toBe(LINK);
});

test('it has a quarter fewer modules a side than the same address with the whole id in small letters', () => {
  const { modules } = squareOf(LINK);
  const whole = 'http://192.168.178.120:4310/join?code=COPPR7&investigation=0198c0de-0000-7000-8000-0000001a2b3c&pot=A12';
  expect(modules).toBe(29);
  expect(modules).toBeLessThan(0.75 * QRCode.create(whole, { errorCorrectionLevel: 'M' }).modules.size);
});
