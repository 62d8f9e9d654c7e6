import { doubtAbout, type Surroundings } from '../src/readings/plausibility';
import { type RulerResolution } from '../src/quantities/length';
import { generatorFrom } from '../src/random/generator';
import { type Species } from '../src/seeds/catalogue';
import { NO_TROUBLE, type SimulatedReading, simulateInvestigation } from '../src/simulate/simulateInvestigation';
import { type Slip, SLIPS, slip } from '../src/simulate/slips';

export interface PlausibilityReport {
  honest: { readings: number; asked: number; rate: number };
  /** Honest too, but growing a quarter faster and taller than the kind's curve in a warmer room than anyone wrote down. */
  vigorous: { readings: number; asked: number; rate: number };
  /** Over plants of at least `TALL_MM`; a few millimetres of a few millimetres cannot be told from growth. */
  slips: Record<Slip, { made: number; caught: number; rate: number; named: number }>;
}

const TALL_MM = 20;
const CHECK_DAYS = [4, 6, 8, 10, 13, 15, 17, 20, 22, 24, 27];
const NAMES: Partial<Record<Slip, string[]>> = {
  inches: ['inches'],
  'ten times': ['decimal-point'],
  'a tenth': ['decimal-point'],
  neighbour: ['neighbour'],
  'sowing date': ['sowing-day'],
};

/**
 * Grows honest classes with the simulator and asks about every height, once as it is and once with each slip in its place.
 * `named` counts slips that the question also called by their name.
 */
export function plausibilityReport(
  species: readonly Species[],
  resolution: RulerResolution,
  seeds: readonly number[],
): PlausibilityReport {
  const honest = { readings: 0, asked: 0, rate: 0 };
  const vigorous = { readings: 0, asked: 0, rate: 0 };
  const slips = Object.fromEntries(
    SLIPS.map((s) => [s, { made: 0, caught: 0, rate: 0, named: 0 }]),
  ) as PlausibilityReport['slips'];
  for (const kind of species)
    for (const seed of seeds) {
      const strong = honestClass(kind, resolution, seed, { by: 1.25, celsius: 23 });
      for (const reading of strong) {
        if (reading.valueMm === null) continue;
        const height = { valueMm: reading.valueMm, dayNumber: reading.dayNumber, today: reading.dayNumber };
        vigorous.readings++;
        if (doubtAbout(height, { ...surroundings(reading, strong, kind, resolution), temperature: null })) vigorous.asked++;
      }
      const random = generatorFrom(seed + 31);
      const readings = honestClass(kind, resolution, seed);
      for (const reading of readings) {
        if (reading.valueMm === null) continue;
        const around = surroundings(reading, readings, kind, resolution);
        const ask = (valueMm: number, dayNumber: number) => doubtAbout({ valueMm, dayNumber, today: reading.dayNumber }, around);
        honest.readings++;
        if (ask(reading.valueMm, reading.dayNumber)) honest.asked++;
        if (reading.valueMm < TALL_MM) continue;
        for (const s of SLIPS) {
          const neighboursMm = neighbours(reading, readings)
            .filter((r) => r.dayNumber === reading.dayNumber)
            .map((r) => r.valueMm!);
          const wrong = slip(s, { valueMm: reading.valueMm, dayNumber: reading.dayNumber }, { neighboursMm, resolution }, random);
          if (!wrong || (wrong.valueMm === reading.valueMm && wrong.dayNumber === reading.dayNumber)) continue;
          const found = ask(wrong.valueMm, wrong.dayNumber);
          slips[s].made++;
          if (found) slips[s].caught++;
          if (found && NAMES[s]?.includes(found.kind)) slips[s].named++;
        }
      }
    }
  for (const h of [honest, vigorous]) h.rate = h.asked / h.readings;
  for (const s of SLIPS) slips[s].rate = slips[s].caught / slips[s].made;
  return { honest, vigorous, slips };
}

function honestClass(
  species: Species,
  resolution: RulerResolution,
  seed: number,
  { by, celsius } = { by: 1, celsius: 20 },
): SimulatedReading[] {
  const nothing = { germination: 1, delay: 1, height: by, rate: by };
  return simulateInvestigation({
    species,
    containers: Array.from({ length: 21 }, (_, i) => ({
      code: `${'ABC'[i % 3]}${1 + Math.floor(i / 3)}`,
      treatment: 'ABC'[i % 3]!,
      team: Math.floor(i / 3),
      seeds: 3,
    })),
    effects: {
      A: nothing,
      B: { ...nothing, height: 0.8 * by },
      C: { ...nothing, germination: 0.9, delay: 1.2, height: 0.55 * by },
    },
    checkDays: CHECK_DAYS,
    temperature: celsius,
    sownOn: '2026-03-03',
    resolution,
    trouble: NO_TROUBLE,
    seed,
  });
}

function neighbours(reading: SimulatedReading, readings: readonly SimulatedReading[]): SimulatedReading[] {
  return readings.filter(
    (r) => r.team === reading.team && r.code !== reading.code && r.valueMm !== null && r.dayNumber <= reading.dayNumber,
  );
}

function surroundings(
  reading: SimulatedReading,
  readings: readonly SimulatedReading[],
  species: Species,
  resolution: RulerResolution,
): Surroundings {
  const own = readings.filter((r) => r.code === reading.code && r.dayNumber < reading.dayNumber && r.valueMm !== null).pop();
  const twins = readings.filter(
    (r) => r.code[0] === reading.code[0] && r.code !== reading.code && r.dayNumber === reading.dayNumber && r.valueMm !== null,
  );
  const latest = new Map(
    neighbours(reading, readings)
      .filter((r) => r.dayNumber < reading.dayNumber)
      .map((r) => [r.code, r]),
  );
  return {
    species,
    resolution,
    temperature: 20,
    notUpOn:
      readings.filter((r) => r.code === reading.code && r.dayNumber < reading.dayNumber && r.state === 'not-up').pop()
        ?.dayNumber ?? null,
    before: own ? { dayNumber: own.dayNumber, valueMm: own.valueMm! } : null,
    twinsMm: twins.map((t) => t.valueMm!),
    neighbours: [...latest.values()].map((r) => ({ code: r.code, dayNumber: r.dayNumber, valueMm: r.valueMm! })),
    seedlings: 1,
  };
}

/** A table for people: one line per slip. */
export function printReport({ honest, vigorous, slips }: PlausibilityReport): string {
  const percent = (v: number) => `${(100 * v).toFixed(1)} %`;
  return [
    `honest readings asked about: ${honest.asked} of ${honest.readings} (${percent(honest.rate)})`,
    `of plants growing a quarter faster than known, in a warmer room: ${vigorous.asked} of ${vigorous.readings} (${percent(vigorous.rate)})`,
    ...SLIPS.map(
      (s) =>
        `${s.padEnd(14)} caught ${percent(slips[s].rate).padStart(7)} of ${slips[s].made}, called by its name ${percent(slips[s].named / slips[s].made)}`,
    ),
  ].join('\n');
}
