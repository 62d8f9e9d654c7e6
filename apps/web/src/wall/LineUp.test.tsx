import { standingsOn } from '@bright-sprout/core/readings/standing';
import { fireEvent, render, screen } from '@testing-library/react';
import { readingView, recordsOf } from '../../test/records';
import { LineUp, wallTop } from './LineUp';
import { dayTapeOf } from '@bright-sprout/core/tape/dayTape';

const MONDAY = '2026-03-16';
const THURSDAY = '2026-03-19';
const records = recordsOf([
  readingView('A1', MONDAY, { heightMm: 120 }),
  readingView('A1', THURSDAY, { heightMm: 140, doubt: { kind: 'grew-too-fast', answer: null, secondMm: null } }),
  readingView('B1', THURSDAY),
  readingView('B2', MONDAY, { state: 'lost', lostReason: 'knocked-over' }),
]);

function show(onChoose = jest.fn(), part: Partial<typeof records.investigation> = {}) {
  const { readings } = records;
  const investigation = { ...records.investigation, ...part };
  const ids = investigation.containers.map((c) => c.id);
  const groups = investigation.treatments.map((t) => ({
    key: t.code,
    title: t.label,
    detail: '',
    look: t.code,
    emblem: null,
    summary: null,
    peg: t.code === 'A' ? { mm: 120, words: '12.0 cm expected on day 21' } : null,
    containers: investigation.containers.filter((c) => c.treatment === t.code),
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
    'A1, no salt: 14.0 cm, in doubt, 2.0 since Mon 16 March',
    'A2, no salt: nobody checked on this day',
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

test('what was expected hangs on the wall at its height, and a height in doubt is marked', () => {
  show();
  expect(screen.getByText('12.0 cm expected on day 21').closest('.peg')).toHaveAttribute(
    'transform',
    `translate(0 ${14 + 300 - 240})`,
  );
  expect(document.querySelectorAll('.place-doubt')).toHaveLength(1);
});

test('the wall measures the tallest plant ever recorded, so that it does not jump from day to day', () => {
  expect(wallTop(records.readings, [], false)).toBe(150);
  expect(wallTop(records.readings, [210], false)).toBe(250);
  expect(wallTop([], [], false)).toBe(50);
  expect(wallTop([readingView('A1', MONDAY, { heightMm: 150 })], [], false)).toBe(200);
});

test('the share of a day counts the lost as answered', () => {
  const looked = dayTapeOf(records, THURSDAY).days.filter((d) => d.share !== null);
  expect(looked.map((d) => [d.day, d.share])).toEqual([
    [MONDAY, 0.5],
    [THURSDAY, 0.75],
  ]);
});

test('a goal line stands on the wall with the thing that it is as tall as', () => {
  show(undefined, {
    outlook: { calendar: { weekdays: [], holidays: [] }, sprouting: null, goal: { name: 'a hand', mm: 120 } },
  });
  expect(screen.getByText('as tall as a hand')).toBeInTheDocument();
});
