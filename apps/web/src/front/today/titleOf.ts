import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { counted } from '@bright-sprout/core/words/plural';

/** What there is to look at today, or when the next look is due. */
export function titleOf(all: InvestigationRecords[]): string {
  const due = all.filter(({ investigation: i }) => {
    const today = todayIn(i.class.timeZone);
    return i.schedule.length === 0 || i.schedule.some((e) => e.kind === 'check' && e.day === today);
  });
  if (due.length > 0) {
    const pots = due.reduce((n, r) => n + r.investigation.containers.length, 0);
    const names = new Set(due.map((r) => r.investigation.containerName));
    const noun = names.size === 1 ? counted(pots, [...names][0]!) : counted(pots, 'pot');
    return say('today.todayInvestigationInvestigationsLook', { n: due.length, noun });
  }
  const next = all
    .flatMap(({ investigation: i }) => {
      const today = todayIn(i.class.timeZone);
      return i.schedule.filter((e) => e.kind === 'check' && e.day > today);
    })
    .map((e) => e.day)
    .sort()[0];
  const growing = say('today.investigationInvestigationsGrowing', { n: all.length });
  return next ? say('today.nextCheck', { growing, next: formatDay(next) }) : growing;
}
