import { say } from '@bright-sprout/words/say';
import { countingBy } from '@bright-sprout/core/plan/document/startingPoints';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { METHODS, methodById, usualFillMl } from '@bright-sprout/core/seeds/catalogue';
import { capital } from '@bright-sprout/core/words/capital';
import { counted, nounOf, plural } from '@bright-sprout/core/words/plural';
import { MethodGlyph } from '../../../../drawing/container/MethodGlyph';
import { NumberField, setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { PictureChoices } from './PictureChoices';

/** How many of each, and grown in what. */
export function ContainersPanel(props: PartProps) {
  return (
    <>
      <ContainersEach {...props} />
      <MethodChoices plan={props.plan} change={props.change} />
    </>
  );
}

export function ContainersEach({ plan, change, problems, group }: PartProps) {
  const container = methodById(plan.methodId)?.container ?? nounOf('container');
  const treatments = planTreatments(plan).length;
  return (
    <NumberField
      label={capital(say('plannerAsk.ofEach', { container: plural(container) }))}
      field="containersEach"
      problems={problems}
      hint={`${counted(treatments, 'treatment')}, ${counted(group.teams.length, 'team')}.`}
      value={plan.containersEach}
      onChange={(containersEach) => change(setting({ containersEach }))}
    />
  );
}

/** Every way of growing with its picture and how long it lasts alone. */
export function MethodChoices({ plan, change }: Pick<PartProps, 'plan' | 'change'>) {
  return (
    <PictureChoices
      label={say('plannerAsk.wayGrowing')}
      value={plan.methodId}
      choices={METHODS.map((m) => ({
        value: m.id,
        picture: <MethodGlyph method={m} />,
        name: m.name,
        does: say('plannerAsk.rootsSeenShootsMeasured', { paper: m.paper, unattendedDays: m.unattendedDays }),
      }))}
      onChoose={(methodId) =>
        change((p) => {
          const m = methodById(methodId)!;
          return countingBy({ ...p, methodId, fillMl: usualFillMl(m) }, m.paper ? 'root-2mm' : 'shoot');
        })
      }
    />
  );
}
