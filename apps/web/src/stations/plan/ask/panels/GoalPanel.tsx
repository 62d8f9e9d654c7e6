import { say } from '@bright-sprout/words/say';
import { setting, NumberField, TextField } from '../../planFields';
import { type PartProps } from '../../partProps';

/** Things that most rooms have, with their usual height in mm. */
const EVERYDAY = [
  {
    get name() {
      return say('plannerAsk.aHand');
    },
    mm: 170,
  },
  {
    get name() {
      return say('plannerAsk.schoolRuler');
    },
    mm: 300,
  },
  {
    get name() {
      return say('plannerAsk.milkCarton');
    },
    mm: 200,
  },
];

/** A line on the wall that plants grow towards: as tall as something of every day. */
export function GoalPanel({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const { goal } = plan;
  return (
    <>
      <h3>{say('plannerAsk.goalLineWall')}</h3>
      <div className="d-flex flex-wrap gap-2 mb-3">
        {EVERYDAY.map((thing) => (
          <button key={thing.name} type="button" className="btn" onClick={() => change(setting({ goal: thing }))}>
            {say('plannerAsk.namedHeight', { name: thing.name, mm: thing.mm / 10 })}
          </button>
        ))}
        {goal && (
          <button type="button" className="btn btn-plain" onClick={() => change(setting({ goal: null }))}>
            {say('plannerAsk.noGoalLine')}
          </button>
        )}
      </div>
      {goal && (
        <div className="planner-columns">
          <TextField
            label={say('plannerAsk.asTallAsTitle')}
            field="goal"
            problems={problems}
            value={goal.name}
            onChange={(name) => change(setting({ goal: { ...goal, name: name.slice(0, 40) } }))}
          />
          <NumberField
            label={say('plannerAsk.itsHeight')}
            unit="mm"
            field="goal"
            problems={problems}
            value={goal.mm}
            onChange={(mm) => change(setting({ goal: { ...goal, mm } }))}
          />
        </div>
      )}
    </>
  );
}
