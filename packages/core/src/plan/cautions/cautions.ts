import { type FactorSubject, type PlanDocument } from '../document/planDocument';
import { speciesIn } from '../document/treatmentSowing';
import { methodById } from '../../seeds/catalogue';
import { CAUTIONS, type CautionWords, type Gravity } from './cautionWords';

export interface Caution extends CautionWords {
  id: string;
  /** What in the plan it comes from. */
  from: string;
}

/** Stands above every list of cautions. */
export const RULES_FIRST =
  'Your school’s own rules, local codes and the advice of licensed professionals come first. This list only follows from what the plan names.';

const GRAVITY: Record<Gravity, number> = { block: 0, serious: 1, care: 2, habit: 3 };

const BY_SUBJECT: Partial<Record<FactorSubject, string[]>> = {
  salt: ['salt_solution', 'unlabelled'],
  acid: ['vinegar_acid', 'unlabelled'],
  chalk: ['crush_tablets', 'gas_pressure'],
  feed: ['fertiliser', 'unlabelled'],
  cover: ['sealed_sun'],
  temperature: ['heat_mat', 'electric_water', 'unattended_weekend'],
};

/** Words that name what no class should handle; whole words only. */
const PROHIBITED =
  /\b(castor[ -]?(bean|oil plant)s?|jequirity|rosary peas?|thorn ?apple|datura|foxglove|laburnum|weed ?killer|herbicide|pesticide|bleach|battery acid|drain cleaner|hydrochloric|sulfuric|sulphuric|caustic soda|quicklime|ammonia|motor oil|copper sul(f|ph)ate)\b/i;

/** Cautions that follow from kind, method, what is changed and what is done; the gravest first, each once. */
export function cautionsFor(plan: PlanDocument): Caution[] {
  const kinds = speciesIn(plan);
  const method = methodById(plan.methodId);
  const sources: [string, readonly string[]][] = [
    ['everything grown', ['never_eat', 'handwash', 'spill_slip', 'invasive_disposal']],
    ...kinds.map((s): [string, readonly string[]] => [s.name, s.hazards]),
    [method?.name ?? '', method?.hazards ?? []],
    ...plan.factors.map((f): [string, readonly string[]] => [f.name, BY_SUBJECT[f.subject] ?? []]),
    ['scarified seed', kinds.some((s) => s.before.scarify) ? ['scarify_tools'] : []],
    ['pots on a sill', method?.paper ? [] : ['window_height', 'lifting']],
  ];
  const typed = [plan.question, ...plan.factors.flatMap((f) => [f.name, ...f.levels.map((l) => l.label)])];
  const named = typed.find((text) => PROHIBITED.test(text));
  if (named !== undefined) sources.unshift([PROHIBITED.exec(named)![0], ['prohibited']]);
  const found = new Map<string, Caution>();
  for (const [from, ids] of sources)
    for (const id of ids) {
      const words = CAUTIONS[id];
      if (words && !found.has(id)) found.set(id, { id, from, ...words });
    }
  return [...found.values()].sort((a, b) => GRAVITY[a.gravity] - GRAVITY[b.gravity]);
}

/** Everything to wear or have at hand, once each. */
export function protectiveGear(cautions: readonly Caution[]): string[] {
  const gear = [...new Set(cautions.flatMap((c) => (c.gear === '' ? [] : c.gear.split(', '))))];
  return gear.includes('gloves') ? gear.filter((g) => g !== 'gloves for cuts') : gear;
}

/** Allergies and conditions to ask families about before starting, once each. */
export function toAskAbout(cautions: readonly Caution[]): string[] {
  return [...new Set(cautions.flatMap((c) => (c.ask === '' ? [] : [c.ask])))];
}
