import { say } from '@bright-sprout/words/say';
import { type Species } from './catalogue';

/** How deep to sow, by whom one asks: the packet, two to three widths, the seed's own thickness, or on the surface. */
export type DepthSchool = 'packet' | 'widths' | 'thickness' | 'surface';

export interface SowingDepth {
  /** Millimetres of mix above the top of the seed. */
  mm: [number, number];
  school: DepthSchool;
  /** Why another rule than the one asked for was used, or null. */
  because: string | null;
}

/** Seeds smaller than this would be lost under any cover, mm. */
const TINY_MM = 1;

/**
 * Depth by the school asked for. Seeds that need light, and tiny ones, stay on the surface whatever the rule says.
 * Without a school: the packet where the container is at least three times as deep, else two to three widths.
 * @param packetMm what this packet says; without it the usual packet of the kind
 */
export function sowingDepth(
  species: Species,
  {
    school,
    packetMm,
    containerDepthMm,
  }: { school?: DepthSchool; packetMm?: readonly [number, number]; containerDepthMm?: number } = {},
): SowingDepth {
  const packet = packetMm ?? species.sowingDepthMm;
  if (species.needsLight) return surface(say('seeds.seedsNeedLightSprout'));
  const width = species.seedMm.width;
  if (width[1] < TINY_MM) return surface(say('seeds.seedsTooSmallCover'));
  const fits = containerDepthMm === undefined || containerDepthMm >= 3 * packet[1];
  const chosen = school ?? (fits ? 'packet' : 'widths');
  const because = !school && !fits ? say('seeds.containerTooShallowDepth') : null;
  if (chosen === 'surface') return { mm: [0, 0], school: chosen, because };
  if (chosen === 'thickness') return { mm: [...species.seedMm.thickness], school: chosen, because };
  if (chosen === 'widths') return { mm: [2 * middle(width), 3 * middle(width)], school: chosen, because };
  return { mm: [packet[0], packet[1]], school: chosen, because };
}

function surface(because: string): SowingDepth {
  return { mm: [0, 0], school: 'surface', because };
}

function middle([low, high]: readonly [number, number]): number {
  return (low + high) / 2;
}
