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
        label="A handful or a packet each: they are counted when they are sown"
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
        label={`Seeds in each ${methodById(plan.methodId)?.container ?? 'container'}`}
        field="seedsEach"
        problems={problems}
        hint={out ? seedsHint(plan, out) : undefined}
        value={plan.seedsEach}
        onChange={(seedsEach) => change(setting({ seedsEach }))}
      />
      <NumberField
        label="Plants left after thinning"
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
  const enough = plan.kind === 'crowding' ? 'enough plants' : 'a plant';
  if (recipes.some((r) => r.seeds !== plan.seedsEach))
    return `Numbers differ between treatments; where it is least sure, about ${Math.round(100 * chanceOfEnough)} of 100 have ${enough}.`;
  const more = seedsAdvised !== null && seedsAdvised > plan.seedsEach ? `; ${seedsAdvised} would make it 95` : '';
  return `With ${plan.seedsEach}, about ${Math.round(100 * chanceOfEnough)} of 100 have ${enough}${more}.`;
}
