import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { isWatered } from '@bright-sprout/core/plan/document/waterings';
import { type GrowingMethod } from '@bright-sprout/core/seeds/catalogue';
import { SubjectGlyph } from '../../../../drawing/container/SubjectGlyph';
import { RoomTemperature } from '../../days/RoomTemperature';
import { NumberField, setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { ProtocolChoice } from '../panels/ProtocolChoice';
import { type AlikeThing, differs } from './alikeThing';

/** Water, light and warmth. */
export function careThings(props: PartProps, method: GrowingMethod): AlikeThing[] {
  const { plan, change, problems, group } = props;
  const shut = method.cover === 'stays';
  const dose = plan.protocol.water === 'fixed-volume' || differs(plan, 'salt', 'acid', 'feed');
  const water: AlikeThing = {
    key: 'water',
    glyph: <SubjectGlyph subject="water" size={36} />,
    says: !isWatered(plan) ? 'stays damp' : differs(plan, 'water') ? 'the same days' : dose ? `${plan.doseMl} mL` : 'watered',
    more: !isWatered(plan) ? 'closed, not watered' : dose ? 'each time it is watered' : WATER_WORDS[plan.protocol.water],
    fields: ['doseMl'],
    panel: (
      <>
        {isWatered(plan) && (
          <>
            <NumberField
              label="One watering of one container"
              unit="mL"
              field="doseMl"
              problems={problems}
              value={plan.doseMl}
              onChange={(doseMl) => change(setting({ doseMl }))}
            />
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
    says: plan.protocol.lightBefore === 'bright-window' ? 'bright window' : 'warm and covered',
    more: plan.protocol.lightBefore === 'bright-window' ? 'from day one' : 'until they are up',
    fields: [],
    panel: <ProtocolChoice name="lightBefore" plan={plan} change={change} />,
  };
  const warmth: AlikeThing = {
    key: 'warmth',
    glyph: <SubjectGlyph subject="temperature" size={36} />,
    says: `${plan.room.day} °C by day`,
    more: `${plan.room.night} °C by night`,
    fields: ['room.day', 'room.night'],
    wide: true,
    panel: <RoomTemperature group={group} plan={plan} change={change} problems={problems} />,
  };
  return [water, ...(differs(plan, 'light') ? [] : [light]), ...(differs(plan, 'temperature') ? [] : [warmth])];
}

const WATER_WORDS: Record<PlanDocument['protocol']['water'], string> = {
  'damp-before': 'soil damp from the start',
  'by-touch': 'by touch',
  'fixed-volume': 'a fixed amount',
  'by-weight': 'by weight',
};
