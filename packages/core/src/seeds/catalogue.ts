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
  thermal: { base: number; optimum: number; ceiling: number; theta50: number; sdLog: number };
  hint: string;
}

export interface GrowingMethod {
  id: string;
  name: string;
  /** What one pot, bag or cell of it is called, for sentences. */
  container: string;
}

const CONTAINER_NAMES: Record<string, string> = {
  bag_pocket: 'bag', ball_in_bag: 'bag', paper_jar: 'jar', sponge: 'sponge', clear_box_paper: 'box', cup_mix: 'cup', paper_pot: 'pot',
  cell_tray: 'cell', flat_divided: 'section', planter_box: 'box', deep_tree_pot: 'pot', dome_box: 'box',
}; // prettier-ignore

type Fact = (typeof speciesFacts.species)[number];

const GRASS_FAMILIES = new Set(['Poaceae', 'Amaryllidaceae', 'Alliaceae']);

function fromFact(fact: Fact): Species | null {
  const { thermal } = fact;
  const theta = thermal.theta50_emergence_degC_d?.value;
  const heights = fact.seedling_height_cm_after_emergence as unknown as Record<string, [number, number]> | null;
  if (!theta || !heights || !fact.germination_pct_fresh || !fact.emergence_days_at_21C) return null;
  return {
    id: fact.id,
    name: fact.common_name,
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
    },
    hint: fact.class_good,
  };
}

/** The kinds whose sprouting and growth are known well enough to plan with. */
export const SPECIES: readonly Species[] = (speciesFacts.species as Fact[]).map(fromFact).filter((s): s is Species => s !== null);

export const METHODS: readonly GrowingMethod[] = methodFacts.methods.map((m) => ({
  id: m.id,
  name: m.name,
  container: CONTAINER_NAMES[m.id] ?? 'container',
}));

export function speciesById(id: string): Species | undefined {
  return SPECIES.find((s) => s.id === id);
}

export function methodById(id: string): GrowingMethod | undefined {
  return METHODS.find((m) => m.id === id);
}
