/** What a class of containers takes of potting mix and first water, in millilitres. */
export interface SubstrateNeed {
  perContainerMl: number;
  totalMl: number;
  /** First water: from just damp to as damp as the method allows. */
  waterPerContainerMl: [number, number];
  waterTotalMl: [number, number];
}

/** Loose mix sinks when it is tapped and watered: so much more has to be bought. */
export const SETTLING = 1.15;

/**
 * Mix to buy and first water to give.
 * @param fillMl volume of one filled container
 * @param dampFraction water as a share of the substrate's volume, from and to (facts of the growing method)
 */
export function substrateNeed(
  containers: number,
  fillMl: number,
  dampFraction: readonly [number, number],
  settling = SETTLING,
): SubstrateNeed {
  const [low, high] = dampFraction;
  const perContainerMl = fillMl * settling;
  return {
    perContainerMl,
    totalMl: containers * perContainerMl,
    waterPerContainerMl: [fillMl * low, fillMl * high],
    waterTotalMl: [containers * fillMl * low, containers * fillMl * high],
  };
}
