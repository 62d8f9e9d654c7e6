import { addDays, type IsoDay } from '../calendar/days';
import { type RoomTemperature } from '../calendar/roomTemperature';
import { type SchoolCalendar } from '../calendar/schoolCalendar';
import { type Milestone } from '../growth/milestones';
import { type LostReason, type ReadingState } from '../readings/reading';
import { roundToResolution, type RulerResolution } from '../quantities/length';
import { type Generator, generatorFrom } from '../random/generator';
import { type Species } from '../seeds/catalogue';
import { dayAtWarmth } from '../seeds/emergenceForecast';
import { effectiveDegrees } from '../seeds/emergenceTime';
import { heightCurve, leavesAt, stageAt } from '../growth/plantGrowth';

/** What a treatment does: factors on the share that sprouts, the time it takes, growth per day and final height (1 = nothing). */
export interface TreatmentEffect {
  germination: number;
  delay: number;
  height: number;
  rate?: number;
}

export interface SimulatedContainer {
  code: string;
  treatment: string;
  /** Index of the team that looks after it. */
  team: number;
  seeds: number;
  /** Seedlings that stay in it, where that differs between containers; the scenario's number without it. */
  keep?: number;
}

/** Trouble written into a scenario; everything else comes from the dice. */
export interface Trouble {
  /** A container knocked over: lost from that day on. */
  accidents: { code: string; day: number }[];
  /** A team that was away on a check day. */
  absences: { team: number; day: number }[];
  /** A team that reads its ruler from the end instead of the zero, in mm added. */
  rulerOffsets: { team: number; mm: number }[];
  /** A gap in which the soil dried: chance of dying for a plant that is up, and share of growth lost after it. */
  drought: { day: number; deathChance: number; setback: number } | null;
}

export const NO_TROUBLE: Trouble = { accidents: [], absences: [], rulerOffsets: [], drought: null };

export interface Scenario {
  species: Species;
  containers: SimulatedContainer[];
  effects: Record<string, TreatmentEffect>;
  /** Day numbers on which teams look. */
  checkDays: number[];
  /** One temperature at the seed, °C, or a room with its nights and weekends. */
  temperature: number | { room: RoomTemperature; calendar: SchoolCalendar };
  sownOn: IsoDay;
  resolution: RulerResolution;
  trouble: Trouble;
  seed: number;
  /** Seedlings that stay in a container and are measured; 1 without it. */
  keep?: number;
  /** Chance per day that a seedling that is up damps off; the usual one without it. */
  dampingOff?: number;
}

export interface SimulatedReading {
  code: string;
  team: number;
  /** Tag of the seedling in its container, from 1. */
  plant: string;
  dayNumber: number;
  day: IsoDay;
  state: ReadingState;
  valueMm: number | null;
  leaves: number | null;
  stage: Milestone | null;
  lostReason: LostReason | null;
}

/** Standard deviations of logarithms: container, seedling, team (care and light), eye level; and of the ruler in mm. */
export const SPREAD = { container: 0.08, plant: 0.075, team: 0.04, parallax: 0.005, rulerMm: 1.1 };
/** Chance per day that a seedling that is up damps off. */
export const DAMPING_OFF_PER_DAY = 0.0015;

/**
 * A class's records as they could have come: emergence by thermal time and viability, logistic height with team, container
 * and plant effects, losses, and an observer with a ruler. The same scenario gives the same records.
 */
export function simulateInvestigation(scenario: Scenario): SimulatedReading[] {
  const random = generatorFrom(scenario.seed);
  const { species, trouble, checkDays, containers, resolution } = scenario;
  const teams = containers.reduce((most, c) => Math.max(most, c.team), 0) + 1;
  const teamEffect = Array.from({ length: teams }, () => Math.exp(SPREAD.team * random.normal()));
  const curve = heightCurve(species);
  const offsets = Array.from({ length: teams }, (_, t) => trouble.rulerOffsets.find((o) => o.team === t)?.mm ?? 0);
  const days = checkDays.map((d) => addDays(scenario.sownOn, d));
  const away = Array.from({ length: teams }, (_, t) =>
    checkDays.map((d) => trouble.absences.some((a) => a.team === t && a.day === d)),
  );
  const least = roundToResolution(2, resolution) || 2;
  const dayOf = emergenceClock(scenario);
  const found: SimulatedReading[] = [];
  for (const container of containers) {
    const { code, team } = container;
    grow(container, scenario, dayOf, teamEffect[team]!, random).forEach((life, index) => {
      const plant = String(index + 1);
      for (let check = 0; check < checkDays.length; check++) {
        const dayNumber = checkDays[check]!;
        const noise = random.normal();
        const reading: SimulatedReading = {
          code,
          team,
          plant,
          dayNumber,
          day: days[check]!,
          state: 'not-up',
          valueMm: null,
          leaves: null,
          stage: null,
          lostReason: null,
        };
        found.push(reading);
        const age = dayNumber - life.emergedOn;
        if (away[team]![check]) reading.state = 'not-checked';
        else if (dayNumber >= life.lostOn) {
          reading.state = 'lost';
          reading.lostReason = life.reason;
        } else if (age > 0) {
          const setback = trouble.drought && dayNumber >= trouble.drought.day ? 1 - trouble.drought.setback : 1;
          const height = curve(age * life.rate) * life.size * setback;
          const read = height + noise * Math.hypot(SPREAD.rulerMm, SPREAD.parallax * height) + offsets[team]!;
          reading.state = 'measured';
          reading.valueMm = Math.max(roundToResolution(read, resolution), least);
          reading.leaves = leavesAt(age * life.rate, species);
          reading.stage = stageAt(age * life.rate, species);
        }
      }
    });
  }
  return found;
}

interface Life {
  emergedOn: number;
  size: number;
  rate: number;
  lostOn: number;
  reason: LostReason;
}

/** Days since sowing at which so many degree-days have gathered. */
function emergenceClock({ species, temperature, sownOn }: Scenario): (degreeDays: number) => number {
  if (typeof temperature !== 'number') return dayAtWarmth(species, { sownOn, ...temperature });
  const perDay = effectiveDegrees(temperature, species.thermal);
  return (degreeDays) => (perDay === 0 ? Infinity : degreeDays / perDay);
}

/** The seedlings of a container that are kept, the first up first; one that never comes up stands for all where none does. */
function grow(
  container: SimulatedContainer,
  { species, trouble, effects, keep: usual = 1, dampingOff = DAMPING_OFF_PER_DAY }: Scenario,
  dayOf: (degreeDays: number) => number,
  team: number,
  random: Generator,
): Life[] {
  const effect = effects[container.treatment] ?? { germination: 1, delay: 1, height: 1 };
  const keep = container.keep ?? usual;
  const up: number[] = [];
  for (let seed = 0; seed < container.seeds; seed++) {
    const degreeDays = species.thermal.theta50 * Math.exp(species.thermal.sdLog * random.normal());
    if (random.uniform() < species.germination * effect.germination) up.push(dayOf(degreeDays) * effect.delay);
  }
  up.sort((a, b) => a - b);
  const vigour = effect.height * team * Math.exp(SPREAD.container * random.normal());
  const { drought } = trouble;
  const lives: Life[] = [];
  for (let plant = 0; plant < Math.max(1, Math.min(keep, up.length)); plant++) {
    const emergedOn = up[plant] ?? Infinity;
    const size = vigour * Math.exp(SPREAD.plant * random.normal());
    let lostOn = emergedOn - Math.log(1 - random.uniform()) / dampingOff;
    let reason: LostReason = 'died';
    if (random.uniform() < (drought?.deathChance ?? 0) && drought && emergedOn < drought.day && drought.day < lostOn) {
      lostOn = drought.day;
      reason = 'dried-out';
    }
    for (const accident of trouble.accidents)
      if (accident.code === container.code && accident.day < lostOn) {
        lostOn = accident.day;
        reason = 'knocked-over';
      }
    lives.push({ emergedOn, size, rate: effect.rate ?? 1, lostOn, reason });
  }
  return lives;
}
