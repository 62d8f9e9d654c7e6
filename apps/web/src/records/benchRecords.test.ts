import { investigationView } from '../../test/records';
import { waitingCheck } from '../../test/waiting';
import { withWaiting } from './benchRecords';

const waiting = (change: Parameters<typeof waitingCheck>[1] = {}) =>
  waitingCheck({ id: 'r1', state: 'measured', findings: [{ measure: 'height', typed: '16.5 cm' }] }, change);

const { containers, bench, resolution } = investigationView();
const own = { containers: containers.filter((c) => c.id === 'A1'), bench, resolution };

test('what waits on the device is seen at once, in millimetres', () => {
  expect(withWaiting([], [waiting()], own)).toMatchObject([
    { id: 'r1', containerId: 'A1', findings: [{ measure: 'height', value: 165 }], state: 'measured' },
  ]);
});

test('what the server has told already is not there twice', () => {
  const [told] = withWaiting([], [waiting()], own);
  expect(withWaiting([told!], [waiting({ confirmed: true })], own)).toHaveLength(1);
});

test('refused checks and other teams’ containers are left out', () => {
  expect(withWaiting([], [waiting({ refused: 'finished' })], own)).toEqual([]);
  expect(withWaiting([], [waiting()], { ...own, containers: containers.filter((c) => c.id === 'B1') })).toEqual([]);
});
