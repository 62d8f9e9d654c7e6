import { say } from '@bright-sprout/words/say';
import { meanTemperature } from '@bright-sprout/core/calendar/roomTemperature';
import { methodById, SPECIES } from '@bright-sprout/core/seeds/catalogue';
import { medianEmergenceDays } from '@bright-sprout/core/seeds/emergenceTime';
import { againstKind } from '@bright-sprout/core/seeds/suitability';
import { Link } from 'react-router';
import { SeedDrawing } from '../../../../drawing/SeedDrawing';
import { setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { PictureChoices } from './PictureChoices';

const SHOWN = 7;

/** Kinds that suit the room and the way of growing, soonest first; all of them are chosen from in Seeds. */
export function SeedPanel({ planId, plan, change }: PartProps) {
  const warmth = meanTemperature(plan.room);
  const days = (s: (typeof SPECIES)[number]) => medianEmergenceDays(s, warmth);
  const wishes = { see: 'anything', harmless: false, easyToPickUp: false, secondChance: false, noLamp: false } as const;
  const asked = { ...wishes, weeks: 6, warmth, sowOn: plan.sowOn, method: methodById(plan.methodId) ?? null, lastFrost: null };
  const suits = SPECIES.filter((s) => againstKind(s, asked).length === 0).sort((a, b) => days(a) - days(b));
  const shown = suits.slice(0, SHOWN);
  const chosen = SPECIES.find((s) => s.id === plan.speciesId);
  const kinds = chosen && !shown.includes(chosen) ? [chosen, ...shown] : shown;
  const largestMm = Math.max(...kinds.map((s) => s.seedMm.length[1]));
  return (
    <>
      <PictureChoices
        label={say('plannerAsk.kindSeed')}
        value={plan.speciesId}
        choices={kinds.map((s) => ({
          value: s.id,
          picture: <SeedDrawing species={s} largestMm={largestMm} />,
          name: s.name,
          does: Number.isFinite(days(s))
            ? say('plannerAsk.aboutDays', { days: Math.round(days(s)) })
            : say('plannerAsk.comeWarmth'),
        }))}
        onChoose={(speciesId) => change(setting({ speciesId }))}
      />
      <Link to={`/plans/${planId}/seeds`}>{say('plannerAsk.kindsClassWishesThem')}</Link>
    </>
  );
}
