import { say } from '@bright-sprout/words/say';
import { type FairRule } from '../fairRule';
import { methodOf } from '../planFacts';

export const fewerSeedsThanPlants: FairRule = {
  code: 'fewer-seeds-than-plants',
  check: (plan, { recipes, seedsAdvised }) => {
    const wanted = recipes.map((r) => ({ ...r, plants: r.settings.find((s) => s.subject === 'crowding')?.amount ?? 0 }));
    const short = wanted.filter((r) => r.plants > r.seeds).sort((a, b) => b.plants - a.plants)[0];
    if (!short) return null;
    const seeds = Math.max(short.plants, seedsAdvised ?? 0);
    return {
      severity: 'stop',
      params: { code: short.treatment.code, plants: short.plants, seeds: short.seeds, container: methodOf(plan).container },
      fix: {
        label: say('fairTest.sowInEach', { seeds }),
        apply: (p) => ({ ...p, seedsEach: seeds, keep: Math.max(p.keep, short.plants) }),
      },
    };
  },
  words: (p) => ({
    what: say('fairTest.plantsSeedsSown', { code: p.code, plants: p.plants, container: p.container, seeds: p.seeds }),
    why: say('fairTest.crowdingSownThickerWanted'),
  }),
};
