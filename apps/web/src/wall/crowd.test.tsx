import { say } from '@bright-sprout/words/say';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { type ReadingState } from '@bright-sprout/core/readings/reading';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { fireEvent, screen, within } from '@testing-library/react';
import { renderPage } from '../../test/fakeServer';
import { investigationView, readingView, recordsOf } from '../../test/records';
import { inRows, sampleOf } from './crowd';
import { Wall } from './Wall';
import { wallGroups } from './wallGroups';

const DAY = '2026-03-19';
const HEIGHT = measureOf('height')!;

/** A hundred pots of treatment A: sixty measured (1 to 60 mm), twenty not up, ten lost, ten not looked at. */
const pots = Array.from({ length: 100 }, (_, n) => ({
  ...investigationView().containers[0]!,
  id: `P${n}`,
  code: `P${n}`,
  position: n,
}));
const look = (n: number, state: ReadingState) =>
  readingView(
    `P${n}`,
    DAY,
    state === 'measured' ? { heightMm: n + 1 } : { state, lostReason: state === 'lost' ? 'eaten' : null },
  );
const readings = pots.flatMap((_, n) =>
  n < 60 ? look(n, 'measured') : n < 80 ? look(n, 'not-up') : n < 90 ? look(n, 'lost') : [],
);
const records = recordsOf(readings, { containers: pots });
const standings = standingsOn(
  pots.map((p) => p.id),
  readings,
  DAY,
);
const [group] = wallGroups(records, standings, DAY, 'treatment', HEIGHT);

test('a sample has every state in its share and its heights evenly spread, from nothing to the tallest', () => {
  const { containers, all, summary } = sampleOf(group!, standings, HEIGHT, 20);
  const states = containers.map((c) => standings.get(c.id)!.state);
  expect(states).toEqual([
    ...Array.from({ length: 2 }, () => 'not-checked'),
    ...Array.from({ length: 2 }, () => 'lost'),
    ...Array.from({ length: 4 }, () => 'not-up'),
    ...Array.from({ length: 12 }, () => 'measured'),
  ]);
  const heights = containers.slice(8).map((c) => standings.get(c.id)!.heightMm!);
  expect(heights.slice(1).map((h, i) => h - heights[i]!)).toEqual(Array.from({ length: 11 }, () => 5));
  expect(all).toHaveLength(100);
  // What is said of the group is said of all of it.
  expect(summary).toMatchObject({ n: 60, mean: 30.5 });
});

test('a group that fits stays as it is, and rows of a whole group are as even as they can be', () => {
  expect(sampleOf(group!, standings, HEIGHT, 100)).toBe(group);
  expect(inRows(group!, 36).map((row) => row.containers.length)).toEqual([34, 34, 32]);
  expect(inRows(group!, 36).flatMap((row) => row.containers)).toEqual(group!.containers);
});

test('a crowded wall says how all stand, draws some, and shows all on demand', () => {
  renderPage(<Wall records={records} day={DAY} before={null} />);
  const drawn = () => screen.getAllByRole('button', { name: /^P\d+, no salt/ }).length;
  expect(screen.getByText(/60 measured · 20 not up yet · 10 gone · 10 not checked of 100\./)).toBeInTheDocument();
  expect(drawn()).toBeLessThan(50);
  fireEvent.click(screen.getByRole('button', { name: 'See all 100 of no salt' }));
  expect(drawn()).toBe(100);
  expect(
    within(screen.getByRole('region', { name: say('wall.lineWall') })).getByText(/^All 100 of no salt\./),
  ).toBeInTheDocument();
  fireEvent.click(screen.getByRole('button', { name: say('wall.backGroups') }));
  expect(drawn()).toBeLessThan(50);
});
