import fc from 'fast-check';
import { reading } from '../../test/records';
import { numberFound } from '../measures/finding';
import { BUILT_IN, measureOf } from '../measures/registry';
import { addressOf, questionAt } from './address';
import { type Askable, askableOf, betweenNo, followsOf, markNo, whenNo } from './askable';
import { firstQuestion, goodQuestions } from './goodQuestions';
import { settled } from './settled';
import { designOf } from './design';
import { groupsOf } from './groups';
import { BETWEENS, FOLLOWS, MARKS, type Question, SPROUTING } from './question';
import { planFrom } from '../plan/document/startingPoints';
import { planTreatments } from '../plan/document/planTreatments';
import { sowingDayOfTreatment, speciesOfTreatment } from '../plan/document/treatmentSowing';
import { measuresOf } from '../measures/registry';

const DAYS = ['2026-03-12', '2026-03-16', '2026-03-19'];

/** An investigation of a ready plan with a few looks at each container. */
function begun(start: string): Askable {
  const plan = planFrom(start, { gradeBand: 'middle', teams: 4, today: '2026-02-24' }, 1);
  const treatments = planTreatments(plan).map((t) => ({
    code: t.code,
    label: t.label,
    control: t.control,
    kind: speciesOfTreatment(plan, t),
    sownOn: sowingDayOfTreatment(plan, t),
  }));
  const containers = treatments.flatMap((t) =>
    [1, 2, 3, 4].map((team) => ({
      id: `${t.code}${team}`,
      code: `${t.code}${team}`,
      treatment: t.code,
      block: `team ${team}`,
      seedsSown: plan.seedsEach,
      sownOn: t.sownOn,
    })),
  );
  const measures = measuresOf({ measures: plan.measures, own: plan.ownMeasures });
  const found = measures.filter((m) => m.choices.length === 0);
  const readings = containers.flatMap((c, i) =>
    DAYS.map((day, d) =>
      reading({
        id: `${c.id} ${day}`,
        containerId: c.id,
        day,
        findings: found.map((m) => numberFound(m.code, 1 + ((i + d) % 4))),
      }),
    ),
  );
  return askableOf({
    records: { treatments, containers, readings },
    design: designOf(plan),
    measures,
    policies: { beforeSprouting: 'exclude', afterLoss: 'exclude', report: 'container-mean' },
    others: [],
    predicted: plan.predictions.includes('height-on-day'),
  });
}

test.each([
  ['salt-steps', 'doses', 'value'],
  ['feed-and-light', 'factors', 'value'],
  ['sour-water-and-chalk', 'factors', 'value'],
  ['age-ladder', 'ages', 'value'],
  ['kinds-side-by-side', 'kinds', 'value'],
  ['light-and-dark', 'treatments', 'value'],
  ['patch-from-above', 'treatments', 'value'],
])('%s opens on the question that fits it: %s, %s', (start, between, follow) => {
  expect(firstQuestion(begun(start), DAYS[2]!)).toMatchObject({ between, follow });
});

test('where only seeds are counted it opens on sprouting; a patch on its green', () => {
  const seeds = { ...begun('old-and-new-seed'), measures: [measureOf('seeds-with-root')!] };
  expect(firstQuestion(seeds, DAYS[2]!)).toMatchObject({ follow: 'sprouted', when: { kind: 'course' } });
  expect(firstQuestion(begun('patch-from-above'), DAYS[2]!).measure).toBe('percent-green');
});

test('what makes no sense together cannot be chosen, and says why', () => {
  const salt = begun('salt-steps');
  const on = firstQuestion(salt, DAYS[2]!);
  expect(betweenNo('factors', on, salt)).toBe('only one thing was changed');
  expect(betweenNo('ages', on, salt)).toBe('all was sown on one day');
  expect(betweenNo('kinds', on, salt)).toBe('all is one kind');
  expect(betweenNo('treatments', on, begun('kinds-side-by-side'))).toBe('the kinds are what differs');
  expect(betweenNo('classes', on, salt)).toBe('no other class sowed the same');
  expect(whenNo('day', { ...on, follow: 'change' }, salt)).toBe('it takes two days');
  const together = { ...salt, others: [{ id: 'x', earlier: false }] };
  expect(betweenNo('classes', on, together)).toBeNull();
  expect(betweenNo('classes', { ...on, follow: 'per-day' }, together)).toBe('other classes were checked on other days');
  expect(whenNo('end', { ...on, between: 'classes' }, together)).toBe('other classes were checked on other days');
  expect(whenNo('between', on, salt)).toBe('a value stands on one day');
  expect(whenNo('age', { ...on, between: 'ages' }, salt)).toBe('at one age all would be equally old');
  expect(markNo('plant', on, salt)).toBe('each container has one plant');
  expect(markNo('team', { ...on, between: 'teams' }, salt)).toBe('teams are compared already');
  expect(followsOf(measureOf('vigour')!)).toEqual(['value']);
  expect(followsOf(measureOf('percent-green')!)).not.toContain('relative-rate');
});

test('growth is asked up to the day looked at, from and to days that tell about the whole class', () => {
  const salt = begun('salt-steps');
  const { sown, early, few } = { sown: '2026-03-05', early: '2026-03-09', few: '2026-03-20' };
  const { containers, readings } = salt.records;
  const lookedAt = (day: string, some: typeof containers) =>
    some.map((c) => reading({ id: `${c.id} ${day}`, containerId: c.id, day, findings: [numberFound('height', 30)] }));
  const askable = askableOf({
    ...salt,
    records: {
      ...salt.records,
      containers: containers.map((c) => ({ ...c, sownOn: sown })),
      readings: [...readings, ...lookedAt(early, containers), ...lookedAt(few, containers.slice(0, 3))],
    },
  });
  const asked: Question = { ...firstQuestion(askable, DAYS[2]!), follow: 'per-day', when: { kind: 'end' } };
  const between = (from: string, to: string) => ({ kind: 'between', from, to });
  expect(settled(asked, askable).when).toEqual(between(DAYS[0]!, DAYS[2]!));
  expect(settled(asked, askable, DAYS[1]).when).toEqual(between(early, DAYS[1]!));
  // Where nothing came before it, the whole course says more than nothing.
  expect(settled(asked, askable, early).when).toEqual(between(DAYS[0]!, DAYS[2]!));
});

const question = fc.record<Question>({
  measure: fc.constantFrom(...BUILT_IN.map((m) => m.code), 'unknown'),
  follow: fc.constantFrom(...FOLLOWS, ...SPROUTING),
  reach: fc.constantFrom('', '20', 'true-leaves'),
  when: fc.oneof(
    fc.constantFrom(...DAYS, '2026-01-01').map((day) => ({ kind: 'day' as const, day })),
    fc.constantFrom(3, 9, 60).map((age) => ({ kind: 'age' as const, age })),
    fc.constantFrom([0, 2], [2, 0], [1, 1]).map(([a, b]) => ({ kind: 'between' as const, from: DAYS[a!]!, to: DAYS[b!]! })),
    fc.constantFrom({ kind: 'course' as const }, { kind: 'end' as const }),
  ),
  between: fc.constantFrom(...BETWEENS),
  mark: fc.constantFrom(...MARKS),
  beforeSprouting: fc.constantFrom('exclude', 'zero'),
  afterLoss: fc.constantFrom('exclude', 'carry', 'zero'),
  afterRemoval: fc.constantFrom('exclude', 'carry'),
  doubts: fc.constantFrom('kept', 'left-out'),
  report: fc.constantFrom('container-mean', 'tallest', 'total'),
  withOthers: fc.constant([]),
});
const STARTS = [
  'salt-steps',
  'feed-and-light',
  'age-ladder',
  'kinds-side-by-side',
  'crowded-pots',
  'is-it-alive',
  'watch-and-wonder',
];
const all = STARTS.map(begun);

test('whatever is asked settles on something that makes sense, at once and for good, and has an answer', () => {
  fc.assert(
    fc.property(fc.constantFrom(...all), question, (askable, asked) => {
      const once = settled(asked, askable);
      expect(settled(once, askable)).toEqual(once);
      expect(whenNo(once.when.kind, once, askable)).toBeNull();
      expect(markNo(once.mark, once, askable)).toBeNull();
      const measure = askable.measures.find((m) => m.code === once.measure)!;
      const groups = groupsOf(askable.records, measure, once);
      for (const g of groups) for (const d of g.dots) expect(Number.isFinite(d.value)).toBe(true);
    }),
    { numRuns: 300 },
  );
});

test('an address opens the same question again, whatever it is', () => {
  fc.assert(
    fc.property(fc.constantFrom(...all), question, fc.constantFrom(...DAYS), (askable, asked, day) => {
      const usual = firstQuestion(askable, day);
      const one = settled(asked.when.kind === 'day' ? { ...asked, when: { kind: 'day', day } } : asked, askable, day);
      expect(settled(questionAt(addressOf(one, usual), usual, day), askable, day)).toEqual(one);
    }),
    { numRuns: 300 },
  );
});

test('an address that nobody can read is as usual', () => {
  const [salt] = all;
  const usual = firstQuestion(salt!, DAYS[1]!);
  const odd = { what: 'no.such', when: 'once upon', by: 'magic', mark: '<b>', with: '1.2' };
  expect(settled(questionAt(odd, usual, DAYS[1]!), salt!)).toMatchObject({
    between: 'doses',
    follow: 'value',
    when: usual.when,
    withOthers: [],
  });
});

test('good questions make sense as they stand, each once', () => {
  for (const askable of all) {
    const found = goodQuestions(askable, DAYS[2]!);
    expect(found.length).toBeGreaterThan(0);
    expect(new Set(found.map((q) => JSON.stringify(q))).size).toBe(found.length);
    for (const q of found) expect(settled(q, askable, DAYS[2])).toEqual(q);
  }
});
