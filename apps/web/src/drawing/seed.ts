import { say } from '@bright-sprout/words/say';
import { type Species } from '@bright-sprout/core/seeds/catalogue';

/** Half the usual length and width of a kind's seed, mm. */
export function seedRadii({ seedMm: { length, width } }: Species): { rx: number; ry: number } {
  return { rx: (length[0] + length[1]) / 4, ry: (width[0] + width[1]) / 4 };
}

/** Outline of a seed about a point, blunt at its root end. */
export function seedPath(cx: number, cy: number, rx: number, ry: number): string {
  return say('drawing.mCxCyC', {
    cx: cx - rx,
    cy,
    cy2: cy - ry * 1.25,
    cx2: cx + rx * 0.7,
    cy3: cy - ry * 1.2,
    cx3: cx + rx,
    cy4: cy + ry * 1.2,
    cy5: cy + ry * 1.25,
  });
}
