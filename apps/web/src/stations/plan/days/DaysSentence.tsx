import { formatDay, isIsoDay } from '@bright-sprout/core/calendar/days';
import { checksInWords } from '@bright-sprout/core/plan/question/askedAs';
import { type WhileAway } from '@bright-sprout/core/plan/document/planDocument';
import { counted } from '@bright-sprout/core/words/plural';
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
  nothing: { name: 'they live on what they hold', does: 'Enough for a weekend in most containers.' },
  reservoir: { name: 'they stand on a wick or in a saucer', does: 'Lasts about twice as long.' },
  somebody: { name: 'somebody comes in to water', does: 'As long as you like; the days stand in the calendar.' },
};

const dayWords = (day: string) => (isIsoDay(day) ? formatDay(day) : 'a day');

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
      {plan.kind === 'age-ladder' ? 'Sown in steps for the lesson on ' : 'Sown on '}
      {plan.kind === 'age-ladder'
        ? word('Lesson', dayWords(plan.lessonOn), ['lessonOn'], <Sowing {...props} />)
        : word('Sowing', dayWords(plan.sowOn), ['sowOn', 'lessonOn'], <Sowing {...props} />)}
      , looked at{' '}
      {word('Days of looking', checksInWords(plan), ['cadence'], <Cadence plan={plan} change={change} problems={problems} />)} in{' '}
      {word(
        'Lesson time',
        plan.period.trim() || 'any lesson',
        ['period'],
        <TextField
          label="Period"
          field="period"
          problems={problems}
          value={plan.period}
          placeholder="10:15–11:00"
          onChange={(period) => change(setting({ period }))}
        />,
      )}
      , for the last time on{' '}
      {word(
        'The end',
        dayWords(plan.endOn),
        ['endOn'],
        <DayField
          label="Last look"
          field="endOn"
          problems={problems}
          value={plan.endOn}
          onChange={(endOn) => change(setting({ endOn }))}
        />,
      )}
      . While nobody is at school,{' '}
      {word(
        'While nobody is at school',
        AWAY[plan.whileAway].name,
        ['whileAway'],
        <PictureChoices
          label="While nobody is at school"
          value={plan.whileAway}
          choices={(Object.keys(AWAY) as WhileAway[]).map((value) => ({ value, ...AWAY[value] }))}
          onChoose={(whileAway) => change(setting({ whileAway }))}
        />,
      )}
      . School is held{' '}
      {word(
        'School days',
        holidays === 0 ? 'without days off' : `with ${counted(holidays, 'break')}`,
        ['calendar'],
        <SchoolDays group={group} plan={plan} change={change} problems={problems} />,
        true,
      )}
      , at{' '}
      {word(
        'Warmth',
        `${plan.room.day} °C`,
        ['room.day', 'room.night'],
        <RoomTemperature group={group} plan={plan} change={change} problems={problems} />,
        true,
      )}
      .{' '}
      {(props.out?.recipes.some((r) => r.keep !== null) || plan.thinOn !== '') && (
        <>
          Thinned{' '}
          {word(
            'Thinning',
            plan.thinOn ? `on ${dayWords(plan.thinOn)}` : 'when the first true leaves open',
            ['thinOn'],
            <Thinning plan={plan} change={change} problems={problems} />,
          )}
          .{' '}
        </>
      )}
      In the end the plants{' '}
      {word(
        'In the end',
        plan.goesOutside ? 'go outside' : plan.harvested ? 'are harvested' : 'stay inside',
        ['lastFrost'],
        <Outside plan={plan} change={change} problems={problems} />,
      )}
      .
    </div>
  );
}
