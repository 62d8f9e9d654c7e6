import { say } from '@bright-sprout/words/say';
import { type RoomReadingView } from '@bright-sprout/contracts/answers/room';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, renderPage } from '../../../../test/fakeServer';
import { recordsOf } from '../../../../test/records';
import { RoomView } from './RoomView';

jest.mock('../../../api/live', () => ({ useLive: () => true }));
jest.mock('../../../charts/PlotlyChart', () => ({
  PlotlyChart: ({
    summary,
    data,
    layout,
  }: {
    summary: string;
    data: [{ x: string[] }];
    layout: { shapes: { x0: string }[] };
  }) => (
    <p data-testid="curve" data-from={data[0].x[0]} data-weekends={layout.shapes.map((s) => s.x0).join()}>
      {summary}
    </p>
  ),
}));

const warmth = (id: string, at: string, value: number, source: RoomReadingView['source'] = 'hand'): RoomReadingView => ({
  id,
  at,
  kind: 'temperature',
  value,
  source,
});

function open(readings: RoomReadingView[], sensor = { there: false, on: false }, answers: Answers = {}) {
  const writes = fakeServer({
    'GET /investigations/i1': recordsOf([]),
    'GET /classes/c1/room': { readings, sensor },
    'PUT /classes/c1/room/readings': undefined,
    ...answers,
  });
  renderPage(<RoomView />, { path: '/investigations/i1/room', route: '/investigations/:id/room' });
  return writes;
}

test('an empty record says the three ways to fill it', async () => {
  open([]);
  expect(await screen.findByText(/Type in what the thermometer says, bring in a logger’s file, or listen/)).toBeInTheDocument();
  expect(screen.getByText(say('room.sensorBoxSetServer'))).toBeInTheDocument();
});

test('readings are a curve, and a table of each day’s lowest and highest, newest first', async () => {
  open([
    warmth('1', '2026-03-04T06:00:00Z', 15.5),
    warmth('2', '2026-03-04T13:00:00Z', 23),
    warmth('3', '2026-03-05T06:00:00Z', 14),
  ]);
  expect(await screen.findByTestId('curve')).toHaveTextContent('Temperature from 14 to 23 °C, 3 readings');
  const rows = screen
    .getAllByRole('row')
    .slice(1)
    .map((r) => r.textContent);
  expect(rows).toEqual([expect.stringMatching(/5 Mar.*14 °C14 °C/), expect.stringMatching(/4 Mar.*15.5 °C23 °C/)]);
  await userEvent.click(screen.getByRole('button', { name: say('room.soilMoisture') }));
  expect(screen.queryByTestId('curve')).not.toBeInTheDocument();
});

test('the curve keeps to the clock of the class, and weekends are marked', async () => {
  const records = recordsOf([]);
  const { investigation } = records;
  open([warmth('1', '2026-03-06T22:30:00Z', 15.5), warmth('2', '2026-03-09T02:30:00Z', 12)], undefined, {
    'GET /investigations/i1': {
      ...records,
      investigation: { ...investigation, class: { ...investigation.class, timeZone: 'America/Chicago' } },
    },
  });
  const curve = await screen.findByTestId('curve');
  expect(curve.dataset).toMatchObject({ from: '2026-03-06 16:30', weekends: '2026-03-07,2026-03-08' });
});

test('a value is typed with a comma, refused where it cannot be, and taken back', async () => {
  const writes = open([warmth('old', '2026-03-04T06:00:00Z', 18)], undefined, {
    'DELETE /classes/c1/room/readings/old': undefined,
  });
  const hand = within((await screen.findByRole('heading', { name: say('room.byHand') })).closest('section')!);
  await userEvent.type(hand.getByLabelText(say('room.value')), '210');
  expect(hand.getByText(/A value of temperature is between/)).toBeInTheDocument();
  await userEvent.click(hand.getByRole('button', { name: say('room.writeDown') }));
  expect(writes).toEqual([]);
  await userEvent.clear(hand.getByLabelText(say('room.value')));
  await userEvent.type(hand.getByLabelText(say('room.value')), '21,5{Enter}');
  await waitFor(() => expect(hand.getByLabelText(say('room.value'))).toHaveValue(''));
  await userEvent.click(hand.getByRole('button', { name: say('common.remove') }));
  await waitFor(() => expect(writes).toHaveLength(2));
  expect(writes[0]!.body).toMatchObject({ source: 'hand', readings: [{ kind: 'temperature', value: 21.5 }] });
  expect(writes[1]).toMatchObject({ method: 'DELETE' });
});

test('a logger’s file comes in by batches; lines that cannot be read are named', async () => {
  const writes = open([]);
  const lines = Array.from(
    { length: 320 },
    (_, i) => `2026-03-04T${String(Math.floor(i / 60)).padStart(2, '0')}:${String(i % 60).padStart(2, '0')}:00Z,${18 + (i % 5)}`,
  );
  const file = new File(['x'], 'logger.csv', { type: 'text/csv' });
  const text = ['time,temperature', ...lines, '2026-03-05T00:00:00Z,warm'].join('\n');
  file.text = () => Promise.resolve(text);
  await userEvent.upload(await screen.findByLabelText(/A table \(CSV\)/), file);
  expect(await screen.findByText('320 readings came in.')).toBeInTheDocument();
  expect(writes.map((w) => (w.body as { readings: unknown[] }).readings.length)).toEqual([300, 20]);
  expect(screen.getByText(/^Line 322: /)).toBeInTheDocument();
  // The same file again has the same ids, so that nothing is added.
  await userEvent.upload(screen.getByLabelText(/A table \(CSV\)/), file);
  await waitFor(() => expect(writes).toHaveLength(4));
  expect(writes[2]!.body).toEqual(writes[0]!.body);
});

test('a file that is no record of a room is refused with a sentence, and nothing is sent', async () => {
  const writes = open([]);
  const file = new File(['x'], 'names.csv', { type: 'text/csv' });
  file.text = () => Promise.resolve('team,leaves\nkite,3');
  await userEvent.upload(await screen.findByLabelText(/A table \(CSV\)/), file);
  await waitFor(() => expect(screen.getAllByRole('status').at(-1)).toHaveTextContent(/\w/));
  expect(screen.queryByText(/came in/)).not.toBeInTheDocument();
  expect(writes).toEqual([]);
});

test('the class listens to the sensor box and stops', async () => {
  let on = false;
  const writes = open([], undefined, {
    'GET /classes/c1/room': () => ({ readings: [], sensor: { there: true, on } }),
    'PUT /classes/c1/room/sensor': (sent: { body: unknown }) => void (on = (sent.body as { on: boolean }).on),
  });
  await userEvent.click(await screen.findByRole('button', { name: say('room.listenToIt') }));
  await userEvent.click(await screen.findByRole('button', { name: say('room.listenLonger') }));
  await screen.findByRole('button', { name: say('room.listenToIt') });
  expect(writes.map((w) => w.body)).toEqual([{ on: true }, { on: false }]);
});
