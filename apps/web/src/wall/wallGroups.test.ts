import { measureOf } from '@bright-sprout/core/measures/registry';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { investigationView, readingView } from '../../test/records';
import { groupingsOf, type Grouping, wallGroups } from './wallGroups';

const DAY = '2026-03-19';
const readings = [
  readingView('A1', DAY, { heightMm: 140 }),
  readingView('A2', DAY, { heightMm: 120 }),
  readingView('B1', DAY, { heightMm: 60 }),
];
const grouped = (by: Grouping, change: Parameters<typeof investigationView>[0] = {}) => {
  const investigation = investigationView(change);
  const standings = standingsOn(
    investigation.containers.map((c) => c.id),
    readings,
    DAY,
  );
  return wallGroups({ investigation }, standings, DAY, by, measureOf('height')!);
};

test('by treatment each group has its mean; by team there is none, for a team has one of each', () => {
  expect(grouped('treatment').map((g) => [g.title, g.containers.map((c) => c.code), g.summary?.mean])).toEqual([
    ['no salt', ['A1', 'A2'], 130],
    ['salt', ['B1', 'B2'], 60],
  ]);
  expect(grouped('team').map((g) => [g.title, g.emblem, g.containers.map((c) => c.code), g.summary, g.detail])).toEqual([
    ['Kites', 'kite', ['A1', 'B1'], null, '2 of 2 cups measured'],
    ['Bells', 'bell', ['A2', 'B2'], null, '1 of 2 cups measured'],
  ]);
});

test('what a team expected hangs in its group as a peg', () => {
  const [kites, bells] = grouped('team', {
    expected: [{ teamId: 't1', firstSproutDay: null, dayNumber: 21, heightMm: 175, winner: 'A' }],
  });
  expect(kites!.peg).toEqual({ mm: 175, words: '17.5 cm expected on day 21' });
  expect(bells!.peg).toBeNull();
});

test('kinds and ages are offered only where there are several, and ages stand in the order of sowing', () => {
  expect(groupingsOf(investigationView())).toEqual(['treatment', 'team']);
  const { containers, treatments } = investigationView();
  const ladder = containers.map((c) => ({ ...c, sownOn: c.treatment === 'A' ? '2026-03-10' : '2026-03-03' }));
  expect(groupingsOf(investigationView({ containers: ladder }))).toContain('age');
  expect(grouped('age', { containers: ladder }).map((g) => [g.title, g.containers[0]!.code])).toEqual([
    ['16 days old', 'B1'],
    ['9 days old', 'A1'],
  ]);
  const kinds = treatments.map((t) => (t.code === 'B' ? { ...t, speciesId: 'radish', speciesName: 'Radish' } : t));
  expect(grouped('kind', { treatments: kinds }).map((g) => [g.title, g.summary?.n])).toEqual([
    ['Barley', 2],
    ['Radish', 1],
  ]);
});

test('containers of nobody’s team stand together as the class’s', () => {
  const containers = investigationView().containers.map((c) => (c.code === 'B2' ? { ...c, teamId: null } : c));
  expect(grouped('team', { containers }).map((g) => g.title)).toEqual(['Kites', 'Bells', 'The class']);
});
