import { addDays, formatDay, weekday } from '@bright-sprout/core/calendar/days';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { type PlanCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';

/** What cannot fall on the day it would, and the way out. */
export function Conflicts({ days }: { days: PlanCalendar }) {
  if (days.conflicts.length === 0) return null;
  return (
    <ul className="planner-conflicts">
      {days.conflicts.map((c) => (
        <li key={c.what} className={c.settled ? 'second' : undefined}>
          {c.what} {c.wayOut}
        </li>
      ))}
    </ul>
  );
}

/** One line a day that has something, weeks apart. */
export function Agenda({ days }: { days: PlanCalendar }) {
  const dates = [...new Set(days.events.map((e) => e.day))];
  return (
    <ol className="agenda">
      {dates.map((day, i) => {
        const newWeek = i > 0 && addDays(dates[i - 1]!, 7 - ((weekday(dates[i - 1]!) + 6) % 7)) <= day;
        return (
          <li key={day} className={newWeek ? 'agenda-week' : undefined}>
            <span className="agenda-day">{formatDay(day, 'short')}</span>
            <span>
              {days.events
                .filter((e) => e.day === day)
                .map((e) => ({ kind: e.kind, ...eventWords(e) }))
                .map(({ kind, title, note }) => (
                  <span key={kind + title} className={`agenda-event agenda-${kind}`}>
                    <b>{title}</b> {kind !== 'check' && note}
                  </span>
                ))}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
