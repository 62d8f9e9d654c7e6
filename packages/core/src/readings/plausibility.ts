import { quantile } from '../statistics/quantile';
import { type Species } from '../seeds/catalogue';
import { medianEmergenceDays } from '../seeds/emergenceTime';
import { type RulerResolution, RESOLUTION_MM, RESOLUTION_UNIT } from '../quantities/length';
import { type DoubtKind, type Intent } from './doubtKinds';
import { heightCurve } from '../growth/plantGrowth';

export interface Doubt {
  kind: DoubtKind;
  /** What was to be expected, mm; null where nothing is known. */
  expectedMm: number | null;
  /** The value if the likeliest slip was made, mm. */
  insteadMm: number | null;
  /** Code of the neighbour whose plant the value would fit. */
  neighbour: string | null;
  intents: Intent[];
}

export interface NewHeight {
  valueMm: number;
  dayNumber: number;
  /** Day number of today; a reading cannot come from the future. */
  today: number;
}

/** What is known when a height is typed. */
export interface Surroundings {
  species: Species;
  resolution: RulerResolution;
  /** Temperature at the seed, °C; null where it was not logged. */
  temperature: number | null;
  /** The plant's last height before this day. */
  before: { dayNumber: number; valueMm: number } | null;
  /** The last day number on which it was looked at and not up, where it has no height yet. */
  notUpOn: number | null;
  /** Heights of the same treatment's other containers, looked at within the last days. */
  twinsMm: readonly number[];
  /** The containers beside it with their last heights. */
  neighbours: readonly { code: string; dayNumber: number; valueMm: number }[];
  /** Seedlings that stand in the container. */
  seedlings: number;
  inTheDark?: boolean;
}

const INCH = 2.54;
/** A slip explains a value when the mended value lies this close to what was expected, and the typed one does not. */
const FITS = 0.15;
const FAR = 0.35;
/** Heights that differ by less are no slip of the pen: a seedling that is just up is read to a few millimetres. */
const LEAST_SLIP_MM = 7;
const SHRINK = { mm: 3, share: 0.1 };
/** A day without a thermometer is taken as this much warmer than planned, °C. */
const UNLOGGED = 3;
const ROOM = 21;

/**
 * The one question a new height raises, or null: dates first, then slips of the pen that explain it well, then a fall or a
 * leap that no plant makes. Thresholds are those of the list of typical mistakes, widened to the ruler's resolution.
 */
export function doubtAbout(height: NewHeight, around: Surroundings): Doubt | null {
  return dateDoubt(height, around) ?? penDoubt(height, around) ?? growthDoubt(height, around);
}

const doubt = (kind: DoubtKind, intents: Intent[], part: Partial<Doubt> = {}): Doubt => ({
  kind,
  expectedMm: null,
  insteadMm: null,
  neighbour: null,
  intents,
  ...part,
});

/** The most a seedling may have grown since it was not up, before its height is asked about: as a factor on the curve. */
const FRESH = 1.8;

function dateDoubt({ dayNumber, today }: NewHeight, { species, temperature }: Surroundings): Doubt | null {
  if (dayNumber < 0) return doubt('before-sowing', ['wrong-day']);
  if (dayNumber > today) return doubt('in-the-future', ['wrong-day']);
  if (dayNumber === 0) return doubt('sowing-day', ['wrong-day', 'really-so']);
  const warm = temperature ?? Math.min(ROOM + UNLOGGED, species.thermal.optimum);
  const earliest = medianEmergenceDays(species, warm) * Math.exp(-3 * species.thermal.sdLog);
  return dayNumber < earliest ? doubt('too-early', ['wrong-day', 'other-seedling', 'really-so']) : null;
}

/**
 * Height to expect on a day: the last one grown on along the kind's curve; for one that has just come up the most it can
 * have grown since it was not; else the middle of its twins. Null where nothing is known.
 */
export function expectedHeight(
  dayNumber: number,
  { species, before, notUpOn, twinsMm }: Pick<Surroundings, 'species' | 'before' | 'notUpOn' | 'twinsMm'>,
): number | null {
  if (before) return grownOn(species, before.valueMm, dayNumber - before.dayNumber);
  if (notUpOn !== null) return grownOn(species, 0, dayNumber - notUpOn);
  return twinsMm.length < 3 ? null : quantile(twinsMm, 0.5);
}

const curves = new Map<string, { height: (age: number) => number; daily: number[] }>();
const OLDEST = 120;

/** A height after so many more days on the kind's curve; past its end it stays. */
function grownOn(species: Species, mm: number, days: number): number {
  let curve = curves.get(species.id);
  if (!curve) {
    const height = heightCurve(species);
    curve = { height, daily: Array.from({ length: OLDEST }, (_, age) => height(age)) };
    curves.set(species.id, curve);
  }
  const age = curve.daily.findIndex((h) => h >= mm);
  return age < 0 ? mm : Math.max(mm, mm + curve.height(age + days) - curve.height(age));
}

function penDoubt({ valueMm, dayNumber }: NewHeight, around: Surroundings): Doubt | null {
  const expectedMm = expectedHeight(dayNumber, around);
  if (expectedMm === null || expectedMm <= 0) return null;
  const step = RESOLUTION_MM[around.resolution] / 2;
  const low = around.before?.valueMm ?? (around.notUpOn === null ? expectedMm : 0);
  const near = (mm: number) => mm >= low * (1 - FITS) - step && mm <= expectedMm * (1 + FITS) + step;
  const beyond = valueMm < low ? low - valueMm : Math.max(0, valueMm - expectedMm);
  const far = beyond - step > Math.max(LEAST_SLIP_MM, FAR * (valueMm < low ? low : expectedMm));
  if (!far) return around.seedlings > 1 ? null : neighbourDoubt(valueMm, dayNumber, around, expectedMm);
  const slips: [DoubtKind, number, Intent][] = [
    ['decimal-point', valueMm / 10, 'decimal-point'],
    ['decimal-point', valueMm * 10, 'decimal-point'],
    // The other side of the ruler: which one that is depends on the side that is asked for.
    RESOLUTION_UNIT[around.resolution] === 'in'
      ? ['centimetres', valueMm / INCH, 'other-unit']
      : ['inches', valueMm * INCH, 'other-unit'],
  ];
  for (const [kind, insteadMm, intent] of slips)
    if (near(insteadMm)) return doubt(kind, [intent, 'neighbour', 'really-so'], { expectedMm, insteadMm });
  return neighbourDoubt(valueMm, dayNumber, around, expectedMm);
}

/** The value fits the plant beside it to a hair and its own by no means. */
function neighbourDoubt(valueMm: number, dayNumber: number, around: Surroundings, expectedMm: number): Doubt | null {
  if (!around.before) return null;
  const step = RESOLUTION_MM[around.resolution];
  const fell = around.before.valueMm - valueMm > Math.max(2 * step, LEAST_SLIP_MM, 0.15 * around.before.valueMm);
  const leapt = valueMm - expectedMm > Math.max(2 * step, LEAST_SLIP_MM, 0.3 * expectedMm);
  if (!fell && !leapt) return null;
  const beside = around.neighbours
    .map((n) => ({ ...n, grown: grownOn(around.species, n.valueMm, dayNumber - n.dayNumber) }))
    .filter((n) => Math.abs(valueMm - n.grown) <= Math.max(step, 2, 0.12 * n.grown));
  const [first] = beside;
  return first ? doubt('neighbour', ['neighbour', 'really-so', 'broken'], { expectedMm, neighbour: first.code }) : null;
}

function growthDoubt({ valueMm, dayNumber }: NewHeight, around: Surroundings): Doubt | null {
  const { before, species, resolution, seedlings } = around;
  const expectedMm = expectedHeight(dayNumber, around);
  if (!before) {
    const leapt = around.notUpOn !== null && expectedMm !== null && valueMm > FRESH * expectedMm + 10 + RESOLUTION_MM[resolution];
    return leapt ? doubt('grew-too-fast', ['ruler-end', 'wrong-day', 'really-so'], { expectedMm }) : null;
  }
  const other: Intent[] = seedlings > 1 ? ['other-seedling'] : [];
  const step = RESOLUTION_MM[resolution];
  if (before.valueMm - valueMm > Math.max(SHRINK.mm, SHRINK.share * before.valueMm) + (step > 1 ? step / 2 : 0))
    return doubt('shrank', ['wilted', 'broken', ...other, 'ruler-end', 'measured-again'], { expectedMm });
  const days = Math.max(1, dayNumber - before.dayNumber);
  const fastest = species.growthFlagCmPerDay * 10 * (days === 1 ? 1.5 : 1) * (around.inTheDark ? 2 : 1);
  if (valueMm - before.valueMm > fastest * days + step)
    return doubt('grew-too-fast', ['ruler-end', ...other, 'neighbour', 'really-so'], { expectedMm });
  return null;
}
