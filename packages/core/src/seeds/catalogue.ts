import { type PlainKey, say } from '@bright-sprout/words/say';
import { type Noun, nounOf } from '../words/plural';
import methodFacts from './methods.json';
import speciesFacts from './species.json';

/** How a kind is drawn and measured: a grass by its longest blade, the others by their growing tip. */
export type Habit = 'grass' | 'broad';

/** One kind of seed with what this application uses of its facts; lengths in mm, times in days, temperatures in °C. */
export interface Species {
  id: string;
  name: string;
  botanicalName: string;
  habit: Habit;
  /** Share of fresh seeds that sprout, 0 to 1. */
  germination: number;
  sowingDepthMm: [number, number];
  needsLight: boolean;
  /** Days to emergence at 21 °C. */
  emergenceDays: [number, number];
  /** Seedling height in cm by days after emergence. */
  heightCm: { day: number; range: [number, number] }[];
  thermal: ThermalTime;
  hint: string;
  /** Size of one seed, mm. */
  seedMm: { length: [number, number]; width: [number, number]; thickness: [number, number] };
  /** Null for what is not a seed, such as a piece of tuber. */
  thousandSeedGrams: number | null;
  /** Years of dry storage after which about half still sprout. */
  halfLifeYears: [number, number];
  /** Where a useful share comes up, °C. */
  sproutsAt: { min: number; optimum: [number, number]; max: number };
  /** Seed leaves are lifted above the soil (epigeal) or stay below. */
  seedLeavesAbove: boolean;
  spacingMm: number;
  potMlPerPlant: number;
  /** What helps the seed before sowing; hours and weeks, null where nothing is needed. */
  before: { soakHours: [number, number] | null; coldWeeks: [number, number] | null; neverSoak: boolean; scarify: boolean };
  /** Days from sowing at 21 °C. */
  daysTo: { firstTrueLeaf: [number, number] | null; flower: [number, number] | null; harvest: [number, number] | null };
  salt: { threshold: number | null; words: string };
  /** How much light it wants: a `high` one stretches on a winter sill without a lamp. */
  lightNeed: 'medium' | 'high';
  /** Growth faster than this is asked about, cm a day over two days or more. */
  growthFlagCmPerDay: number;
  hazards: string[];
}

/** Thermal time to emergence; `doubt` is the share by which lots and studies differ. */
export interface ThermalTime {
  base: number;
  optimum: number;
  ceiling: number;
  /** Degree-days above the base until half of those that will come up are up. */
  theta50: number;
  /** Spread of the logarithm of the time. */
  sdLog: number;
  doubt: number;
  /** The same for the root tip, which is seen on paper long before a shoot; null where nobody knows. */
  root: { theta50: number; sdLog: number } | null;
}

export interface GrowingMethod {
  id: string;
  name: string;
  /** The same after “grown in”, with its article. */
  grownIn: string;
  /** What one pot, bag or cell of it is called, for sentences. */
  container: string;
  /** Seeds and roots lie on wet paper, pad or sponge instead of in soil. */
  paper: boolean;
  rootsVisible: boolean;
  heightMeasurable: boolean;
  containerMl: [number, number];
  /** Volume of soil, paper or pad in one container. */
  fillMl: [number, number];
  /** First water as a share of that volume. */
  damp: [number, number];
  maxSeeds: { large: number; medium: number; small: number };
  /** Seedlings come out from under it; stay in what is closed around them; or never had one. */
  cover: 'lifted' | 'stays' | 'none';
  /** Sections of one pan or rows of one long box; 1 where a container is a thing of its own. */
  perWhole: number;
  /** How its containers stand together. */
  stands: 'sill' | 'jars' | 'pane' | 'cells' | 'sections' | 'rows';
  /** Days it can be left alone. */
  unattendedDays: number;
  usefulDays: [number, number];
  bestFor: string[];
  avoidFor: string[];
  hazards: string[];
}

/** A stick label can stand in it: not in what is closed, nor on paper or a sponge. */
export function holdsStick({ paper, cover }: Pick<GrowingMethod, 'paper' | 'cover'>): boolean {
  return !paper && cover !== 'stays';
}

type Fact = (typeof speciesFacts.species)[number];

// eslint-disable-next-line words/from-catalogue -- botanical names are the same in every language
const GRASS_FAMILIES = new Set(['Poaceae', 'Amaryllidaceae', 'Alliaceae']);

function fromFact(fact: Fact): Species | null {
  const { thermal } = fact;
  const theta = thermal.theta50_emergence_degC_d?.value;
  const heights = fact.seedling_height_cm_after_emergence as unknown as Record<string, [number, number]> | null;
  if (!theta || !heights || !fact.germination_pct_fresh || !fact.emergence_days_at_21C) return null;
  return {
    id: fact.id,
    get name() {
      return say(`species.${fact.id}` as PlainKey);
    },
    botanicalName: fact.botanical_name,
    habit: GRASS_FAMILIES.has(fact.family) ? 'grass' : 'broad',
    germination: fact.germination_pct_fresh.typical / 100,
    sowingDepthMm: fact.sowing_depth_mm as [number, number],
    needsLight: /needs light/.test(fact.light_for_germination.class),
    emergenceDays: fact.emergence_days_at_21C as [number, number],
    heightCm: Object.entries(heights).map(([day, range]) => ({ day: Number(day), range })),
    thermal: {
      base: thermal.base_Tb_C.value,
      optimum: thermal.optimum_To_C.value,
      ceiling: thermal.ceiling_Tc_C.value,
      theta50: theta,
      sdLog: thermal.sd_ln_time_emergence?.value ?? 0.3,
      root: thermal.theta50_radicle_degC_d?.value
        ? { theta50: thermal.theta50_radicle_degC_d.value, sdLog: thermal.sd_ln_time_radicle?.value ?? 0.3 }
        : null,
      doubt: thermal.theta50_emergence_degC_d?.confidence === 'literature-typical' ? 0.2 : 0.35,
    },
    hint: fact.class_good,
    seedMm: {
      length: pair(fact.seed_length_mm),
      width: pair(fact.seed_width_mm),
      thickness: pair(fact.seed_thickness_mm),
    },
    thousandSeedGrams: fact.thousand_seed_weight_g?.typical ?? null,
    halfLifeYears: pair(fact.storage_life_years_to_half.range),
    sproutsAt: {
      min: fact.germination_temp_C.min,
      optimum: pair(fact.germination_temp_C.optimum),
      max: fact.germination_temp_C.max,
    },
    seedLeavesAbove: fact.germination_type === 'epigeal',
    spacingMm: fact.spacing_mm,
    potMlPerPlant: fact.pot_min_mL_per_plant,
    before: {
      soakHours: pairOrNull(fact.pretreatment.soak_hours),
      coldWeeks: pairOrNull(fact.pretreatment.cold_moist_weeks),
      neverSoak: fact.pretreatment.kind === 'do not pre-soak',
      scarify: fact.pretreatment.scarify,
    },
    daysTo: {
      firstTrueLeaf: pairOrNull(fact.days_from_sowing_at_21C.first_true_leaf),
      flower: pairOrNull(fact.days_from_sowing_at_21C.flower),
      harvest: pairOrNull(fact.days_from_sowing_at_21C.harvest),
    },
    lightNeed: fact.light_need.class === 'high' ? 'high' : 'medium',
    salt: { threshold: fact.salt.threshold_ECe_dS_m ?? null, words: fact.salt.class },
    growthFlagCmPerDay: fact.growth_flag_cm_per_day,
    hazards: fact.hazards,
  };
}

function pair(range: readonly number[]): [number, number] {
  return [range[0]!, range[1]!];
}

type MethodFact = (typeof methodFacts.methods)[number];

/** Sections of a pan and rows of a long box: the facts speak of the whole, a plan of one of so many. */
function oneOf({ containers_per_whole: parts }: MethodFact, ofAll: number): number {
  return Math.round(ofAll / parts);
}

function shared(method: MethodFact, [low, high]: readonly number[]): [number, number] {
  return [oneOf(method, low!), oneOf(method, high!)];
}

/** A usual filling of one container, mL: the middle of what the method takes. */
export function usualFillMl({ fillMl: [least, most] }: GrowingMethod): number {
  return Math.round((least + most) / 2);
}

function pairOrNull(range: readonly number[] | null | undefined): [number, number] | null {
  return range ? pair(range) : null;
}

/** The kinds whose sprouting and growth are known well enough to plan with. */
export const SPECIES: readonly Species[] = (speciesFacts.species as Fact[]).map(fromFact).filter((s): s is Species => s !== null);

export const METHODS: readonly GrowingMethod[] = methodFacts.methods.map((m) => ({
  id: m.id,
  get name() {
    return say(`methods.${m.id}` as PlainKey);
  },
  get grownIn() {
    return say(`methods.${m.id}In` as PlainKey);
  },
  get container() {
    return nounOf(m.container_name as Noun);
  },
  paper: m.sprouted_definition.rule === 'radicle',
  rootsVisible: m.visible.roots === true,
  heightMeasurable: m.height_measurable,
  containerMl: shared(m, m.container_volume_mL),
  fillMl: shared(m, m.substrate.volume_mL),
  damp: pair(m.first_water.fraction_of_substrate_volume),
  maxSeeds: {
    large: oneOf(m, m.max_seeds.large_over_150_mg),
    medium: oneOf(m, m.max_seeds.medium_5_to_150_mg),
    small: oneOf(m, m.max_seeds.small_under_5_mg),
  },
  cover: m.cover as GrowingMethod['cover'],
  perWhole: m.containers_per_whole,
  stands: m.stands as GrowingMethod['stands'],
  unattendedDays: m.max_unattended_days,
  usefulDays: pair(m.useful_span_days),
  bestFor: m.best_for,
  avoidFor: m.avoid_for,
  hazards: m.safety,
}));

export function speciesById(id: string): Species | undefined {
  return SPECIES.find((s) => s.id === id);
}

export function methodById(id: string): GrowingMethod | undefined {
  return METHODS.find((m) => m.id === id);
}
