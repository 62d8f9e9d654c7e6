import { nounOf } from '@bright-sprout/core/words/plural';
import { say } from '@bright-sprout/words/say';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { Form } from 'react-bootstrap';
import { NumberField, setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { ProtocolChoice } from './ProtocolChoice';

/** How many seeds a container gets and how many plants stay, and by which school. */
export function SeedNumbers(props: PartProps) {
  const { plan, change } = props;
  return (
    <>
      <div className="planner-columns">
        <SeedsEach {...props} />
      </div>
      <Form.Check
        type="checkbox"
        id="seeds-counted"
        label={say('plannerAsk.handfulPacketCountedWhen')}
        checked={plan.seedsCounted}
        onChange={(e) => change(setting({ seedsCounted: e.target.checked }))}
      />
      {!methodById(plan.methodId)?.paper && <ProtocolChoice name="seedsToHole" plan={plan} change={change} />}
    </>
  );
}

/** Seeds in and plants left, with how surely that is enough. */
export function SeedsEach({ plan, change, problems, out }: PartProps) {
  return (
    <>
      <NumberField
        label={say('plannerAsk.seedsInEachContainer', { container: methodById(plan.methodId)?.container ?? nounOf('container') })}
        field="seedsEach"
        problems={problems}
        hint={out ? seedsHint(plan, out) : undefined}
        value={plan.seedsEach}
        onChange={(seedsEach) => change(setting({ seedsEach }))}
      />
      <NumberField
        label={say('plannerAsk.plantsLeftAfterThinning')}
        field="keep"
        problems={problems}
        value={plan.keep}
        onChange={(keep) => change(setting({ keep }))}
      />
    </>
  );
}

/** How surely the seeds of one container are enough. */
export function seedsHint(
  plan: PartProps['plan'],
  { chanceOfEnough, seedsAdvised, recipes }: NonNullable<PartProps['out']>,
): string {
  const enough = plan.kind === 'crowding' ? say('plannerAsk.enoughPlants') : say('plannerAsk.aPlant');
  if (recipes.some((r) => r.seeds !== plan.seedsEach))
    return say('plannerAsk.numbersDifferBetweenTreatments', { count: Math.round(100 * chanceOfEnough), enough });
  return say('plannerAsk.withAboutOfHave', {
    seedsEach: plan.seedsEach,
    count: Math.round(100 * chanceOfEnough),
    enough,
    moreHelp: seedsAdvised !== null && seedsAdvised > plan.seedsEach,
    seedsAdvised,
  });
}
