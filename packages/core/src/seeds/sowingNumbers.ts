/** Chance of exactly k of n, each with chance g. */
function binomial(n: number, k: number, g: number): number {
  let p = (1 - g) ** n;
  if (p === 0) return k === n ? 1 : 0;
  for (let i = 1; i <= k; i++) p *= ((n - i + 1) / i) * (g / (1 - g));
  return p;
}

/** Chance that at least k of n seeds come up, each on its own with chance g. */
export function chanceOfAtLeast(k: number, n: number, g: number): number {
  let below = 0;
  for (let i = 0; i < Math.min(k, n + 1); i++) below += binomial(n, i, g);
  return k > n ? 0 : 1 - below;
}

/** Exact multiples such as 0.95 are met although floating point misses them by a hair. */
const SLACK = 1e-12;
const MOST = 1000;

/** Fewest seeds for which at least k come up with the wanted chance; null beyond 1,000. */
export function seedsToSow(g: number, k = 1, wanted = 0.95): number | null {
  for (let n = k; n <= MOST; n++) if (chanceOfAtLeast(k, n, g) >= wanted - SLACK) return n;
  return null;
}

export interface BlankContainers {
  chanceOfBlank: number;
  expected: number;
  sd: number;
  chanceOfNone: number;
  /** With 95 % chance no more than so many stay empty. */
  atMost95: number;
}

/** Containers that stay empty when each gets the same number of seeds. */
export function blankContainers(containers: number, seedsEach: number, g: number): BlankContainers {
  const chanceOfBlank = (1 - g) ** seedsEach;
  let atMost95 = 0;
  for (
    let sum = binomial(containers, 0, chanceOfBlank);
    sum < 0.95 - SLACK && atMost95 < containers;
    sum += binomial(containers, atMost95, chanceOfBlank)
  )
    atMost95++;
  return {
    chanceOfBlank,
    expected: containers * chanceOfBlank,
    sd: Math.sqrt(containers * chanceOfBlank * (1 - chanceOfBlank)),
    chanceOfNone: (1 - chanceOfBlank) ** containers,
    atMost95,
  };
}
