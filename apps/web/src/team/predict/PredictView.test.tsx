import { say } from '@bright-sprout/words/say';
import { type BenchPrediction } from '@bright-sprout/contracts/answers/predictions';
import { cleanup, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { PredictView } from './PredictView';

const ASKED: BenchPrediction = {
  planId: 'p1',
  teamId: 't1',
  question: 'Does salt keep barley short?',
  speciesName: 'Barley',
  resolution: 'mm',
  kinds: ['first-sprout-day', 'height-on-day', 'which-wins'],
  treatments: [
    { code: 'A', label: 'no salt' },
    { code: 'B', label: 'salt' },
  ],
  heightDay: 14,
  answer: null,
  sown: false,
};

function open(asked: BenchPrediction[], answers: Answers = {}) {
  const writes = fakeServer({ 'GET /bench/predictions': asked, 'PUT /bench/predictions/p1': {}, ...answers });
  renderPage(<PredictView />, { path: '/bench/predict/p1', route: '/bench/predict/:planId' });
  return writes;
}

afterEach(() => localStorage.clear());

const press = async (name: string) => userEvent.click(screen.getByRole('button', { name }));

test('three questions, one after the other, are kept at once', async () => {
  const writes = open([ASKED]);
  expect(await screen.findByRole('heading', { name: 'After how many days will the first barley be up?' })).toBeInTheDocument();
  expect(screen.getByRole('button', { name: say('predict.next') })).toBeDisabled();
  await userEvent.click(screen.getByRole('radio', { name: '6' }));
  await press('Next');
  await userEvent.type(screen.getByLabelText('How tall will the tallest be on day 14?'), '18,5');
  await press('Next');
  await userEvent.click(screen.getByRole('radio', { name: 'A no salt' }));
  expect(writes).toEqual([]);
  await press('Keep it');
  expect(await screen.findByRole('heading', { name: say('predict.thatIsWhatYou') })).toBeInTheDocument();
  expect(writes.map((w) => w.body)).toEqual([{ firstSproutDay: 6, height: '18,5', winner: 'A' }]);
});

test('a reload in the middle keeps what was said on this device, for this team alone, until it is sent', async () => {
  open([ASKED]);
  await userEvent.click(await screen.findByRole('radio', { name: '6' }));
  cleanup();
  open([{ ...ASKED, teamId: 't2' }]);
  expect(await screen.findByRole('radio', { name: '6' })).not.toBeChecked();
  cleanup();
  open([{ ...ASKED, kinds: ['first-sprout-day'] }]);
  expect(await screen.findByRole('radio', { name: '6' })).toBeChecked();
  await press('Keep it');
  await screen.findByRole('heading', { name: say('predict.thatIsWhatYou') });
  cleanup();
  open([ASKED]);
  expect(await screen.findByRole('radio', { name: '6' })).not.toBeChecked();
});

test('going back keeps what was chosen', async () => {
  open([ASKED]);
  await userEvent.click(await screen.findByRole('radio', { name: '6' }));
  await press('Next');
  await press('Back');
  expect(screen.getByRole('radio', { name: '6' })).toBeChecked();
});

test('what the server cannot read is said, and the team stays at its question', async () => {
  open([{ ...ASKED, kinds: ['height-on-day'] }], { 'PUT /bench/predictions/p1': new Refusal(400, 'This is no height.') });
  await userEvent.type(await screen.findByRole('textbox'), 'tall');
  await press('Keep it');
  expect(await screen.findByText('This is no height.')).toBeInTheDocument();
  expect(screen.getByRole('textbox')).toHaveValue('tall');
});

test('an answer given before is there to be changed', async () => {
  const writes = open([{ ...ASKED, answer: { firstSproutDay: 5, heightMm: 120, winner: 'B' } }]);
  expect(await screen.findByRole('radio', { name: '5' })).toBeChecked();
  await press('Next');
  expect(screen.getByRole('textbox')).toHaveValue('12.0');
  await press('Next');
  await userEvent.click(screen.getByRole('radio', { name: 'A no salt' }));
  await press('Keep it');
  await waitFor(() => expect(writes.map((w) => w.body)).toEqual([{ firstSproutDay: 5, height: '12.0', winner: 'A' }]));
  await screen.findByText(say('predict.thatIsWhatYou'));
  await press('Change it');
  expect(screen.getByRole('radio', { name: '5' })).toBeChecked();
});

test('after sowing nothing can be predicted any more', async () => {
  open([{ ...ASKED, sown: true }]);
  expect(await screen.findByText(say('predict.nothingAskedMoment'))).toBeInTheDocument();
});
