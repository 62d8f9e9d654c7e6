import { say } from '@bright-sprout/words/say';
import { layoutForm } from '@bright-sprout/core/plan/layout/layoutForm';
import { type OwnCarrier } from '@bright-sprout/core/plan/document/planDocument';
import { capital } from '@bright-sprout/core/words/capital';
import { plural } from '@bright-sprout/core/words/plural';
import { Form } from 'react-bootstrap';
import { NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';

const shape = (): readonly [keyof OwnCarrier, string][] => [
  ['columns', say('layOut.placesSideSide')],
  ['rows', say('layOut.placesBehindOther')],
  ['wideMm', say('layOut.placeWideMm')],
  ['deepMm', say('layOut.deepMm')],
];

/** How many trays, pans or boxes, and what shape they have where it is one's own. */
export function CarrierPanel({ plan, change, problems, out }: PartProps) {
  const form = layoutForm(plan.methodId, plan.ownCarrier);
  const trays = out?.layout.trays.length ?? 0;
  const put = (ownCarrier: OwnCarrier | null) => change(setting({ ownCarrier, moved: {} }));
  return (
    <>
      <NumberField
        label={capital(plural(form.carrier))}
        hint={trays > plan.trays ? say('layOut.themNeed', { trays }) : undefined}
        field="trays"
        problems={problems}
        value={plan.trays}
        onChange={(value) => change(setting({ trays: value, moved: {} }))}
      />
      <Form.Check
        type="checkbox"
        id="own-carrier"
        label={say('layOut.shapeOwn')}
        checked={plan.ownCarrier !== null}
        onChange={(e) => put(e.target.checked ? shapeNow(out, form.footprint(plan.fillMl)) : null)}
      />
      {plan.ownCarrier && (
        <div className="planner-pair">
          {shape().map(([part, label]) => (
            <NumberField
              key={part}
              label={label}
              field="ownCarrier"
              problems={problems}
              value={plan.ownCarrier![part]}
              onChange={(value) => change((p) => ({ ...p, ownCarrier: { ...p.ownCarrier!, [part]: value }, moved: {} }))}
            />
          ))}
        </div>
      )}
    </>
  );
}

/** One's own shape begins as what stands there now. */
function shapeNow(out: PartProps['out'], { wideMm, deepMm }: { wideMm: number; deepMm: number }): OwnCarrier {
  const tray = out?.layout.trays[0];
  return { columns: tray?.columns ?? 6, rows: tray?.rows ?? 4, wideMm, deepMm };
}
