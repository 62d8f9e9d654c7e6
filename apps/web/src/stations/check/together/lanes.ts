/**
 * Which lane each mark stands in so that none covers another: its height is its value and never moves, so marks that are too
 * close go one lane further to the right. Same order as `ys`; lanes from 0.
 * @param apart least distance of two marks in one lane, in pixels
 */
export function lanesOf(ys: readonly number[], apart: number): number[] {
  const taken: number[][] = [];
  const lanes = new Array<number>(ys.length).fill(0);
  const order = ys.map((_, i) => i).sort((a, b) => ys[b]! - ys[a]!);
  for (const i of order) {
    const free = taken.findIndex((lane) => lane.every((y) => Math.abs(y - ys[i]!) >= apart));
    const lane = free < 0 ? taken.length : free;
    (taken[lane] ??= []).push(ys[i]!);
    lanes[i] = lane;
  }
  return lanes;
}
