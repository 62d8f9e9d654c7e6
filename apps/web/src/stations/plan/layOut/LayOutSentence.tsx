import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { layoutForm } from '@bright-sprout/core/plan/layout/layoutForm';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { capital } from '@bright-sprout/core/words/capital';
import { counted, nounOf, plural } from '@bright-sprout/core/words/plural';
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
  const container = methodById(plan.methodId)?.container ?? nounOf('container');
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
        say('common.containers'),
        counted(plan.containersEach * treatments, container),
        ['containersEach'],
        <ContainersEach {...props} />,
      )}{' '}
      <Say
        it="layOut.sharedPlaces"
        plants={word(
          say('layOut.inReserve'),
          plan.reserveEach > 0
            ? say('layOut.countInReserve', { reserveEach: plan.reserveEach * treatments })
            : say('layOut.noneReserve'),
          ['reserveEach'],
          <NumberField
            label={capital(say('layOut.ofEachInReserve', { container: plural(container) }))}
            field="reserveEach"
            hint={say('layOut.sownWateredLikeOthers')}
            problems={problems}
            value={plan.reserveEach}
            onChange={(reserveEach) => change(setting({ reserveEach, moved: {} }))}
          />,
        )}
        atHome={atHome}
        room={
          !atHome && word(say('layOut.carriesThem'), carrierWords(props), ['trays', 'ownCarrier'], <CarrierPanel {...props} />)
        }
        where={word(
          say('layOut.whoGetsWhat'),
          ASSIGNMENT_WORDS[plan.assignment].name,
          ['assignment'],
          <AssignmentChoices {...props} />,
          true,
        )}
        how={word(
          say('layOut.places'),
          moved === 0
            ? atHome
              ? say('layOut.byLot')
              : say('layOut.drawnLot')
            : say('layOut.drawnLotMovedHand', { moved: counted(moved, container) }),
          [],
          <>
            <p>
              {say('layOut.lotNumberSameNumber', {
                drawSeed: plan.drawSeed,
                out: Boolean(out && out.layout.split.code === 'uneven'),
              })}
            </p>
            <p className="d-flex flex-wrap gap-2 mb-0">
              <button
                type="button"
                className="btn"
                onClick={() => change((p) => ({ ...p, drawSeed: p.drawSeed + 1, moved: {} }))}
              >
                {say('layOut.drawLotsAgain')}
              </button>
              {moved > 0 && (
                <button type="button" className="btn btn-plain" onClick={() => change(setting({ moved: {} }))}>
                  {say('layOut.putThemBackDrawn')}
                </button>
              )}
            </p>
          </>,
        )}
      />
    </div>
  );
}

/** `2 trays of 6 × 4`, `a tray as long as it takes`. */
function carrierWords({ plan, out }: PartProps): string {
  const { carrier } = layoutForm(plan.methodId, plan.ownCarrier);
  const trays = counted(out?.layout.trays.length ?? Math.max(1, plan.trays), carrier);
  if (!plan.ownCarrier) return trays;
  const { columns, rows } = plan.ownCarrier;
  return say('layOut.traysOfColumnsAndRows', { trays, columns, rows });
}
