import { say } from '@bright-sprout/words/say';
import { Say } from '../../words/Say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { comingDays, drySoon } from '@bright-sprout/core/care/drySoon';
import { careTasksOn } from '@bright-sprout/core/care/careTasks';
import { currentReadings, isDoubtful } from '@bright-sprout/core/readings/reading';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { plural } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';

/** School days that are looked ahead. */
const AHEAD = 5;

const todayOf = (i: InvestigationView) => todayIn(i.class.timeZone);

/** Who is due for what today, which pots may be dry before anybody comes, open questions, and the next days. */
export function WhatComes({ all }: { all: InvestigationRecords[] }) {
  const investigations = all.map((r) => r.investigation);
  const due = investigations.flatMap((i) => {
    const today = todayOf(i);
    const events = i.schedule.filter((e) => e.day === today && ['sow', 'check', 'lesson', 'end'].includes(e.kind));
    const care = careTasksOn(today, i.schedule, i.bench.care).filter(
      (t) => !i.care.some((c) => c.day === today && c.task === t.id && c.teamId === null),
    );
    const words = [...events.map((e) => eventWords(e).title.toLowerCase()), ...care.map((t) => t.title.toLowerCase())];
    return words.length > 0 ? [{ i, words }] : [];
  });
  const dry = investigations.flatMap((i) => {
    const found = drySoon(i, todayOf(i));
    return found ? [{ i, found }] : [];
  });
  const asked = all.flatMap(({ investigation, readings }) => {
    const open = currentReadings(readings).filter(isDoubtful).length;
    return open > 0 ? [{ i: investigation, open }] : [];
  });
  const coming = investigations.flatMap((i) => comingDays(i.schedule, todayOf(i), AHEAD).map((d) => ({ ...d, i })));
  const days = [...new Set(coming.map((c) => c.day))].sort().slice(0, AHEAD);
  return (
    <>
      <section className="section">
        <h2>{say('today.dueToday')}</h2>
        {due.length === 0 ? (
          <p className="second">{say('today.planAnythingToday')}</p>
        ) : (
          due.map(({ i, words }) => (
            <p key={i.id}>
              <b>{i.class.name}</b>: {words.join(', ')}
            </p>
          ))
        )}
        {dry.map(({ i, found }) => (
          <p key={`dry ${i.id}`} className="today-dry">
            <Say
              it="today.likelyDryLastWatered"
              name={i.class.name}
              b={(inside) => <b>{inside}</b>}
              nextSeen={formatDay(found.nextSeen)}
              lastWatered={formatDay(found.lastWatered, 'short')}
              containerName={plural(i.containerName)}
              lasts={found.lasts}
            />
          </p>
        ))}
        {asked.map(({ i, open }) => (
          <p key={`asked ${i.id}`}>
            <Say
              it="today.heightHeightsDoubtOpen"
              name={i.class.name}
              b={(inside) => <b>{inside}</b>}
              open={open}
              link={(inside) => <Link to={`/investigations/${i.id}/log`}>{inside}</Link>}
            />
          </p>
        ))}
      </section>
      {days.length > 0 && (
        <section className="section mt-4">
          <h2>{say('today.nextDays')}</h2>
          <ol className="today-days">
            {days.map((day) => (
              <li key={day}>
                <span className="today-day">{formatDay(day, 'short')}</span>
                <span>
                  {coming
                    .filter((c) => c.day === day)
                    .map((c) => (
                      <span key={c.i.id} className="d-block">
                        <b>{c.i.class.name}</b> {c.events.map((e) => eventWords(e).title.toLowerCase()).join(', ')}
                      </span>
                    ))}
                </span>
              </li>
            ))}
          </ol>
        </section>
      )}
    </>
  );
}
