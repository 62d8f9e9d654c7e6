/** What a class of containers takes of potting mix, in millilitres. */
export interface SubstrateNeed {
  perContainerMl: number;
  totalMl: number;
}

/** Loose mix sinks when it is tapped and watered: so much more has to be bought. */
export const SETTLING = 1.15;

/** Mix to buy for containers that are filled with `fillMl` each. */
export function substrateNeed(containers: number, fillMl: number, settling = SETTLING): SubstrateNeed {
  const perContainerMl = fillMl * settling;
  return { perContainerMl, totalMl: containers * perContainerMl };
}

/**
 * First water of one container, mL: from just damp to as damp as the method allows.
 * @param damp water as a share of the filled volume, from and to (facts of the growing method)
 */
export function firstWaterMl(fillMl: number, [low, high]: readonly [number, number]): [number, number] {
  return [fillMl * low, fillMl * high];
}
