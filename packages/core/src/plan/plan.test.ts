import fc from 'fast-check';
import { addDays } from '../calendar/days';
import { isSchoolDay } from '../calendar/schoolCalendar';
import { cautionsFor, protectiveGear, toAskAbout } from './cautions/cautions';
import { METHODS, SPECIES } from '../seeds/catalogue';
import { cautionSentence, fairTest, keptCautions } from './fairTest/fairTest';
import { layOut, moveTo } from './layout/layOut';
import { eventWords } from './calendar/eventWords';
import { planCalendar } from './calendar/planCalendar';
import { type PlanDocument } from './document/planDocument';
import { planProblems } from './document/planProblems';
import { planTreatments } from './document/planTreatments';
import { mixingCards, unitsOf } from './lists/mixingCards';
import { homeKit, shoppingList } from './lists/prepare';
import { runSheet } from './lists/runSheet';
import { runStepWords } from './lists/runSheetWords';
import { keptSameFor, planFrom, STARTING_POINTS } from './document/startingPoints';
import { workOut } from './workedOut/workOut';

const TODAY = '2026-03-02';
const start = (id: string, part: Partial<PlanDocument> = {}): PlanDocument => ({
  ...planFrom(id, { gradeBand: 'middle', teams: 7, today: TODAY }, 11),
  ...part,
});
const rulesOf = (plan: PlanDocument, teams = 7) => fairTest(plan, workOut(plan, teams), teams).map((f) => f.rule);

test('there are a dozen starting points or more, each a plan that works out and says no “stop”', () => {
  expect(STARTING_POINTS.length).toBeGreaterThanOrEqual(12);
  for (const { id } of STARTING_POINTS)
    for (const gradeBand of ['early', 'primary', 'middle', 'upper'] as const) {
      const plan = planFrom(id, { gradeBand, teams: 7, today: TODAY }, 11);
      expect([id, planProblems(plan)]).toEqual([id, []]);
      const stops = fairTest(plan, workOut(plan, 7), 7).filter((f) => f.severity === 'stop');
      expect([id, stops.map((s) => s.what)]).toEqual([id, []]);
    }
});

test('two factors are crossed fully, controls first', () => {
  const treatments = planTreatments(start('feed-and-light'));
  expect(treatments.map((t) => [t.code, t.label, t.control])).toEqual([
    ['A', 'plain water · bright sill', true],
    ['B', 'plain water · behind a curtain', false],
    ['C', '50 mg N/L · bright sill', false],
    ['D', '50 mg N/L · behind a curtain', false],
  ]);
});

test('what stays the same leaves out what is changed, and remembers what was ticked', () => {
  const plan = start('how-deep');
  expect(plan.keptSame.map((k) => k.id)).not.toContain('depth');
  const loose = plan.keptSame.map((k) => ({ ...k, kept: k.id !== 'water' }));
  expect(keptSameFor(plan.factors, loose).find((k) => k.id === 'water')!.kept).toBe(false);
});

describe('layout', () => {
  test('is a function of plan and seed, uses every place once, and shares trays evenly', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 20 }),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 0, max: 9999 }),
        fc.constantFrom('one-of-each', 'team-one-treatment', 'class-shares', 'own-pot'),
        (containersEach, teams, trays, drawSeed, assignment) => {
          const plan = start('salt-steps', {
            containersEach,
            trays,
            drawSeed,
            assignment: assignment as PlanDocument['assignment'],
          });
          const layout = layOut(plan, teams);
          expect(layOut(plan, teams)).toEqual(layout);
          expect(layout.containers).toHaveLength(4 * containersEach);
          expect(new Set(layout.containers.map((c) => c.place)).size).toBe(4 * containersEach);
          expect(new Set(layout.containers.map((c) => c.code)).size).toBe(4 * containersEach);
          for (const c of layout.containers) expect(c.column).toBeLessThan(layout.trays[c.tray]!.columns);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('a container that is moved changes places with the one that stood there', () => {
    const plan = start('salt-steps');
    const before = layOut(plan, 7);
    const moved = moveTo(before, plan.moved, 'A1', 5);
    const after = layOut({ ...plan, moved }, 7);
    const at = (layout: typeof before, code: string) => layout.containers.find((c) => c.code === code)!.place;
    const displaced = before.containers.find((c) => c.place === 5)!.code;
    expect([at(after, 'A1'), at(after, displaced)]).toEqual([5, at(before, 'A1')]);
    const others = (l: typeof before) =>
      l.containers.filter((c) => !['A1', displaced].includes(c.code)).map((c) => [c.code, c.place]);
    expect(new Map(others(after) as [string, number][])).toEqual(new Map(others(before) as [string, number][]));
  });
});

describe('the fair-test check', () => {
  test.each<[string, Partial<PlanDocument>, string]>([
    ['no control', { factors: [{ ...start('salt-steps').factors[0]!, control: null }] }, 'no-control'],
    [
      'two things changed',
      { keptSame: start('salt-steps').keptSame.map((k) => ({ ...k, kept: k.id !== 'soil' })) },
      'more-than-one-thing',
    ],
    ['too few containers', { containersEach: 2 }, 'too-few-containers'],
    ['team and treatment one', { assignment: 'team-one-treatment' }, 'team-is-treatment'],
    ['teams with half a set', { containersEach: 3 }, 'team-is-treatment'],
    ['blanks', { seedsEach: 1 }, 'many-blanks'],
    ['checks too seldom', { measures: ['seeds-up'], seedsEach: 9, cadence: { kind: 'every', days: 9 } }, 'looks-too-seldom'],
    ['an early end', { endOn: addDays(TODAY, 12) }, 'ends-too-soon'],
    ['a cold room', { room: { day: 3, night: 1, weekend: null, dayHours: [7, 18] } }, 'room-stops-seeds'],
    [
      'a long holiday',
      {
        calendar: {
          weekdays: start('salt-steps').calendar.weekdays,
          holidays: [{ from: '2026-03-16', to: '2026-03-27', name: 'Break' }],
        },
      },
      'dry-before-monday',
    ],
    ['light seed buried', { speciesId: 'lettuce', factors: start('how-deep').factors }, 'light-seed-covered'],
    ['a pot too small', { methodId: 'cell_tray', fillMl: 12, speciesId: 'tomato', endOn: addDays(TODAY, 60) }, 'pot-too-small'],
    [
      'uneven steps',
      {
        factors: [
          {
            ...start('salt-steps').factors[0]!,
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
            ...start('salt-steps').factors[0]!,
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
          weekdays: start('salt-steps').calendar.weekdays,
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
            ...start('salt-steps').factors[0]!,
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
      { factors: [{ ...start('salt-steps').factors[0]!, name: 'bleach in the water', subject: 'other' }] },
      'unsafe-material',
    ],
    ['one observer a treatment', { assignment: 'team-one-treatment' }, 'observer-is-treatment'],
    ['roots in the dark', { measures: ['root-length'] }, 'cannot-be-seen'],
    ['a kind that fails there', { methodId: 'bag_pocket', speciesId: 'petunia', measures: ['seeds-up'] }, 'kind-and-method'],
    ['few seeds to count', { measures: ['seeds-up'], containersEach: 3, seedsEach: 3 }, 'few-seeds-to-count'],
  ])('%s is found, and its fix mends it', (_, part, rule) => {
    const plan = start('salt-steps', part);
    const found = fairTest(plan, workOut(plan, 7), 7).find((f) => f.rule === rule);
    expect(found).toBeDefined();
    expect(found!.what).toMatch(/\.$/);
    expect(found!.why).toMatch(/\.$/);
    if (found!.fix) expect(rulesOf(found!.fix.apply(plan))).not.toContain(rule);
  });

  test('a treatment put at one end is seen, and dealing again mends it', () => {
    const plan = start('salt-steps');
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
    const plan = start('salt-steps', {
      containersEach: 2,
      exceptions: [{ rule: 'too-few-containers', reason: 'The sill holds no more.' }],
    });
    const findings = fairTest(plan, workOut(plan, 7), 7);
    expect(keptCautions(findings).map(cautionSentence)).toContain(
      'Only 2 containers of each. (Done knowingly: The sill holds no more.)',
    );
  });
});

test('whatever is typed, the plan works out or says at which field it cannot', () => {
  const number = fc.oneof(fc.integer({ min: -5, max: 600 }), fc.constant(NaN), fc.double({ min: -1, max: 3 }));
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTING_POINTS.map((s) => s.id)),
      fc.constantFrom(...SPECIES.map((s) => s.id)),
      fc.constantFrom(...METHODS.map((m) => m.id)),
      number,
      number,
      fc.integer({ min: -20, max: 400 }),
      fc.integer({ min: 0, max: 8 }),
      (id, speciesId, methodId, containersEach, seedsEach, days, teams) => {
        const plan = start(id, { speciesId, methodId, containersEach, seedsEach, endOn: addDays(TODAY, days) });
        const problems = planProblems(plan);
        if (problems.length > 0) return expect(problems.every((p) => p.field !== '' && /\.$/.test(p.sentence))).toBe(true);
        const out = workOut(plan, teams);
        const words = [
          ...fairTest(plan, out, teams).flatMap((f) => [f.what, f.why, f.fix?.label ?? '']),
          ...shoppingList(plan, out, teams, 'us').flatMap((l) => [l.what, l.perTeam, l.total]),
          ...runSheet(plan, out).map(runStepWords),
          ...planCalendar(plan, out).events.map((e) => Object.values(eventWords(e)).join(' ')),
        ].join(' ');
        expect(words).not.toMatch(/NaN|undefined|Infinity|null/);
      },
    ),
    { numRuns: 120 },
  );
});

test.each([
  ['', true],
  ['10:15–11:00', true],
  ['9.05 - 9.50', true],
  ['11:00–10:15', false],
  ['after lunch', false],
  ['25:00–26:00', false],
])('a period of “%s” is taken: %s', (period, fits) => {
  expect(planProblems(start('salt-steps', { period })).some((p) => p.field === 'period')).toBe(!fits);
});

describe('calendar', () => {
  const plan = start('salt-steps', {
    calendar: {
      weekdays: start('salt-steps').calendar.weekdays,
      holidays: [{ from: '2026-03-23', to: '2026-03-25', name: 'Exhibition days' }],
    },
  });
  const { events, conflicts } = planCalendar(plan, workOut(plan, 7));

  test('goes from getting things together to the end, on school days only', () => {
    expect(events[0]).toMatchObject({ kind: 'prepare', code: 'get-together' });
    expect(events[events.length - 1]!.kind).toBe('end');
    expect(events.every((e) => isSchoolDay(plan.calendar, e.day))).toBe(true);
    expect(events.map((e) => e.day)).toEqual(events.map((e) => e.day).sort());
    expect(events.some((e) => eventWords(e).title === 'Before Exhibition days')).toBe(true);
  });

  test('what would fall on a day off is moved, and said', () => {
    const weekend = { ...plan, sowOn: '2026-03-14' };
    const moved = planCalendar(weekend, workOut(weekend, 7));
    expect(moved.conflicts.map((c) => `${c.what} ${c.wayOut}`).join(' ')).toContain(
      'Sow would fall on Sat 14 March, a day without school. It is moved to Fri 13 March.',
    );
    expect(conflicts.every((c) => !c.what.startsWith('Sow '))).toBe(true);
  });

  test('somebody who comes in stands in the calendar, between days that the plants last', () => {
    const away = {
      ...plan,
      methodId: 'paper_pot',
      whileAway: 'somebody' as const,
      calendar: { ...plan.calendar, holidays: [{ from: '2026-03-16', to: '2026-03-20', name: 'Break' }] },
    };
    const coming = planCalendar(away, workOut(away, 7)).events.filter((e) => 'code' in e && e.code === 'come-in');
    // Sat 14 to Sun 22 March is nine days; paper pots last two.
    expect(coming.map((e) => e.day)).toEqual(['2026-03-16', '2026-03-18', '2026-03-20', '2026-03-22']);
    expect(rulesOf(away)).not.toContain('dry-before-monday');
  });

  test('an age ladder sows on every rung', () => {
    const ladder = start('age-ladder');
    const sowings = planCalendar(ladder, workOut(ladder, 7)).events.filter((e) => e.kind === 'sow');
    expect(sowings.length).toBe(5);
  });
});

describe('preparing', () => {
  const plan = start('salt-steps', { packetSeeds: 50 });
  const out = workOut(plan, 7);
  const line = (what: RegExp) => shoppingList(plan, out, 7, 'us').find((l) => what.test(l.what))!;

  test('the list holds for one team and for all, with packets and spares', () => {
    expect(line(/Seeds/).total).toMatch(/^\d+ = \d+ packets of 50, about/);
    expect(line(/^Cups/)).toMatchObject({ perTeam: '4', total: '31' });
    expect(line(/salt/).total).toMatch(/g$/);
  });

  test('salt water is mixed by weight, with what a meter shows and what the mix changes', () => {
    const [card] = mixingCards(plan, out);
    expect(card!.steps[0]).toMatch(
      /^25 mmol\/L: \d+\.\d\d g of table salt, water up to [\d.]+ m?L\. A meter shows about 2\.9 mS\/cm; it pulls on water with −0\.12 MPa\.$/,
    );
    expect(card!.limit).toMatch(/buffers/);
    const litres = (plan.containersEach * plan.doseMl * 3 * 1.1) / 1000;
    const grams = Number(/([\d.]+) g/.exec(card!.steps[1]!)![1]);
    expect(grams).toBeGreaterThanOrEqual(2.922 * litres - 0.01);
    expect(mixingCards(start('light-and-dark'), workOut(start('light-and-dark'), 7))).toEqual([]);
  });

  test('a halving series can be made from the strongest alone', () => {
    const chain = mixingCards(plan, out)[0]!.steps.find((s) => s.startsWith('Or weigh once'))!;
    const millilitres = (words: RegExpExecArray | null) => Number(words![1]) * (words![2] === 'L' ? 1000 : 1);
    const stock = millilitres(/make ([\d.]+) (m?L) of 100/.exec(chain));
    expect(chain).toMatch(/50 mmol\/L from .* of 100 mmol\/L and .* of water; 25 mmol\/L from .* of 50 mmol\/L/);
    const batch = millilitres(/water up to ([\d.]+) (m?L)/.exec(mixingCards(plan, out)[0]!.steps[0]!));
    // 1 + 1/2 + 1/4 of a batch of the strongest make a batch of each of three.
    expect(stock / batch).toBeCloseTo(1.75, 1);
  });

  test('acid crossed with chalk: vinegar by volume with its pH, chalk by mass, and what is left of both', () => {
    const sour = start('sour-water-and-chalk');
    const worked = workOut(sour, 7);
    const [acid, chalk] = mixingCards(sour, worked);
    expect(acid!.steps[0]).toMatch(/^sour water: [\d.]+ m?L of vinegar of 5 %, water up to .*\. In pure water about pH 3\.3\.$/);
    expect(chalk!.steps.join(' ')).toMatch(
      /\d g of powdered calcium carbonate into \d+\.\d L of dry mix.*After one watering with sour water on chalk, chalk is left: \d+ mg, enough for \d+ such waterings/,
    );
    // 30 mL at 20 mL/L is 0.6 mL of vinegar, 0.5 mmol of acid, 25 mg of chalk: 4 g/L × 215 mL are 860 mg.
    expect(Number(/chalk is left: (\d+) mg/.exec(chalk!.steps.join(' '))![1])).toBe(835);
    const list = shoppingList(sour, worked, 7, 'metric').map((l) => l.what);
    expect(list).toEqual(expect.arrayContaining(['Vinegar of 5 %', 'Calcium carbonate, powdered']));
    const milligrams = start('salt-steps', {
      factors: [
        {
          ...plan.factors[0]!,
          unit: 'g/L',
          levels: [
            { label: 'none', amount: 0 },
            { label: '2 g/L', amount: 2 },
          ],
        },
      ],
    });
    expect(mixingCards(milligrams, workOut(milligrams, 7))[0]!.steps[0]).toMatch(/A meter shows about 3\.9 mS\/cm/);
    expect(unitsOf('acid')).toEqual(['mL/L', 'mmol/L']);
  });

  test('run sheet and home kit speak of this plan', () => {
    expect(runSheet(plan, out).map(runStepWords).join(' ')).toMatch(/sets of \d+.*Close the holes and press gently/);
    expect(
      runSheet(start('soaked-or-dry'), workOut(start('soaked-or-dry'), 7))
        .map(runStepWords)
        .join(' '),
    ).toMatch(/Wet the paper/);
    expect(homeKit(start('own-pot-at-home'), workOut(start('own-pot-at-home'), 7))).toHaveLength(7);
  });
});

describe('cautions', () => {
  test('follow from what is used, the gravest first, each once', () => {
    const list = cautionsFor(start('how-deep', { speciesId: 'broad_bean' }));
    expect(list.map((c) => c.id)).toEqual(
      expect.arrayContaining(['favism_G6PD', 'legume_allergen', 'handwash', 'compost_bacteria']),
    );
    expect(new Set(list.map((c) => c.id)).size).toBe(list.length);
    expect(list[list.length - 1]!.gravity).toBe('habit');
    expect(toAskAbout(list)).toEqual(expect.arrayContaining(['G6PD deficiency (favism)', 'legumes and peanut']));
    expect(
      protectiveGear(cautionsFor(start('salt-steps', { factors: [{ ...start('salt-steps').factors[0]!, subject: 'acid' }] }))),
    ).toContain('eye protection');
  });

  test('what no class should handle blocks, by whole words', () => {
    const asked = (question: string) => cautionsFor(start('salt-steps', { question })).some((c) => c.gravity === 'block');
    expect(asked('Does bleach stop barley?')).toBe(true);
    expect(asked('Does unbleached paper stop barley?')).toBe(false);
  });

  test('every hazard of the catalogue has its words', () => {
    for (const species of SPECIES)
      for (const method of METHODS) {
        const ids = cautionsFor(start('light-and-dark', { speciesId: species.id, methodId: method.id })).map((c) => c.id);
        for (const hazard of [...species.hazards, ...method.hazards]) expect(ids).toContain(hazard);
      }
  });
});
