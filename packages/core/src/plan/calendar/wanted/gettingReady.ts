import { say } from '@bright-sprout/words/say';
import { addDays, type IsoDay } from '../../../calendar/days';
import { type PlanDocument } from '../../document/planDocument';
import { sowingDays } from '../../document/treatmentSowing';
import { type Recipe } from '../../recipes/recipe';
import { calledBy } from '../called';
import { type Wanted } from '../windows';

/** Soil that was limed or acidified stands so long before seeds go in; longer does no harm. */
const SOIL_REACTS_DAYS = 3;
const SOIL_STANDS_MOST_DAYS = 21;
const TOGETHER_DAYS = 7;
const TOGETHER_EARLIEST_DAYS = 28;

/** Getting things together, soil that has to stand, and seeds that need a winter before anything is sown. */
export function gettingReady(plan: PlanDocument, recipes: readonly Recipe[]): Wanted[] {
  const first = sowingDays(plan)[0]!;
  const reacts = recipes.some((r) => r.mixedIn.some((s) => s.subject !== 'soil'));
  return [
    {
      id: 'get-together',
      kind: 'prepare',
      fact: { code: 'get-together' },
      best: addDays(first, -TOGETHER_DAYS),
      from: addDays(first, -TOGETHER_EARLIEST_DAYS),
      to: first,
      waits: false,
      bound: say('planDays.beforeAnythingSown'),
    },
    ...(reacts ? [standing(first)] : []),
    ...calledBy(recipes, (r) =>
      r.species.before.coldWeeks ? { weeks: r.species.before.coldWeeks, sowOn: r.sowOn, of: r.species.name } : null,
    ).map(({ value: { weeks, sowOn, of } }): Wanted => ({
      id: `cold ${of} ${sowOn}`,
      kind: 'prepare',
      fact: { code: 'cold-spell', species: of.toLowerCase() },
      best: addDays(sowOn, -Math.ceil(7 * weeks[0])),
      from: addDays(sowOn, -Math.floor(7 * weeks[1])),
      to: addDays(sowOn, -Math.ceil(7 * weeks[0])),
      waits: false,
      bound: say('planDays.weeksBeforeSeedsGo', { least: weeks[0], most: weeks[1] }),
    })),
  ];
}

function standing(first: IsoDay): Wanted {
  const best = addDays(first, -SOIL_REACTS_DAYS);
  return {
    id: 'soil-stands',
    kind: 'prepare',
    fact: { code: 'soil-stands' },
    best,
    from: addDays(first, -SOIL_STANDS_MOST_DAYS),
    to: best,
    waits: false,
    bound: say('planDays.leastDaysBeforeSeeds', { soilReactsDays: SOIL_REACTS_DAYS }),
  };
}
