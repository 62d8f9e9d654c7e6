import { say } from '@bright-sprout/words/say';
import { moveTo } from '@bright-sprout/core/plan/layout/layOut';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { NotYet } from '../NotYet';
import { type PartProps } from '../partProps';
import { Concurrence } from './Concurrence';
import { LayOutSentence } from './LayOutSentence';
import { OwnPots } from './OwnPots';
import { Trays } from './Trays';

/** Who gets what, and where each container stands; moved by pointer or by keyboard. */
export function LayOutPart(props: PartProps) {
  const { group, plan, change, out, readOnly } = props;
  return (
    <>
      <LayOutSentence {...props} />
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
      {plan.assignment === 'own-pot' ? (
        <section className="section">
          <h2>{say('layOut.whoseIsWhich')}</h2>
          <OwnPots layout={layout} teams={group.teams} />
          <p className="second mb-0">{say('layOut.numberStandsLabelToo')}</p>
        </section>
      ) : (
        <section className="section">
          <h2>{say('layOut.whereStand')}</h2>
          <p className="second no-print">{say('layOut.dragContainerAnotherPlace')}</p>
          <Trays
            group={group}
            layout={layout}
            moved={plan.moved}
            readOnly={readOnly}
            onMove={(code, place) => change((p) => ({ ...p, moved: moveTo(layout, p.moved, code, place) }))}
          />
          <p className="mb-1">{splitWords(layout.split)}</p>
          <p className="second mb-0">
            {say('layOut.dashedOnesStandReserve', {
              someReserve: layout.reserve.length > 0,
              severalTrays: layout.trays.length > 1,
              wide: Math.ceil(layout.trays[0]!.wideMm / 10),
              long: Math.ceil(layout.trays[0]!.deepMm / 10),
            })}
          </p>
        </section>
      )}
      {layout.pairsTogether && <Concurrence treatments={out.treatments.map((t) => t.code)} containers={layout.containers} />}
      <section className="section">
        <h2>{say('layOut.lettersMean')}</h2>
        <table className="table">
          <tbody>
            {out.treatments.map((t) => (
              <tr key={t.code}>
                <td>
                  <TreatmentMark code={t.code} size={20} /> <b>{t.code}</b>
                </td>
                <td>
                  {t.label} {t.control && <span className="second">{say('layOut.theControl')}</span>}
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
