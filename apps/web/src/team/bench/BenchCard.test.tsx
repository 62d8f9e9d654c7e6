import { say } from '@bright-sprout/words/say';
import { newOwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { seedCountOf } from '@bright-sprout/core/measures/registry';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { USUAL_BENCH } from '@bright-sprout/core/bench/benchProtocol';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { investigationView, readingView } from '../../../test/records';
import { BenchCard } from './BenchCard';

const add = jest.fn();
jest.mock('../../api/outbox', () => ({ theOutbox: () => ({ add: (...entry: unknown[]) => Promise.resolve(add(...entry)) }) }));

const DAY = '2026-03-19';
const LAST = readingView('A1', '2026-03-16', { heightMm: 140 });

function show({
  saved = null as ReadingView | null,
  investigation = investigationView(),
  readings = [LAST],
  otherDay = {},
} = {}) {
  const onNext = jest.fn();
  const [container, , neighbour] = investigation.containers;
  const { unmount } = render(
    <BenchCard
      teamId="t1"
      investigation={investigation}
      container={container!}
      plant="1"
      day={DAY}
      otherDay={otherDay}
      saved={saved}
      lost={null}
      kinds={[speciesById('barley')!]}
      photos={[]}
      readings={readings}
      last={LAST}
      nextName={neighbour!.code}
      onNext={onNext}
      onGuide={() => undefined}
      onOtherDay={() => undefined}
    />,
  );
  return { onNext, unmount };
}

const tap = async (...names: string[]) => {
  for (const name of names) await userEvent.click(screen.getByRole('button', { name }));
};

const sent = () =>
  (add.mock.calls as [string, string, { body: { containerId: string; readings: Record<string, unknown>[] } }][]).map(
    ([, , check]) => check.body.readings[0]!,
  );

beforeEach(() => {
  add.mockClear();
  localStorage.clear();
});

test('what another device wrote of the same plant is shown beside the own', () => {
  const saved = readingView('A1', DAY, { id: 'own', heightMm: 165 });
  const other = readingView('A1', DAY, { id: 'other', heightMm: 121, recordedAt: `${DAY}T12:00:00Z` });
  show({ saved, readings: [LAST, saved, other] });
  expect(screen.getByRole('alert')).toHaveTextContent(/Another device wrote 12.1 cm for it today/);
});

test('two devices that wrote the same do not disagree', () => {
  const saved = readingView('A1', DAY, { id: 'own', heightMm: 165 });
  const same = readingView('A1', DAY, { id: 'other', heightMm: 165, recordedAt: `${DAY}T12:00:00Z` });
  show({ saved, readings: [LAST, saved, same] });
  expect(screen.queryByRole('alert')).not.toBeInTheDocument();
});

test('a tapped height shows its change and is saved once, as typed, on the way to the neighbour', async () => {
  const { onNext } = show();
  await tap('1', '6', '.', '5');
  expect(screen.getByText('2.5 cm more than on Mon 16 Mar')).toBeInTheDocument();
  await tap('One leaf more', 'Next: A2');
  expect(sent()).toEqual([
    expect.objectContaining({
      state: 'measured',
      findings: [
        { measure: 'height', typed: '16.5 cm' },
        { measure: 'leaves', value: 1 },
      ],
    }),
  ]);
  expect(onNext).toHaveBeenCalled();
});

test('with nothing entered, next goes on and saves nothing', async () => {
  const { onNext } = show();
  await tap('Next: A2');
  expect(add).not.toHaveBeenCalled();
  expect(onNext).toHaveBeenCalled();
});

test('a lost plant is saved only with what happened to it', async () => {
  show();
  await tap('Lost', 'Next: A2');
  expect(add).not.toHaveBeenCalled();
  await tap('It was eaten', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ state: 'lost', lostReason: 'eaten' })]);
});

test('a second tap on a state takes it back', async () => {
  show();
  await tap('Not up yet', 'Not up yet', 'Next: A2');
  expect(add).not.toHaveBeenCalled();
});

test('a saved value opens closed, and changing it is a correction of that reading', async () => {
  const saved = readingView('A1', DAY, { id: 'first', heightMm: 60 });
  show({ saved, readings: [LAST, saved] });
  expect(screen.getByText('A1 is done for today.')).toBeInTheDocument();
  await tap('Change it', 'erase', 'erase', 'erase', '1', '6', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ findings: [{ measure: 'height', typed: '16 cm' }], supersedes: 'first' })]);
});

test('a saved value that was not changed is not sent again', async () => {
  const saved = readingView('A1', DAY, { id: 'first', heightMm: 60 });
  show({ saved, readings: [LAST, saved] });
  await tap('Change it', 'Next: A2');
  expect(add).not.toHaveBeenCalled();
});

test('a quarter-inch ruler has its fractions on the pad', async () => {
  show({ investigation: investigationView({ resolution: 'quarter-in' }) });
  await tap('6', '¼', 'Next: A2');
  expect(sent()).toEqual([expect.objectContaining({ findings: [{ measure: 'height', typed: '6¼ in' }] })]);
});

test('what was half typed is there again after leaving', async () => {
  const { unmount } = show();
  await tap('9', '.');
  unmount();
  show();
  expect(screen.getByText('9.')).toBeInTheDocument();
});

test('an odd height is asked about in place; the value stays, and what was answered and measured again goes with it', async () => {
  show();
  await tap('1', '.', '6', '5');
  const question = await screen.findByRole('group', { name: say('bench.questionAboutHeight') }, { timeout: 3000 });
  expect(question).toHaveTextContent(/1\.7 cm\?|1\.6 cm\?/);
  await tap('Somebody else measures');
  await userEvent.type(screen.getByLabelText(/The second student reads/), '16.4');
  expect(question).toHaveTextContent(/cm apart/);
  await tap('Wrong place for the point', 'Next: A2');
  expect(sent()[0]).toMatchObject({
    findings: [{ measure: 'height', typed: '1.6 cm' }],
    doubt: { kind: 'decimal-point', answer: 'decimal-point', secondMm: 164 },
  });
});

test('whoever goes on before the question comes leaves it open, and nothing is held up', async () => {
  show();
  await tap('1', '.', '6', 'Next: A2');
  expect(sent()[0]).toMatchObject({
    findings: [{ measure: 'height', typed: '1.6 cm' }],
    doubt: { kind: 'decimal-point', answer: null },
  });
});

test('without height in the protocol the card counts, and asks for stage, colour, roots and the teacher’s own measure', async () => {
  const own = [{ ...newOwnMeasure('m'), name: 'Mould', quantity: 'choice' as const, choices: ['none', 'some'] }];
  const bench = {
    ...USUAL_BENCH,
    measures: ['seeds-up', 'stage', 'vigour', 'root-length', 'percent-green'],
    own,
  };
  show({ investigation: investigationView({ bench }), readings: [] });
  expect(screen.queryByRole('button', { name: '7' })).not.toBeInTheDocument();
  await tap('One more up', 'One more up', 'one blade', 'pale or limp', 'some');
  await userEvent.type(screen.getByLabelText('How long is the longest root? (mm)'), '12');
  await userEvent.type(screen.getByLabelText(/^How much of it is green from above/), '62');
  await tap('Next: A2');
  expect(sent()[0]).toEqual(
    expect.objectContaining({
      state: 'measured',
      findings: [
        { measure: 'seeds-up', value: 2 },
        { measure: 'stage', choice: 'first-blade' },
        { measure: 'vigour', choice: 'fair' },
        { measure: 'm', choice: 'some' },
        { measure: 'root-length', typed: '12 mm' },
        { measure: 'percent-green', value: 62 },
      ],
    }),
  );
});

test.each([
  ['on paper, where roots are seen', true, 'root-2mm' as const, 'How many have a root?', '1 of 3 with a root', '.seed-root'],
  ['in soil, where shoots are seen', false, 'shoot' as const, 'How many are up?', '1 of 3 up', '.seed-up'],
])('seeds that are only counted are drawn, %s, and follow the count', async (_, paper, sprouted, question, words, drawn) => {
  const bench = { ...USUAL_BENCH, measures: [seedCountOf(sprouted)], sprouted, care: { ...USUAL_BENCH.care, paper } };
  const plain = investigationView({ bench });
  const containers = plain.containers.map((c) => ({ ...c, seedsSown: 3 }));
  show({ investigation: { ...plain, containers }, readings: [] });
  const picture = screen.getByRole('region', { name: /^A1/ });
  expect(picture).toHaveTextContent(question);
  expect(picture.querySelectorAll(drawn)).toHaveLength(0);
  const sign = sprouted === 'root-2mm' ? 'with a root' : 'up';
  await tap(`One more ${sign}`, `One more ${sign}`, `One less ${sign}`);
  expect(picture.querySelectorAll(drawn)).toHaveLength(1);
  expect(picture).toHaveTextContent('1of 3');
  expect(screen.getByText(words)).toBeInTheDocument();
});

test('another day goes with its reason', async () => {
  show({ otherDay: { dayReason: 'copied from paper' } });
  await tap('Not up yet', 'Next: A2');
  expect((add.mock.calls as [string, string, { body: object }][])[0]![2].body).toMatchObject({ dayReason: 'copied from paper' });
});
