import { daysBetween } from '../calendar/days';
import { MONDAY_TO_FRIDAY } from '../calendar/schoolCalendar';
import { dealContainers } from '../plan/layout/dealContainers';
import { SPECIES, speciesById } from '../seeds/catalogue';
import { forecastEmergence } from '../seeds/emergenceForecast';
import { medianEmergenceDays } from '../seeds/emergenceTime';
import { heightCurve, stageAt } from '../growth/plantGrowth';
import { type Scenario, simulateInvestigation } from './simulateInvestigation';

const barley = speciesById('barley')!;
const none = { germination: 1, delay: 1, height: 1 };

function scenario(part: Partial<Scenario> = {}): Scenario {
  return {
    species: barley,
    containers: dealContainers(['A', 'B'], 7, 7, 1).containers.map((c) => ({
      code: c.code,
      treatment: c.treatment,
      team: c.team!,
      seeds: 3,
    })),
    effects: { A: none, B: { germination: 0.8, delay: 1.3, height: 0.6 } },
    checkDays: [3, 6, 8, 10, 14, 20],
    temperature: 18,
    sownOn: '2026-03-03',
    resolution: 'mm',
    trouble: { accidents: [], absences: [], rulerOffsets: [], drought: null },
    seed: 42,
    ...part,
  };
}

test('a seed always grows the same class', () => {
  expect(simulateInvestigation(scenario())).toEqual(simulateInvestigation(scenario()));
  expect(simulateInvestigation(scenario())).not.toEqual(simulateInvestigation(scenario({ seed: 43 })));
});

test('half are up at the time that thermal time forecasts', () => {
  const forecast = medianEmergenceDays(barley, 18);
  const containers = Array.from({ length: 3000 }, (_, i) => ({ code: `A${i}`, treatment: 'A', team: i % 7, seeds: 1 }));
  const readings = simulateInvestigation(scenario({ containers, checkDays: [forecast], temperature: 18 }));
  const up = readings.filter((r) => r.state !== 'not-up').length / readings.length;
  expect(Math.abs(up - barley.germination / 2)).toBeLessThan(0.03);
});

test('written trouble happens, and only where it is written', () => {
  const readings = simulateInvestigation(
    scenario({
      trouble: { accidents: [{ code: 'A2', day: 10 }], absences: [{ team: 4, day: 8 }], rulerOffsets: [], drought: null },
    }),
  );
  const knocked = readings.filter((r) => r.code === 'A2' && r.dayNumber >= 10);
  expect(knocked.every((r) => r.state === 'lost' && r.lostReason === 'knocked-over')).toBe(true);
  expect(readings.filter((r) => r.state === 'not-checked').map((r) => [r.team, r.dayNumber])).toEqual([
    [4, 8],
    [4, 8],
  ]);
});

test('a ruler read from its end adds its offset to that team alone', () => {
  const plain = simulateInvestigation(scenario());
  const offset = simulateInvestigation(
    scenario({ trouble: { accidents: [], absences: [], rulerOffsets: [{ team: 2, mm: 6 }], drought: null } }),
  );
  const both = plain.map((r, i) => [r, offset[i]!] as const).filter(([a]) => a.state === 'measured' && a.valueMm! > 10);
  expect(both.every(([a, b]) => b.valueMm! - a.valueMm! === (a.team === 2 ? 6 : 0))).toBe(true);
});

test('a treatment that dwarfs and delays does so', () => {
  const last = simulateInvestigation(scenario()).filter((r) => r.dayNumber === 20 && r.valueMm !== null);
  const mean = (t: string) =>
    last.filter((r) => r.code.startsWith(t)).reduce((sum, r, _, all) => sum + r.valueMm! / all.length, 0);
  expect(mean('B') / mean('A')).toBeLessThan(0.75);
});

test('every kind in the catalogue grows upwards and stays near its recorded ranges', () => {
  for (const species of SPECIES) {
    const curve = heightCurve(species);
    for (let age = 1; age < 40; age++) expect(curve(age)).toBeGreaterThanOrEqual(curve(age - 1));
    const [low, high] = species.heightCm.find((h) => h.day === 28)!.range;
    expect(curve(28)).toBeGreaterThan(6 * low);
    expect(curve(28)).toBeLessThan(13 * high);
  }
});

const many = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ code: `A${i}`, treatment: 'A', team: i % 7, seeds: 1 }));

test('in a room with cold nights half are up when the hourly forecast says so', () => {
  const room = { day: 20, night: 13, weekend: { day: 12, night: 9 }, dayHours: [7, 18] as const };
  const calendar = { weekdays: MONDAY_TO_FRIDAY, holidays: [] };
  const forecast = forecastEmergence(barley, { sownOn: '2026-03-03', seeds: 3000, room, calendar });
  if (!forecast.ok) throw new Error(forecast.reason);
  const half = daysBetween('2026-03-03', forecast.half.likely!);
  const readings = simulateInvestigation(
    scenario({ containers: many(3000), checkDays: [half, half + 1], temperature: { room, calendar } }),
  );
  const up = (day: number) => readings.filter((r) => r.dayNumber === day && r.state !== 'not-up').length / 3000;
  expect(up(half)).toBeLessThan(barley.germination * 0.55);
  expect(up(half + 1)).toBeGreaterThan(barley.germination * 0.45);
});

test('seedlings damp off at the rate asked for', () => {
  const rate = 0.02;
  const readings = simulateInvestigation(
    scenario({ containers: many(4000), checkDays: [10, 30], dampingOff: rate, effects: { A: none } }),
  );
  const on = (day: number) => new Map(readings.filter((r) => r.dayNumber === day).map((r) => [r.code, r.state]));
  const [early, late] = [on(10), on(30)];
  const alive = [...early].filter(([, state]) => state === 'measured').map(([code]) => code);
  const lost = alive.filter((code) => late.get(code) === 'lost').length / alive.length;
  expect(Math.abs(lost - (1 - Math.exp(-20 * rate)))).toBeLessThan(0.025);
});

test('several seedlings of a container are tagged, the first up first, and alike because they share it', () => {
  const containers = Array.from({ length: 300 }, (_, i) => ({ code: `A${i}`, treatment: 'A', team: i % 7, seeds: 6 }));
  const readings = simulateInvestigation(scenario({ containers, checkDays: [25], keep: 3, resolution: 'mm' }));
  const heights = containers.map((c) => readings.filter((r) => r.code === c.code && r.valueMm !== null).map((r) => r.valueMm!));
  const full = heights.filter((h) => h.length === 3);
  expect(full.length).toBeGreaterThan(200);
  expect([...new Set(readings.map((r) => r.plant))].sort()).toEqual(['1', '2', '3']);
  const deviations = full.flatMap((h) => h.map((v) => v - h.reduce((a, b) => a + b, 0) / 3));
  const within = deviations.reduce((sum, d) => sum + d * d, 0) / (full.length * 2);
  const means = full.map((h) => h.reduce((a, b) => a + b, 0) / 3);
  const centre = means.reduce((a, b) => a + b, 0) / means.length;
  const between = means.reduce((sum, m) => sum + (m - centre) ** 2, 0) / (means.length - 1);
  expect(between).toBeGreaterThan(within / 2);
});

test('stages follow each other and growth slowed by half takes twice as long', () => {
  const order = ['first-shoot', 'seed-leaves', 'first-true-leaf', 'flower'];
  for (const species of SPECIES) {
    const seen = Array.from({ length: 100 }, (_, age) => stageAt(age, species)).filter((s) => s !== null);
    expect(seen).toEqual([...seen].sort((a, b) => order.indexOf(a) - order.indexOf(b)));
    expect(stageAt(0, species)).toBeNull();
  }
  const slow = scenario({
    effects: { A: { ...none, rate: 0.5 }, B: none },
    checkDays: [12],
    containers: dealContainers(['A', 'B'], 70, 7, 1).containers.map((c) => ({
      code: c.code,
      treatment: c.treatment,
      team: c.team!,
      seeds: 3,
    })),
  });
  const mean = (t: string) => {
    const own = simulateInvestigation(slow).filter((r) => r.code.startsWith(t) && r.valueMm !== null);
    return own.reduce((sum, r) => sum + r.valueMm!, 0) / own.length;
  };
  expect(mean('A')).toBeLessThan(0.8 * mean('B'));
});
