import { say } from '@bright-sprout/words/say';
import betaQuantile from '@stdlib/stats-base-dists-beta-quantile';
import gammaln from '@stdlib/math-base-special-gammaln';
import { type Result } from '../result/result';

/** Fewer seeds of one treatment say little about which share of them comes up. */
export const SEEDS_TO_COMPARE = 25;

/**
 * How surely seeds come up: a share known from elsewhere, or a test of this very lot with `up` of `of` seeds. A test is not
 * taken at its face value: with a Jeffreys prior the share follows Beta(up + ½, of − up + ½).
 */
export type SeedChance = { share: number } | { up: number; of: number };

/** Exact multiples such as 0.95 are met although floating point misses them by a hair. */
const SLACK = 1e-12;
const MOST = 1000;
/** Equally likely shares that stand for what a test leaves open. */
const GRID = 400;

const logChoose = (n: number, k: number) => gammaln(n + 1) - gammaln(k + 1) - gammaln(n - k + 1);
const logBeta = (a: number, b: number) => gammaln(a) + gammaln(b) - gammaln(a + b);

/** Chance of exactly k of n, each with chance g. */
function binomial(n: number, k: number, g: number): number {
  let p = (1 - g) ** n;
  if (p === 0) return Math.exp(logChoose(n, k) + (k === 0 ? 0 : k * Math.log(g)) + (n === k ? 0 : (n - k) * Math.log(1 - g)));
  for (let i = 1; i <= k; i++) p *= ((n - i + 1) / i) * (g / (1 - g));
  return p;
}

/** Chance of exactly k of n when the share is known from a test only (beta-binomial predictive). */
function betaBinomial(n: number, k: number, up: number, of: number): number {
  const [a, b] = [up + 0.5, of - up + 0.5];
  return Math.exp(logChoose(n, k) + logBeta(k + a, n - k + b) - logBeta(a, b));
}

const asChance = (chance: number | SeedChance): SeedChance => (typeof chance === 'number' ? { share: chance } : chance);

/** Chance that at least k of n seeds come up. */
export function chanceOfAtLeast(k: number, n: number, chance: number | SeedChance): number {
  const of = asChance(chance);
  if (k > n) return 0;
  let below = 0;
  for (let i = 0; i < k; i++) below += 'share' in of ? binomial(n, i, of.share) : betaBinomial(n, i, of.up, of.of);
  return Math.max(0, 1 - below);
}

/** Fewest seeds for which at least k come up with the wanted chance; null beyond 1,000. */
export function seedsToSow(chance: number | SeedChance, k = 1, wanted = 0.95): number | null {
  for (let n = k; n <= MOST; n++) if (chanceOfAtLeast(k, n, chance) >= wanted - SLACK) return n;
  return null;
}

export interface BlankContainers {
  chanceOfBlank: number;
  expected: number;
  sd: number;
  chanceOfNone: number;
  /** Nine times of ten the number of empty containers lies here. */
  range90: [number, number];
  /** With 95 % chance no more than so many stay empty. */
  atMost95: number;
}

/**
 * Containers that stay empty when each gets the same number of seeds. A seed test shifts all containers together, so its
 * doubt widens the range.
 */
export function blankContainers(containers: number, seedsEach: number, chance: number | SeedChance): BlankContainers {
  const blanks = sharesOf(asChance(chance)).map((g) => (1 - g) ** seedsEach);
  const average = (f: (blank: number) => number) => blanks.reduce((sum, b) => sum + f(b), 0) / blanks.length;
  const chanceOfBlank = average((b) => b);
  const expected = containers * chanceOfBlank;
  const variance = average((b) => containers * b * (1 - b) + (containers * b) ** 2) - expected ** 2;
  const quantile = (p: number) => {
    let j = 0;
    for (
      let sum = average((b) => binomial(containers, 0, b));
      sum < p - SLACK && j < containers;
      sum += average((b) => binomial(containers, j, b))
    )
      j++;
    return j;
  };
  return {
    chanceOfBlank,
    expected,
    sd: Math.sqrt(Math.max(0, variance)),
    chanceOfNone: average((b) => (1 - b) ** containers),
    range90: [quantile(0.05), quantile(0.95)],
    atMost95: quantile(0.95),
  };
}

function sharesOf(chance: SeedChance): number[] {
  if ('share' in chance) return [chance.share];
  return Array.from({ length: GRID }, (_, i) => betaQuantile((i + 0.5) / GRID, chance.up + 0.5, chance.of - chance.up + 0.5));
}

/** Seeds to have at hand: all containers and a spare share, and the packets that hold them. */
export function seedsToBuy(
  containers: number,
  seedsEach: number,
  sparePercent: number,
  packetSize: number | null,
): Result<{ seeds: number; packets: number | null }> {
  if (containers < 0 || seedsEach < 0 || sparePercent < 0) return { ok: false, reason: say('seeds.numbersSeedsCannotBelow') };
  if (packetSize !== null && !(packetSize >= 1)) return { ok: false, reason: say('seeds.packetHoldsLeastSeed') };
  const seeds = Math.ceil(containers * seedsEach * (1 + sparePercent / 100) - 1e-9);
  return { ok: true, seeds, packets: packetSize === null ? null : Math.ceil(seeds / packetSize) };
}

/** Share of seeds still alive after some years when half are after `halfLifeYears`: a steady exponential decline, a rough guide. */
export function shareAfterYears(fresh: number, years: number, halfLifeYears: number): number {
  return fresh * 0.5 ** (Math.max(0, years) / halfLifeYears);
}
