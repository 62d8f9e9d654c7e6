import { reading, recordsOf } from '../../../test/records';
import { type Expectation } from '../points/lesson';
import { classExpected, expectedAndCame, spanWords } from './expectedAndCame';

const said = (team: string, part: Partial<Expectation>): Expectation => ({
  team,
  firstSproutDay: null,
  dayNumber: 9,
  heightMm: null,
  winner: null,
  ...part,
});

test('by hand: days as spans between looks, heights as read, and which was tallest over the whole class', () => {
  const records = recordsOf({ A: [1, 1], B: [1, 1] });
  const look = (containerId: string, day: string, heightMm?: number) =>
    reading({ id: `${containerId} ${day}`, containerId, day, heightMm });
  const readings = [
    look('A1', '2026-03-06'),
    look('B1', '2026-03-06'),
    look('A2', '2026-03-06'),
    look('A1', '2026-03-09', 12),
    look('A1', '2026-03-12', 90),
    look('B1', '2026-03-12', 60),
    look('A2', '2026-03-12', 80),
    look('B2', '2026-03-12', 40),
  ];
  const expected = [
    said('team 1', { firstSproutDay: 5, heightMm: 100, winner: 'B' }),
    said('team 2', { firstSproutDay: 6, heightMm: 70, winner: 'A' }),
  ];
  const rows = expectedAndCame({ ...records, readings }, expected, 'mm');
  expect(rows[0]).toEqual({
    team: 'team 1',
    first: { said: 5, came: { after: 3, by: 6 }, right: true },
    height: { said: 100, asked: 9, came: { mm: 90, low: 89.5, high: 90.5, dayNumber: 9 }, off: -10 },
    winner: { said: 'B', came: 'A', right: false },
  });
  expect(rows[1]!.first).toEqual({ said: 6, came: { after: 3, by: 9 }, right: true });
  expect(classExpected(rows, { ...records, readings })).toEqual({
    teams: 2,
    days: { said: 2, right: 2 },
    heights: { said: 2, more: 1, less: 1, nearest: { team: 'team 1', off: -10 } },
    winners: { said: 2, right: 1, most: 'B' },
    firstUp: { after: 3, by: 6 },
    came: 'A',
  });
  expect([spanWords({ after: 3, by: 6 }), spanWords({ after: 5, by: 6 })]).toEqual(['between day 3 and day 6', 'on day 6']);
});

test('what was said of a day that is still to come is not judged yet', () => {
  const { containers } = recordsOf({ A: [1] });
  const readings = [reading({ containerId: 'A1', day: '2026-03-12', heightMm: 90 })];
  const records = { ...recordsOf({ A: [1] }), containers, readings };
  const off = (dayNumber: number) =>
    expectedAndCame(records, [said('team 1', { dayNumber, heightMm: 200 })], 'mm')[0]!.height.off;
  expect([off(9), off(12), off(13), off(35)]).toEqual([-110, -110, null, null]);
});

test('what nobody said and what has not come is not judged', () => {
  const records = { ...recordsOf({ A: [1], B: [1] }), readings: [] };
  const [row] = expectedAndCame(records, [said('team 1', { firstSproutDay: 5, heightMm: 50, winner: 'A' })], 'cm');
  expect([row!.first.right, row!.height.off, row!.winner.right]).toEqual([null, null, null]);
  expect(classExpected([row!], records)).toMatchObject({
    days: { said: 0, right: 0 },
    heights: { said: 0, nearest: null },
    came: null,
  });
});
