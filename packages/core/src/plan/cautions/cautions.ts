import { say } from '@bright-sprout/words/say';
import { type FactorSubject, type PlanDocument } from '../document/planDocument';
import { methodById } from '../../seeds/catalogue';
import { type Recipe, recipesOf, type Setting } from '../recipes/recipe';
import { CAUTIONS, type CautionWords, type Gravity } from './cautionWords';

export interface Caution extends CautionWords {
  id: string;
  /** What in the plan it comes from. */
  from: string;
}

/** Stands above every list of cautions. */
export const rulesFirst = () => say('cautions.schoolsOwnRulesLocal');

const GRAVITY: Record<Gravity, number> = { block: 0, serious: 1, care: 2, habit: 3 };

/** Words that name what no class should handle; whole words only. */
const PROHIBITED =
  /\b(castor[ -]?(bean|oil plant)s?|jequirity|rosary peas?|thorn ?apple|datura|foxglove|laburnum|weed ?killer|herbicide|pesticide|bleach|battery acid|drain cleaner|hydrochloric|sulfuric|sulphuric|caustic soda|quicklime|ammonia|motor oil|copper sul(f|ph)ate)\b/i;

/** What one recipe asks to be minded, by what in it asks for it. */
function mindedIn(plan: PlanDocument, recipe: Recipe): [from: string, ids: readonly string[]][] {
  const { species, stirredIn, mixedIn, stands, keep } = recipe;
  // In the water, or given to each container by itself.
  const added = [...stirredIn, ...mixedIn];
  const acid = added.find((s) => s.subject === 'acid');
  const chalk = added.find((s) => s.subject === 'chalk');
  return [
    [species.name.toLowerCase(), species.hazards],
    ...added.map((s): [string, readonly string[]] => [s.factor, ADDED[s.subject] ?? []]),
    [chalk?.factor ?? '', chalk ? ['crush_tablets'] : []],
    [say('cautions.factorOnFactor', { factor: acid?.factor, second: chalk?.factor }), acid && chalk ? ['gas_pressure'] : []],
    ...stands.map((s): [string, readonly string[]] => [s.factor, standsWith(s)]),
    [say('cautions.seedNicked', { name: species.name.toLowerCase() }), species.before.scarify ? ['scarify_tools'] : []],
    ['thinning', keep !== null ? ['scissors_skewers'] : []],
    [say('cautions.theHarvest'), plan.harvested ? ['scissors_skewers'] : []],
    [say('cautions.goingOutside'), plan.goesOutside ? ['outdoor_sun_insects'] : []],
  ];
}

const ADDED: Partial<Record<FactorSubject, string[]>> = {
  salt: ['salt_solution', 'unlabelled'],
  acid: ['vinegar_acid', 'unlabelled'],
  feed: ['fertiliser', 'unlabelled'],
};

const LAMP = /lamp|led\b|grow light|hours/i;

function standsWith({ subject, label, amount, unit }: Setting): string[] {
  if (subject === 'cover') return /^no\b|without|open|none/i.test(label) ? [] : ['sealed_sun'];
  if (subject === 'temperature') return ['heat_mat', 'electric_water', 'unattended_weekend'];
  const lamps = subject === 'light' && (LAMP.test(label) || (amount !== null && amount > 0 && unit === 'h'));
  return lamps ? ['electric_water', 'bright_led_uv', 'unattended_weekend'] : [];
}

/** Cautions that follow from what every recipe uses and from what is done with all; the gravest first, each once. */
export function cautionsFor(plan: PlanDocument): Caution[] {
  const method = methodById(plan.methodId);
  const recipes = recipesOf(plan);
  const found = new Map<string, Caution & { of: Set<string> }>();
  const add = (from: string, ids: readonly string[], code = '') => {
    for (const id of ids) {
      const words = CAUTIONS[id];
      if (!words) continue;
      const caution = found.get(id) ?? { id, from, of: new Set(), ...words };
      if (caution.from === from) caution.of.add(code);
      found.set(id, caution);
    }
  };
  const typed = [plan.question, ...plan.factors.flatMap((f) => [f.name, ...f.levels.map((l) => l.label)])];
  const named = typed.find((text) => PROHIBITED.test(text));
  if (named !== undefined) add(PROHIBITED.exec(named)![0], ['prohibited']);
  add(say('cautions.everythingGrown'), ['never_eat', 'handwash', 'spill_slip', 'invasive_disposal']);
  for (const recipe of recipes) for (const [from, ids] of mindedIn(plan, recipe)) add(from, ids, recipe.treatment.code);
  add(method?.name.toLowerCase() ?? '', method?.hazards ?? []);
  add(say('cautions.potsSill'), method?.paper ? [] : ['window_height', 'lifting']);
  return [...found.values()]
    .map(({ of, ...caution }) => ({
      ...caution,
      from: of.has('') || of.size === recipes.length ? caution.from : `${caution.from}: ${[...of].join(', ')}`,
    }))
    .sort((a, b) => GRAVITY[a.gravity] - GRAVITY[b.gravity]);
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
