import { type FilmView, type FrameView } from '@bright-sprout/contracts/answers/films';
import { numberFound } from '@bright-sprout/core/measures/finding';
import { askedOf } from '../../../pictures/askedOf';
import { investigationView, readingView } from '../../../../test/records';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { filmDays, framesOfDays, greenByTreatment } from './filmDays';
import { notOnRecord } from './onRecord';

const frame = (id: string, day: string, change: Partial<FrameView> = {}): FrameView => ({
  id,
  filmId: 'f',
  day,
  teamId: null,
  width: 800,
  height: 600,
  recordedAt: `${day}T10:00:00Z`,
  seen: true,
  mendings: [],
  ...change,
});
const film = (frames: FrameView[]): FilmView => ({
  id: 'f',
  investigationId: 'i1',
  version: 1,
  name: 'Pan',
  kind: 'pan',
  columns: 2,
  rows: 2,
  cells: ['A1', 'B1', 'A2', 'B2'],
  wideMm: 420,
  deepMm: 280,
  index: 'excess-green',
  removed: false,
  frames,
});
const counted = (id: string, green: (number | null)[], change: Partial<FrameCounted> = {}): FrameCounted => ({
  id,
  green,
  problem: null,
  broken: false,
  lined: 'said',
  corners: null,
  tilt: null,
  mended: false,
  whiteUnread: false,
  ...change,
});

test('every day stands on the tape, the newest picture of a day on it, and what nobody has looked at is not there', () => {
  const of = film([
    frame('one', '2026-03-04'),
    frame('two', '2026-03-06'),
    frame('again', '2026-03-06'),
    frame('new', '2026-03-07', { seen: false }),
  ]);
  const days = filmDays(of, '2026-03-03', '2026-03-08');
  expect(days.map((d) => [d.number, d.frame?.id ?? null])).toEqual([
    [0, null],
    [1, 'one'],
    [2, null],
    [3, 'again'],
    [4, null],
    [5, null],
  ]);
  expect(days.filter((d) => d.weekend).map((d) => d.day)).toEqual(['2026-03-07', '2026-03-08']);
  expect([...framesOfDays(of.frames).keys()]).toEqual(['2026-03-04', '2026-03-06']);
});

test('the newest corners stand, strokes come in their order', () => {
  const mending = (id: string, kind: 'corners' | 'brush', x: number) => ({
    id,
    kind,
    places: [[x, x]] as [number, number][],
    green: kind === 'brush' ? true : null,
    radius: kind === 'brush' ? 0.02 : null,
    recordedAt: '2026-03-04T10:00:00Z',
  });
  const one = frame('one', '2026-03-04', {
    mendings: [
      mending('a', 'corners', 0.1),
      mending('b', 'brush', 0.2),
      mending('c', 'corners', 0.3),
      mending('d', 'brush', 0.4),
    ],
  });
  const [asked] = askedOf(film([one]), [one]).frames;
  expect(asked!.corners).toEqual([[0.3, 0.3]]);
  expect(asked!.strokes.map((s) => s.points[0]![0])).toEqual([0.2, 0.4]);
  expect(asked!.url).toBe('/api/v1/frames/one');
});

test('a treatment is the mean of its sections that were counted that day', () => {
  const of = film([frame('one', '2026-03-04'), frame('two', '2026-03-05')]);
  const days = filmDays(of, '2026-03-03', null);
  const lines = greenByTreatment(of, investigationView(), days, [
    counted('one', [10, 20, 30, null]),
    counted('two', [null, null, null, null]),
  ]);
  expect(lines.map((l) => [l.code, l.days])).toEqual([
    ['A', [{ day: 1, share: 20 }]],
    ['B', [{ day: 1, share: 20 }]],
  ]);
  expect(lines[0]!.sections.map((s) => s.code)).toEqual(['A1', 'A2']);
});

test('only what is new, or has moved by half a point, or was counted otherwise, goes on record', () => {
  const frames = [frame('one', '2026-03-04')];
  const of = film(frames);
  const on = (code: string, percent: number, method = 'excess-green/1') =>
    readingView(code, '2026-03-04', {
      id: code,
      findings: [{ ...numberFound('percent-green', percent), seen: { picture: 'one', method, low: null, high: null } }],
    });
  const readings = [on('A1', 10.1), on('B1', 20), on('A2', 30, 'excess-green/0')];
  const found = [counted('one', [10.4, 20.5, 30, 40.26])];
  expect(notOnRecord(of, frames, found, readings)).toEqual([
    {
      method: 'excess-green/1',
      counts: [
        { frameId: 'one', containerId: 'B1', percent: 20.5 },
        { frameId: 'one', containerId: 'A2', percent: 30 },
        { frameId: 'one', containerId: 'B2', percent: 40.3 },
      ],
    },
  ]);
  const mended = notOnRecord(of, frames, [counted('one', [10.1, null, null, null], { mended: true })], readings);
  expect(mended.map((m) => m.method)).toEqual(['excess-green/1+hand']);
});
