import { say } from '@bright-sprout/words/say';
import { quantile } from '../statistics/quantile';

/** All of at least five plants unchanged to the millimetre although some days have passed: perhaps yesterday's row copied. */
export function looksCopied(before: readonly (number | null)[], now: readonly (number | null)[]): boolean {
  const pairs = now.flatMap((mm, i) =>
    mm !== null && before[i] !== null && before[i] !== undefined ? [[before[i], mm] as const] : [],
  );
  return pairs.length >= 5 && pairs.every(([a, b]) => a === b);
}

/** Many readings end in .0 or .5 cm although the ruler shows millimetres: of at least 20, more than 60 % (a fair share is 20 %). */
export function favouredDigits(valuesMm: readonly number[]): { share: number; favoured: boolean } {
  const round = valuesMm.filter((mm) => mm % 5 === 0).length;
  const share = valuesMm.length === 0 ? 0 : round / valuesMm.length;
  return { share, favoured: valuesMm.length >= 20 && share > 0.6 };
}

export interface TeamOffset {
  team: string;
  /** Median of the team's plants above the middle of all plants of the same treatment and day, mm. */
  offsetMm: number;
  readings: number;
}

/** A team is asked about its ruler from this many readings and this offset on. */
const ENOUGH_READINGS = 5;
const OFFSET_MM = 3;

/**
 * Teams whose young plants all stand higher or lower than everyone's by about the same few millimetres: a question about the
 * ruler's blank end, not a culprit. Only readings below `youngMm` are used, where a few millimetres still show.
 */
export function teamOffsets(
  readings: readonly { team: string; treatment: string; dayNumber: number; valueMm: number }[],
  youngMm = 60,
): TeamOffset[] {
  const middles = new Map<string, number[]>();
  for (const r of readings) {
    const key = `${r.treatment}|${r.dayNumber}`;
    middles.set(key, [...(middles.get(key) ?? []), r.valueMm]);
  }
  const above = new Map<string, number[]>();
  for (const r of readings) {
    const all = middles.get(`${r.treatment}|${r.dayNumber}`)!;
    const middle = quantile(all, 0.5);
    if (all.length < 3 || middle > youngMm) continue;
    above.set(r.team, [...(above.get(r.team) ?? []), r.valueMm - middle]);
  }
  return [...above]
    .map(([team, list]) => ({ team, offsetMm: quantile(list, 0.5), readings: list.length }))
    .filter((o) => o.readings >= ENOUGH_READINGS && Math.abs(o.offsetMm) >= OFFSET_MM);
}

/** Why counts of one container cannot be right, in words; null when they can. */
export function countProblem(
  sown: number,
  counts: { up: number; notYet?: number; lost?: number },
  before: { everUp: number } | null,
): string | null {
  const all = counts.up + (counts.lost ?? 0);
  if ([counts.up, counts.notYet ?? 0, counts.lost ?? 0].some((n) => !Number.isInteger(n) || n < 0))
    return say('readings.countsWholeNumbersMore');
  if (all > sown) return say('readings.comeOnlySownWeed', { all, sown });
  if (counts.notYet !== undefined && all + counts.notYet !== sown)
    return say('readings.lostYetMakeSown', { all: all + counts.notYet, sown });
  if (before && all < before.everUp) return say('readings.beforeDiedCountLost', { everUp: before.everUp });
  return null;
}

/** Too soon to call a seed dead: before two and a half times the kind's median days. */
export function tooSoonToGiveUp(dayNumber: number, medianDays: number): boolean {
  return dayNumber < 2.5 * medianDays;
}
