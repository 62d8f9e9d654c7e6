import { type Generator, generatorFrom } from '../../random/generator';
import { type SplitFact } from './splitWords';

/** A container as dealt: its code for the stick label, its treatment, its team and its place on the tray. */
export interface DealtContainer {
  code: string;
  treatment: string;
  /** Index of the team, or null where nobody owns it. */
  team: number | null;
  /** 0 at the left end; containers of one team stand together. */
  position: number;
}

export interface Deal {
  containers: DealtContainer[];
  /** Who gets what, and what is not even. */
  split: SplitFact;
  /** How often two treatments meet in one team, lowest and highest over the pairs. */
  pairsTogether: { fewest: number; most: number } | null;
}

const TRIES = 400;

/**
 * Gives every team its containers and draws lots for their places. Teams are blocks: with as many containers of each
 * treatment as teams (or a multiple) every team gets the same set, a randomised complete block. Otherwise the sets are as
 * even as the counts allow: sizes differ by one at most, no treatment comes twice before all came once, and of 400 random
 * deals the one whose pairs of treatments meet most evenly is kept. The deal is a function of its arguments alone.
 *
 * @param treatments codes, control first
 * @param replicates containers of each treatment
 * @param teams how many teams there are
 * @param seed stored with the plan, deals the same again
 */
export function dealContainers(treatments: readonly string[], replicates: number, teams: number, seed: number): Deal {
  const random = generatorFrom(seed);
  if (teams === 0) {
    const all = random.shuffle(treatments.flatMap((t) => Array.from({ length: replicates }, () => t)));
    return {
      containers: number([all], [null]),
      split: { code: 'no-teams' },
      pairsTogether: null,
    };
  }
  const each = Math.floor(replicates / teams);
  const left = replicates % teams;
  const sets = Array.from({ length: teams }, () => treatments.flatMap((t) => Array.from({ length: each }, () => t)));
  if (left > 0) {
    const extra = dealLeftOver(treatments, left, teams, random);
    sets.forEach((set, i) => set.push(...extra[i]!));
  }
  sets.forEach((set) => random.shuffle(set));
  const complete = left === 0;
  return {
    containers: number(
      sets,
      sets.map((_, i) => i),
    ),
    split: complete ? { code: 'complete', each } : unevenSplit(sets, treatments),
    pairsTogether: complete ? null : pairRange(sets, treatments),
  };
}

function unevenSplit(sets: readonly string[][], treatments: readonly string[]): SplitFact {
  const sizes = sets.map((set) => set.length);
  const missing = sets.filter((set) => treatments.some((t) => !set.includes(t))).length;
  return { code: 'uneven', low: Math.min(...sizes), high: Math.max(...sizes), missing, teams: sets.length };
}

/** Deals `left` containers of each treatment (fewer than teams) into sets whose sizes differ by one at most. */
function dealLeftOver(treatments: readonly string[], left: number, teams: number, random: Generator): string[][] {
  let best: string[][] | null = null;
  let bestScore = Infinity;
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const sets = dealOnce(treatments, left, teams, random);
    const score = unevenness(sets, treatments);
    if (score < bestScore) [best, bestScore] = [sets, score];
  }
  return best!;
}

/** Each treatment in random order goes to the `left` teams with the smallest sets so far, ties by lot: always valid. */
function dealOnce(treatments: readonly string[], left: number, teams: number, random: Generator): string[][] {
  const sets: string[][] = Array.from({ length: teams }, () => []);
  for (const treatment of random.shuffle([...treatments])) {
    const order = random.shuffle(sets.map((_, i) => i)).sort((a, b) => sets[a]!.length - sets[b]!.length);
    for (const team of order.slice(0, left)) sets[team]!.push(treatment);
  }
  return sets;
}

function pairCounts(sets: readonly string[][], treatments: readonly string[]): number[] {
  return treatments.flatMap((a, i) =>
    treatments.slice(i + 1).map((b) => sets.filter((set) => set.includes(a) && set.includes(b)).length),
  );
}

function unevenness(sets: readonly string[][], treatments: readonly string[]): number {
  const counts = pairCounts(sets, treatments);
  return counts.reduce((sum, c) => sum + c * c, 0);
}

function pairRange(sets: readonly string[][], treatments: readonly string[]): { fewest: number; most: number } {
  const counts = pairCounts(sets, treatments);
  return { fewest: Math.min(...counts), most: Math.max(...counts) };
}

/** Codes and places: `C6` is team 6's cup of treatment C where no team has two of a kind, otherwise the sixth C along the tray. */
function number(sets: readonly string[][], teams: readonly (number | null)[]): DealtContainer[] {
  const byTeam = teams[0] !== null && sets.every((set) => new Set(set).size === set.length);
  const used = new Map<string, number>();
  let position = 0;
  return sets.flatMap((set, i) =>
    set.map((treatment) => {
      const next = (used.get(treatment) ?? 0) + 1;
      used.set(treatment, next);
      return { code: `${treatment}${byTeam ? i + 1 : next}`, treatment, team: teams[i]!, position: position++ };
    }),
  );
}
