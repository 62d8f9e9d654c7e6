import { addDays, type IsoDay } from '../calendar/days';
import { type LostReason, type ReadingState } from '../measure/reading';
import { roundToResolution, type RulerResolution } from '../quantities/length';
import { generatorFrom } from '../random/generator';
import { type Species } from '../seeds/catalogue';
import { medianEmergenceDays } from '../seeds/emergenceTime';

/** What a treatment does: factors on the share that sprouts, the time it takes, and the final height (1 = nothing). */
export interface TreatmentEffect {
  germination: number;
  delay: number;
  height: number;
}

export interface SimulatedContainer {
  code: string;
  treatment: string;
  /** Index of the team that looks after it. */
  team: number;
  seeds: number;
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

export interface Scenario {
  species: Species;
  containers: SimulatedContainer[];
  effects: Record<string, TreatmentEffect>;
  /** Day numbers on which teams look. */
  checkDays: number[];
  temperature: number;
  sownOn: IsoDay;
  resolution: RulerResolution;
  trouble: Trouble;
  seed: number;
}

export interface SimulatedReading {
  code: string;
  team: number;
  dayNumber: number;
  day: IsoDay;
  state: ReadingState;
  valueMm: number | null;
  leaves: number | null;
  lostReason: LostReason | null;
}

/** Standard deviations of the random parts: plant, team (care and light), reading of the ruler in mm. */
const SPREAD = { plant: 0.11, team: 0.04, rulerMm: 1.2 };
const DAMPING_OFF_PER_DAY = 0.0015;

/**
 * A class's records as they could have come: emergence by thermal time and viability, logistic height with plant and team
 * effects, losses, and an observer with a ruler. The same scenario gives the same records.
 */
export function simulateInvestigation(scenario: Scenario): SimulatedReading[] {
  const random = generatorFrom(scenario.seed);
  const teams = Math.max(0, ...scenario.containers.map((c) => c.team)) + 1;
  const teamEffect = Array.from({ length: teams }, () => Math.exp(SPREAD.team * random.normal()));
  const curve = heightCurve(scenario.species);
  const offset = new Map(scenario.trouble.rulerOffsets.map((o) => [o.team, o.mm]));
  return scenario.containers.flatMap((container) => {
    const life = grow(container, scenario, teamEffect[container.team]!, random);
    return scenario.checkDays.map((dayNumber): SimulatedReading => {
      const base = {
        code: container.code,
        team: container.team,
        dayNumber,
        day: addDays(scenario.sownOn, dayNumber),
        valueMm: null,
        leaves: null,
        lostReason: null,
      };
      const noise = random.normal() * SPREAD.rulerMm;
      if (scenario.trouble.absences.some((a) => a.team === container.team && a.day === dayNumber))
        return { ...base, state: 'not-checked' };
      if (dayNumber >= life.lostOn) return { ...base, state: 'lost', lostReason: life.reason };
      const age = dayNumber - life.emergedOn;
      if (age <= 0) return { ...base, state: 'not-up' };
      const drought = scenario.trouble.drought;
      const setback = drought && dayNumber >= drought.day ? 1 - drought.setback : 1;
      const grown = curve(age) * life.size * setback + noise + (offset.get(container.team) ?? 0);
      const valueMm = Math.max(roundToResolution(grown, scenario.resolution), roundToResolution(2, scenario.resolution) || 2);
      return { ...base, state: 'measured', valueMm, leaves: leavesAt(age, scenario.species) };
    });
  });
}

interface Life {
  emergedOn: number;
  size: number;
  lostOn: number;
  reason: LostReason;
}

function grow(container: SimulatedContainer, scenario: Scenario, team: number, random: ReturnType<typeof generatorFrom>): Life {
  const { species, trouble } = scenario;
  const effect = scenario.effects[container.treatment] ?? { germination: 1, delay: 1, height: 1 };
  const median = medianEmergenceDays(species, scenario.temperature) * effect.delay;
  let emergedOn = Infinity;
  for (let seed = 0; seed < container.seeds; seed++) {
    const day = median * Math.exp(species.thermal.sdLog * random.normal());
    if (random.uniform() < species.germination * effect.germination) emergedOn = Math.min(emergedOn, day);
  }
  const size = effect.height * team * Math.exp(SPREAD.plant * random.normal());
  const damping = emergedOn + -Math.log(1 - random.uniform()) / DAMPING_OFF_PER_DAY;
  const dries = random.uniform() < (trouble.drought?.deathChance ?? 0) && trouble.drought && emergedOn < trouble.drought.day;
  const losses: { day: number; reason: LostReason }[] = [
    { day: damping, reason: 'died' },
    ...(dries ? [{ day: trouble.drought!.day, reason: 'dried-out' as const }] : []),
    ...trouble.accidents.filter((a) => a.code === container.code).map((a) => ({ day: a.day, reason: 'knocked-over' as const })),
  ];
  const first = losses.reduce((a, b) => (b.day < a.day ? b : a));
  return { emergedOn, size, lostOn: first.day, reason: first.reason };
}

/**
 * Height in mm by days after emergence: the logistic curve through the middle of the species' ranges at 7 and 14 days that
 * levels off a tenth above its range at 28 days.
 */
export function heightCurve(species: Species): (age: number) => number {
  const at = (day: number) => {
    const [low, high] = species.heightCm.find((h) => h.day === day)!.range;
    return 5 * (low + high);
  };
  const top = 1.1 * at(28);
  const logit = (h: number) => Math.log(h / (top - h));
  const rate = (logit(Math.min(at(14), 0.9 * top)) - logit(Math.min(at(7), 0.8 * top))) / 7;
  const middle = 7 - logit(Math.min(at(7), 0.8 * top)) / rate;
  const floor = top / (1 + Math.exp(rate * middle));
  return (age) => Math.max(2, ((top / (1 + Math.exp(-rate * (age - middle))) - floor) * top) / (top - floor));
}

function leavesAt(age: number, species: Species): number {
  return species.habit === 'grass' ? Math.min(3, 1 + Math.floor(age / 6)) : Math.min(8, Math.floor(age / 5));
}
