import { groupsOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { standingsOn } from '@bright-sprout/core/measure/standing';
import { fireEvent, render, screen } from '@testing-library/react';
import { readingView, recordsOf } from '../../test/records';
import { comparedRecords } from './comparedRecords';
import { LineUp, wallTop } from './LineUp';
import { ribbonDays } from './ribbonDays';

const MONDAY = '2026-03-16';
const THURSDAY = '2026-03-19';
const records = recordsOf([
  readingView('A1', MONDAY, { valueMm: 120 }),
  readingView('A1', THURSDAY, { valueMm: 140 }),
  readingView('B1', THURSDAY),
  readingView('B2', MONDAY, { state: 'lost', lostReason: 'knocked-over' }),
]);

function show(onChoose = jest.fn()) {
  const { investigation, readings } = records;
  const ids = investigation.containers.map((c) => c.id);
  const groups = groupsOnDay(comparedRecords(records), THURSDAY, 'exclude').map((group) => ({
    group,
    containers: investigation.containers.filter((c) => c.treatment === group.treatment.code),
  }));
  render(
    <LineUp
      investigation={investigation}
      groups={groups}
      standings={standingsOn(ids, readings, THURSDAY)}
      earlier={standingsOn(ids, readings, MONDAY)}
      day={THURSDAY}
      beforeDay={MONDAY}
      width={900}
      topMm={150}
      plantHeight={300}
      chosen={null}
      onChoose={onChoose}
    />,
  );
  return onChoose;
}

test('each place says in words what stands there', () => {
  show();
  expect(screen.getAllByRole('button').map((b) => b.getAttribute('aria-label'))).toEqual([
    'A1, no salt: 14.0 cm, 2.0 since Mon 16 March',
    'A2, no salt: nobody looked on this day',
    'B1, salt: not up after 16 days',
    'B2, salt: was knocked over, seen on Mon 16 March',
  ]);
});

test('a plant opens by a tap and by the keyboard', () => {
  const onChoose = show();
  fireEvent.click(screen.getByRole('button', { name: /^A1/ }));
  fireEvent.keyDown(screen.getByRole('button', { name: /^B1/ }), { key: 'Enter' });
  expect(onChoose.mock.calls).toEqual([['A1'], ['B1']]);
});

test('the wall measures the tallest plant ever recorded, so that it does not jump from day to day', () => {
  expect(wallTop(records.readings, false)).toBe(150);
  expect(wallTop([], false)).toBe(50);
  expect(wallTop([readingView('A1', MONDAY, { valueMm: 150 })], false)).toBe(200);
});

test('the share of a day counts the lost as answered', () => {
  expect(ribbonDays(records)).toEqual([
    { day: MONDAY, share: 0.5 },
    { day: THURSDAY, share: 0.75 },
  ]);
});
