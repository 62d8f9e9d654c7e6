import { dealContainers } from '../design/dealContainers';
import { SPECIES, speciesById } from '../seeds/catalogue';
import { medianEmergenceDays } from '../seeds/emergenceTime';
import { heightCurve, type Scenario, simulateInvestigation } from './simulateInvestigation';

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
  expect(readings.filter((r) => r.state === 'not-checked').map((r) => [r.team, r.dayNumber])).toEqual([[4, 8], [4, 8]]); // prettier-ignore
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
