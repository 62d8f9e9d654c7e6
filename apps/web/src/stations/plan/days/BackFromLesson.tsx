import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { sowForLesson } from '@bright-sprout/core/seeds/backPlanning';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { DayField, setting } from '../planFields';
import { type PartProps } from '../partProps';

/** The day of sowing, counted back from the lesson for which plants are to be up. */
export function BackFromLesson({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const species = speciesById(plan.speciesId);
  const planned =
    plan.lessonOn && plan.kind !== 'age-ladder' && species && problems.length === 0
      ? sowForLesson(species, { lesson: plan.lessonOn, seeds: plan.containersEach * plan.seedsEach }, plan.room, plan.calendar)
      : null;
  return (
    <div className="planner-columns">
      <DayField
        label={plan.kind === 'age-ladder' ? say('planner.lessonEveryAgeSeen') : say('planner.lessonHalfShould')}
        field="lessonOn"
        problems={problems}
        hint={planned && !planned.ok ? planned.reason : undefined}
        value={plan.lessonOn}
        onChange={(lessonOn) => change(setting({ lessonOn }))}
      />
      {planned?.ok && (
        <p className="planner-advice">
          <Say
            it="planner.sowChanceBeingLate"
            sowOn={formatDay(planned.sowOn)}
            b={(inside) => <b>{inside}</b>}
            chance={Math.max(1, Math.round(100 * planned.chanceLate))}
          />{' '}
          <button
            type="button"
            className="btn"
            disabled={plan.sowOn === planned.sowOn}
            onClick={() => change(setting({ sowOn: planned.sowOn }))}
          >
            {say('planner.sowDay')}
          </button>
        </p>
      )}
    </div>
  );
}
