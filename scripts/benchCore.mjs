// Times the heavy functions of the core as ratios to plain loops of the same run.
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { ROOT } from './project.mjs';
import { speakEnglish } from './speakEnglish.mjs';

let runs = 5;

/** Median milliseconds of a few runs after one to warm up. */
function time(work) {
  if (runs > 1) work();
  const took = Array.from({ length: runs }, () => {
    const begun = performance.now();
    work();
    return performance.now() - begun;
  });
  return took.sort((a, b) => a - b)[runs >> 1];
}

/** Ten heights of one plant along a logistic curve with fixed bumps, mm. */
const DAYS = [3, 5, 7, 10, 12, 14, 17, 19, 21, 24];
const heights = (level) => DAYS.map((t, i) => level / (1 + Math.exp((11 - t) / 2.5)) + Math.sin(7 * i + level));

/**
 * @param row prints one line: name, value, what stands beside it
 * @param short each once, without warming up
 */
export function benchCore(row, short = false) {
  if (short) runs = 1;
  const core = createRequire(join(ROOT, 'packages/core/dist/'));
  const load = (path) => core(join(ROOT, 'packages/core/dist', `${path}.js`));
  speakEnglish();
  const { simulateInvestigation, NO_TROUBLE } = load('simulate/simulateInvestigation');
  const { speciesById } = load('seeds/catalogue');
  const { forecastEmergence } = load('seeds/emergenceForecast');
  const { MONDAY_TO_FRIDAY } = load('calendar/schoolCalendar');
  const { steadyTemperature } = load('calendar/roomTemperature');
  const { fitCurve } = load('growth/fitCurve');
  const { curveIntervals } = load('growth/curveIntervals');
  const { turnbull, intervalsFromCounts } = load('germination/turnbull');
  const { fitTimeToSprout } = load('germination/timeToSprout');
  const { fisherFreemanHalton } = load('statistics/fisherFreemanHalton');
  const { dealLabels } = load('statistics/dealLabels');
  const { powerBySimulation } = load('power/simulatedPower');
  const species = speciesById('barley');
  const draws = (count) => () => {
    let sum = 0;
    for (let i = 0; i < count; i++) sum += Math.exp(-Math.random());
    return sum;
  };
  const million = time(draws(1_000_000));
  const nothing = { germination: 1, delay: 1, height: 1 };
  const containers = Array.from({ length: 42 }, (_, i) => ({ code: `A${i}`, treatment: 'ABC'[i % 3], team: i % 7, seeds: 3 }));
  const scenario = {
    species,
    containers,
    effects: { A: nothing, B: nothing, C: nothing },
    checkDays: [2, 4, 6, 8, 10, 13, 15, 17, 20, 22, 24, 27],
    temperature: 20,
    sownOn: '2026-03-03',
    resolution: 'mm',
    trouble: NO_TROUBLE,
  };
  const units = ['A', 'B', 'C', 'D'].flatMap((treatment, k) =>
    Array.from({ length: 7 }, (_, t) => ({ treatment, block: `t${t}`, value: 100 - 5 * k + 9 * Math.sin(3 * t + 5 * k) })),
  );
  const counts = intervalsFromCounts(
    60,
    [2, 3, 4, 5, 6, 9, 10, 12].map((day, i) => ({ day, up: [0, 3, 13, 25, 40, 55, 56, 57][i] })),
  );
  const series = Array.from({ length: 7 }, (_, i) => ({ t: DAYS, h: heights(160 + 6 * i) }));
  const plan = { species, teams: 7, perTeam: 1, seeds: 3, day: 21, temperature: 20, sownOn: '2026-03-03', resolution: 'mm' };
  const room = steadyTemperature(18);
  const calendar = { weekdays: MONDAY_TO_FRIDAY, holidays: [] };
  const series168 = (each) =>
    ['A', 'B', 'C', 'D'].flatMap((treatment, k) =>
      Array.from({ length: each }, (_, i) => ({
        treatment,
        block: `t${i % 14}`,
        value: 100 - 5 * k + 9 * Math.sin(3 * i + 5 * k),
      })),
    );
  const [small, large] = [series168(42), series168(500)];
  const against = ['B', 'C', 'D'].map((key) => ({ key, weights: { A: -1, [key]: 1 } }));
  const deal = (list) => dealLabels(list, ['A', 'B', 'C', 'D'], against, { seed: 1 });
  const work = {
    '2,000 simulated classes of 42 containers × 12 checks': () => {
      for (let seed = 0; seed < 2000; seed++) simulateInvestigation({ ...scenario, seed });
    },
    'hourly emergence forecast, 120 days': () => forecastEmergence(species, { sownOn: '2026-03-03', seeds: 84, room, calendar }),
    'all p and intervals of 4 × 7, 10,000 deals': () => deal(units),
    'all p and intervals of 4 × 42, 10,000 deals': () => deal(small),
    'all p and intervals of 4 × 500, 10,000 deals': () => deal(large),
    'one logistic curve with its own starts, 10 heights': () => fitCurve('logistic', { t: DAYS, y: heights(180) }),
    'one Richards curve with its own starts, 10 heights': () => fitCurve('richards', { t: DAYS, y: heights(180) }),
    'logistic curve, 1,000 draws of 7 containers': () => curveIntervals('logistic', series, 1),
    'Turnbull, 60 seeds at 8 looks': () => turnbull(counts),
    't50 with a share that never sprouts, 60 seeds': () => fitTimeToSprout(counts, 'log-logistic', true),
    'Fisher exact, 4 treatments × up or not, 20 seeds each': () =>
      fisherFreemanHalton([
        [18, 2],
        [15, 5],
        [11, 9],
        [6, 14],
      ]),
    'smallest difference by simulation, 200 classes a step': () => powerBySimulation(plan, 1),
  };
  for (const [name, run] of Object.entries(work)) {
    const took = time(run);
    row(
      name,
      took < 1 ? `${(1000 * took).toFixed(0)} µs` : `${took.toFixed(1)} ms`,
      `${(took / million).toPrecision(2)} × a million Math.exp(−Math.random()) (${million.toFixed(1)} ms)`,
    );
  }
}
