import fc from 'fast-check';
import { reading } from '../../test/records';
import { answeredShares } from './answeredShares';
import { READING_STATES } from './reading';
import { recordedDays, standingsOn } from './standing';

const DAYS = ['2026-03-16', '2026-03-17', '2026-03-18', '2026-03-20'];
const IDS = ['A1', 'B1', 'C1'];

test('one pass over the readings says what the standings of each day say', () => {
  const look = fc.record({
    containerId: fc.constantFrom(...IDS, 'elsewhere'),
    plant: fc.constantFrom('1', '2'),
    day: fc.constantFrom(...DAYS),
    state: fc.constantFrom(...READING_STATES),
    hour: fc.integer({ min: 10, max: 20 }),
    replaces: fc.option(fc.nat(5), { nil: null }),
  });
  fc.assert(
    fc.property(fc.array(look, { maxLength: 14 }), (looks) => {
      const readings = looks.map(({ hour, replaces, ...rest }, i) =>
        reading({
          ...rest,
          id: `r${i}`,
          recordedAt: `${rest.day}T${hour}:00:00Z`,
          supersedes: replaces !== null && replaces < i ? `r${replaces}` : null,
        }),
      );
      const shares = answeredShares(IDS, readings);
      const expected = recordedDays(readings).map((day) => {
        const standings = [...standingsOn(IDS, readings, day).values()];
        return [day, standings.filter((s) => s.state !== 'not-checked').length / IDS.length];
      });
      expect([...shares]).toEqual(expected);
    }),
  );
});

test('without containers nothing is answered', () => {
  expect([...answeredShares([], [reading({ containerId: 'A1', day: DAYS[0]! })])]).toEqual([[DAYS[0], 0]]);
});
