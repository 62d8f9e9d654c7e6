import { say } from '@bright-sprout/words/say';
import { mean } from '../statistics/descriptives';
import { type Result } from '../result/result';
import { permuteTwoWithinBlocks } from '../statistics/permutationWithinBlocks';
import { welch } from '../statistics/twoGroups';
import { type Unit } from '../statistics/units';
import { type IsoDay } from '../calendar/days';
import { type RulerResolution } from '../quantities/length';
import { type Species } from '../seeds/catalogue';
import { NO_TROUBLE, type Scenario, simulateInvestigation } from '../simulate/simulateInvestigation';
import { smallestDifference } from './tPower';

/** What a class is about to do, as far as it decides what it can hope to see. */
export interface PowerPlan {
  species: Species;
  /** Team of each container pair: every team has `perTeam` of the control and of the treatment. */
  teams: number;
  perTeam: number;
  seeds: number;
  /** Day number on which heights are compared. */
  day: number;
  temperature: Scenario['temperature'];
  sownOn: IsoDay;
  resolution: RulerResolution;
}

export interface PowerAnswer {
  /** Smallest difference in final height, as a share of the control's, that shows in four of five classes; null where not even three quarters do. */
  smallest: number | null;
  /** The same from the t approximation with the spread the simulator gave. */
  byT: number | null;
  /** Mean height of the control on that day and standard deviation between containers, mm. */
  controlMm: number;
  sdMm: number;
  /** Chance at each difference tried. */
  curve: { difference: number; chance: number }[];
  containersPerTreatment: number;
  /** Mean share of containers with a plant to measure. */
  measured: number;
  simulations: number;
}

/** Differences tried, as shares of the control's height. */
const DIFFERENCES = [0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.75];
const WANTED = 0.8;
const ALPHA = 0.05;

/**
 * What this class can hope to see, by growing it many times over with the simulator: blanks, losses, team and container
 * effects and the ruler are all in it. Heights are compared as the class will compare them, by shuffling within teams;
 * where teams have one container of each, small classes cannot reach p < 0.05 that way and Welch's test stands in.
 */
export function powerBySimulation(plan: PowerPlan, seed: number, simulations = 200): Result<PowerAnswer> {
  if (plan.teams * plan.perTeam < 2) return { ok: false, reason: say('power.containerTreatmentNothingTold') };
  const control = heights(plan, 0, seed, Math.min(simulations, 100));
  const all = control.flatMap((units) => units.filter((u) => u.treatment === 'A').map((u) => u.value));
  const controlMm = all.length === 0 ? 0 : mean(all);
  if (controlMm === 0) return { ok: false, reason: say('power.dayNothingMeasure') };
  const spreads = control.map((units) => pooledSd(units)).filter((s) => s !== null);
  const sdMm = spreads.length === 0 ? 0 : Math.sqrt(mean(spreads.map((s) => s * s)));
  const perTreatment = plan.teams * plan.perTeam;
  const curve: PowerAnswer['curve'] = [];
  for (const difference of DIFFERENCES) {
    const shown = heights(plan, difference, seed + 1, simulations).filter((units, i) => shows(units, seed + i)).length;
    curve.push({ difference, chance: shown / simulations });
    if (shown / simulations > 0.97) break;
  }
  const t = smallestDifference(perTreatment, sdMm, WANTED, ALPHA);
  return {
    ok: true,
    smallest: crossing(curve),
    byT: t.ok ? t.difference / controlMm : null,
    controlMm,
    sdMm,
    curve,
    containersPerTreatment: perTreatment,
    measured: mean(control.map((units) => units.length / (2 * perTreatment))),
    simulations,
  };
}

function heights(plan: PowerPlan, shorterBy: number, seed: number, simulations: number): Unit[][] {
  const nothing = { germination: 1, delay: 1, height: 1 };
  const containers = Array.from({ length: plan.teams }, (_, team) =>
    Array.from({ length: plan.perTeam }, (_, i) =>
      ['A', 'B'].map((treatment) => ({ code: `${treatment}${team}-${i}`, treatment, team, seeds: plan.seeds })),
    ).flat(),
  ).flat();
  const treatments = new Map(containers.map((c) => [c.code, c]));
  return Array.from({ length: simulations }, (_, i) =>
    simulateInvestigation({
      ...plan,
      containers,
      effects: { A: nothing, B: { ...nothing, height: 1 - shorterBy } },
      checkDays: [plan.day],
      trouble: NO_TROUBLE,
      seed: seed * 7919 + i,
    }).flatMap((r) =>
      r.valueMm === null ? [] : [{ treatment: treatments.get(r.code)!.treatment, block: String(r.team), value: r.valueMm }],
    ),
  );
}

function shows(units: readonly Unit[], seed: number): boolean {
  const shuffled = permuteTwoWithinBlocks(units, 'A', 'B', { seed, draws: 199 });
  if (shuffled.ok && shuffled.smallestP < ALPHA) return shuffled.pTwoSided < ALPHA;
  const of = (t: string) => units.filter((u) => u.treatment === t).map((u) => u.value);
  const test = welch(of('A'), of('B'));
  return test.ok && test.p < ALPHA;
}

/** Spread between containers of one treatment, once teams are taken out where they can be. */
function pooledSd(units: readonly Unit[]): number | null {
  const of = (t: string) => units.filter((u) => u.treatment === t).map((u) => u.value);
  const groups = [of('A'), of('B')].filter((g) => g.length >= 2);
  const df = groups.reduce((sum, g) => sum + g.length - 1, 0);
  if (df === 0) return null;
  const squares = groups.reduce((sum, g) => sum + g.reduce((s, v) => s + (v - mean(g)) ** 2, 0), 0);
  return Math.sqrt(squares / df);
}

/** Where the chance first reaches four in five, between the differences tried. */
function crossing(curve: PowerAnswer['curve']): number | null {
  const after = curve.findIndex((c) => c.chance >= WANTED);
  if (after < 0) return null;
  const [a, b] = [curve[after - 1] ?? { difference: 0, chance: ALPHA }, curve[after]!];
  return a.difference + ((WANTED - a.chance) / (b.chance - a.chance)) * (b.difference - a.difference);
}
