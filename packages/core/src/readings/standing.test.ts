import { reading } from '../../test/records';
import { currentReadings, replacedBy } from './reading';
import { heightOf } from '../measures/finding';
import { recordedDays, standingsOn } from './standing';

const day = (d: number) => `2026-03-${String(d).padStart(2, '0')}`;
const on = (readings: ReturnType<typeof reading>[], d: number) => standingsOn(['A1'], readings, day(d)).get('A1')!;

test('not up, not looked at, measured and lost are four facts', () => {
  const readings = [
    reading({ containerId: 'A1', day: day(3) }),
    reading({ containerId: 'A1', day: day(9), heightMm: 40 }),
    reading({ containerId: 'A1', day: day(12), state: 'lost', lostReason: 'eaten' }),
  ];
  expect(on(readings, 3).state).toBe('not-up');
  expect(on(readings, 5).state).toBe('not-checked');
  expect(on(readings, 9)).toMatchObject({ state: 'measured', heightMm: 40 });
  expect(on(readings, 20)).toMatchObject({ state: 'lost', lostOn: day(12), lostReason: 'eaten', heightMm: null });
  expect(recordedDays(readings)).toEqual([day(3), day(9), day(12)]);
});

test('a correction stands in for what it corrects, and the old value stays to be seen', () => {
  const wrong = reading({ containerId: 'A1', id: 'old', heightMm: 60 });
  const right = reading({
    containerId: 'A1',
    id: 'new',
    heightMm: 160,
    supersedes: 'old',
    recordedAt: '2026-03-19T11:00:00.000Z',
  });
  expect(currentReadings([right, wrong]).map((r) => r.id)).toEqual(['new']);
  expect(replacedBy([right, wrong], 'new').map(heightOf)).toEqual([60]);
  expect(on([right, wrong], 19).heightMm).toBe(160);
});

test('two devices that disagree: the newest counts, and it is said', () => {
  const first = reading({ containerId: 'A1', id: 'x', heightMm: 60 });
  const second = reading({ containerId: 'A1', id: 'y', heightMm: 62, recordedAt: '2026-03-19T10:05:00.000Z' });
  expect(on([second, first], 19)).toMatchObject({ heightMm: 62, disputed: true });
  expect(on([first], 19).disputed).toBe(false);
});

test('two devices that saw the same, and two plants that differ, disagree about nothing', () => {
  const first = reading({ containerId: 'A1', id: 'x', plant: '1', heightMm: 60 });
  const same = reading({ containerId: 'A1', id: 'y', plant: '1', heightMm: 60, recordedAt: '2026-03-19T10:05:00.000Z' });
  const other = reading({ containerId: 'A1', id: 'z', plant: '2', heightMm: 90 });
  expect(on([first, same, other], 19).disputed).toBe(false);
});

test('where plants ended in different ways, a loss counts before a removal, whichever came last', () => {
  const ended = (plant: string, state: 'lost' | 'thinned', d: number) =>
    reading({
      containerId: 'A1',
      id: `${plant} ${d}`,
      plant,
      state,
      day: day(d),
      ...(state === 'lost' && { lostReason: 'eaten' }),
    });
  expect(on([ended('1', 'lost', 9), ended('2', 'thinned', 12)], 15)).toMatchObject({ state: 'lost', lostReason: 'eaten' });
  expect(on([ended('1', 'thinned', 9), ended('2', 'lost', 12)], 15)).toMatchObject({ state: 'lost', lostReason: 'eaten' });
});

test('several plants in one container are one mean, and one lost plant does not lose the container', () => {
  const readings = [
    reading({ containerId: 'A1', id: '1', plant: '1', heightMm: 60 }),
    reading({ containerId: 'A1', id: '2', plant: '2', heightMm: 80 }),
    reading({ containerId: 'A1', id: '3', plant: '3', state: 'lost', lostReason: 'died' }),
  ];
  expect(on(readings, 19)).toMatchObject({ state: 'measured', heightMm: 70, plants: 2 });
});

test('a plant taken out on purpose ends without a death; a loss beside it counts as the loss', () => {
  const grown = reading({ containerId: 'A1', id: '0', heightMm: 60, day: '2026-03-17' });
  const thinned = reading({ containerId: 'A1', id: '1', state: 'thinned', day: '2026-03-18' });
  expect(on([grown, thinned], 19)).toMatchObject({ state: 'thinned', lostOn: '2026-03-18', lostReason: null });
  const other = reading({ containerId: 'A1', id: '2', plant: '2', state: 'lost', lostReason: 'eaten', day: '2026-03-18' });
  expect(on([grown, thinned, other], 19)).toMatchObject({ state: 'lost', lostReason: 'eaten' });
});
