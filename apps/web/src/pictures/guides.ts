import { type Quad } from '@bright-sprout/core/pictures/picture';

/** A lean of so many degrees is fine: what is counted hardly changes. */
export const FINE_LEAN = 6;
/** A corner is where it was when it is as near as this, as a share of the picture. */
const NEAR = 0.05;

/** Which corners lie where they lay in the picture before. */
export function cornersInPlace(now: Quad | null, before: Quad | null): boolean[] {
  if (!now || !before) return [false, false, false, false];
  return now.map(([x, y], i) => Math.hypot(x - before[i]![0], y - before[i]![1]) <= NEAR);
}

/** Light beside that of the other pictures: from where to where it is fine, and where it is now; shares of a scale from dark to bright. */
export interface LightScale {
  now: number;
  fine: readonly [number, number];
  others: number[];
  word: 'dark' | 'fine' | 'bright';
}

/** A scale in steps of the eye: each doubling of light takes as much of it. */
const onScale = (luma: number) => Math.min(1, Math.max(0, Math.log2(Math.max(8, luma) / 8) / Math.log2(256 / 8)));

/** @param luma mean brightness in the middle of the picture now, 0 to 255; @param others that of the other pictures */
export function lightScale(luma: number, others: readonly number[]): LightScale {
  const sorted = [...others].sort((a, b) => a - b);
  const usual = sorted[Math.floor(sorted.length / 2)] ?? 110;
  const [low, high] = [usual * 0.55, Math.min(235, usual * 1.7)];
  return {
    now: onScale(luma),
    fine: [onScale(low), onScale(high)],
    others: sorted.map(onScale),
    word: luma < low ? 'dark' : luma > high ? 'bright' : 'fine',
  };
}

/** Mean brightness in the middle half of a picture. */
export function middleLuma({ width, height, data }: { width: number; height: number; data: ArrayLike<number> }): number {
  let [sum, n] = [0, 0];
  for (let y = Math.floor(height / 4); y < (3 * height) / 4; y++)
    for (let x = Math.floor(width / 4); x < (3 * width) / 4; x++, n++) {
      const i = (y * width + x) * 4;
      sum += 0.299 * data[i]! + 0.587 * data[i + 1]! + 0.114 * data[i + 2]!;
    }
  return n === 0 ? 0 : sum / n;
}
