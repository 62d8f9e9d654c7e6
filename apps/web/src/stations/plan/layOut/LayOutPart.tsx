import { layoutForm } from '@bright-sprout/core/plan/layout/layoutForm';
import { moveTo } from '@bright-sprout/core/plan/layout/layOut';
import { plural } from '@bright-sprout/core/words/plural';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { AssignmentField } from '../ask/panels/WhoGetsWhat';
import { NumberField, setting } from '../planFields';
import { NotYet } from '../NotYet';
import { type PartProps } from '../partProps';
import { CARRIERS } from './carriers';
import { Concurrence } from './Concurrence';
import { Trays } from './Trays';

/** Who gets what, and where each container stands; moved by pointer or by keyboard. */
export function LayOutPart({ group, plan, change, problems, out, readOnly }: PartProps) {
  const layout = out?.layout;
  return (
    <>
      <section className="section no-print">
        <h2>Who gets what</h2>
        <div className="planner-columns">
          <AssignmentField plan={plan} change={change} problems={problems} out={out} />
          <NumberField
            label={plural(CARRIERS[layoutForm(plan.methodId).id])}
            hint={layout && layout.trays.length > plan.trays ? `All of them need ${layout.trays.length}.` : undefined}
            field="trays"
            problems={problems}
            value={plan.trays}
            onChange={(trays) => change(setting({ trays, moved: {} }))}
          />
        </div>
        <p className="d-flex gap-2 flex-wrap align-items-center mb-0">
          <button type="button" className="btn" onClick={() => change((p) => ({ ...p, drawSeed: p.drawSeed + 1, moved: {} }))}>
            Draw lots again
          </button>
          <span className="second">Lot number {plan.drawSeed}: the same number always draws the same.</span>
          {Object.keys(plan.moved).length > 0 && (
            <button type="button" className="btn btn-plain" onClick={() => change(setting({ moved: {} }))}>
              Put them back as drawn
            </button>
          )}
        </p>
      </section>
      {out ? <Stands group={group} plan={plan} change={change} out={out} readOnly={readOnly} /> : <NotYet />}
    </>
  );
}

function Stands({
  group,
  plan,
  change,
  out,
  readOnly,
}: Pick<PartProps, 'group' | 'plan' | 'change' | 'readOnly'> & { out: NonNullable<PartProps['out']> }) {
  const { layout } = out;
  return (
    <>
      <section className="section">
        <h2>Where they stand</h2>
        <p className="second no-print">
          Drag a container to another place. By keyboard: space lifts it, arrows move it, space puts it down, escape leaves it.
        </p>
        <Trays
          group={group}
          layout={layout}
          moved={plan.moved}
          readOnly={readOnly}
          onMove={(code, place) => change((p) => ({ ...p, moved: moveTo(layout, p.moved, code, place) }))}
        />
        <p className="second mb-0">
          {layout.trays.length > 1 ? 'Each takes' : 'They take'} about {Math.ceil(layout.trays[0]!.wideMm / 10)} ×{' '}
          {Math.ceil(layout.trays[0]!.deepMm / 10)} cm.
        </p>
      </section>
      {layout.pairsTogether && <Concurrence treatments={out.treatments.map((t) => t.code)} containers={layout.containers} />}
      <section className="section">
        <h2>What the letters mean</h2>
        <table className="table">
          <tbody>
            {out.treatments.map((t) => (
              <tr key={t.code}>
                <td>
                  <TreatmentMark code={t.code} size={20} /> <b>{t.code}</b>
                </td>
                <td>
                  {t.label} {t.control && <span className="second">(the control)</span>}
                </td>
                <td className="numeral">{layout.containers.filter((c) => c.treatment === t.code).length}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </>
  );
}
