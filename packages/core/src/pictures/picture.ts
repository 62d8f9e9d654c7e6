/** A picture in memory: four bytes a pixel, red, green, blue and opacity, line by line from the top left. */
export interface Picture {
  width: number;
  height: number;
  data: Uint8ClampedArray;
}

/** A place in a picture, in pixels from its top left corner; the first pixel's middle is at (0.5, 0.5). */
export type Point = readonly [x: number, y: number];

/** Four corners in the order top left, top right, bottom right, bottom left. */
export type Quad = readonly [Point, Point, Point, Point];

export function blankPicture(width: number, height: number): Picture {
  return { width, height, data: new Uint8ClampedArray(width * height * 4).fill(255) };
}
