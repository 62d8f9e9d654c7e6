import { say } from '@bright-sprout/words/say';
import { SEED_COUNTS } from '../../../measures/builtIn/counts';
import { addDays, formatDay, type IsoDay } from '../../../calendar/days';
import { methodById } from '../../../seeds/catalogue';
import { type PlanDocument } from '../../document/planDocument';
import { isShut } from '../../document/waterings';
import { type Recipe } from '../../recipes/recipe';
import { type CalendarConflict } from '../calendarConflict';
import { type Called, calledBy } from '../called';
import { type DaysWorkedOut } from '../daysWorkedOut';
import { type Wanted } from '../windows';
import { paperUsedUp } from './afterPots';

/** A cover that stays longer over what is up makes it long and pale. */
const COVERED_DAYS = 4;
/** Covers are lifted first and taken off so many days later. */
const COVER_OFF = { least: 2, best: 3, most: 10 };
/** Seedlings that stand longer together have roots that cannot be parted. */
const THIN_WITHIN_DAYS = 12;
/** Where nobody knows when the first true leaf opens, and the fewest days after half are up. */
const LEAF_DAYS = { unknown: 6, least: 3 };

const earlier = (a: IsoDay, b: IsoDay) => (a < b ? a : b);

/** What the seedlings decide: the first look, light and covers, thinning. */
export function comingUp(plan: PlanDocument, days: DaysWorkedOut): Wanted[] {
  return [...firstLook(plan, days), ...covers(plan, days), ...thinning(plan, days)].filter((w) => w.best < plan.endOn);
}

function forecastOf({ sproutings }: DaysWorkedOut, { treatment }: Recipe) {
  const { forecast } = sproutings.find((s) => s.treatments.includes(treatment.code))!;
  return forecast.ok ? forecast : null;
}

function firstLook({ endOn }: PlanDocument, { sproutings }: DaysWorkedOut): Wanted[] {
  const first = sproutings
    .flatMap(({ forecast, sowOn }) => {
      if (!forecast.ok || !forecast.first.earliest) return [];
      const { earliest } = forecast.first;
      return [{ day: earliest <= sowOn ? addDays(sowOn, 1) : earliest, half: forecast.half.likely }];
    })
    .sort((a, b) => (a.day < b.day ? -1 : 1))[0];
  if (!first) return [];
  const to = first.half && first.half > first.day ? first.half : addDays(first.day, COVERED_DAYS);
  return [
    {
      id: 'first-look',
      kind: 'first-look',
      fact: { code: 'first-look' },
      best: first.day,
      from: first.day,
      to: earlier(to, endOn),
      waits: true,
      bound: say('planDays.whenFirstMay'),
    },
  ];
}

function covers(plan: PlanDocument, days: DaysWorkedOut): Wanted[] {
  if (plan.protocol.lightBefore !== 'warm-covered' || plan.kind === 'viability') return [];
  const { cover } = methodById(plan.methodId)!;
  const kept = plan.factors.some((f) => f.subject === 'light' || f.subject === 'cover');
  const grownOn = plan.measures.some((m) => !SEED_COUNTS.some((c) => c === m));
  if (cover !== 'lifted' && !grownOn) return [];
  const halves = calledBy(days.recipes, (r) => {
    const forecast = forecastOf(days, r);
    const half = forecast?.half.likely;
    return half ? { half, ninety: forecast.ninety.likely ?? half } : null;
  });
  return halves.flatMap(({ value: { half, ninety }, called }): Wanted[] => {
    const code = cover === 'lifted' ? ('lift-covers' as const) : ('into-light' as const);
    const id = `${code} ${called.species ?? ''}`;
    const to = [ninety, addDays(half, COVERED_DAYS)].sort()[1]!;
    const lifted: Wanted = {
      id,
      kind: 'care',
      fact: { code, kept, ...called },
      best: half,
      from: half,
      to: earlier(to, plan.endOn),
      byComers: true,
      waits: true,
      bound: say('planDays.whenAboutHalf'),
    };
    if (cover !== 'lifted' || addDays(half, COVER_OFF.best) >= plan.endOn) return [lifted];
    return [
      lifted,
      {
        id: `covers-off ${called.species ?? ''}`,
        kind: 'care',
        fact: { code: 'covers-off', kept, ...called },
        best: addDays(half, COVER_OFF.best),
        from: half,
        to: plan.endOn,
        after: { id, ...COVER_OFF },
        byComers: true,
        waits: true,
        bound: say('planDays.someDaysAfterLifted'),
      },
    ];
  });
}

interface Ready {
  /** The first true leaves open. */
  open: IsoDay;
  /** Paper feeds them no more; null in soil. */
  usedUp: IsoDay | null;
  /** Null: the number on the label. */
  keep: number | null;
}

/** When seedlings can be thinned, each group with its own day. */
function readyToThin(plan: PlanDocument, days: DaysWorkedOut): Called<Ready>[] {
  if (plan.kind === 'viability' || plan.kind === 'patch' || isShut(plan, methodById(plan.methodId)!)) return [];
  const crowding = plan.factors.some((f) => f.subject === 'crowding');
  return calledBy(days.recipes, (r) => {
    const half = forecastOf(days, r)?.half.likely;
    return r.keep === null || !half
      ? null
      : { open: addDays(half, leafAfter(r)), usedUp: paperUsedUp(plan, r), keep: crowding ? null : r.keep };
  });
}

function thinning(plan: PlanDocument, days: DaysWorkedOut): Wanted[] {
  return readyToThin(plan, days).map(({ value: { open, usedUp, keep }, called }) => {
    const best = plan.thinOn || (usedUp !== null && usedUp < open ? usedUp : open);
    const within = addDays(plan.thinOn || best, THIN_WITHIN_DAYS);
    return {
      id: `thin ${called.species ?? ''} ${keep}`,
      kind: 'thin',
      fact: { code: 'thin', keep, ...called },
      best,
      from: best,
      to: earlier(usedUp ?? plan.endOn, earlier(within, plan.endOn)),
      waits: true,
      bound: usedUp === best ? say('planDays.beforeMoved') : say('planDays.onceFirstTrueLeaves'),
    };
  });
}

/** A day of thinning that was chosen, and comes before there is anything to choose by, or after roots have grown together. */
export function thinnedAtAWrongTime(plan: PlanDocument, days: DaysWorkedOut): CalendarConflict[] {
  if (!plan.thinOn) return [];
  const fix = { label: say('planDays.thinWhenFirstLeaves'), apply: (p: PlanDocument) => ({ ...p, thinOn: '' }) };
  return readyToThin(plan, days).flatMap(({ value: { open }, plants }): CalendarConflict[] => {
    const late = addDays(open, THIN_WITHIN_DAYS);
    const said = { day: plan.thinOn, wayOut: say('planDays.chooseDayBetweenLeave'), fix };
    if (plan.thinOn < open)
      return [
        {
          ...said,
          what: say('planDays.thinningPlannedFirstTrue', { thinOn: formatDay(plan.thinOn), plants, open: formatDay(open) }),
        },
      ];
    if (plan.thinOn <= late) return [];
    return [
      {
        ...said,
        what: say('planDays.thinningPlannedAboutRoots', { thinOn: formatDay(plan.thinOn), late: formatDay(late), plants }),
      },
    ];
  });
}

/** Days from half up to the first true leaf. */
function leafAfter({ species: { daysTo, emergenceDays } }: Recipe): number {
  return daysTo.firstTrueLeaf ? Math.max(LEAF_DAYS.least, daysTo.firstTrueLeaf[0] - emergenceDays[0]) : LEAF_DAYS.unknown;
}
