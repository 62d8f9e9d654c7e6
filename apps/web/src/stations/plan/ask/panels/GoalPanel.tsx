import { setting, NumberField, TextField } from '../../planFields';
import { type PartProps } from '../../partProps';

/** Things that most rooms have, with their usual height in mm. */
const EVERYDAY = [
  { name: 'a hand', mm: 170 },
  { name: 'a school ruler', mm: 300 },
  { name: 'a milk carton', mm: 200 },
];

/** A line on the wall that plants grow towards: as tall as something of every day. */
export function GoalPanel({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const { goal } = plan;
  return (
    <>
      <h3>A goal line on the wall</h3>
      <div className="d-flex flex-wrap gap-2 mb-3">
        {EVERYDAY.map((thing) => (
          <button key={thing.name} type="button" className="btn" onClick={() => change(setting({ goal: thing }))}>
            {thing.name}, {thing.mm / 10} cm
          </button>
        ))}
        {goal && (
          <button type="button" className="btn btn-plain" onClick={() => change(setting({ goal: null }))}>
            No goal line
          </button>
        )}
      </div>
      {goal && (
        <div className="planner-columns">
          <TextField
            label="As tall as"
            field="goal"
            problems={problems}
            value={goal.name}
            onChange={(name) => change(setting({ goal: { ...goal, name: name.slice(0, 40) } }))}
          />
          <NumberField
            label="Its height"
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
