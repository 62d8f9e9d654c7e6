import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { investigationView, readingView } from '../../../test/records';
import { stateOf, stopsOf } from './stops';

const DAY = '2026-03-19';

test('containers come in tray order, several tagged plants one after another', () => {
  expect(stopsOf(investigationView(), DAY).map((s) => s.name)).toEqual(['A1', 'B1', 'A2', 'B2']);
  const two = stopsOf(investigationView({ bench: { ...USUAL_BENCH, plants: 2 } }), DAY);
  expect(two.slice(0, 3).map((s) => [s.name, s.plant])).toEqual([
    ['A1 · 1', '1'],
    ['A1 · 2', '2'],
    ['B1 · 1', '1'],
  ]);
});

test('what is not sown yet is not asked about', () => {
  const investigation = investigationView();
  investigation.containers[1]!.sownOn = '2026-03-20';
  expect(stopsOf(investigation, DAY).map((s) => s.name)).toEqual(['A1', 'A2', 'B2']);
});

test('each tagged plant is done on its own and has its own past', () => {
  const investigation = investigationView({ bench: { ...USUAL_BENCH, plants: 2 } });
  const [first, second] = stopsOf(investigation, DAY);
  const readings = [
    readingView('A1', '2026-03-16', { heightMm: 90, plant: '2' }),
    readingView('A1', '2026-03-17', { state: 'not-checked', plant: '2' }),
    readingView('A1', DAY, { heightMm: 140, plant: '1' }),
  ];
  expect(stateOf(first!, readings, 2, DAY)).toMatchObject({ done: true, last: null });
  expect(stateOf(second!, readings, 2, DAY)).toMatchObject({
    done: false,
    last: { findings: [{ measure: 'height', value: 90 }] },
  });
});

test('a lost plant stays done', () => {
  const [stop] = stopsOf(investigationView(), DAY);
  const lost = readingView('A1', '2026-03-10', { state: 'lost', lostReason: 'eaten' });
  expect(stateOf(stop!, [lost], 1, DAY).done).toBe(true);
});
