import { layoutForm } from '@bright-sprout/core/plan/layout/layoutForm';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { capital } from '@bright-sprout/core/words/capital';
import { counted, plural } from '@bright-sprout/core/words/plural';
import { type ReactNode } from 'react';
import { ContainersEach } from '../ask/panels/ContainersPanel';
import { ASSIGNMENT_WORDS, AssignmentChoices } from '../ask/panels/WhoGetsWhat';
import { NumberField, setting } from '../planFields';
import { type PartProps } from '../partProps';
import { SentenceWord } from '../SentenceWord';
import { CarrierPanel } from './CarrierPanel';

/** Who gets what and where it stands, in one sentence; each word opens the field behind it. */
export function LayOutSentence(props: PartProps) {
  const { plan, change, problems, readOnly, out } = props;
  const container = methodById(plan.methodId)?.container ?? 'container';
  const treatments = planTreatments(plan).length;
  const moved = Object.keys(plan.moved).length;
  const atHome = plan.assignment === 'own-pot';
  const word = (name: string, says: string, fields: readonly string[], panel: ReactNode, wide = false) => (
    <SentenceWord name={name} says={says} fields={fields} wide={wide} problems={problems} readOnly={readOnly}>
      {panel}
    </SentenceWord>
  );
  return (
    <div className="asked-as no-print">
      {word(
        'Containers',
        counted(plan.containersEach * treatments, container),
        ['containersEach'],
        <ContainersEach {...props} />,
      )}{' '}
      and{' '}
      {word(
        'In reserve',
        plan.reserveEach > 0 ? `${plan.reserveEach * treatments} in reserve` : 'none in reserve',
        ['reserveEach'],
        <NumberField
          label={capital(`${plural(container)} of each in reserve`)}
          field="reserveEach"
          hint="Sown and watered like the others. One takes the place of a lost one that got the same, and is measured from then on."
          problems={problems}
          value={plan.reserveEach}
          onChange={(reserveEach) => change(setting({ reserveEach, moved: {} }))}
        />,
      )}
      {!atHome && ' on '}
      {!atHome && word('What carries them', carrierWords(props), ['trays', 'ownCarrier'], <CarrierPanel {...props} />)}
      {', '}
      {word('Who gets what', ASSIGNMENT_WORDS[plan.assignment].name, ['assignment'], <AssignmentChoices {...props} />, true)}
      {atHome ? ', shared out ' : ', places '}
      {word(
        'Places',
        moved === 0 ? (atHome ? 'by lot' : 'drawn by lot') : `drawn by lot, ${counted(moved, container)} moved by hand`,
        [],
        <>
          <p>
            Lot number {plan.drawSeed}: the same number always draws the same.
            {out && out.layout.split.code === 'uneven' && ' Of all deals the one whose pairs meet most evenly is taken.'}
          </p>
          <p className="d-flex flex-wrap gap-2 mb-0">
            <button type="button" className="btn" onClick={() => change((p) => ({ ...p, drawSeed: p.drawSeed + 1, moved: {} }))}>
              Draw lots again
            </button>
            {moved > 0 && (
              <button type="button" className="btn btn-plain" onClick={() => change(setting({ moved: {} }))}>
                Put them back as drawn
              </button>
            )}
          </p>
        </>,
      )}
      .
    </div>
  );
}

/** `2 trays of 6 × 4`, `a tray as long as it takes`. */
function carrierWords({ plan, out }: PartProps): string {
  const { carrier } = layoutForm(plan.methodId, plan.ownCarrier);
  const trays = out?.layout.trays.length ?? Math.max(1, plan.trays);
  const own = plan.ownCarrier ? ` of ${plan.ownCarrier.columns} × ${plan.ownCarrier.rows}` : '';
  return `${counted(trays, carrier)}${own}`;
}
