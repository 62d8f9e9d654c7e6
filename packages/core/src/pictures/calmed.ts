import { blankPicture, type Picture } from './picture';

/** Each pixel as the mean of itself and the eight around it, the nearer the more (1, 2, 1 in each direction): in dim light the grain of a small sensor would have colours of its own. */
export function calmed(picture: Picture): Picture {
  const { width, height, data } = picture;
  const made = blankPicture(width, height);
  const across = new Float32Array(width * 3);
  for (let y = 0; y < height; y++) {
    const above = Math.max(0, y - 1) * width * 4;
    const here = y * width * 4;
    const below = Math.min(height - 1, y + 1) * width * 4;
    for (let x = 0; x < width; x++)
      for (let c = 0; c < 3; c++) {
        const i = x * 4 + c;
        across[x * 3 + c] = data[above + i]! + 2 * data[here + i]! + data[below + i]!;
      }
    for (let x = 0; x < width; x++) {
      const [left, right] = [x === 0 ? 0 : x - 1, x === width - 1 ? x : x + 1];
      for (let c = 0; c < 3; c++)
        made.data[here + x * 4 + c] = (across[left * 3 + c]! + 2 * across[x * 3 + c]! + across[right * 3 + c]!) / 16;
    }
  }
  return made;
}
