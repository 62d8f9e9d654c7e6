import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { addDays, formatDay } from '@bright-sprout/core/calendar/days';
import { type PlanEvent } from '@bright-sprout/core/plan/calendar/planEvents';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { type Answers, fakeServer, Refusal, renderPage } from '../../../test/fakeServer';
import { classView } from '../../../test/plans';
import { readingView, recordsOf } from '../../../test/records';
import { TodayView } from './TodayView';

jest.mock('../../api/live', () => ({ useLive: () => true }));

const TODAY = todayIn('UTC');
const SOWN = addDays(TODAY, -10);
const day = (n: number) => addDays(TODAY, n);

const event = (on: string, kind: 'check' | 'lesson' | 'first-look'): PlanEvent => ({ day: on, kind, code: kind });

function growing(readings: Parameters<typeof recordsOf>[0], change: Parameters<typeof recordsOf>[1] = {}) {
  const containers = recordsOf([]).investigation.containers.map((c) => ({ ...c, sownOn: SOWN }));
  return recordsOf(readings, { sownOn: SOWN, containers, ...change });
}

function open(all: ReturnType<typeof growing>[], answers: Answers = {}) {
  const writes = fakeServer({ 'GET /investigations': all, 'GET /classes': [classView()], ...answers });
  renderPage(
    <TodayView teacher={{ name: 'R. Okoro', schoolName: 'Millrace School' } as Parameters<typeof TodayView>[0]['teacher']} />,
  );
  return writes;
}

const part = async (name: string) => within((await screen.findByRole('heading', { name })).closest('section')!);

test('the head says what there is to look at today', async () => {
  open([growing([], { schedule: [event(TODAY, 'check')] })]);
  expect(await screen.findByText('Today one investigation has 4 cups to check')).toBeInTheDocument();
  expect(screen.getByRole('link', { name: 'Open 7 Copper' })).toHaveAttribute('href', '/investigations/i1');
});

test('between checks it says when the next one is', async () => {
  open([growing([], { schedule: [event(day(2), 'check')] })]);
  expect(await screen.findByText(`One investigation is growing; the next check is ${formatDay(day(2))}`)).toBeInTheDocument();
});

test('what the plan has for today, which pots are likely dry, and the next days with anything', async () => {
  open([
    growing([], {
      methodId: 'bag_pocket',
      schedule: [event(TODAY, 'check'), event(day(4), 'lesson'), event(day(6), 'check')],
      care: [],
    }),
  ]);
  const due = await part('Due today');
  expect(due.getByText(/check, water/)).toBeInTheDocument();
  expect(due.getByText(/likely dry by/)).toHaveTextContent(`Last watered ${formatDay(SOWN, 'short')}`);
  const next = await part('The next days');
  expect(next.getAllByRole('listitem').map((li) => li.textContent)).toEqual([
    expect.stringContaining('check'),
    expect.stringContaining('lesson'),
    expect.stringContaining('check'),
  ]);
});

test('open questions lead to the log, answered ones are not counted', async () => {
  const doubt = (answer: string | null) => ({ kind: 'shrank', answer, secondMm: null }) as never;
  open([
    growing([
      readingView('A1', day(-1), { heightMm: 40, doubt: doubt(null) }),
      readingView('B1', day(-1), { heightMm: 40, doubt: doubt('other-plant') }),
    ]),
  ]);
  const due = await part('Due today');
  expect(await due.findByText(/1 height is in doubt/)).toBeInTheDocument();
  expect(due.getByRole('link', { name: 'Open the log' })).toHaveAttribute('href', '/investigations/i1/log');
});

test('teams that have not answered today are named; a complete day says so', async () => {
  const all = ['A1', 'B1', 'A2', 'B2'];
  open([growing(all.slice(0, 2).map((id) => readingView(id, TODAY, { heightMm: 50 })))]);
  expect(await screen.findByText(/2 of 4 cups: Bells/)).toBeInTheDocument();
});

test('a pot behind its twins is shown with their range', async () => {
  const containers = ['A1', 'A2', 'A3', 'A4', 'A5', 'B1'].map((code, position) => ({
    ...recordsOf([]).investigation.containers[0]!,
    id: code,
    code,
    treatment: code[0]!,
    position,
    sownOn: SOWN,
  }));
  const heights = { A1: 100, A2: 104, A3: 98, A4: 102, A5: 20, B1: 60 };
  open([
    growing(
      Object.entries(heights).map(([id, heightMm]) => readingView(id, day(-1), { heightMm })),
      { containers },
    ),
  ]);
  const wrong = await part('What looks wrong');
  expect(await wrong.findByRole('heading', { name: '7 Copper: A5 is behind its twins' })).toBeInTheDocument();
  expect(wrong.getByText(/2\.0 cm on .*; the others with no salt stood at 9\.8 to 10\.4 cm\./)).toBeInTheDocument();
});

test('with nothing growing the first class is set up, and what the server says of its name stays beside it', async () => {
  let tries = 0;
  const writes = open([], {
    'GET /classes': [],
    'PUT /classes/:id': () => (++tries === 1 ? new Refusal(400, 'Give the class another name.') : classView()),
  });
  expect(await screen.findByRole('heading', { name: say('today.nothingGrowingYet') })).toBeInTheDocument();
  await userEvent.type(await screen.findByLabelText(say('today.nameClass')), ' 5 Willow ');
  await userEvent.selectOptions(screen.getByLabelText(say('today.age')), 'primary');
  await userEvent.click(screen.getByRole('button', { name: say('today.addTheClass') }));
  expect(await screen.findByText('Give the class another name.')).toBeInTheDocument();
  expect(screen.getByLabelText(say('today.nameClass'))).toHaveValue(' 5 Willow ');
  await userEvent.click(screen.getByRole('button', { name: say('today.addTheClass') }));
  await waitFor(() => expect(writes).toHaveLength(2));
  expect(writes[1]!.body).toMatchObject({ name: '5 Willow', gradeBand: 'primary' });
  expect(writes[1]!.path).toBe(writes[0]!.path);
});

test('all shelves stand at one scale, each with its day and class', async () => {
  open([
    growing([readingView('A1', day(-1), { heightMm: 200 })]),
    growing([], { id: 'i2', question: 'Does light matter?', sownOn: day(3) }),
  ]);
  const shelves = await screen.findAllByRole('link', { name: /^7 Copper: / });
  expect(shelves.map((s) => s.textContent)).toEqual([
    expect.stringContaining('day10'),
    expect.stringMatching(/sowing in3.*Does light matter\?.*no check yet/),
  ]);
});

test('what teams entered and could not be taken waits here for the teacher, with the way to it', async () => {
  const busy = {
    ...classView(),
    id: 'c2',
    waiting: 2,
    investigations: [{ id: 'i1', question: 'Salt?', phase: 'growing', sownOn: SOWN }],
  };
  open([growing([])], { 'GET /classes': [classView(), busy] });
  const waits = await part('Waiting for you to decide');
  expect(waits.getByText(/2 entries that could not be taken/)).toHaveTextContent(busy.name);
  expect(waits.getByRole('link', { name: say('today.decide') })).toHaveAttribute('href', '/investigations/i1/run');
});

test('a pot is not missing on a day on which the plan has no look, nor before its first', async () => {
  open([growing([], { schedule: [event(day(1), 'first-look'), event(day(3), 'check')] })]);
  expect((await part('Not answered today')).getByText(say('today.everyPotAnswerToday'))).toBeInTheDocument();
});
