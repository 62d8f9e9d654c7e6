import { say } from '@bright-sprout/words/say';
import { type FairRule, type FactParams } from '../fairRule';
import { meanTemperature } from '../../../calendar/roomTemperature';
import { type PlanDocument } from '../../document/planDocument';
import { type Recipe } from '../../recipes/recipe';
import { changes, speciesOf } from '../planFacts';

type RoomTrouble = 'too-cold' | 'too-hot' | 'off';

const ROOM_TROUBLE: Record<RoomTrouble, (p: FactParams) => string> = {
  'too-cold': (p) => say('fairTest.needsMoreCSprout', { kind: p.kind, base: p.base, mean: p.mean }),
  'too-hot': (p) => say('fairTest.stopsCRoomReaches', { kind: p.kind, ceiling: p.ceiling, warmest: p.warmest }),
  off: (p) =>
    say('fairTest.sproutsWellBetweenC', { kind: p.kind, lowest: p.min, highest: p.max, coldest: p.coldest, warmest: p.warmest }),
};

export const roomStopsSeeds: FairRule = {
  code: 'room-stops-seeds',
  ofEveryKind: true,
  check: (plan, { recipes }) => {
    const { id, thermal, name, sproutsAt } = speciesOf(plan);
    if (changes(plan, 'temperature'))
      return placeThatStops(
        plan,
        recipes.filter((r) => r.species.id === id),
      );
    const [coldest, warmest, mean] = [Math.min(plan.room.day, plan.room.night), plan.room.day, meanTemperature(plan.room)];
    const trouble: RoomTrouble | null =
      mean <= thermal.base + 1
        ? 'too-cold'
        : warmest >= thermal.ceiling
          ? 'too-hot'
          : mean < sproutsAt.min || warmest > sproutsAt.max
            ? 'off'
            : null;
    if (trouble === null) return null;
    const middle = Math.round((sproutsAt.optimum[0] + sproutsAt.optimum[1]) / 2);
    return {
      severity: mean <= thermal.base + 1 || warmest >= thermal.ceiling ? 'stop' : 'mend',
      params: {
        trouble,
        kind: name,
        base: thermal.base,
        mean: Math.round(mean),
        ceiling: thermal.ceiling,
        warmest,
        min: sproutsAt.min,
        max: sproutsAt.max,
        coldest,
      },
      fix: {
        label: say('fairTest.findPlaceAboutC', { middle }),
        apply: (p) => ({ ...p, room: { ...p.room, day: middle, night: middle - 2, weekend: null } }),
      },
    };
  },
  words: (p) => ({
    what: p.place
      ? say('fairTest.hardlySproutsC', { kind: p.kind, place: p.place, mean: p.mean })
      : ROOM_TROUBLE[p.trouble as RoomTrouble](p),
    why: say('fairTest.seedsTooColdToo'),
  }),
};

/** Where warmth is what is asked about, a place in which nothing comes up is worth knowing. */
function placeThatStops(plan: PlanDocument, recipes: readonly Recipe[]): ReturnType<FairRule['check']> {
  const { name, thermal } = speciesOf(plan);
  const stopped = recipes.find(({ room }) => meanTemperature(room) <= thermal.base + 1 || room.day >= thermal.ceiling);
  if (!stopped) return null;
  const place = stopped.settings.find((s) => s.subject === 'temperature')!.label;
  return {
    severity: 'mind',
    params: { trouble: 'off', kind: name, place, mean: Math.round(meanTemperature(stopped.room)) },
    fix: null,
  };
}
