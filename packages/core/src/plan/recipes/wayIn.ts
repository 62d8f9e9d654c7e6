import { type GrowingMethod, type Species } from '../../seeds/catalogue';
import { sowingDepth } from '../../seeds/sowingDepth';
import { type PlanDocument } from '../document/planDocument';

/** How the seeds come to lie where they sprout; depths in millimetres of mix above them. */
export type WayIn =
  | { way: 'holes'; depthMm: readonly [number, number] }
  /** Over the whole surface, and so much mix sprinkled over them; 0 for none. */
  | { way: 'scattered'; depthMm: readonly [number, number] }
  /** On the mix, and not covered. */
  | { way: 'pressed' }
  /** On wet paper, pad or sponge. */
  | { way: 'laid' }
  /** As the level is named, where it has no number. */
  | { way: 'named'; label: string };

/** Sections and flats in which so many seeds stand are sown over their whole surface. */
const SCATTERED_FROM = 30;

/** @param set.depth what the depth factor sets; @param set.packetMm the depth that the packet says */
export function wayInOf(
  { kind, protocol }: Pick<PlanDocument, 'kind' | 'protocol'>,
  { paper }: GrowingMethod,
  species: Species,
  seeds: number,
  set: { depth: { label: string; amount: number | null } | undefined; packetMm: readonly [number, number] | undefined },
): WayIn {
  const { depth, packetMm } = set;
  if (paper) return { way: 'laid' };
  if (depth && depth.amount === null) return { way: 'named', label: depth.label };
  const depthMm: readonly [number, number] = depth
    ? [depth.amount!, depth.amount!]
    : sowingDepth(species, { school: protocol.depth, packetMm }).mm;
  if (kind === 'patch' || seeds >= SCATTERED_FROM) return { way: 'scattered', depthMm };
  return depthMm[1] === 0 ? { way: 'pressed' } : { way: 'holes', depthMm };
}

/** Mix above the seed, mm; 0 where it lies open. */
export const depthMm = (wayIn: WayIn): number => ('depthMm' in wayIn ? wayIn.depthMm[1] : 0);
