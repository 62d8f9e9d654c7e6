import { type Species } from './catalogue';

/**
 * Degrees that count towards emergence at one temperature, °C: T − base up to the optimum, falling linearly to 0 at the
 * ceiling (Garcia-Huidobro, Monteith and Squire 1982).
 */
export function effectiveDegrees(temperature: number, { base, optimum, ceiling }: Species['thermal']): number {
  if (temperature <= base || temperature >= ceiling) return 0;
  if (temperature <= optimum) return temperature - base;
  return ((optimum - base) * (ceiling - temperature)) / (ceiling - optimum);
}

/** Days until half of the seeds that will come up are up at a steady temperature; Infinity outside the working range. */
export function medianEmergenceDays(species: Species, temperature: number): number {
  const degrees = effectiveDegrees(temperature, species.thermal);
  return degrees === 0 ? Infinity : species.thermal.theta50 / degrees;
}
