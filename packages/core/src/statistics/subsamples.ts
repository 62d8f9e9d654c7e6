import { say } from '@bright-sprout/words/say';
import { isRounding, mean } from './descriptives';
import { type Result } from '../result/result';
import { fTail, tTails } from './tails';
import { type MeanTest, student, welch } from './twoGroups';

/** One seedling: several may stand in one container, and the treatment was given to the container. */
export interface Seedling {
  treatment: string;
  container: string;
  y: number;
}

export interface ContainerMean {
  treatment: string;
  container: string;
  mean: number;
  plants: number;
}

/** Nested analysis of variance by the method of moments; `between` below zero is kept as computed. */
export interface VarianceParts {
  msTreatment: number;
  msContainers: number;
  dfContainers: number;
  msWithin: number;
  dfWithin: number;
  /** Effective number of plants in a container. */
  n0: number;
  between: number;
  f: number;
  p: number;
}

export interface SubsampleComparison {
  means: ContainerMean[];
  /** Mean of container means, second treatment − first: the honest comparison. */
  welch: Result<MeanTest>;
  student: Result<MeanTest>;
  /** Seedlings as if each were its own container: for showing what is wrong with it. */
  naive: Result<MeanTest>;
  parts: Result<VarianceParts>;
  mixed: Result<MixedFit>;
  /** By how much counting seedlings overstates the evidence: 1 + (plants per container − 1) × share between containers. */
  designEffect: number | null;
}

/** A random intercept for containers, by restricted maximum likelihood (Patterson and Thompson 1971). */
export interface MixedFit {
  estimate: number;
  se: number;
  t: number;
  /** Degrees of freedom by Satterthwaite (1946) as for mixed models by Giesbrecht and Burns (1985). */
  df: number;
  p: number;
  betweenVariance: number;
  residualVariance: number;
  /** Share of the variance that lies between containers. */
  icc: number;
  /** −2 log restricted likelihood. */
  criterion: number;
}

/**
 * Two treatments given to containers with several seedlings each. The container is the replicate (Hurlbert 1984); the answer
 * that takes seedlings for replicates stands beside it.
 * @param treatments first and second; the difference is second − first
 */
export function compareSubsamples(all: readonly Seedling[], treatments: readonly [string, string]): SubsampleComparison {
  const rows = all.filter((r) => treatments.includes(r.treatment));
  const means = containerMeans(rows);
  const of = (t: string) => means.filter((m) => m.treatment === t).map((m) => m.mean);
  const single = (t: string) => rows.filter((r) => r.treatment === t).map((r) => r.y);
  const [first, second] = treatments;
  const mixed = fitMixed(rows, treatments);
  return {
    means,
    welch: welch(of(first), of(second)),
    student: student(of(first), of(second)),
    naive: student(single(first), single(second)),
    parts: varianceParts(rows, treatments),
    mixed,
    designEffect: mixed.ok ? 1 + (rows.length / means.length - 1) * mixed.icc : null,
  };
}

/** Mean of the seedlings of each container, in order of appearance. */
export function containerMeans(rows: readonly Seedling[]): ContainerMean[] {
  const groups = new Map<string, Seedling[]>();
  for (const row of rows) {
    const key = JSON.stringify([row.treatment, row.container]);
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  return [...groups.values()].map((own) => ({
    treatment: own[0]!.treatment,
    container: own[0]!.container,
    mean: mean(own.map((r) => r.y)),
    plants: own.length,
  }));
}

const ys = (rows: readonly Seedling[]) => rows.map((r) => r.y);

function withinSquares(rows: readonly Seedling[], means: readonly ContainerMean[]): number {
  const at = new Map(means.map((m) => [JSON.stringify([m.treatment, m.container]), m.mean]));
  return rows.reduce((sum, r) => sum + (r.y - at.get(JSON.stringify([r.treatment, r.container]))!) ** 2, 0);
}

function varianceParts(rows: readonly Seedling[], treatments: readonly string[]): Result<VarianceParts> {
  const means = containerMeans(rows);
  const n = rows.length;
  if (treatments.some((t) => !means.some((m) => m.treatment === t)))
    return { ok: false, reason: say('statistics.treatmentNeedsContainer') };
  const dfContainers = means.length - treatments.length;
  const dfWithin = n - means.length;
  if (dfContainers < 1) return { ok: false, reason: say('statistics.containerTreatmentNothingTells') };
  if (dfWithin < 1) return { ok: false, reason: say('statistics.containerHoldsPlantNothing') };
  const plants = (list: readonly ContainerMean[]) => list.reduce((sum, m) => sum + m.plants, 0);
  const weighted = (list: readonly ContainerMean[]) => list.reduce((sum, m) => sum + m.plants * m.mean, 0) / plants(list);
  const groups = treatments.map((t) => means.filter((m) => m.treatment === t));
  const all = weighted(means);
  const ssTreatment = groups.reduce((sum, g) => sum + plants(g) * (weighted(g) - all) ** 2, 0);
  const ssContainers = groups.reduce((sum, g) => sum + g.reduce((s, m) => s + m.plants * (m.mean - weighted(g)) ** 2, 0), 0);
  const msWithin = withinSquares(rows, means) / dfWithin;
  const msContainers = ssContainers / dfContainers;
  if (isRounding(ssContainers, ys(rows))) return { ok: false, reason: say('statistics.containersTreatmentEqualSpread') };
  const uneven = groups.reduce((sum, g) => sum + g.reduce((s, m) => s + m.plants ** 2, 0) / plants(g), 0);
  const n0 = (n - uneven) / dfContainers;
  const msTreatment = ssTreatment / (treatments.length - 1);
  const f = msTreatment / msContainers;
  return {
    ok: true,
    msTreatment,
    msContainers,
    dfContainers,
    msWithin,
    dfWithin,
    n0,
    between: (msContainers - msWithin) / n0,
    f,
    p: fTail(f, treatments.length - 1, dfContainers),
  };
}

function fitMixed(rows: readonly Seedling[], treatments: readonly [string, string]): Result<MixedFit> {
  const means = containerMeans(rows);
  const groups = treatments.map((t) => means.filter((m) => m.treatment === t));
  const n = rows.length;
  if (groups.some((g) => g.length < 2)) return { ok: false, reason: say('statistics.treatmentNeedsLeastTwo') };
  if (n - means.length < 1) return { ok: false, reason: say('statistics.containerHoldsPlantNothing') };
  const within = withinSquares(rows, means);
  if (isRounding(within, ys(rows))) return { ok: false, reason: say('statistics.plantsContainerEqualSpread') };
  const df = n - 2;
  /** Weighted sums for a ratio of the two standard deviations. */
  const at = (ratio: number) => {
    const weight = (m: ContainerMean) => m.plants / (1 + m.plants * ratio ** 2);
    const totals = groups.map((g) => g.reduce((sum, m) => sum + weight(m), 0));
    const levels = groups.map((g, k) => g.reduce((sum, m) => sum + weight(m) * m.mean, 0) / totals[k]!);
    const squares = groups.reduce((sum, g, k) => sum + g.reduce((s, m) => s + weight(m) * (m.mean - levels[k]!) ** 2, 0), within);
    const logs =
      means.reduce((sum, m) => sum + Math.log(1 + m.plants * ratio ** 2), 0) + totals.reduce((s, w) => s + Math.log(w), 0);
    return { totals, levels, squares, logs };
  };
  const criterion = (ratio: number, sd: number) => {
    const { squares, logs } = at(ratio);
    return df * Math.log(2 * Math.PI * sd ** 2) + logs + squares / sd ** 2;
  };
  const bestSd = (ratio: number) => Math.sqrt(at(ratio).squares / df);
  const ratio = lowest((r) => criterion(r, bestSd(r)), 50);
  const { totals, levels } = at(ratio);
  const sd = bestSd(ratio);
  const variance = (r: number, s: number) => s ** 2 * at(r).totals.reduce((sum, w) => sum + 1 / w, 0);
  const estimate = levels[1]! - levels[0]!;
  const se = Math.sqrt(sd ** 2 * totals.reduce((sum, w) => sum + 1 / w, 0));
  const dfSatterthwaite = satterthwaite(criterion, variance, ratio, sd);
  if (dfSatterthwaite === null) return { ok: false, reason: say('statistics.spreadBetweenContainersCannot') };
  const between = (ratio * sd) ** 2;
  return {
    ok: true,
    estimate,
    se,
    t: estimate / se,
    df: dfSatterthwaite,
    p: tTails(estimate / se, dfSatterthwaite),
    betweenVariance: between,
    residualVariance: sd ** 2,
    icc: between / (between + sd ** 2),
    criterion: criterion(ratio, sd),
  };
}

/** Place of the minimum of a function of a ratio from 0 up: a coarse look, then the golden section. */
function lowest(f: (ratio: number) => number, most: number): number {
  const grid = [0, ...Array.from({ length: 200 }, (_, i) => most * 10 ** ((i - 199) / 40))];
  const values = grid.map(f);
  const best = values.indexOf(Math.min(...values));
  let [low, high] = [grid[Math.max(0, best - 1)]!, grid[Math.min(grid.length - 1, best + 1)]!];
  const golden = (Math.sqrt(5) - 1) / 2;
  for (let i = 0; i < 90; i++) {
    const [left, right] = [high - golden * (high - low), low + golden * (high - low)];
    if (f(left) <= f(right)) high = right;
    else low = left;
  }
  const found = (low + high) / 2;
  return f(0) <= f(found) + 1e-10 ? 0 : found;
}

/** 2·V² over the variance of V, from the curvature of the criterion in ratio and sd; null where that is flat. */
function satterthwaite(
  criterion: (ratio: number, sd: number) => number,
  variance: (ratio: number, sd: number) => number,
  ratio: number,
  sd: number,
): number | null {
  const h = [1e-3 * Math.max(ratio, 0.05), 1e-3 * sd] as const;
  const moved = (f: (r: number, s: number) => number, a: number, b: number) => f(Math.abs(ratio + a * h[0]), sd + b * h[1]);
  const second = (a: [number, number], b: [number, number]) => {
    const corner = (i: number, j: number) => moved(criterion, i * a[0] + j * b[0], i * a[1] + j * b[1]);
    return (corner(1, 1) - corner(1, -1) - corner(-1, 1) + corner(-1, -1)) / 4;
  };
  const [rr, rs, ss] = [
    second([1, 0], [1, 0]) / h[0] ** 2,
    second([1, 0], [0, 1]) / (h[0] * h[1]),
    second([0, 1], [0, 1]) / h[1] ** 2,
  ];
  const slope = [
    (moved(variance, 1, 0) - moved(variance, -1, 0)) / (2 * h[0]),
    (moved(variance, 0, 1) - moved(variance, 0, -1)) / (2 * h[1]),
  ] as const;
  const determinant = rr * ss - rs * rs;
  if (!(determinant > 0)) return null;
  const spread = (2 * (ss * slope[0] ** 2 - 2 * rs * slope[0] * slope[1] + rr * slope[1] ** 2)) / determinant;
  return (2 * variance(ratio, sd) ** 2) / spread;
}
