import { say } from '@bright-sprout/words/say';
import { DayField, setting } from '../planFields';
import { type PartProps } from '../partProps';
import { BackFromLesson } from './BackFromLesson';

/** When seedlings are thinned: as the plants decide, or on a day of one's own. */
export function Thinning({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <>
      <DayField
        label={say('planner.thinnedOn')}
        field="thinOn"
        problems={problems}
        value={plan.thinOn}
        onChange={(thinOn) => change(setting({ thinOn }))}
      />
      <button
        type="button"
        className="btn btn-plain"
        disabled={plan.thinOn === ''}
        onClick={() => change(setting({ thinOn: '' }))}
      >
        {say('planner.whenFirstTrueLeaves')}
      </button>
    </>
  );
}

/** The day of sowing as typed, or counted back from a lesson. */
export function Sowing({ plan, change, problems }: PartProps) {
  return (
    <>
      {plan.kind !== 'age-ladder' && (
        <DayField
          label={say('planner.sownOn')}
          field="sowOn"
          problems={problems}
          value={plan.sowOn}
          onChange={(sowOn) => change(setting({ sowOn }))}
        />
      )}
      <BackFromLesson plan={plan} change={change} problems={problems} />
    </>
  );
}
