import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { isWatered } from '@bright-sprout/core/plan/document/waterings';
import { type GrowingMethod } from '@bright-sprout/core/seeds/catalogue';
import { SubjectGlyph } from '../../../../drawing/container/SubjectGlyph';
import { RoomTemperature } from '../../days/RoomTemperature';
import { type PartProps } from '../../partProps';
import { ProtocolChoice } from '../panels/ProtocolChoice';
import { DoseField } from '../panels/VolumeFields';
import { type AlikeThing, differs } from './alikeThing';

/** Water, light and warmth. */
export function careThings(props: PartProps, method: GrowingMethod): AlikeThing[] {
  const { plan, change, problems, group } = props;
  const shut = method.cover === 'stays';
  const dose = plan.protocol.water === 'fixed-volume' || differs(plan, 'salt', 'acid', 'feed');
  const water: AlikeThing = {
    key: 'water',
    glyph: <SubjectGlyph subject="water" size={36} />,
    ...wateringWords(plan, method, dose),
    fields: ['doseMl'],
    panel: (
      <>
        {isWatered(plan) && (
          <>
            <DoseField plan={plan} change={change} problems={problems} />
            <ProtocolChoice name="water" plan={plan} change={change} />
          </>
        )}
        {shut && <ProtocolChoice name="openBag" plan={plan} change={change} />}
      </>
    ),
  };
  const light: AlikeThing = {
    key: 'light',
    glyph: <SubjectGlyph subject="light" size={36} />,
    says: plan.protocol.lightBefore === 'bright-window' ? say('plannerAsk.brightWindow') : say('plannerAsk.warmCovered'),
    more: plan.protocol.lightBefore === 'bright-window' ? say('plannerAsk.fromDayOne') : say('plannerAsk.untilTheyAreUp'),
    fields: [],
    panel: <ProtocolChoice name="lightBefore" plan={plan} change={change} />,
  };
  const warmth: AlikeThing = {
    key: 'warmth',
    glyph: <SubjectGlyph subject="temperature" size={36} />,
    says: say('plannerAsk.cDay', { day: plan.room.day }),
    more: say('plannerAsk.cNight', { night: plan.room.night }),
    fields: ['room.day', 'room.night'],
    wide: true,
    panel: <RoomTemperature group={group} plan={plan} change={change} problems={problems} />,
  };
  return [water, ...(differs(plan, 'light', 'place') ? [] : [light]), ...(differs(plan, 'temperature', 'place') ? [] : [warmth])];
}

/** How it is watered, as far as that is alike for all. */
function wateringWords(plan: PlanDocument, { cover, paper }: GrowingMethod, dose: boolean): Pick<AlikeThing, 'says' | 'more'> {
  const own = differs(plan, 'water');
  if (!isWatered(plan))
    return {
      says: own ? say('plannerAsk.notWatered') : say('plannerAsk.staysDamp'),
      more: cover === 'stays' ? say('plannerAsk.keptClosed') : say('plannerAsk.wettedOnce'),
    };
  if (own) return { says: say('plannerAsk.watered'), more: say('plannerAsk.sameDays') };
  if (dose) return { says: say('plannerAsk.dose', { ml: plan.doseMl }), more: say('plannerAsk.timeWatered') };
  const damp = plan.protocol.water === 'damp-before' && paper;
  return { says: say('plannerAsk.watered'), more: damp ? say('plannerAsk.wetStart') : WATER_WORDS[plan.protocol.water] };
}

const WATER_WORDS: Record<PlanDocument['protocol']['water'], string> = spoken({
  'damp-before': 'plannerAsk.soilDampStart',
  'by-touch': 'plannerAsk.byTouch',
  'fixed-volume': 'plannerAsk.fixedAmount',
  'by-weight': 'plannerAsk.byWeight',
});
