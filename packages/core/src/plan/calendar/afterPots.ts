import { addDays, formatDay, type IsoDay } from '../../calendar/days';
import { schoolDayFrom, schoolDays } from '../../calendar/schoolCalendar';
import { methodById } from '../../seeds/catalogue';
import { HARDENING_DAYS, outsideFrom } from '../../seeds/suitability';
import { type PlanDocument } from '../document/planDocument';
import { sowingDays } from '../document/treatmentSowing';
import { type KindWorkedOut, type WorkedOut } from '../workedOut/workOut';
import { type CalendarConflict, type Put } from './calendarConflict';

/** The day on which paper or sponge feeds nothing any more; null in soil, in a seed test, or when the plan ends before. */
export function paperUsedUp(plan: PlanDocument): IsoDay | null {
  const method = methodById(plan.methodId)!;
  const day = addDays(sowingDays(plan)[0]!, method.usefulDays[1]);
  return method.paper && plan.kind !== 'viability' && day < plan.endOn ? day : null;
}

/** Moving on into soil when paper is used up, and out into the open after hardening off and the last frost. */
export function moving(plan: PlanDocument, { kinds }: WorkedOut, put: Put, conflicts: CalendarConflict[]): void {
  const sown = sowingDays(plan)[0]!;
  const usedUp = paperUsedUp(plan);
  if (usedUp !== null) put(usedUp, 'transplant', { code: 'into-soil' });
  if (plan.harvested) harvest(plan, kinds, put, conflicts);
  if (!plan.goesOutside) return;
  for (const { species } of kinds) {
    const out = outsideFrom(species, sown, plan.lastFrost || null);
    const name = species.name.toLowerCase();
    if (out.day > plan.endOn) {
      conflicts.push({
        day: out.day,
        what: `${species.name} could go outside from ${formatDay(out.day)}, after the plan ends on ${formatDay(plan.endOn)}.`,
        wayOut: out.because === 'frost' ? 'End later, sow a hardier kind, or keep it inside.' : 'End later, or sow earlier.',
      });
      continue;
    }
    const begun = put(addDays(out.day, -HARDENING_DAYS), 'care', { code: 'harden-off', species: name });
    const planted = put(out.day, 'transplant', { code: 'plant-out', species: name });
    hardening(plan, addDays(begun, 1), addDays(planted, -1), name, put);
  }
}

/** Hours outside, day by day, from the second day of hardening off on. */
const HARDENING_HOURS = [2, 3, 4, 6, 8, 10];

/** Plants go out for longer on every school day between two days; on days off they stay in. */
function hardening(plan: PlanDocument, from: IsoDay, to: IsoDay, species: string, put: Put): void {
  const days = schoolDays(plan.calendar, from, to);
  days.forEach((day, i) => {
    const hours = HARDENING_HOURS[Math.min(i, HARDENING_HOURS.length - 1)]!;
    put(day, 'care', { code: 'harden-step', species, hours, night: i === days.length - 1 });
  });
}

/** Every kind is harvested as soon as it can be, at the latest in the end. */
function harvest(plan: PlanDocument, kinds: readonly KindWorkedOut[], put: Put, conflicts: CalendarConflict[]): void {
  for (const { species } of kinds) {
    const ready = species.daysTo.harvest && addDays(sowingDays(plan)[0]!, species.daysTo.harvest[0]);
    if (ready && ready > plan.endOn)
      conflicts.push({
        day: ready,
        what: `${species.name} is ready to harvest from about ${formatDay(ready)}, after the plan ends.`,
        wayOut: 'Harvest it young and say so, or end later.',
        fix: {
          label: `End on ${formatDay(schoolDayFrom(plan.calendar, ready) ?? ready, 'short')}`,
          apply: (p) => ({ ...p, endOn: schoolDayFrom(p.calendar, ready) ?? ready }),
        },
      });
    put(ready && ready < plan.endOn ? ready : plan.endOn, 'care', { code: 'harvest', species: species.name.toLowerCase() });
  }
}
