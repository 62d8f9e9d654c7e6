import { waitingToSprout } from '../compare/times';
import { looksByContainer } from './looks';
import { type Finding, numberFound } from '../measures/finding';
import { firstUp } from './whatCame';
import { besideEachOther, type Reading, showsPlants } from './reading';
import { standingsOn } from './standing';

const seen = { picture: 'p', method: 'excess green, version 1', low: null, high: null };
const green = (percent: number): Finding => ({ ...numberFound('percent-green', percent), seen });
let n = 0;
const look = (day: string, state: Reading['state'], findings: Finding[] = []): Reading => ({
  id: `r${++n}`,
  containerId: 'A1',
  plant: '1',
  day,
  state,
  findings,
  doubt: null,
  lostReason: null,
  note: null,
  supersedes: null,
  recordedAt: `${day}T10:00:0${n % 10}Z`,
});
const measures = (r: { findings: readonly Finding[] }) => r.findings.map((f) => f.measure);

test('what was counted in a picture and what was found at the plant stand beside each other, whichever came first', () => {
  const counted = look('2026-03-10', 'measured', [green(30)]);
  const found = look('2026-03-10', 'measured', [numberFound('seeds-up', 12)]);
  expect(measures(besideEachOther(counted, found))).toEqual(['seeds-up', 'percent-green']);
  expect(measures(besideEachOther(found, counted))).toEqual(['percent-green', 'seeds-up']);
  // Two looks at the plant itself: the later counts, as it always did.
  const again = look('2026-03-10', 'measured', [numberFound('leaves', 2)]);
  expect(measures(besideEachOther(found, again))).toEqual(['leaves']);
  const lost = look('2026-03-10', 'lost');
  expect(besideEachOther(counted, lost)).toBe(lost);
});

test('hardly any green is no plant that has come up', () => {
  expect(showsPlants(look('2026-03-05', 'measured', [green(0.2)]))).toBe(false);
  expect(showsPlants(look('2026-03-05', 'measured', [green(0.6)]))).toBe(true);
  expect(showsPlants(look('2026-03-05', 'measured', [green(0), numberFound('seeds-up', 1)]))).toBe(true);
  expect(showsPlants(look('2026-03-05', 'not-up'))).toBe(false);
});

test('a patch comes up between the last picture without and the first with green, and a bare one is not disputed', () => {
  const readings = [
    look('2026-03-04', 'measured', [green(0)]),
    look('2026-03-04', 'not-up'),
    look('2026-03-06', 'measured', [green(0.1)]),
    look('2026-03-08', 'measured', [green(6)]),
  ];
  const container = { id: 'A1', treatment: 'A', sownOn: '2026-03-03' };
  expect(firstUp([container], readings)).toEqual({ after: 3, by: 5 });
  const compared = { ...container, block: null, seedsSown: 60 } as unknown as Parameters<typeof waitingToSprout>[0];
  expect(waitingToSprout(compared, looksByContainer(readings).get('A1')!).intervals).toEqual([{ lower: 3, upper: 5 }]);
  const bare = standingsOn(['A1'], readings, '2026-03-04').get('A1')!;
  expect([bare.disputed, bare.state, measures(bare.looks[0]!)]).toEqual([false, 'measured', ['percent-green']]);
});
