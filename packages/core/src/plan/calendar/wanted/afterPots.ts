import { say } from '@bright-sprout/words/say';
import { addDays, formatDay, type IsoDay } from '../../../calendar/days';
import { schoolDayFrom, schoolDays } from '../../../calendar/schoolCalendar';
import { methodById } from '../../../seeds/catalogue';
import { HARDENING_DAYS, outsideFrom } from '../../../seeds/suitability';
import { type PlanDocument } from '../../document/planDocument';
import { type Recipe } from '../../recipes/recipe';
import { calledBy } from '../called';
import { type CalendarConflict } from '../calendarConflict';
import { type PlanEvent } from '../planEvents';
import { type Placed, type Wanted } from '../windows';
import { capital } from '../../../words/capital';

/** Days of hardening off before plants go out: at least, at best, at most. */
const HARDENING = { least: 6, best: HARDENING_DAYS, most: 2 * HARDENING_DAYS };
/** So many days longer plants may wait in their pots. */
const OUT_WITHIN_DAYS = 21;

/** The day from which paper or sponge feeds nothing any more; null in soil, in a seed test, or when the plan ends before. */
export function paperUsedUp({ methodId, kind, endOn }: PlanDocument, { sowOn }: Pick<Recipe, 'sowOn'>): IsoDay | null {
  const method = methodById(methodId)!;
  const day = addDays(sowOn, method.usefulDays[1]);
  return method.paper && kind !== 'viability' && day < endOn ? day : null;
}

/** Moving on into soil before paper is used up, out into the open after hardening off and the last frost, and the harvest. */
export function afterPots(plan: PlanDocument, recipes: readonly Recipe[]): Wanted[] {
  return [
    ...intoSoil(plan, recipes),
    ...(plan.harvested ? harvests(plan, recipes) : []),
    ...(plan.goesOutside ? goingOut(plan, recipes) : []),
  ];
}

function intoSoil(plan: PlanDocument, recipes: readonly Recipe[]): Wanted[] {
  const { usefulDays } = methodById(plan.methodId)!;
  return calledBy(recipes, (r) => {
    const usedUp = paperUsedUp(plan, r);
    return usedUp === null ? null : { usedUp, sowOn: r.sowOn };
  }).map(({ value: { usedUp, sowOn }, called }) => ({
    id: `into-soil ${sowOn}`,
    kind: 'transplant',
    fact: { code: 'into-soil', ...called },
    best: usedUp,
    from: addDays(sowOn, usefulDays[0]),
    to: usedUp,
    waits: false,
    bound: say('planDays.beforePaperSpongeFeeds'),
  }));
}

const outOf = (plan: PlanDocument, r: Recipe) => outsideFrom(r.species, r.sowOn, plan.lastFrost || null);

function goingOut(plan: PlanDocument, recipes: readonly Recipe[]): Wanted[] {
  return calledBy(recipes, (r) => ({ out: outOf(plan, r).day, of: r.species.id })).flatMap(
    ({ value: { out }, plants }): Wanted[] => {
      if (out > plan.endOn) return [];
      const id = `harden ${plants}`;
      const within = addDays(out, OUT_WITHIN_DAYS);
      const begin = addDays(out, -HARDENING.best);
      return [
        {
          id,
          kind: 'care',
          fact: { code: 'harden-off', species: plants },
          best: begin,
          from: addDays(begin, -HARDENING_DAYS),
          to: within,
          waits: true,
          bound: say('planDays.aboutWeekBeforeGo'),
        },
        {
          id: `out ${plants}`,
          kind: 'transplant',
          fact: { code: 'plant-out', species: plants },
          best: out,
          from: out,
          to: within < plan.endOn ? within : plan.endOn,
          after: { id, ...HARDENING },
          waits: true,
          bound: say('planDays.afterHardeningOffLast'),
        },
      ];
    },
  );
}

/** Everything is harvested as soon as it can be, at the latest in the end. */
function harvests(plan: PlanDocument, recipes: readonly Recipe[]): Wanted[] {
  return calledBy(recipes, (r) => ({ ready: readyOf(r), of: r.species.id })).map(({ value: { ready }, plants }) => {
    const day = ready && ready < plan.endOn ? ready : plan.endOn;
    return {
      id: `harvest ${plants}`,
      kind: 'care',
      fact: { code: 'harvest', species: plants },
      best: day,
      from: day === plan.endOn ? addDays(day, -HARDENING_DAYS) : day,
      to: plan.endOn,
      waits: day !== plan.endOn,
      bound: say('planDays.soonCut'),
    };
  });
}

const readyOf = ({ species, sowOn }: Recipe) => (species.daysTo.harvest ? addDays(sowOn, species.daysTo.harvest[0]) : null);

/** What cannot happen before the plan ends. */
export function afterTheEnd(plan: PlanDocument, recipes: readonly Recipe[]): CalendarConflict[] {
  const { endOn, calendar } = plan;
  const out = plan.goesOutside ? calledBy(recipes, (r) => ({ ...outOf(plan, r), of: r.species.id })) : [];
  const ready = plan.harvested ? calledBy(recipes, (r) => ({ day: readyOf(r), of: r.species.id })) : [];
  return [
    ...out.flatMap(({ value: { day, because }, plants }): CalendarConflict[] =>
      day <= endOn
        ? []
        : [
            {
              day,
              what: say('planDays.goOutsideAfterPlan', { plants: capital(plants), day: formatDay(day), endOn: formatDay(endOn) }),
              wayOut: because === 'frost' ? say('planDays.endLaterSowHardier') : say('planDays.endLaterSowEarlier'),
            },
          ],
    ),
    ...ready.flatMap(({ value: { day }, plants }): CalendarConflict[] => {
      if (!day || day <= endOn) return [];
      const end = schoolDayFrom(calendar, day) ?? day;
      return [
        {
          day,
          what: say('planDays.readyHarvestAboutAfter', { plants: capital(plants), day: formatDay(day) }),
          wayOut: say('planDays.harvestYoungSayEnd'),
          fix: { label: say('planDays.endOn', { end: formatDay(end, 'short') }), apply: (p) => ({ ...p, endOn: end }) },
        },
      ];
    }),
  ];
}

/** Hours outside, day by day, from the second day of hardening off on. */
const HARDENING_HOURS = [2, 3, 4, 6, 8, 10];

/** Between the first day outside and planting out, plants go out for longer on every school day; on days off they stay in. */
export function hardening({ calendar }: PlanDocument, placed: readonly Placed[]): PlanEvent[] {
  return placed.flatMap(({ wanted: { fact, id }, day: begun }): PlanEvent[] => {
    if (fact.code !== 'harden-off') return [];
    const planted = placed.find((p) => p.wanted.after?.id === id)!.day;
    const days = schoolDays(calendar, addDays(begun, 1), addDays(planted, -1));
    return days.map((day, i) => ({
      day,
      kind: 'care',
      code: 'harden-step',
      species: fact.species,
      hours: HARDENING_HOURS[Math.min(i, HARDENING_HOURS.length - 1)]!,
      night: i === days.length - 1,
    }));
  });
}
