import { say } from '@bright-sprout/words/say';
import { SEED_LOOK_WORDS } from '@bright-sprout/core/plan/document/seedLookWords';
import { SEED_LOOKS, type SeedLook } from '@bright-sprout/core/plan/document/planDocument';
import { addDays } from '@bright-sprout/core/calendar/days';
import { schoolDayFrom } from '@bright-sprout/core/calendar/schoolCalendar';
import { Form } from 'react-bootstrap';
import { DayField, setting } from '../planFields';
import { type PartProps } from '../partProps';

/** A lesson about the seeds before they are sown: what is done in it, and when. */
export function SeedLessonPanel({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  const { seedLesson } = plan;
  const turn = (look: SeedLook, on: boolean) =>
    change((p) => {
      const before = p.seedLesson ?? { on: schoolDayFrom(p.calendar, addDays(p.sowOn, -1), -1) ?? p.sowOn, looks: [] };
      const looks = SEED_LOOKS.filter((l) => (l === look ? on : before.looks.includes(l)));
      return { ...p, seedLesson: looks.length > 0 ? { ...before, looks } : null };
    });
  return (
    <>
      <fieldset className="picture-choices">
        <legend>{say('plannerSeeds.lessonBeforeSowingTeams')}</legend>
        {SEED_LOOKS.map((look) => (
          <Form.Check
            key={look}
            type="checkbox"
            id={`look-${look}`}
            label={
              <span>
                <b>{SEED_LOOK_WORDS[look].name}</b>
                <span className="second">{SEED_LOOK_WORDS[look].about}</span>
              </span>
            }
            checked={seedLesson?.looks.includes(look) ?? false}
            onChange={(e) => turn(look, e.target.checked)}
          />
        ))}
      </fieldset>
      {seedLesson && (
        <DayField
          label={say('plannerSeeds.on')}
          field="seedLesson"
          problems={problems}
          value={seedLesson.on}
          onChange={(on) => change(setting({ seedLesson: { ...seedLesson, on } }))}
        />
      )}
    </>
  );
}
