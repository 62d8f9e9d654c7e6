import { type Species } from '@bright-sprout/core/seeds/catalogue';

/** Half the usual length and width of a kind's seed, mm. */
export function seedRadii({ seedMm: { length, width } }: Species): { rx: number; ry: number } {
  return { rx: (length[0] + length[1]) / 4, ry: (width[0] + width[1]) / 4 };
}

/** Outline of a seed about a point, blunt at its root end. */
export function seedPath(cx: number, cy: number, rx: number, ry: number): string {
  const [left, right] = [cx - rx, cx + rx];
  return (
    `M${left} ${cy}C${left} ${cy - ry * 1.25} ${cx + rx * 0.7} ${cy - ry * 1.2} ${right} ${cy}` +
    `C${cx + rx * 0.7} ${cy + ry * 1.2} ${left} ${cy + ry * 1.25} ${left} ${cy}Z`
  );
}
