import { MONDAY_TO_FRIDAY } from '../calendar/schoolCalendar';
import { type PlanEvent } from '../plan/calendar/planEvents';
import { type Reading } from '../readings/reading';
import { reading } from '../../test/records';
import { dayWords, type Grown, recordedOn, dayTapeOf } from './dayTape';

const SOWN = '2026-03-03';
const schedule = [
  { kind: 'prepare', day: '2026-02-27' },
  { kind: 'sow', day: SOWN },
  { kind: 'check', day: '2026-03-09' },
  { kind: 'thin', day: '2026-03-12' },
  { kind: 'check', day: '2026-03-16' },
  { kind: 'end', day: '2026-03-31' },
] as PlanEvent[];
const outlook = {
  calendar: { weekdays: MONDAY_TO_FRIDAY, holidays: [{ from: '2026-03-19', to: '2026-03-20', name: 'Trip' }] },
  sprouting: { from: '2026-03-07', to: '2026-03-11' },
  goal: null,
};

function tapeOn(readings: Reading[], today: string, part: Partial<Grown['investigation']> = {}) {
  const containers = ['A1', 'A2', 'B1', 'B2'].map((id) => ({ id }));
  return dayTapeOf(
    { investigation: { sownOn: SOWN, schedule, outlook, phase: 'growing', containers, ...part }, readings },
    today,
  );
}

const up = (day: string) => reading({ containerId: 'A1', day, heightMm: 40 });

test('runs from the day before sowing to the day after the end; days off are told, holidays named once', () => {
  const { days } = tapeOn([], '2026-03-10');
  const on = (day: string) => days.find((d) => d.day === day)!;
  expect([days[0]!.day, days.at(-1)!.day]).toEqual(['2026-03-02', '2026-04-01']);
  expect([on('2026-03-19').holiday, on('2026-03-20').holiday, on('2026-03-20').off]).toEqual(['Trip', null, true]);
  expect(['2026-03-06', '2026-03-07', '2026-03-08', '2026-03-09'].map((d) => on(d).off)).toEqual([false, true, true, false]);
});

test('shows getting ready only while it lies ahead', () => {
  const words = (today: string) => tapeOn([], today).marks.map((m) => m.word);
  expect(words('2026-02-26')).toEqual(['get ready', 'sow', 'thin', 'last']);
  expect(words('2026-03-10')).toEqual(['sown', 'thin', 'last']);
  expect(tapeOn([], '2026-02-26').days[0]!.day).toBe('2026-02-27');
});

test('a day holds the share of containers answered; what is planned and open holds none', () => {
  const tape = tapeOn([up('2026-03-09')], '2026-03-10');
  const on = (day: string) => tape.days.find((d) => d.day === day)!;
  expect([on('2026-03-09').share, on('2026-03-16').due, on('2026-03-16').share]).toEqual([0.25, true, null]);
  expect(recordedOn(tape)).toEqual(['2026-03-09']);
  expect(['2026-03-09', '2026-03-16', '2026-03-19', '2026-03-21', '2026-03-10'].map((d) => dayWords(on(d)))).toEqual([
    'day 6, Mon 9 March: 25 % answered',
    'day 13, Mon 16 March: a check is planned',
    'day 16, Thu 19 March: Trip',
    'day 18, Sat 21 March: nobody is here',
    'day 7, Tue 10 March',
  ]);
});

test('the forecast stands until something is up; then what was seen takes its place', () => {
  const notUp = reading({ containerId: 'A1', day: '2026-03-06' });
  expect(tapeOn([notUp], '2026-03-10').sprouting).toEqual({ ...outlook.sprouting, words: 'likely to come up', seen: false });
  expect(tapeOn([up('2026-03-06')], '2026-03-10').sprouting).toMatchObject({ words: '1 of 4 came up, day 3', seen: true });
});

test('records without a plan have their weekends and the day of sowing, and end with the last check', () => {
  const tape = tapeOn([up('2026-03-09')], '2026-05-01', { schedule: [], outlook: null, phase: 'finished' });
  expect(tape.marks).toEqual([{ day: SOWN, word: 'sown' }]);
  expect(tape.days.at(-1)!.day).toBe('2026-03-10');
  expect(tape.days.find((d) => d.day === '2026-03-07')!.off).toBe(true);
});
