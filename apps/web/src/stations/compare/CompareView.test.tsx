import { measureOf } from '@bright-sprout/core/measures/registry';
import { compareOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, renderPage } from '../../../test/fakeServer';
import { readingView, recordsOf } from '../../../test/records';
import { type CompareQuestion } from '../../workers/compareQuestion';
import { CompareView } from './CompareView';

jest.mock('../../api/live', () => ({ useLive: () => true }));
jest.mock('../../charts/PlotlyChart', () => ({
  PlotlyChart: ({ summary }: { summary: string }) => <p data-testid="chart">{summary}</p>,
}));
// What the chart draws needs a browser that measures paths; here it is its words and numbers that count.
jest.mock('./comparisonChart', () => ({ comparisonChart: () => ({ data: [], layout: {} }) }));
const mockCompare = compareOnDay;
const mockMeasureOf = measureOf;
// jsdom has no workers; the same question is answered on the spot.
jest.mock('../../workers/useComparison', () => ({
  useComparison: (q: CompareQuestion | null) =>
    q && {
      number: 1,
      milliseconds: 1,
      comparison: mockCompare(q.records, { ...q, measure: mockMeasureOf(q.measure, q.own)! }, q.seed),
    },
}));

const HEIGHTS: Record<string, number | null> = { A1: 120, B1: 60, A2: 128, B2: null };

const READINGS = Object.entries(HEIGHTS).map(([id, heightMm]) => readingView(id, '2026-03-17', { heightMm }));

function open(readings = READINGS, together: unknown[] = [], change: Parameters<typeof recordsOf>[1] = {}) {
  fakeServer({
    'GET /investigations/i1': recordsOf(readings, change),
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
    'GET /investigations/i1/together': together,
  });
  renderPage(<CompareView />, { path: '/investigations/i1/compare', route: '/investigations/:id/compare' });
}

const numbers = async () => {
  await userEvent.click(await screen.findByText('Show the numbers'));
  return screen
    .getAllByRole('row')
    .slice(1)
    .map((r) =>
      within(r)
        .getAllByRole('cell')
        .map((c) => c.textContent),
    );
};

test('the numbers leave out what is not up, and name it', async () => {
  open();
  const [a, b] = await numbers();
  expect(a!.slice(0, 2)).toEqual(['2', '12.4 cm']);
  expect(b!.slice(0, 2)).toEqual(['1', '6.0 cm']);
  expect(b!.at(-1)).toBe('B2 not up');
});

test('counted as zero, what is not up pulls its mean down', async () => {
  open();
  await userEvent.click(await screen.findByRole('button', { name: 'Not up yet: left out' }));
  await userEvent.click(screen.getByRole('button', { name: /^counting as zero/ }));
  const [, b] = await numbers();
  expect(b!.slice(0, 2)).toEqual(['2', '3.0 cm']);
});

test('two of each cannot tell', async () => {
  open();
  expect(await screen.findByText('For salt, these cups cannot tell yet.')).toHaveClass('claim-finding');
});

test('a claim from six of each says what was found, and that this class reads too unevenly for it', async () => {
  const { containers, teams } = recordsOf([]).investigation;
  const many = ['A', 'B'].flatMap((treatment) =>
    Array.from({ length: 6 }, (_, i) => ({
      ...containers[0]!,
      id: `${treatment}${i}`,
      code: `${treatment}${i}`,
      treatment,
      position: i,
      teamId: null,
      block: null,
    })),
  );
  const readings = many.map((c) => readingView(c.id, '2026-03-17', { heightMm: (c.treatment === 'A' ? 120 : 60) + c.position }));
  const read = (i: number, valueMm: number) => ({ team: teams[i]!, valueMm, typed: '' });
  const settled = {
    id: 'g',
    containerId: 'A0',
    code: 'A0',
    openedAt: '2026-03-16T10:00:00Z',
    settledMm: 120,
    closed: true,
    readings: [read(0, 100), read(1, 180)],
  };
  open(readings, [settled, { ...settled, id: 'h' }], { containers: many });
  await screen.findByText('Show the numbers');
  expect(document.querySelector('.claim-finding')!.textContent).toMatch(
    /barley was shorter on day 14 than with no salt: by about 6\.0 cm/,
  );
  const cautions = within(screen.getByRole('heading', { name: 'What else could explain it?' }).closest('section')!);
  expect(await cautions.findByText(/^Read by several/)).toHaveTextContent(/5\.7 cm/);
});

test('before the first check there is nothing to compare, and the plan is one step away', async () => {
  open([]);
  expect(await screen.findByText('Nothing to compare yet')).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'See the plan' })).toHaveAttribute('href', '/investigations/i1/plan');
});
