import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { formatDay, isIsoDay } from '@bright-sprout/core/calendar/days';
import { checksInWords } from '@bright-sprout/core/plan/question/askedAs';
import { type WhileAway } from '@bright-sprout/core/plan/document/planDocument';
import { type ReactNode } from 'react';
import { PictureChoices } from '../ask/panels/PictureChoices';
import { DayField, setting, TextField } from '../planFields';
import { type PartProps } from '../partProps';
import { SentenceWord } from '../SentenceWord';
import { Cadence } from './Cadence';
import { Outside } from './Outside';
import { Sowing, Thinning } from './DayPanels';
import { RoomTemperature } from './RoomTemperature';
import { SchoolDays } from './SchoolDays';

const AWAY: Record<WhileAway, { name: string; does: string }> = {
  nothing: spoken({
    name: 'planner.liveHold',
    does: 'planner.enoughWeekendMostContainers',
  }),
  reservoir: spoken({
    name: 'planner.standWickSaucer',
    does: 'planner.lastsAboutTwiceLong',
  }),
  somebody: spoken({
    name: 'planner.somebodyComesWater',
    does: 'planner.longLikeDaysStand',
  }),
};

const dayWords = (day: string) => (isIsoDay(day) ? formatDay(day) : say('planner.aDay'));

/** The days in one sentence; each word opens the field in which it can be typed. */
export function DaysSentence(props: PartProps) {
  const { plan, change, problems, group, readOnly } = props;
  const word = (name: string, says: string, fields: readonly string[], panel: ReactNode, wide = false) => (
    <SentenceWord name={name} says={says} fields={fields} wide={wide} problems={problems} readOnly={readOnly}>
      {panel}
    </SentenceWord>
  );
  const holidays = plan.calendar.holidays.length + (plan.calendar.halfDays?.length ?? 0);
  return (
    <div className="asked-as">
      <Say
        it="planner.sownStepsLessonSown"
        inSteps={plan.kind === 'age-ladder'}
        sowing={
          plan.kind === 'age-ladder'
            ? word(say('planner.lesson'), dayWords(plan.lessonOn), ['lessonOn'], <Sowing {...props} />)
            : word(say('planner.sowing'), dayWords(plan.sowOn), ['sowOn', 'lessonOn'], <Sowing {...props} />)
        }
        looking={word(
          say('planner.daysLooking'),
          checksInWords(plan),
          ['cadence'],
          <Cadence plan={plan} change={change} problems={problems} />,
        )}
        where={word(
          say('planner.lessonTime'),
          plan.period.trim() || say('planner.anyLesson'),
          ['period'],
          <TextField
            label={say('planner.period')}
            field="period"
            problems={problems}
            value={plan.period}
            placeholder="10:15–11:00"
            onChange={(period) => change(setting({ period }))}
          />,
        )}
        last={word(
          say('common.theEnd'),
          dayWords(plan.endOn),
          ['endOn'],
          <DayField
            label={say('planner.lastLook')}
            field="endOn"
            problems={problems}
            value={plan.endOn}
            onChange={(endOn) => change(setting({ endOn }))}
          />,
        )}
        absence={word(
          say('planner.whileNobodySchool'),
          AWAY[plan.whileAway].name,
          ['whileAway'],
          <PictureChoices
            label={say('planner.whileNobodySchool')}
            value={plan.whileAway}
            choices={(Object.keys(AWAY) as WhileAway[]).map((value) => ({ value, ...AWAY[value] }))}
            onChoose={(whileAway) => change(setting({ whileAway }))}
          />,
        )}
        days={word(
          say('planner.schoolDays'),
          holidays === 0 ? say('planner.withoutDaysOff') : say('planner.breakBreaks', { holidays }),
          ['calendar'],
          <SchoolDays group={group} plan={plan} change={change} problems={problems} />,
          true,
        )}
        time={word(
          say('planner.warmth'),
          `${plan.room.day} °C`,
          ['room.day', 'room.night'],
          <RoomTemperature group={group} plan={plan} change={change} problems={problems} />,
          true,
        )}
        reminder={
          (props.out?.recipes.some((r) => r.keep !== null) || plan.thinOn !== '') && (
            <>
              <Say
                it="planner.thinned"
                when={word(
                  say('planner.thinning'),
                  plan.thinOn ? say('planner.onDay', { day: dayWords(plan.thinOn) }) : say('planner.whenFirstTrueLeavesLower'),
                  ['thinOn'],
                  <Thinning plan={plan} change={change} problems={problems} />,
                )}
              />{' '}
            </>
          )
        }
        end={word(
          say('planner.inTheEnd'),
          plan.goesOutside ? say('planner.goOutside') : plan.harvested ? say('planner.areHarvested') : say('planner.stayInside'),
          ['lastFrost'],
          <Outside plan={plan} change={change} problems={problems} />,
        )}
      />
    </div>
  );
}
