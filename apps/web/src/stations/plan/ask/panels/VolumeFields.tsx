import { nounOf } from '@bright-sprout/core/words/plural';
import { say } from '@bright-sprout/words/say';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { NumberField, setting } from '../../planFields';
import { type PartProps } from '../../partProps';

type Props = Pick<PartProps, 'plan' | 'change' | 'problems'>;

/** What is filled into one container. */
export function FillField({ plan, change, problems }: Props) {
  return (
    <NumberField
      label={say('plannerAsk.fillOfOne', { container: methodById(plan.methodId)?.container ?? nounOf('container') })}
      unit="mL"
      field="fillMl"
      problems={problems}
      value={plan.fillMl}
      onChange={(fillMl) => change(setting({ fillMl }))}
    />
  );
}

/** What one container gets each time it is watered. */
export function DoseField({ plan, change, problems }: Props) {
  return (
    <NumberField
      label={say('plannerAsk.wateringContainer')}
      unit="mL"
      field="doseMl"
      problems={problems}
      value={plan.doseMl}
      onChange={(doseMl) => change(setting({ doseMl }))}
    />
  );
}
