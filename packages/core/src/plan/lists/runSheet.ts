import { type IsoDay } from '../../calendar/days';
import { holdsStick, methodById } from '../../seeds/catalogue';
import { type PlanDocument } from '../document/planDocument';
import { byTreatment } from '../recipes/byTreatment';
import { type Recipe } from '../recipes/recipe';
import { stirredInWords } from '../recipes/stirredInWords';
import { type WorkedOut } from '../workedOut/workOut';

/** For whom a step is: codes of treatments; empty or left out for all. */
interface ForSome {
  treatments?: string[];
}

/** What one factor sets: each of its levels with the treatments that have it. */
export interface SetGroup {
  treatments: string[];
  label: string;
}

/** A step of sowing day as it is kept: what it says is made from it when it is shown (`runStepWords`). */
export type RunStep =
  /** `age`: days that it will be old on the lesson day. */
  | { code: 'turns'; turns: { day: IsoDay; treatments: string[]; age?: number }[] }
  /** Seeds that are not the same for all: kinds, or lots of different age. */
  | { code: 'own-seeds'; groups: SetGroup[] }
  | ({ code: 'soaked'; hours: readonly [number, number] } & ForSome)
  | ({ code: 'dry' | 'paper-dry' } & ForSome)
  | ({ code: 'count-sets' | 'count-each'; seeds: number; container: string } & ForSome)
  | { code: 'water'; waterMl: readonly [number, number] }
  /** `liquid` is left out for plain water. */
  | ({ code: 'wet-paper'; waterMl: readonly [number, number]; liquid?: string; sponge?: boolean } & ForSome)
  | ({ code: 'fill'; container: string; fillMl: number; damp: boolean; mix?: string } & ForSome)
  | { code: 'lay-sets'; container: string }
  | { code: 'otherwise' }
  | ({ code: 'large-on-side' } & ForSome)
  /** Depths in mm; 0 and 0 is on the surface. `kind` is named where several are sown. */
  | ({ code: 'holes'; kind: string | null; depthMm: readonly [number, number] } & Required<ForSome>)
  | ({ code: 'pressed'; container: string } & ForSome)
  | ({ code: 'scattered'; container: string; depthMm: readonly [number, number] } & ForSome)
  | ({ code: 'as-named'; label: string } & ForSome)
  | ({ code: 'put-sets'; container: string } & ForSome)
  | ({ code: 'close'; press: boolean } & ForSome)
  /** What it gets each time from the first watering on; `liquid` is empty for plain water. */
  | ({ code: 'gets'; liquid: string; doseMl: number } & ForSome)
  /** `onIt`: written on the container itself, where no stick can stand. */
  | { code: 'label'; container: string; onIt?: boolean }
  /** Light, cover, place: how it stands from now on. */
  | { code: 'stands'; factor: string; groups: SetGroup[] }
  | { code: 'place'; carrier: string };

/** What happens on sowing day, step by step, for one team: once what all share, and by treatment what differs. */
export function runSheet(plan: PlanDocument, out: WorkedOut): RunStep[] {
  const method = methodById(plan.methodId)!;
  const { paper, container } = method;
  const { recipes } = out;
  const damp = plan.protocol.water === 'damp-before';
  const turns = byTreatment(recipes, ({ sowOn: day, age }) => ({ day, ...(age ? { age: age.real } : {}) }))
    .map(({ treatments, value }) => ({ ...value, treatments }))
    .sort((a, b) => (a.day < b.day ? -1 : 1));
  const steps: (RunStep | false)[] = [
    turns.length > 1 && { code: 'turns', turns },
    ...ownSeeds(recipes),
    ...soaking(recipes),
    ...byTreatment(recipes, (r) => r.seeds).map(({ treatments, value }): RunStep => ({
      code: plan.seedsCounted ? 'count-each' : 'count-sets',
      seeds: value,
      container,
      ...(treatments.length > 0 ? { treatments } : {}),
    })),
    ...(paper ? wetting(recipes, method.id === 'sponge') : filling(recipes, container, damp)),
    ...(paper ? [{ code: 'lay-sets', container } as const] : sowing(plan, recipes, container)),
    !paper && !damp && { code: 'water', waterMl: out.firstWater.eachMl },
    ...watering(plan, recipes),
    { code: 'label', container, onIt: !holdsStick(method) },
    ...standing(recipes),
    { code: 'place', carrier: out.layout.form.carrier },
    { code: 'otherwise' },
  ];
  return steps.filter((step) => step !== false);
}

function ownSeeds(recipes: readonly Recipe[]): RunStep[] {
  const kinds = byTreatment(recipes, (r) => r.species.name.toLowerCase());
  const ages = byTreatment(recipes, (r) => r.lot);
  return [kinds, ages]
    .filter((groups) => groups.length > 1)
    .map((groups) => ({ code: 'own-seeds', groups: groups.map(({ treatments, value }) => ({ treatments, label: value })) }));
}

function soaking(recipes: readonly Recipe[]): RunStep[] {
  const soaked = byTreatment(recipes, (r) => r.soakHours);
  if (soaked.length === 0) return [];
  return [
    ...byTreatment(recipes, (r) => (r.soakHours === null ? true : null)).map(({ treatments }): RunStep => ({
      code: 'dry',
      treatments,
    })),
    ...soaked.map(({ treatments, value }): RunStep => ({ code: 'soaked', hours: value, treatments })),
  ];
}

function filling(recipes: readonly Recipe[], container: string, damp: boolean): RunStep[] {
  // A bare amount says nothing without what it is of.
  const mix = (r: Recipe) => r.mixedIn.map(({ label, factor }) => (/\d/.test(label) ? `${factor}: ${label}` : label));
  return byTreatment(recipes, (r) => ({ fillMl: r.fillMl, mix: mix(r) })).map(({ treatments, value }): RunStep => ({
    code: 'fill',
    container,
    fillMl: value.fillMl,
    damp,
    treatments,
    ...(value.mix.length > 0 ? { mix: value.mix.join(', ') } : {}),
  }));
}

/** Seeds into soil: holes and what closes them, or the surface. */
function sowing(plan: PlanDocument, recipes: readonly Recipe[], container: string): RunStep[] {
  const several = new Set(recipes.map((r) => r.species.id)).size > 1;
  const inHoles = (r: Recipe) => r.wayIn.way === 'holes' || r.wayIn.way === 'named';
  const isLarge = ({ species }: Recipe) => (species.thousandSeedGrams ?? 5000) > LARGE_GRAMS;
  const ways = byTreatment(recipes, ({ wayIn, species }) => ({ wayIn, kind: several ? species.name : null })).map(
    ({ treatments, value: { wayIn, kind } }): RunStep => {
      switch (wayIn.way) {
        case 'holes':
          return { code: 'holes', kind, treatments, depthMm: wayIn.depthMm };
        case 'scattered':
          return { code: 'scattered', container, treatments, depthMm: wayIn.depthMm };
        case 'named':
          return { code: 'as-named', label: wayIn.label, treatments };
        default:
          return { code: 'pressed', container, treatments };
      }
    },
  );
  const those = (which: (r: Recipe) => boolean) => byTreatment(recipes, (r) => (which(r) ? true : null));
  return [
    ...ways,
    ...those((r) => inHoles(r) && !isLarge(r)).map(({ treatments }): RunStep => ({ code: 'put-sets', container, treatments })),
    ...those((r) => inHoles(r) && isLarge(r)).map(({ treatments }): RunStep => ({ code: 'large-on-side', treatments })),
    ...those(inHoles).map(({ treatments }): RunStep => ({ code: 'close', press: plan.protocol.firm === 'press', treatments })),
  ];
}

/** Seeds that weigh more are laid by hand, g per thousand. */
const LARGE_GRAMS = 150;

/** Seeds on paper live in what it is wetted with: a solution is there from the beginning, and none leaves it dry. */
function wetting(recipes: readonly Recipe[], sponge: boolean): RunStep[] {
  return byTreatment(recipes, (r) => ({ liquid: stirredInWords(r), waterMl: r.firstWaterMl })).map(
    ({ treatments, value: { liquid, waterMl } }): RunStep =>
      waterMl === null
        ? { code: 'paper-dry', treatments }
        : { code: 'wet-paper', waterMl, ...(liquid ? { liquid } : {}), ...(sponge ? { sponge } : {}), treatments },
  );
}

/** Solutions, and amounts of water that differ; what is shut is not watered: its paper holds all that it gets. */
function watering({ factors, doseMl }: PlanDocument, recipes: readonly Recipe[]): RunStep[] {
  const watered = recipes.filter((r) => r.doseMl !== null);
  if (watered.some((r) => r.stirredIn.length > 0 || r.doseMl !== doseMl))
    return byTreatment(watered, (r) => ({ liquid: stirredInWords(r), doseMl: r.doseMl! })).map(
      ({ treatments, value }): RunStep => ({
        code: 'gets',
        ...value,
        treatments,
      }),
    );
  const factor = factors.find((f) => f.subject === 'water')?.name;
  return factor && watered.length > 0 ? [{ code: 'stands', factor, groups: setBy(watered, factor) }] : [];
}

function standing(recipes: readonly Recipe[]): RunStep[] {
  const factors = [...new Set(recipes.flatMap((r) => r.stands.map((s) => s.factor)))];
  return factors.flatMap((factor): RunStep[] => {
    const groups = setBy(recipes, factor);
    return groups.length < 2 ? [] : [{ code: 'stands', factor, groups }];
  });
}

/** What a factor sets, each of its levels with the treatments that have it. */
function setBy(recipes: readonly Recipe[], factor: string): SetGroup[] {
  return byTreatment(recipes, (r) => r.settings.find((s) => s.factor === factor)?.label ?? null).map(({ treatments, value }) => ({
    treatments,
    label: value,
  }));
}
