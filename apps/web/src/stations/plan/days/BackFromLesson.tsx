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
        label={plan.kind === 'age-ladder' ? 'The lesson on which every age is seen' : 'Or: a lesson for which half should be up'}
        field="lessonOn"
        problems={problems}
        hint={planned && !planned.ok ? planned.reason : undefined}
        value={plan.lessonOn}
        onChange={(lessonOn) => change(setting({ lessonOn }))}
      />
      {planned?.ok && (
        <p className="planner-advice">
          Sow by <b>{formatDay(planned.sowOn)}</b>: the chance of being late is{' '}
          {Math.max(1, Math.round(100 * planned.chanceLate))} in 100.{' '}
          <button
            type="button"
            className="btn"
            disabled={plan.sowOn === planned.sowOn}
            onClick={() => change(setting({ sowOn: planned.sowOn }))}
          >
            Sow on that day
          </button>
        </p>
      )}
    </div>
  );
}
