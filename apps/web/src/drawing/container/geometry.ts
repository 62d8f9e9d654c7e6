import { type ContainerShape } from '@bright-sprout/core/seeds/containerShape';

/** Of a treatment's picture, in its own units. */
export const PICTURE = { width: 236, height: 144, base: 132, middle: 74 };

const HIGHEST = 116;
const WIDEST = 126;
const LARGEST_SCALE = 1.75;

/** A container where it stands in its picture, all in the picture's units. */
export interface DrawnContainer {
  shape: ContainerShape;
  /** Units for a millimetre: depths are true to the container. */
  scale: number;
  left: number;
  right: number;
  /** Rim and surface of the filling. */
  rim: number;
  surface: number;
  /** Half the width at a height. */
  half: (y: number) => number;
}

const TAPER: Partial<Record<ContainerShape['silhouette'], number>> = { pot: 0.26, cell: 0.42 };

export function standing(shape: ContainerShape): DrawnContainer {
  const scale = Math.min(HIGHEST / shape.highMm, WIDEST / shape.wideMm, LARGEST_SCALE);
  const width = shape.wideMm * scale;
  const rim = PICTURE.base - shape.highMm * scale;
  const taper = TAPER[shape.silhouette] ?? 0;
  // As wide as it is in truth at half its height.
  const half = (y: number) => (width / 2) * (1 + taper * ((PICTURE.base - y) / (PICTURE.base - rim) - 0.5));
  return {
    shape,
    scale,
    rim,
    surface: PICTURE.base - shape.fillMm * scale,
    half,
    left: PICTURE.middle - half(rim),
    right: PICTURE.middle + half(rim),
  };
}

/** The outline between two heights. */
export function outline({ half }: DrawnContainer, top: number, bottom: number): string {
  const { middle } = PICTURE;
  return `M${middle - half(top)} ${top}L${middle - half(bottom)} ${bottom}H${middle + half(bottom)}L${middle + half(top)} ${top}`;
}

/** Numbers from 0 to 1 that look scattered and are the same in every picture. */
export function scattered(count: number): [number, number][] {
  return Array.from({ length: count }, (_, i) => [(0.137 + i * 0.754877) % 1, (0.371 + i * 0.56984) % 1]);
}
