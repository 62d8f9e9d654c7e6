import { addDays } from '../../calendar/days';
import { saltConductivity } from '../../mixing/solutions';
import { speciesById } from '../../seeds/catalogue';
import { isSchoolDay } from '../../calendar/schoolCalendar';
import { cautionSentence, fairTest, isReason, keptCautions, verdict } from './fairTest';
import { layOut } from '../layout/layOut';
import { type PlanDocument } from '../document/planDocument';
import { workOut } from '../workedOut/workOut';
import { BEGUN_ON, rulesOf, startedPlan } from '../../../test/startedPlan';

/** Salt in amounts of one's own, under names of one's own; the first is the control. */
const dosed = (amounts: number[], names: string[]) => ({
  ...startedPlan('salt-steps').factors[0]!,
  levels: amounts.map((amount, i) => ({ label: names[i]!, amount })),
});

describe('the fair-test check', () => {
  test.each<[string, Partial<PlanDocument>, string]>([
    ['no control', { factors: [{ ...startedPlan('salt-steps').factors[0]!, control: null }] }, 'no-control'],
    ['nothing measured', { measures: [] }, 'nothing-measured'],
    ['all doses nothing', { factors: [dosed([0, 0], ['some', 'more'])] }, 'nothing-differs'],
    ['all doses so weak that nothing can show', { factors: [dosed([0, 2, 4], ['none', 'some', 'more'])] }, 'too-weak'],
    ['a name that says another amount', { factors: [dosed([0, 25], ['none', '100 mmol/L'])] }, 'name-contradicts-amount'],
    ['a control that is treated', { factors: [{ ...dosed([0, 25], ['none', 'some']), control: 1 }] }, 'control-is-treated'],
    [
      'two things changed',
      { keptSame: startedPlan('salt-steps').keptSame.map((k) => ({ ...k, kept: k.id !== 'soil' })) },
      'more-than-one-thing',
    ],
    ['too few containers', { containersEach: 2 }, 'too-few-containers'],
    ['team and treatment one', { assignment: 'team-one-treatment' }, 'team-is-treatment'],
    ['teams with half a set', { containersEach: 3 }, 'team-is-treatment'],
    ['blanks', { seedsEach: 1 }, 'many-blanks'],
    ['checks too seldom', { measures: ['seeds-up'], seedsEach: 9, cadence: { kind: 'every', days: 9 } }, 'looks-too-seldom'],
    ['cups that are looked at once a fortnight', { cadence: { kind: 'every', days: 14 } }, 'dry-between-checks'],
    [
      'small pots that are looked at once a week',
      { methodId: 'paper_pot', cadence: { kind: 'every', days: 7 } },
      'dry-between-checks',
    ],
    ['a quarter of a year without a break', { endOn: '2026-06-15' }, 'no-break-typed'],
    [
      'fewer seeds than wanted plants',
      { factors: startedPlan('crowded-pots').factors, kind: 'crowding', seedsEach: 6 },
      'fewer-seeds-than-plants',
    ],
    ['a test of a seed lot with two lots', { kind: 'viability' }, 'compares-after-all'],
    [
      'chalk in a bag without soil',
      { ...startedPlan('sour-water-and-chalk'), methodId: 'bag_pocket', fillMl: 30 },
      'no-soil-to-change',
    ],
    [
      'maize on the surface',
      { speciesId: 'maize', protocol: { ...startedPlan('salt-steps').protocol, depth: 'surface' } },
      'large-seed-on-top',
    ],
    [
      'a root tip counted in soil',
      { protocol: { ...startedPlan('salt-steps').protocol, sprouted: 'root-2mm' } },
      'cannot-be-seen',
    ],
    ['an early end', { endOn: addDays(BEGUN_ON, 12) }, 'ends-too-soon'],
    ['a cold room', { room: { day: 3, night: 1, weekend: null, dayHours: [7, 18] } }, 'room-stops-seeds'],
    [
      'a long holiday',
      {
        calendar: {
          weekdays: startedPlan('salt-steps').calendar.weekdays,
          holidays: [{ from: '2026-03-16', to: '2026-03-27', name: 'Break' }],
        },
      },
      'dry-before-monday',
    ],
    [
      'seeds below the bottom of a cell',
      { ...startedPlan('how-deep'), methodId: 'cell_tray', fillMl: 31 },
      'deeper-than-filling',
    ],
    ['light seed buried', { speciesId: 'lettuce', factors: startedPlan('how-deep').factors }, 'light-seed-covered'],
    [
      'a pot too small',
      { methodId: 'cell_tray', fillMl: 12, speciesId: 'tomato', endOn: addDays(BEGUN_ON, 60) },
      'pot-too-small',
    ],
    [
      'uneven steps',
      {
        factors: [
          {
            ...startedPlan('salt-steps').factors[0]!,
            levels: [
              { label: '0', amount: 0 },
              { label: '1', amount: 1 },
              { label: '100', amount: 100 },
            ],
          },
        ],
      },
      'uneven-steps',
    ],
    [
      'far too strong',
      {
        factors: [
          {
            ...startedPlan('salt-steps').factors[0]!,
            levels: [
              { label: '0', amount: 0 },
              { label: '400', amount: 400 },
            ],
          },
        ],
      },
      'too-strong',
    ],
    [
      'a weekend with only a reservoir',
      {
        methodId: 'paper_pot',
        whileAway: 'reservoir',
        calendar: {
          weekdays: startedPlan('salt-steps').calendar.weekdays,
          holidays: [{ from: '2026-03-16', to: '2026-03-27', name: 'Break' }],
        },
      },
      'dry-before-monday',
    ],
    [
      'stronger than it bears',
      {
        speciesId: 'lettuce',
        factors: [
          {
            ...startedPlan('salt-steps').factors[0]!,
            levels: [
              { label: '0', amount: 0 },
              { label: '80', amount: 80 },
              { label: '160', amount: 160 },
            ],
          },
        ],
      },
      'beyond-bearing',
    ],
    [
      'poison',
      { factors: [{ ...startedPlan('salt-steps').factors[0]!, name: 'bleach in the water', subject: 'other' }] },
      'unsafe-material',
    ],
    ['one observer a treatment', { assignment: 'team-one-treatment' }, 'observer-is-treatment'],
    ['roots in the dark', { measures: ['root-length'] }, 'cannot-be-seen'],
    ['a kind that fails there', { methodId: 'bag_pocket', speciesId: 'petunia', measures: ['seeds-up'] }, 'kind-and-method'],
    ['few seeds to count', { measures: ['seeds-up'], containersEach: 3, seedsEach: 3 }, 'few-seeds-to-count'],
  ])('%s is found, and its fix mends it', (_, part, rule) => {
    const plan = startedPlan('salt-steps', part);
    const found = fairTest(plan, workOut(plan, 7), 7).find((f) => f.rule === rule);
    expect(found).toBeDefined();
    expect(found!.what).toMatch(/\.$/);
    expect(found!.why).toMatch(/\.$/);
    if (found!.fix) expect(rulesOf(found!.fix.apply(plan))).not.toContain(rule);
  });

  test('a treatment put at one end is seen, and dealing again mends it', () => {
    const plan = startedPlan('salt-steps');
    const codes = layOut(plan, 7).containers.map((c) => c.code);
    const sorted = [...codes].sort();
    const moved = Object.fromEntries(sorted.map((code, place) => [code, place]));
    const confounded = { ...plan, moved };
    const found = fairTest(confounded, workOut(confounded, 7), 7).find((f) => f.rule === 'place-is-treatment')!;
    expect(found.what).toMatch(/stand at one end/);
    expect(rulesOf(found.fix!.apply(confounded))).not.toContain('place-is-treatment');
    const trays = { ...confounded, trays: 2 };
    expect(rulesOf(trays)).toContain('tray-is-treatment');
  });

  test('an exception that is declared stays on record and comes back with the claim', () => {
    const plan = startedPlan('salt-steps', {
      containersEach: 2,
      exceptions: [{ rule: 'too-few-containers', reason: 'The sill holds no more.' }],
    });
    const findings = fairTest(plan, workOut(plan, 7), 7);
    expect(keptCautions(findings).map(cautionSentence)).toContain(
      'Only 2 containers of each. (Done on purpose: The sill holds no more.)',
    );
  });

  test('a fix that would not mend is not offered, and an end is on a school day', () => {
    // One team with one treatment stands at one end however its pots are dealt.
    const alone = startedPlan('salt-steps', { assignment: 'team-one-treatment' }, 1);
    const place = fairTest(alone, workOut(alone, 1), 1).find((f) => f.rule === 'place-is-treatment')!;
    expect(place.fix).toBeNull();
    for (let n = 5; n < 12; n++) {
      const early = startedPlan('salt-steps', { endOn: addDays(BEGUN_ON, n + 3) });
      const { fix } = fairTest(early, workOut(early, 7), 7).find((f) => f.rule === 'ends-too-soon')!;
      const end = fix!.apply(early).endOn;
      expect([end, isSchoolDay(early.calendar, end)]).toEqual([end, true]);
    }
  });

  test('what is done knowingly is not called a fair test, nor what tests no cause', () => {
    const said = (start: string, part: Partial<PlanDocument> = {}) => {
      const plan = startedPlan(start, part);
      return verdict(plan, fairTest(plan, workOut(plan, 7), 7));
    };
    expect(said('salt-steps')).toBe('a fair test');
    expect(said('salt-steps', { measures: [] })).toBe('1 to fix');
    const knowingly = [{ rule: 'nothing-measured', reason: 'We only look this time.' }];
    expect(said('salt-steps', { measures: [], exceptions: knowingly })).toBe('not a fair test, on purpose');
    expect(said('age-ladder')).toBe('no test of a cause');
  });

  test('a reason says something', () => {
    expect(['x', 'because', '   . . ', 'no room'].map(isReason)).toEqual([false, true, false, true]);
  });
});

test('salt is beyond what a kind bears from three times its threshold on, and not before', () => {
  const { threshold } = speciesById('barley')!.salt;
  /** The weakest strength, mmol/L, whose conductivity is above so many times the threshold. */
  const above = (times: number) =>
    Array.from({ length: 1000 }, (_, i) => i + 1).find((c) => {
      const ec = saltConductivity(c);
      return ec.ok && ec.mSPerCm > times * threshold!;
    })!;
  const rules = (weakest: number) => rulesOf(startedPlan('salt-steps', { factors: [dosed([0, weakest], ['none', 'some'])] }));
  expect(rules(above(3) - 1)).not.toContain('beyond-bearing');
  expect(rules(above(3))).toContain('beyond-bearing');
});
