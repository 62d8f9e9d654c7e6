import { addDays, daysBetween, type IsoDay } from '../../calendar/days';
import { gaps } from '../../calendar/schoolCalendar';
import { type GrowingMethod, methodById } from '../../seeds/catalogue';
import { type PlanDocument } from './planDocument';
import { sowingDays } from './treatmentSowing';

/** A wick or a saucer makes a container last about so many times as long. */
const RESERVOIR_TIMES = 2;

/** Days that plants last without anybody: what they hold, more with a reservoir, for ever where somebody comes in. */
export function daysAlone(plan: PlanDocument): number {
  return plan.whileAway === 'somebody' ? Infinity : daysHeld(plan);
}

/** Days that a container lasts on what it holds or stands in. */
export function daysHeld({ methodId, whileAway }: PlanDocument): number {
  return methodById(methodId)!.unattendedDays * (whileAway === 'reservoir' ? RESERVOIR_TIMES : 1);
}

/** What is closed and is not opened: nobody waters, thins or harvests in it. */
export function isShut({ protocol }: Pick<PlanDocument, 'protocol'>, { cover }: GrowingMethod): boolean {
  return cover === 'stays' && protocol.openBag === 'never';
}

/** Nobody waters what is shut, nor a test of a seed lot on its paper. */
export function isWatered(plan: Pick<PlanDocument, 'methodId' | 'protocol' | 'kind'>): boolean {
  return plan.kind !== 'viability' && !isShut(plan, methodById(plan.methodId)!);
}

/**
 * Days on which somebody waters as the plan stands, in order: at sowing, at every check, on the last school day before days off,
 * and when somebody comes in.
 */
export function wateringDays(plan: PlanDocument, checks: readonly IsoDay[]): IsoDay[] {
  const sown = sowingDays(plan)[0]!;
  const held = methodById(plan.methodId)!.unattendedDays;
  const days = new Set<IsoDay>([sown, ...checks]);
  for (const gap of gaps(plan.calendar, addDays(sown, 1), plan.endOn)) {
    const before = addDays(gap.from, -1);
    if (before >= sown) days.add(before);
    if (plan.whileAway === 'somebody') for (let alone = held; alone < gap.days; alone += held) days.add(addDays(gap.from, alone));
  }
  return [...days].filter((d) => d <= plan.endOn).sort();
}

/** Days in a row on which a container has nothing left. */
export interface DryDays {
  from: IsoDay;
  to: IsoDay;
  /** Days before the next watering on which nobody waters. */
  alone: number;
}

/** Where containers run dry between two waterings, or before the end. */
export function dryDays(plan: PlanDocument, checks: readonly IsoDay[]): DryDays[] {
  if (!isWatered(plan)) return [];
  const lasts = daysHeld(plan);
  const days = wateringDays(plan, checks);
  return days.flatMap((day, i) => {
    const next = days[i + 1] ?? addDays(plan.endOn, 1);
    const alone = daysBetween(day, next) - 1;
    return alone > lasts ? [{ from: addDays(day, lasts + 1), to: addDays(next, -1), alone }] : [];
  });
}

/** What is left in a container at the end of a day, 1 after watering and 0 when it is dry; null before sowing. */
export function leftAt(plan: PlanDocument, waterings: readonly IsoDay[], day: IsoDay): number | null {
  const last = waterings.filter((d) => d <= day).pop();
  return last === undefined ? null : Math.max(0, 1 - daysBetween(last, day) / (daysHeld(plan) + 1));
}
