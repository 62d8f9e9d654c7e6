import fc from 'fast-check';
import { addDays, daysBetween, weekday } from '../../calendar/days';
import { isSchoolDay } from '../../calendar/schoolCalendar';
import { planCalendar } from './planCalendar';
import { type PlanDocument } from '../document/planDocument';
import { planProblems } from '../document/planProblems';
import { STARTING_POINTS } from '../document/startingPoints';
import { workOut } from '../workedOut/workOut';
import { rulesOf, startedPlan } from '../../../test/startedPlan';
import { eventWords } from './eventWords';

const TEAMS = 5;
const begun = (id: string, part: Partial<PlanDocument> = {}) => startedPlan(id, part, TEAMS);
const calendarOf = (plan: PlanDocument) => planCalendar(plan, workOut(plan, TEAMS));

test('whatever is planned and whenever school is, nothing falls on a day without it, and all stands in order', () => {
  const days = fc.subarray([1, 2, 3, 4, 5, 6], { minLength: 2 });
  const holiday = fc.record({ after: fc.integer({ min: 1, max: 30 }), days: fc.integer({ min: 1, max: 9 }) });
  fc.assert(
    fc.property(
      fc.constantFrom(...STARTING_POINTS.map((s) => s.id)),
      days,
      fc.array(holiday, { maxLength: 2 }),
      (id, weekdays, breaks) => {
        const plan = begun(id);
        const holidays = breaks.map((b) => ({
          from: addDays(plan.sowOn, b.after),
          to: addDays(plan.sowOn, b.after + b.days),
          name: 'Break',
        }));
        const calendar = { ...plan.calendar, weekdays: Array.from({ length: 7 }, (_, d) => weekdays.includes(d)), holidays };
        const sowOn = Array.from({ length: 14 }, (_, n) => addDays(plan.sowOn, n)).find((d) => isSchoolDay(calendar, d));
        fc.pre(sowOn !== undefined);
        const moved = { ...plan, calendar, sowOn: sowOn! };
        fc.pre(planProblems(moved).length === 0);
        const { events, conflicts } = calendarOf(moved);
        // Only soaking keeps its hours, whoever has to be there.
        const atSchool = events.filter((e) => !('code' in e && e.code === 'soak'));
        for (const e of atSchool) expect([e.kind, isSchoolDay(calendar, e.day)]).toEqual([e.kind, true]);
        expect(events.map((e) => e.day)).toEqual(events.map((e) => e.day).sort());
        for (const c of conflicts) expect(`${c.what} ${c.wayOut}`).toMatch(/^.+\. .+\.$/);
        const checks = events.filter((e) => e.kind === 'check').map((e) => e.day);
        expect(new Set(checks).size).toBe(checks.length);
      },
    ),
    { numRuns: 60 },
  );
});

test('before days that the plants do not last alone, something is done for the water on the last school day', () => {
  const plan = begun('salt-steps', { methodId: 'bag_pocket', measures: ['seeds-up'], whileAway: 'nothing' });
  const alone = calendarOf(plan).events.filter((e) => e.kind === 'weekend');
  expect(alone.length).toBeGreaterThan(0);
  for (const e of alone) expect(isSchoolDay(plan.calendar, addDays(e.day, 1))).toBe(false);
});

test('an afternoon lesson on a half day is moved, and it is said why', () => {
  const whole = begun('salt-steps', { period: '13:15–14:00' });
  const friday = Array.from({ length: 7 }, (_, n) => addDays(whole.endOn, -n)).find((d) => weekday(d) === 5)!;
  const planned = { ...whole, calendar: { ...whole.calendar, halfDays: [friday] }, lessonOn: friday };
  const { events, conflicts } = calendarOf(planned);
  expect(events.find((e) => e.kind === 'lesson')!.day).toBe(addDays(friday, -1));
  expect(conflicts.filter((c) => c.what.startsWith('Lesson'))).toEqual([
    expect.objectContaining({ day: friday, what: expect.stringContaining('a half day without our period') }),
  ]);
  const morning = calendarOf({ ...planned, period: '09:15–10:00' });
  expect(morning.events.find((e) => e.kind === 'lesson')!.day).toBe(friday);
});

test('twelve hours of soaking before a Monday begin on Sunday evening, and another sowing day is offered', () => {
  const plan = begun('soaked-or-dry', { sowOn: '2026-03-16' });
  const soaks = (p: PlanDocument) => calendarOf(p).events.filter((e) => 'code' in e && e.code === 'soak');
  expect(soaks(plan).map((e) => e.day)).toEqual(['2026-03-15']);
  const [conflict] = calendarOf(plan).conflicts.filter((c) => c.day === '2026-03-15');
  expect(conflict).toMatchObject({
    what: 'Soak the lentil seeds that are to be soaked would fall on Sun 15 March, a day without school.',
    wayOut: 'Sow on Tue 17 March instead, or let somebody soak them at home that evening; not earlier.',
  });
  expect(calendarOf(conflict!.fix!.apply(plan)).conflicts).toEqual([]);
  const tuesday = begun('soaked-or-dry', { sowOn: '2026-03-17' });
  expect(soaks(tuesday).map((e) => e.day)).toEqual(['2026-03-16']);
  expect(calendarOf(tuesday).conflicts.filter((c) => c.what.startsWith('Soak'))).toEqual([]);
  // Before a break it is not put off by weeks.
  const calendar = { ...plan.calendar, holidays: [{ from: '2026-03-02', to: '2026-03-15', name: 'Break' }] };
  expect(soaks({ ...plan, calendar }).map((e) => e.day)).toEqual(['2026-03-15']);
});

test('a fast kind does not wait for a slow one: each has its own days for covers and thinning', () => {
  const plan = begun('kinds-side-by-side', { seedsEach: 4, keep: 1 });
  const out = workOut(plan, TEAMS);
  const { events } = planCalendar(plan, out);
  const titles = events.map((e) => ({ day: e.day, title: eventWords(e).title }));
  const halves = out.kinds.map((kind) => ({
    name: kind.species.name.toLowerCase(),
    half: kind.forecast.ok ? kind.forecast.half.likely! : '',
  }));
  expect(new Set(halves.map((h) => h.half)).size).toBeGreaterThan(1);
  for (const { name, half } of halves) {
    const lifted = titles.find((t) => t.title === `Lift the covers of ${name} and move it into the light`)!;
    expect(lifted.day >= half && lifted.day <= addDays(half, 2)).toBe(true);
    expect(titles.filter((t) => t.title === `Thin ${name} to 1` || t.title === `Take the covers off ${name}`)).toHaveLength(2);
  }
  // One kind has no name of its own.
  expect(calendarOf(begun('salt-steps')).events.map((e) => eventWords(e).title)).toContain(
    'Lift the covers and move into the light',
  );
});

test('a rung of a ladder that cannot be sown on its day says the age it will have', () => {
  const ladder = startedPlan('age-ladder');
  const whole = planCalendar(ladder, workOut(ladder, 7)).conflicts.filter((c) => c.what.includes('was to be'));
  // E is to be 21 days old; nobody is there around that day.
  const on = addDays(ladder.lessonOn, -21);
  const calendar = { ...ladder.calendar, holidays: [{ from: addDays(on, -30), to: addDays(on, 2), name: 'Break' }] };
  const broken = { ...ladder, calendar };
  const { conflicts, events } = planCalendar(broken, workOut(broken, 7));
  const e = conflicts.find((c) => c.what.startsWith('E was to be 21 days old'))!;
  const sown = events.filter((ev) => ev.kind === 'sow').map((ev) => ev.day);
  const real = Number(/will be (\d+)/.exec(e.what)![1]);
  expect(sown).toContain(addDays(ladder.lessonOn, -real));
  expect(real).toBeLessThan(21);
  expect(e.wayOut).toContain(`Its label says ${real} days.`);
  const worked = workOut(broken, 7);
  expect(worked.treatments.find((t) => t.code === 'E')!.label).toBe(`${real} days`);
  expect(worked.recipes.find((r) => r.treatment.code === 'E')!.treatment.label).toBe(`${real} days`);
  expect(worked.treatments.find((t) => t.code === 'A')!.label).toBe('3 days');
  expect(whole.every((c) => !c.what.startsWith('E '))).toBe(true);
});

test('covers, thinning and the first check wait for the plants: over a weekend to Monday, never back to Friday', () => {
  for (let n = 0; n < 7; n++) {
    const plan = begun('crowded-pots', { sowOn: addDays('2026-03-09', n) });
    if (!isSchoolDay(plan.calendar, plan.sowOn)) continue;
    const { events, conflicts } = calendarOf(plan);
    const waiting = events.filter((e) => ['first-look', 'care', 'thin'].includes(e.kind));
    expect(waiting.length).toBeGreaterThan(2);
    for (const { what, wayOut, day } of conflicts.filter((c) => /^(First check|Lift|Take|Thin)/.test(c.what)))
      expect([what, wayOut.endsWith(`Mon ${Number(addDays(day, weekday(day) === 6 ? 2 : 1).slice(8))} March.`)]).toEqual([
        what,
        true,
      ]);
  }
});

describe('a series of salt', () => {
  const plan = startedPlan('salt-steps', {
    calendar: {
      weekdays: startedPlan('salt-steps').calendar.weekdays,
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
    const ladder = startedPlan('age-ladder');
    const sowings = planCalendar(ladder, workOut(ladder, 7)).events.filter((e) => e.kind === 'sow');
    expect(sowings.length).toBe(5);
  });
});

test('a covered box of tiny seeds is opened when half are up, its lid comes off days later, and it is harvested when ready', () => {
  const plan = startedPlan('salt-steps', {
    methodId: 'dome_box',
    speciesId: 'lettuce',
    fillMl: 500,
    harvested: true,
    endOn: '2026-05-29',
  });
  const out = workOut(plan, 7);
  const { events, conflicts } = planCalendar(plan, out);
  const dayOf = (code: string) => events.find((e) => 'code' in e && e.code === code)?.day ?? '';
  expect(dayOf('lift-covers') > plan.sowOn).toBe(true);
  expect(dayOf('covers-off') > dayOf('lift-covers')).toBe(true);
  // Lettuce can be cut young from so many days after sowing.
  const ready = addDays(plan.sowOn, out.kinds[0]!.species.daysTo.harvest![0]);
  expect(dayOf('harvest') >= ready && daysBetween(ready, dayOf('harvest')) < 3).toBe(true);
  expect(conflicts.filter((c) => c.what.includes('harvest'))).toEqual([]);
  const early = planCalendar({ ...plan, endOn: '2026-03-27' }, workOut({ ...plan, endOn: '2026-03-27' }, 7));
  const [late] = early.conflicts.filter((c) => c.what.includes('ready to harvest'));
  expect(late!.fix!.apply(plan).endOn >= ready).toBe(true);
});

test('hardening off goes on day by day, longer each time, on school days only, and ends with a night', () => {
  const plan = startedPlan('salt-steps', { goesOutside: true, lastFrost: '2026-04-20', endOn: '2026-05-29' });
  const { events } = planCalendar(plan, workOut(plan, 7));
  const steps = events.flatMap((e) => ('code' in e && e.code === 'harden-step' ? [e] : []));
  expect(steps.map((s) => s.hours)).toEqual([...steps.map((s) => s.hours)].sort((a, b) => a - b));
  expect(steps.length).toBeGreaterThan(2);
  expect(steps.every((s) => isSchoolDay(plan.calendar, s.day))).toBe(true);
  expect(steps.map((s) => s.night)).toEqual(steps.map((_, i) => i === steps.length - 1));
  // Begun on a Saturday that is moved to Monday: the second step is never on the day of the first.
  for (const lastFrost of ['2026-04-20', '2026-04-21', '2026-04-24', '2026-04-25', '2026-04-26']) {
    const shifted = { ...plan, lastFrost };
    const days = planCalendar(shifted, workOut(shifted, 7)).events.flatMap((e) =>
      'code' in e && ['harden-off', 'harden-step', 'plant-out'].includes(e.code) ? [e.day] : [],
    );
    expect(new Set(days).size).toBe(days.length);
  }
});

describe('what finds no day', () => {
  const off = (from: string, to: string, name: string) => ({
    calendar: { weekdays: startedPlan('salt-steps').calendar.weekdays, holidays: [{ from, to, name }] },
  });
  const grave = (plan: PlanDocument, today: string | null = null) =>
    planCalendar(plan, workOut(plan, 7), today).conflicts.filter((c) => !c.settled);

  test('covers over a long break: both things are named, and the way out mends it', () => {
    const plan = startedPlan('salt-steps', off('2026-03-14', '2026-03-29', 'Spring break'));
    const [covers] = grave(plan).filter((c) => c.what.startsWith('Lift the covers'));
    expect(covers!.what).toMatch(
      /^Lift the covers and move into the light has to be between .* and .*, when about half are up, and from Sat 14 March to Sun 29 March nobody is there \(Spring break\)\.$/,
    );
    expect(covers!.wayOut).toMatch(/^(Let somebody come in|Sow on) .* For now it is on Mon 30 March\.$/);
    const mended = covers!.fix!.apply(plan);
    expect(grave(mended).filter((c) => c.what.startsWith('Lift the covers'))).toEqual([]);
  });

  test('somebody who comes in lifts covers on a day without school', () => {
    const plan = startedPlan('salt-steps', { ...off('2026-03-14', '2026-03-29', 'Spring break'), whileAway: 'somebody' });
    const { events } = planCalendar(plan, workOut(plan, 7));
    const lifted = events.find((e) => 'code' in e && e.code === 'lift-covers')!;
    expect(events.filter((e) => 'code' in e && e.code === 'come-in').map((e) => e.day)).toContain(lifted.day);
  });

  test('nothing is put before today: soil that cannot stand any more asks for another day of sowing', () => {
    const plan = startedPlan('sour-water-and-chalk');
    expect(grave(plan, '2026-03-06')).toEqual([]);
    const [soil] = grave(plan, '2026-03-07');
    expect(soil!.what).toBe(
      'Mix the soil and let it stand has to be by Fri 6 March, at least 3 days before the seeds go in, and today is Sat 7 March.',
    );
    // Monday the 9th is the next day with anybody there; three days later is Thursday.
    expect(soil!.fix!.label).toBe('Sow on Thu 12 Mar');
    expect(grave(soil!.fix!.apply(plan), '2026-03-07')).toEqual([]);
    const { events } = planCalendar(plan, workOut(plan, 7), '2026-03-05');
    expect(events.every((e) => e.day >= '2026-03-05')).toBe(true);
  });

  test('seeds that would have to be sown yesterday are told, and paper is left before it feeds no more', () => {
    const plan = startedPlan('salt-steps');
    expect(grave(plan, '2026-03-12')[0]!.what).toBe('Sowing is planned for Mon 9 March, and today is Thu 12 March.');
    const paper = startedPlan('soaked-or-dry', { endOn: '2026-05-29' });
    for (let n = 0; n < 7; n++) {
      const moved = { ...paper, sowOn: addDays('2026-03-09', n) };
      const { events } = planCalendar(moved, workOut(moved, 7));
      const on = events.find((e) => 'code' in e && e.code === 'into-soil')!;
      expect(daysBetween(moved.sowOn, on.day)).toBeLessThanOrEqual(21);
    }
  });

  test('a lesson at nine leaves no waking hour for four to eight hours of soaking', () => {
    const plan = startedPlan('watch-and-wonder', { speciesId: 'sunflower', period: '09:00–09:45' });
    expect(grave(plan)[0]).toMatchObject({
      what: 'Soak the sunflower seeds: 4 to 8 hours before 09:00–09:45 on Mon 9 March is at night.',
      wayOut: 'Sow in a later lesson, or sow them dry: it is a help, not a need.',
    });
    expect(grave({ ...plan, period: '13:15–14:00' })).toEqual([]);
  });
});

test('a cool place has days of its own', () => {
  const plan = startedPlan('warm-and-cool');
  const out = workOut(plan, 7);
  expect(out.sproutings.map((s) => s.treatments)).toEqual([['A'], ['B']]);
  const [warm, cool] = out.sproutings.map((s) => (s.forecast.ok ? s.forecast.half.likely! : ''));
  expect(warm! < cool!).toBe(true);
  const lifted = planCalendar(plan, out).events.filter((e) => 'code' in e && e.code === 'lift-covers');
  expect(lifted.map((e) => ('species' in e ? e.species : ''))).toEqual(['A', 'B']);
});

test('what is shut is left alone over a break without being told to be watered', () => {
  const plan = startedPlan('soaked-or-dry', {
    endOn: '2026-04-10',
    calendar: {
      weekdays: startedPlan('salt-steps').calendar.weekdays,
      holidays: [{ from: '2026-03-14', to: '2026-03-29', name: 'Spring break' }],
    },
  });
  const { events } = planCalendar(plan, workOut(plan, 7));
  expect(events.filter((e) => 'leaving' in e).map((e) => e.leaving.how)).not.toContain('too-long');
  expect(rulesOf(plan)).not.toContain('dry-before-monday');
});

test('thinning on a day of one’s own: two weeks are well, before the leaves or too late is told', () => {
  const plan = startedPlan('crowded-pots');
  const days = (thinOn: string) => {
    const own = { ...plan, thinOn };
    const { events, conflicts } = planCalendar(own, workOut(own, 7));
    return {
      thin: events.find((e) => e.kind === 'thin')!.day,
      told: conflicts.filter((c) => c.what.startsWith('Thinning')).map((c) => c.what),
    };
  };
  const open = days('').thin;
  expect(days('2026-03-23')).toEqual({ thin: '2026-03-23', told: [] });
  expect(days('2026-03-23').thin > open).toBe(true);
  expect(days('2026-03-11').told[0]).toMatch(/and the first true leaves of wheat open around/);
  expect(days('2026-04-03').told[0]).toMatch(/the roots of wheat cannot be parted\.$/);
});

test('sown in steps on paper, each sowing is moved into soil before its own paper feeds it no more', () => {
  const ladder = begun('age-ladder', { methodId: 'paper_jar', fillMl: 30, endOn: '2026-05-29' });
  const { events } = calendarOf(ladder);
  const moved = events.flatMap((e) => ('code' in e && e.code === 'into-soil' ? [{ day: e.day, ...eventWords(e) }] : []));
  const sowings = new Set(workOut(ladder, TEAMS).recipes.map((r) => r.sowOn)).size;
  expect(moved).toHaveLength(sowings);
  expect(new Set(moved.map((m) => m.title)).size).toBe(sowings);
});

test('in a ladder somebody who comes in is offered only where it helps', () => {
  const ladder = startedPlan('age-ladder', { lessonOn: '2026-04-13', endOn: '2026-04-17' });
  const calendar = { ...ladder.calendar, holidays: [{ from: '2026-03-30', to: '2026-04-10', name: 'Break' }] };
  const plan = { ...ladder, calendar };
  const open = (p: PlanDocument) =>
    planCalendar(p, workOut(p, 7)).conflicts.filter((c) => !c.settled && / has to be /.test(c.what));
  const offered = open(plan).flatMap((c) => c.fix ?? []);
  expect(open(plan).length).toBeGreaterThan(0);
  for (const fix of offered) expect(open(fix.apply(plan)).length).toBeLessThan(open(plan).length);
});
