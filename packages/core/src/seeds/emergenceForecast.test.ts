import { daysBetween } from '../calendar/days';
import { type RoomTemperature, steadyTemperature } from '../calendar/roomTemperature';
import { isSchoolDay, MONDAY_TO_FRIDAY } from '../calendar/schoolCalendar';
import { ageLadder, sowForLesson } from './backPlanning';
import { SPECIES, speciesById } from './catalogue';
import { forecastEmergence } from './emergenceForecast';
import { medianEmergenceDays } from './emergenceTime';
import { sowingDepth } from './sowingDepth';

const calendar = { weekdays: MONDAY_TO_FRIDAY, holidays: [] };
const barley = speciesById('barley')!;
const setting = { sownOn: '2026-03-03', seeds: 84, room: steadyTemperature(18), calendar };
const cold: RoomTemperature = { day: 18, night: 12, weekend: { day: 10, night: 8 }, dayHours: [7, 18] };

function forecast(part: Partial<Parameters<typeof forecastEmergence>[1]> = {}, species = barley) {
  const found = forecastEmergence(species, { ...setting, ...part });
  if (!found.ok) throw new Error(found.reason);
  return found;
}

test('at a steady temperature half are up when θ50 over the effective degrees has passed', () => {
  for (const species of SPECIES) {
    const { half } = forecast({ room: steadyTemperature(20) }, species);
    expect(Math.abs(daysBetween('2026-03-03', half.likely!) - medianEmergenceDays(species, 20))).toBeLessThanOrEqual(1);
  }
});

test('the forecast keeps its order and its share', () => {
  const { first, half, ninety, shareUp } = forecast();
  expect([first.earliest!, half.earliest!, half.likely!, half.latest!, ninety.latest!]).toEqual(
    [first.earliest!, half.earliest!, half.likely!, half.latest!, ninety.latest!].sort(),
  );
  expect(shareUp('2026-03-03').expected).toBeCloseTo(0, 12);
  expect(shareUp('2026-05-03').expected).toBeCloseTo(barley.germination, 3);
  const { low, expected, high } = shareUp(half.likely!);
  expect(low).toBeLessThan(expected);
  expect(expected).toBeLessThan(high);
});

test('a root tip on paper is seen before a shoot in soil', () => {
  expect(forecast({ rootTip: true }).half.likely! < forecast().half.likely!).toBe(true);
});

test('cold nights and unheated weekends delay; more seeds bring the first forward', () => {
  expect(forecast({ room: cold }).half.likely! > forecast().half.likely!).toBe(true);
  expect(forecast({ room: { ...cold, weekend: null } }).ninety.likely! < forecast({ room: cold }).ninety.likely!).toBe(true);
  expect(forecast({ seeds: 500 }).first.likely! <= forecast({ seeds: 2 }).first.likely!).toBe(true);
});

test('a room below the base says so; a slow one may run past the horizon', () => {
  expect(forecastEmergence(barley, { ...setting, room: steadyTemperature(-1) })).toMatchObject({ ok: false });
  const parsley = speciesById('parsley')!;
  const slow = forecast({ room: steadyTemperature(parsley.thermal.base + 0.5) }, parsley);
  expect(slow.ninety.latest).toBeNull();
});

test('sowing for a lesson is a school day, early enough, and a day later would not be', () => {
  const wanted = { lesson: '2026-03-30', seeds: 84, mostChanceLate: 0.1 };
  const planned = sowForLesson(barley, wanted, cold, calendar);
  if (!planned.ok) throw new Error(planned.reason);
  expect(isSchoolDay(calendar, planned.sowOn)).toBe(true);
  expect(planned.chanceLate).toBeLessThanOrEqual(0.1);
  const later = sowForLesson(barley, { ...wanted, mostChanceLate: 1 }, cold, calendar);
  expect(later.ok && later.sowOn > planned.sowOn).toBe(true);
  expect(sowForLesson(barley, wanted, steadyTemperature(-2), calendar)).toMatchObject({ ok: false });
});

test('an age ladder moves to school days and keeps one rung a day', () => {
  const ladder = ageLadder('2026-04-16', [21, 14, 12, 11, 0], calendar);
  if (!ladder.ok) throw new Error(ladder.reason);
  expect(ladder.rungs.map((r) => r.sowOn)).toEqual(['2026-03-26', '2026-04-02', '2026-04-03', '2026-04-06', '2026-04-16']);
  expect(ladder.rungs.map((r) => r.age)).toEqual([21, 14, 13, 10, 0]);
  expect(ageLadder('2026-04-16', [], calendar)).toMatchObject({ ok: false });
  expect(ageLadder('2026-04-16', [-1], calendar)).toMatchObject({ ok: false });
});

test('depth follows the school asked for, but light-needing and tiny seeds stay on top', () => {
  const bean = speciesById('common_bean')!;
  expect(sowingDepth(bean).mm).toEqual(bean.sowingDepthMm);
  expect(sowingDepth(bean, { containerDepthMm: 70 })).toMatchObject({ school: 'widths', mm: [14, 21] });
  expect(sowingDepth(bean, { school: 'thickness' }).mm).toEqual(bean.seedMm.thickness);
  expect(sowingDepth(bean, { packetMm: [20, 30] }).mm).toEqual([20, 30]);
  expect(sowingDepth(bean, { school: 'surface' }).mm).toEqual([0, 0]);
  for (const school of ['packet', 'widths', 'thickness'] as const) {
    expect(sowingDepth(speciesById('lettuce')!, { school })).toMatchObject({ school: 'surface', mm: [0, 0] });
    expect(sowingDepth(speciesById('petunia')!, { school }).because).not.toBeNull();
  }
});
