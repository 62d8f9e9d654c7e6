/** A day without school is this much narrower than a school day. */
const OFF_WIDTH = 0.5;

/** How wide every day of a tape is, a school day being 1. */
export const tapeColumns = (days: readonly { off: boolean }[]): number[] => days.map((d) => (d.off ? OFF_WIDTH : 1));

/** Left edges of all days and the right edge of the last, in pixels. */
export function tapeEdges(columns: readonly number[], width: number): number[] {
  const total = columns.reduce((a, b) => a + b, 0);
  let at = 0;
  return [0, ...columns.map((c) => (at += (width * c) / total))];
}
