import tQuantile from '@stdlib/stats-base-dists-t-quantile';
import { repeats, report } from '../../test/reference';
import { intervalsFromCounts } from '../germination/turnbull';
import { fitTimeToSprout } from '../germination/timeToSprout';
import { CURVES } from '../growth/curves';
import { fitCurve } from '../growth/fitCurve';
import { type Generator, generatorFrom } from '../random/generator';
import { type Interval } from './descriptives';
import { wilson } from './proportions';
import { welch } from './twoGroups';

const RUNS = repeats(300);

/** Share of simulated classes whose 95 % interval holds the truth; null answers are counted apart. */
function coverage(name: string, truth: number, interval: (random: Generator, run: number) => Interval | null): number {
  let [held, answered] = [0, 0];
  for (let run = 0; run < RUNS; run++) {
    const found = interval(generatorFrom(1000 + run), run);
    if (!found) continue;
    answered++;
    if (found.low <= truth && found.high >= truth) held++;
  }
  report({ coverage: name, held: held / answered, answered, runs: RUNS });
  return held / answered;
}

/** Two standard errors of a share near 0.95 over the runs. */
const NOISE = 2.6 * Math.sqrt((0.95 * 0.05) / RUNS);

test('Welch, seven a side', () => {
  const group = (random: Generator, mean: number, sd: number) => Array.from({ length: 7 }, () => mean + sd * random.normal());
  const held = coverage('Welch, difference of means, seven a side, unequal spread', 20, (random) => {
    const found = welch(group(random, 100, 8), group(random, 120, 16));
    return found.ok ? found.interval : null;
  });
  expect(Math.abs(held - 0.95)).toBeLessThan(0.015 + NOISE);
});

test.each([
  [10, 0.85],
  [25, 0.85],
  [50, 0.5],
])('Wilson, %d seeds at %d', (n, share) => {
  const held = coverage(`Wilson, ${n} seeds at ${share}`, share, (random) => {
    let up = 0;
    for (let i = 0; i < n; i++) if (random.uniform() < share) up++;
    const found = wilson(up, n);
    return found.ok ? found.interval : null;
  });
  expect(held).toBeGreaterThan(0.92 - NOISE);
});

const T = [3, 5, 7, 10, 12, 14, 17, 19, 21, 24];

test.each([
  ['logistic', 'Asym', 0],
  ['logistic', 'xmid', 1],
  ['gompertz', 'Asym', 0],
] as const)('%s curve, %s', (name, parameter, index) => {
  const truth = { logistic: [180, 11, 2.5], gompertz: [180, 9, 0.79] }[name];
  const held = coverage(`${name} curve, ${parameter}, estimate ± t·SE, ten heights`, truth[index]!, (random) => {
    const fit = fitCurve(name, { t: T, y: T.map((t) => CURVES[name].value(truth, t) + 5 * random.normal()) });
    if (!fit.ok) return null;
    const half = tQuantile(0.975, T.length - 3) * fit.se[parameter]!;
    return { low: fit.parameters[parameter]! - half, high: fit.parameters[parameter]! + half };
  });
  expect(held).toBeGreaterThan(0.9 - NOISE);
});

test('time to half, from counts at looks', () => {
  const held = coverage('t50, log-logistic with a share that never sprouts, 50 seeds at nine looks', 5.5, (random) => {
    const times = Array.from({ length: 50 }, () => {
      const u = random.uniform();
      return random.uniform() < 0.88 ? 5.5 * Math.exp(0.18 * Math.log(u / (1 - u))) : Infinity;
    });
    const looks = [2, 3, 4, 5, 6, 9, 10, 11, 13].map((day) => ({ day, up: times.filter((t) => t <= day).length }));
    const fit = fitTimeToSprout(intervalsFromCounts(50, looks), 'log-logistic', true);
    return fit.ok ? fit.t50Interval : null;
  });
  expect(held).toBeGreaterThan(0.9 - NOISE);
});
