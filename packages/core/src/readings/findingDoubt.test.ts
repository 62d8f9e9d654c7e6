import { measureOf } from '../measures/registry';
import { doubtAboutFinding } from './findingDoubt';

const ask = (code: string, value: number, before: number | null, sown = 10) =>
  doubtAboutFinding(measureOf(code)!, value, before, { resolution: 'mm', sown });

test('a tenfold mass is asked about, one that doubled is not', () => {
  expect(ask('fresh-mass', 12, 1.2)).toMatchObject({
    kind: 'decimal-point',
    question: expect.stringContaining('12.00 g, and 1.20 g last time?'),
  });
  expect(ask('fresh-mass', 0.12, 1.2)?.kind).toBe('decimal-point');
  expect(ask('fresh-mass', 2.4, 1.2)).toBeNull();
  expect(ask('fresh-mass', 12, null)).toBeNull();
});

test('a root that falls is asked about beyond what reading it twice does', () => {
  expect(ask('root-length', 30, 50)).toMatchObject({
    kind: 'shrank',
    question: 'It was 5.0 cm last time. Did it shrink to 3.0 cm?',
  });
  expect(ask('root-length', 47, 50)).toBeNull();
});

test('more seedlings than seeds are asked about; a falling count is a fact', () => {
  expect(ask('seeds-up', 11, 9)).toMatchObject({
    kind: 'more-than-sown',
    question: '11, although 10 were sown? Is a weed among them?',
  });
  expect(ask('seeds-up', 4, 9)).toBeNull();
});

test('what is judged or read from a meter is taken as it is', () => {
  expect(ask('soil-ph', 6, 5)).toBeNull();
  expect(ask('leaves', 10, 1)).toBeNull();
});

test('the bounds: seven to fourteen times is a slip of the point, and a fall of up to a tenth is reading it twice', () => {
  const kind = (code: string, value: number, before: number, sown?: number) => ask(code, value, before, sown)?.kind ?? null;
  expect([6.99, 7, 14, 14.01].map((value) => kind('fresh-mass', value, 1))).toEqual([
    null,
    'decimal-point',
    'decimal-point',
    null,
  ]);
  expect([89.9, 90].map((value) => kind('root-length', value, 100))).toEqual(['shrank', null]);
  expect([10, 11].map((value) => kind('seeds-up', value, 9))).toEqual([null, 'more-than-sown']);
  // A mass may fall: a plant that wilts is lighter.
  expect(kind('fresh-mass', 30, 50)).toBeNull();
});

test('nothing is asked where nothing was there before, or is there now, or nobody knows how many were sown', () => {
  expect([ask('root-length', 0, 50), ask('root-length', 50, 0), ask('root-length', -1, 50)]).toEqual([null, null, null]);
  expect(doubtAboutFinding(measureOf('seeds-up')!, 11, 9, { resolution: 'mm' })).toBeNull();
});

test('what can be answered goes with the question', () => {
  const answers = (code: string, value: number, before: number) => ask(code, value, before)!.intents;
  expect(answers('seeds-up', 11, 9)).toEqual(['other-seedling', 'really-so']);
  expect(answers('fresh-mass', 12, 1.2)).toEqual(['decimal-point', 'measured-again', 'really-so']);
  expect(answers('root-length', 30, 50)).toEqual(['broken', 'other-seedling', 'measured-again', 'really-so']);
});
