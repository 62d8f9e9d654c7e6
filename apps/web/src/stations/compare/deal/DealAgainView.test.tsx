import { say } from '@bright-sprout/words/say';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { seriesOf } from '../../../../../../packages/core/test/records';
import { fakeServer, renderPage } from '../../../../test/fakeServer';
import { readingView, recordsOf } from '../../../../test/records';
import { DealAgainView } from './DealAgainView';

jest.mock('../../../api/live', () => ({ useLive: () => true }));

/** Three amounts, six teams with one of each; each step of 25 takes 20 mm away. */
function open(search: string) {
  const { containers, treatments } = recordsOf([]).investigation;
  const codes = ['A', 'B', 'C'];
  const pots = codes.flatMap((treatment, k) =>
    ['Kites', 'Bells', 'Boats', 'Moons', 'Drums', 'Keys'].map((block, i) => ({
      ...containers[0]!,
      id: `${treatment}${i}`,
      code: `${treatment}${i}`,
      treatment,
      block,
      position: 3 * i + k,
    })),
  );
  const readings = pots.map((c, i) =>
    readingView(c.id, '2026-03-17', { heightMm: 140 - 20 * codes.indexOf(c.treatment) + Math.round(4 * Math.sin(2.3 * i)) }),
  );
  fakeServer({
    'GET /investigations/i1': recordsOf(readings, {
      containers: pots,
      treatments: codes.map((code, i) => ({ ...treatments[0]!, code, label: `${25 * i}`, control: i === 0 })),
      design: seriesOf(0, 25, 50),
    }),
    'GET /classes/c1/room': { readings: [], sensor: { there: false, on: false } },
    'GET /investigations/i1/alike': [],
  });
  renderPage(<DealAgainView />, { path: `/investigations/i1/deal${search}`, route: '/investigations/:id/deal' });
}

test('one, ten, all: the pots keep their values, labels move within teams, and all give the p of the page', async () => {
  open('?by=treatments');
  await userEvent.click(await screen.findByRole('button', { name: say('compare.one') }));
  expect(screen.getByText(/of 1 deal gave a gap this big/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: say('compare.ten') }));
  expect(screen.getByText(/of 11 deals gave a gap this big/)).toBeInTheDocument();
  await userEvent.click(screen.getByRole('button', { name: /^All/ }));
  expect(await screen.findByText(/ways to deal the labels within teams, p /)).toHaveTextContent(/among all 2 gaps looked at, p /);
  expect(screen.getByText(/so luck alone hardly makes a gap like ours/)).toBeInTheDocument();
});

test('a slope is dealt for one step of its amounts, as the page tells it', async () => {
  open('?by=doses');
  expect(await screen.findByText(/Could luck make as much difference as/)).toBeInTheDocument();
  expect(screen.getByRole('button', { name: /Which gap: each 25 mmol\/L more salt/ })).toBeInTheDocument();
  expect(screen.getByText(/^real −[12]\.\d cm$/)).toBeInTheDocument();
});
