import { say } from '@bright-sprout/words/say';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { crossedOf } from '../../../../../packages/core/test/records';
import { fakeServer, renderPage } from '../../../test/fakeServer';
import { readingView, recordsOf } from '../../../test/records';
import { CompareView } from './CompareView';

jest.mock('../../api/live', () => ({ useLive: () => true }));
jest.mock('../../charts/PlotlyChart', () => ({
  PlotlyChart: ({ summary }: { summary: string }) => <p data-testid="chart">{summary}</p>,
}));
jest.mock('../../workers/useSureness', () => jest.requireActual<object>('../../../test/answersHere'));

const HEIGHTS: Record<string, number | null> = { A1: 120, B1: 60, A2: 128, B2: null };

const READINGS = Object.entries(HEIGHTS).map(([id, heightMm]) => readingView(id, '2026-03-17', { heightMm }));

interface Opened {
  together?: unknown[];
  change?: Parameters<typeof recordsOf>[1];
  search?: string;
  answers?: Record<string, unknown>;
}

function open(readings = READINGS, { together = [], change = {}, search = '', answers = {} }: Opened = {}) {
  const writes = fakeServer({
    'GET /investigations/i1': recordsOf(readings, change),
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
    'GET /investigations/i1/together': together,
    'GET /investigations/i1/alike': [],
    'GET /investigations/i1/questions': [],
    'GET /investigations/i1/screen-links': [],
    ...answers,
  });
  renderPage(<CompareView />, { path: `/investigations/i1/compare${search}`, route: '/investigations/:id/compare' });
  return writes;
}

const numbers = async () => {
  await userEvent.click(await screen.findByText(say('compare.showNumbers')));
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
  expect(a!.slice(0, 2)).toEqual(['2 of 2', '12.4 cm']);
  expect(b!.slice(0, 2)).toEqual(['1 of 2', '6.0 cm']);
  expect(b!.at(-1)).toBe('B2 not up');
});

test('counted as zero, what is not up pulls its mean down', async () => {
  open();
  await userEvent.click(await screen.findByRole('button', { name: 'Not up yet: left out' }));
  await userEvent.click(screen.getByRole('button', { name: /^counted as zero/ }));
  const [, b] = await numbers();
  expect(b!.slice(0, 2)).toEqual(['2 of 2', '3.0 cm']);
});

test('two of each are too few to tell anything', async () => {
  open();
  expect(await screen.findByText(say('statistics.tooFewContainersJudge'))).toHaveClass('claim-finding');
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
  open(readings, { together: [settled, { ...settled, id: 'h' }], change: { containers: many } });
  await screen.findByText(say('compare.showNumbers'));
  expect(document.querySelector('.claim-finding')!.textContent).toMatch(
    /barley was shorter on day 14 than with no salt: by about 6\.0 cm/,
  );
  expect(await screen.findByText(/^When several teams read/)).toHaveTextContent(/5\.7 cm/);
});

test('before the first check there is nothing to compare, and the plan is one step away', async () => {
  open([]);
  expect(await screen.findByText(say('compare.nothingCompareYet'))).toBeInTheDocument();
  expect(screen.getByRole('link', { name: say('compare.seePlan') })).toHaveAttribute('href', '/investigations/i1/plan');
});

/** Six of each, in teams of their own, so that something can be told. */
function sixOfEach(
  value: (treatment: string, i: number) => number | null,
): Required<Pick<Opened, 'change'>> & { readings: ReturnType<typeof readingView>[] } {
  const { containers, teams } = recordsOf([]).investigation;
  const names = ['Kites', 'Bells', 'Boats', 'Moons', 'Drums', 'Keys'];
  const all = ['A', 'B'].flatMap((treatment) =>
    names.map((block, i) => ({
      ...containers[0]!,
      id: `${treatment}${i + 1}`,
      code: `${treatment}${i + 1}`,
      treatment,
      position: 2 * i + (treatment === 'A' ? 0 : 1),
      teamId: teams[i % 2]!.id,
      block,
    })),
  );
  const readings = all.map((c, i) => readingView(c.id, '2026-03-17', { heightMm: value(c.treatment, i % 6) }));
  return { change: { containers: all }, readings };
}

const CLEAR = sixOfEach((t, i) => (t === 'A' ? 120 : 60) + 3 * i);

test('the question stands in the address: it opens as it says, and changes with a word', async () => {
  open(CLEAR.readings, { change: CLEAR.change, search: '?day=2026-03-17&by=teams&notup=zero' });
  expect(await screen.findByRole('button', { name: 'Between what: teams' })).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'Not up yet: counted as zero' })).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: 'Between what: teams' }));
  await userEvent.click(screen.getByRole('button', { name: 'salt' }));
  expect(await screen.findByRole('button', { name: 'Between what: salt' })).toBeInTheDocument();
});

test('what makes no sense cannot be chosen, and says why in half a sentence', async () => {
  open(CLEAR.readings, { change: CLEAR.change });
  await userEvent.click(await screen.findByRole('button', { name: /^Between what/ }));
  const others = screen.getByRole('button', { name: /with other classes/ });
  expect(others).toHaveTextContent(say('compare.otherClassSowedSame'));
  expect(others).toHaveAttribute('aria-disabled', 'true');
  await userEvent.keyboard('{Escape}');
  await userEvent.click(screen.getByRole('button', { name: /^What is compared/ }));
  expect(screen.getByRole('button', { name: /^change in height/ })).toHaveTextContent(say('compare.takesLooksTwoDays'));
});

test('days are no lengths: tallest and shortest are offered of heights alone', async () => {
  const looks = ['2026-03-12', '2026-03-17'].flatMap((day, d) =>
    CLEAR.readings.map((r, i) => ({ ...r, ...readingView(r.containerId, day, { heightMm: d === 0 && i % 2 ? null : 20 + i }) })),
  );
  open(looks, { change: CLEAR.change, search: '?day=2026-03-17' });
  await userEvent.click(await screen.findByRole('button', { name: say('compare.greatestSmallest') }));
  expect(screen.getByText(say('notebook.tallestOfAll'))).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: /^What is compared/ }));
  await userEvent.click(screen.getByRole('button', { name: /^days until it was up/ }));
  expect(await screen.findByRole('button', { name: 'What is compared: days until it was up' })).toBeInTheDocument();
  expect(screen.queryByRole('button', { name: say('compare.greatestSmallest') })).toBeNull();
});

test('the youngest see seeds under the days on which they came up, and read no axis', async () => {
  const looks = ['2026-03-12', '2026-03-17'].flatMap((day, d) =>
    CLEAR.readings.map((r, i) => readingView(r.containerId, day, { heightMm: d === 0 && i % 2 ? null : 20 + i })),
  );
  const group = recordsOf([]).investigation.class;
  const search = '?day=2026-03-17&what=sprouted&when=course';
  open(looks, { change: { ...CLEAR.change, class: { ...group, gradeBand: 'early' } }, search });
  expect(await screen.findByText(/^One picture a \w+, under the day on which somebody first saw it up\.$/)).toBeInTheDocument();
  expect(screen.getAllByText(say('compare.notUp'))).toHaveLength(2);
  expect(screen.queryByText(/day since sowing/)).toBeNull();
});

test('how sure: estimate, interval and the odds of luck, and the deals one press away', async () => {
  open(CLEAR.readings, { change: CLEAR.change });
  const sure = within((await screen.findByRole('heading', { name: say('compare.howSure') })).closest('section')!);
  const line = sure.getByRole('listitem');
  expect(line).toHaveTextContent(/salt: −6\.0 cm/);
  expect(line).toHaveTextContent(/luck alone makes a gap this big/);
  expect(sure.getByRole('link', { name: /Deal again/ })).toHaveAttribute(
    'href',
    expect.stringContaining('/investigations/i1/deal?'),
  );
});

test('the dead are not left out silently: losses are counted by treatment, and one press shows what carrying them on moves', async () => {
  const lost = CLEAR.readings.map((r) =>
    ['B5', 'B6'].includes(r.containerId) ? { ...r, day: '2026-03-12', id: `${r.id} before` } : r,
  );
  const gone = ['B5', 'B6'].map((id) => readingView(id, '2026-03-17', { state: 'lost', lostReason: 'eaten', heightMm: null }));
  open([...lost, ...gone], { change: CLEAR.change, search: '?day=2026-03-17' });
  const cause = (await screen.findByRole('heading', { name: say('claims.onlyStrongOnesLeft') })).closest('li')!;
  expect(cause).toHaveTextContent('Lost: 2 of 6 with salt.');
  await userEvent.click(within(cause).getByRole('button', { name: say('claims.countLostLastSeen') }));
  const moved = (await screen.findByRole('heading', { name: say('compare.whatThatMoved') })).closest('section')!;
  expect(screen.getByRole('button', { name: 'Lost: kept as last seen' })).toBeInTheDocument();
  await userEvent.click(within(moved).getByRole('button', { name: say('compare.asItWas') }));
  expect(await screen.findByRole('button', { name: 'Lost: left out' })).toBeInTheDocument();
});

test('each seedling can have its mark, and the mean stays that of the cups, with the naive span beside the honest one', async () => {
  const more = CLEAR.readings.flatMap((r) =>
    [1, 2].map((n) => ({
      ...r,
      id: `${r.id} ${n}`,
      plant: String(n + 1),
      findings: [numberFound('height', r.findings[0]!.value! + (n === 1 ? 4 : -2))],
    })),
  );
  open([...CLEAR.readings, ...more], { change: CLEAR.change, search: '?mark=plant' });
  expect(await screen.findByText('as if all 36 seedlings were cups')).toBeInTheDocument();
  expect(screen.getByText(/36 plants; the cup counts once/)).toBeInTheDocument();
});

const CROSSED = crossedOf(['food', 'no food', 'food'], ['shade', 'no shade', 'shade']);

test('two crossed things open on their interaction', async () => {
  const { treatments } = recordsOf([]).investigation;
  const four = ['A', 'B', 'C', 'D'].map((code) => ({ ...treatments[0]!, code, label: code, control: code === 'A' }));
  const six = sixOfEach((t, i) => (t === 'A' ? 100 : 120) + 2 * i);
  const more = six.change!.containers!.flatMap((c) => [
    c,
    { ...c, id: `x${c.id}`, code: `x${c.code}`, treatment: c.treatment === 'A' ? 'C' : 'D' },
  ]);
  const readings = six.readings.flatMap((r) => [
    r,
    { ...r, id: `x${r.id}`, containerId: `x${r.containerId}`, findings: [numberFound('height', r.findings[0]!.value! * 1.5)] },
  ]);
  open(readings, { change: { containers: more, treatments: four, design: CROSSED } });
  expect(await screen.findByRole('button', { name: 'Between what: food and shade' })).toBeInTheDocument();
  expect(await screen.findByText(/meets shade/)).toBeInTheDocument();
});

test('a question is kept with its words, taken away, and had back', async () => {
  const kept: { id: string; name: string; address: string; savedAt: string }[] = [];
  const writes = open(CLEAR.readings, {
    change: CLEAR.change,
    search: '?day=2026-03-17&notup=zero',
    answers: {
      'GET /investigations/i1/questions': () => [...kept],
      'PUT /investigations/i1/questions/:id': ({ path, body }: { path: string; body: { name: string; address: string } }) => {
        const one = { id: path.split('/').pop()!, ...body, savedAt: '2026-03-19T10:00:00Z' };
        kept.push(one);
        return one;
      },
      'DELETE /investigations/i1/questions/:id': () => void kept.pop(),
    },
  });
  await userEvent.click(await screen.findByRole('button', { name: say('compare.keepQuestion') }));
  await waitFor(() =>
    expect(writes[0]?.body).toMatchObject({ name: 'Height on day 14 by salt', address: 'day=2026-03-17&notup=zero' }),
  );
  await userEvent.click(await screen.findByRole('button', { name: 'Take away: Height on day 14 by salt' }));
  await userEvent.click(await screen.findByRole('button', { name: say('common.putBack') }));
  expect(await screen.findByRole('button', { name: /^Take away/ })).toBeInTheDocument();
});
