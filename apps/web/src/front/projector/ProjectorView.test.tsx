import { say } from '@bright-sprout/words/say';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { readingView, recordsOf } from '../../../test/records';
import { ProjectorView } from './ProjectorView';
import { TeamWallView } from '../../team/wall/TeamWallView';

const READINGS = [readingView('A1', '2026-03-17', { heightMm: 100 }), readingView('B1', '2026-03-19', { heightMm: 60 })];

jest.mock('../../workers/useSureness', () => jest.requireActual<object>('../../../test/answersHere'));

function open(answer: unknown) {
  fakeServer({ 'GET /screens/leaf': answer });
  renderPage(<ProjectorView />, { path: '/screen/leaf', route: '/screen/:token' });
}

test('a screen shows the wall of its investigation, dark until somebody wants it light', async () => {
  open(recordsOf(READINGS));
  expect(await screen.findByRole('heading', { name: 'Does salt keep barley short?' })).toBeInTheDocument();
  expect(document.body).toHaveClass('screen-dark');
  await userEvent.click(screen.getByRole('button', { name: say('projector.lightDark') }));
  expect(document.body).not.toHaveClass('screen-dark');
});

test('it opens at the newest day and goes back along the tape', async () => {
  open(recordsOf(READINGS));
  const tape = await screen.findByRole('slider', { name: say('tape.dayLooked') });
  expect(tape).toHaveAttribute('aria-valuetext', expect.stringMatching(/^day 16,/));
  act(() => tape.focus());
  await userEvent.keyboard('{Home}');
  expect(tape).toHaveAttribute('aria-valuetext', expect.stringMatching(/^day 14,/));
});

test('a link that was taken back shows nothing of the class', async () => {
  open(new Refusal(404, 'Not found.'));
  expect(await screen.findByRole('alert')).toHaveTextContent('This screen has been taken back');
});

test('after a refusal it asks again, with longer pauses, and comes back', async () => {
  jest.useFakeTimers();
  let asked = 0;
  open(() => (++asked < 3 ? new Refusal(429, 'That was a lot at once.') : recordsOf(READINGS)));
  await act(() => jest.advanceTimersByTimeAsync(200_000));
  jest.useRealTimers();
  expect(await screen.findByRole('heading', { name: 'Does salt keep barley short?' })).toBeInTheDocument();
});

test('where seeds are counted, every seed is drawn and the groups say their shares', async () => {
  const counted = (code: string, countUp: number) =>
    readingView(code, '2026-03-17', { findings: [numberFound('seeds-with-root', countUp)] });
  const records = recordsOf([
    counted('A1', 3),
    counted('B1', 1),
    readingView('A2', '2026-03-17', { state: 'lost', heightMm: null }),
  ]);
  const bench = { ...records.investigation.bench, measures: ['seeds-with-root'], sprouted: 'root-2mm' as const };
  const containers = records.investigation.containers.map((c) => ({ ...c, seedsSown: 4 }));
  open({
    ...records,
    investigation: { ...records.investigation, bench: { ...bench, care: { ...bench.care, paper: true } }, containers },
  });
  const bag = await screen.findByRole('button', { name: 'A1, no salt: 3 of 4 with a root' });
  expect(bag.querySelectorAll('.seed-root')).toHaveLength(3);
  expect(screen.getByText('3 of 4 with a root: 75 %')).toBeInTheDocument();
  expect(screen.getByText('1 of 4 with a root: 25 %')).toBeInTheDocument();
  expect(screen.getByRole('button', { name: 'A2, no salt: lost' }).querySelectorAll('.seed-root')).toHaveLength(0);
});

test('a question that the teacher put on the screen stands in the place of the wall, with what it says', async () => {
  const more = ['A', 'B'].flatMap((t) =>
    [1, 2].map((n) => readingView(`${t}${n}`, '2026-03-19', { heightMm: t === 'A' ? 90 + n : 50 + n })),
  );
  open({ ...recordsOf(more), question: 'day=2026-03-19&by=teams' });
  expect(await screen.findByRole('heading', { name: 'Height on day 16 by teams' })).toBeInTheDocument();
  expect(screen.getByRole('img', { name: /^Height of barley on day 16 by teams: Kites mean/ })).toBeInTheDocument();
  expect(screen.queryByRole('slider', { name: say('tape.dayLooked') })).not.toBeInTheDocument();
});

test('before the first check it waits in words', async () => {
  open(recordsOf([]));
  expect(await screen.findByText(/They line up here by themselves/)).toBeInTheDocument();
});

test('a team sees the class’s wall while it is shared', async () => {
  fakeServer({ 'GET /bench/investigations/i1': recordsOf(READINGS) });
  renderPage(<TeamWallView />, { path: '/bench/wall/i1', route: '/bench/wall/:id' });
  expect(await screen.findByRole('slider', { name: say('tape.dayLooked') })).toBeInTheDocument();
  expect(screen.getByRole('link', { name: say('wall.ourPots') })).toHaveAttribute('href', '/bench');
});
