import { say } from '@bright-sprout/words/say';
import { Form } from 'react-bootstrap';
import { DayField, setting } from '../planFields';
import { type PartProps } from '../partProps';

/** Whether plants go outside in the end, and the last frost to wait for. */
export function Outside({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <div className="planner-outside">
      <Form.Check
        id="goes-outside"
        type="checkbox"
        label={say('planner.endPlantsGoOutside')}
        checked={plan.goesOutside}
        onChange={(e) => change(setting({ goesOutside: e.target.checked }))}
      />
      <Form.Check
        id="harvested"
        type="checkbox"
        label={say('planner.endHarvestedWeighed')}
        checked={plan.harvested}
        onChange={(e) => change(setting({ harvested: e.target.checked }))}
      />
      {plan.goesOutside && (
        <DayField
          label={say('planner.lastFrostRule')}
          hint={say('planner.leaveEmptyWhereNever')}
          field="lastFrost"
          problems={problems}
          value={plan.lastFrost}
          onChange={(lastFrost) => change(setting({ lastFrost }))}
        />
      )}
    </div>
  );
}
