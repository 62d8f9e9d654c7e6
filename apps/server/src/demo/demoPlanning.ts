import { addDays, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/planDocument';
import { runSheet } from '@bright-sprout/core/plan/prepare';
import { planFrom } from '@bright-sprout/core/plan/startingPoints';
import { workOut } from '@bright-sprout/core/plan/workOut';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { type SeedLot } from '@bright-sprout/core/seeds/seedLot';

/** The next step of the hedge: does food help plants through the salt? Being planned, with a winter break in it. */
export function demoPlan(today: IsoDay, teams: number): PlanDocument {
  const plan = planFrom('feed-and-light', { gradeBand: 'middle', teams, today }, 311);
  return {
    ...plan,
    question: 'Does plant food help barley through road salt?',
    speciesId: 'barley',
    protocol: { ...plan.protocol, height: 'longest-leaf' },
    factors: [
      {
        name: 'salt in the water',
        subject: 'salt',
        unit: 'mmol/L',
        control: 0,
        noControlReason: '',
        levels: [
          { label: 'no salt', amount: 0 },
          { label: '50 mmol/L', amount: 50 },
        ],
      },
      {
        name: 'plant food',
        subject: 'feed',
        unit: 'mg N/L',
        control: 0,
        noControlReason: '',
        levels: [
          { label: 'plain', amount: 0 },
          { label: 'fed', amount: 75 },
        ],
      },
    ],
    period: '10:15–11:00',
    packetSeeds: 50,
    calendar: {
      ...plan.calendar,
      holidays: [{ from: addDays(plan.sowOn, 11), to: addDays(plan.sowOn, 14), name: 'Exhibition days' }],
    },
  };
}

/** Three packets of the science room: fresh, tested, and past its best. */
export function demoSeedLots(today: IsoDay): Omit<SeedLot, 'id'>[] {
  const year = Number(today.slice(0, 4));
  const lot = { count: null, depthMm: null, spacingMm: null, daysToSprout: null, tests: [] };
  return [
    { ...lot, speciesId: 'barley', name: 'sack by the door', year, count: 2000, depthMm: [20, 30], spacingMm: 25 },
    {
      ...lot,
      speciesId: 'garden_cress',
      name: 'round tin',
      year: year - 2,
      daysToSprout: [2, 4],
      tests: [
        { kind: 'paper', up: 17, of: 20, on: addDays(today, -40) },
        { kind: 'float', up: 5, of: 20, on: addDays(today, -40) },
      ],
    },
    { ...lot, speciesId: 'onion', name: 'from the old cupboard', year: year - 6, count: 80 },
  ];
}

/** The steps by which a demo class sowed. */
export function demoRunSheet(
  sown: { speciesId: string; methodId: string; seeds: number },
  sownOn: IsoDay,
  teams: number,
): string[] {
  const start = planFrom('salt-steps', { gradeBand: 'middle', teams, today: sownOn }, 1);
  const [least, most] = methodById(sown.methodId)!.fillMl;
  const plan = {
    ...start,
    speciesId: sown.speciesId,
    methodId: sown.methodId,
    seedsEach: sown.seeds,
    fillMl: (least + most) / 2,
  };
  return runSheet(plan, workOut(plan, teams));
}
