import { type IsoDay } from '../../calendar/days';
import { type Result } from '../../result/result';
import { type Species } from '../../seeds/catalogue';
import { type EmergenceForecast, forecastEmergence } from '../../seeds/emergenceForecast';
import { type SeedChance } from '../../seeds/sowingNumbers';
import { type PlanDocument } from '../document/planDocument';
import { type Recipe } from '../recipes/recipe';

/** What comes up together: one kind, sown on one day, in one warmth. */
export interface Sprouting {
  species: Species;
  /** Codes of its treatments. */
  treatments: string[];
  sowOn: IsoDay;
  forecast: Result<EmergenceForecast>;
}

/** Every kind, day and warmth of a plan with its forecast, in the order of the treatments. */
export function sproutingsOf(
  { calendar, protocol }: Pick<PlanDocument, 'calendar' | 'protocol'>,
  recipes: readonly Recipe[],
  containersOf: (treatment: string) => number,
  chanceOf: (species: Species) => SeedChance,
): Sprouting[] {
  const together = new Map<string, Recipe[]>();
  for (const recipe of recipes) {
    const key = JSON.stringify([recipe.species.id, recipe.sowOn, recipe.room]);
    together.set(key, [...(together.get(key) ?? []), recipe]);
  }
  return [...together.values()].map((own) => {
    const { species, sowOn, room } = own[0]!;
    const chance = chanceOf(species);
    return {
      species,
      treatments: own.map((r) => r.treatment.code),
      sowOn,
      forecast: forecastEmergence(species, {
        sownOn: sowOn,
        seeds: own.reduce((sum, r) => sum + r.seeds * containersOf(r.treatment.code), 0),
        room,
        calendar,
        rootTip: protocol.sprouted === 'root-2mm',
        germination: 'share' in chance ? chance.share : (chance.up + 0.5) / (chance.of + 1),
      }),
    };
  });
}

/** The forecast whose half comes last; one that cannot be made counts as the slowest. */
export function slowest(forecasts: readonly Result<EmergenceForecast>[]): Result<EmergenceForecast> {
  const half = (f: Result<EmergenceForecast>) => (f.ok ? (f.half.likely ?? '9999') : '~');
  return forecasts.reduce((a, b) => (half(b) > half(a) ? b : a));
}
