import { type Quad } from '@bright-sprout/core/pictures/picture';
import { type Shot, STEADY, takePicture } from '@bright-sprout/core/pictures/simulated/camera';
import { SIX_SECTIONS, sixSections, viewsOf } from '@bright-sprout/core/pictures/simulated/series';
import { type FilmAsked, type FrameAsked } from './filmQuestion';
import { HeldFilm } from './heldFilm';

const views = viewsOf(sixSections('brown', 4), [2, 7, 11], 8);
const SHOT: Shot = { ...STEADY, width: 480, height: 360 };
const taken = views.map(({ day, view }) =>
  takePicture(view, { ...SHOT, seed: day, tilt: [day - 6, 3], warmth: day === 11 ? 0.45 : 0 }),
);
const shares = (i: number) => taken[i]!.corners.map(([x, y]) => [x / 480, y / 360]) as unknown as Quad;
const frame = (i: number, change: Partial<FrameAsked> = {}): FrameAsked => ({
  id: `f${i}`,
  url: String(i),
  corners: i === 0 ? shares(0) : null,
  white: null,
  strokes: [],
  ...change,
});
const film = (frames: FrameAsked[]): FilmAsked => ({
  grid: SIX_SECTIONS,
  wideMm: 420,
  deepMm: 280,
  index: 'excess-green',
  frames,
});

test('others are lined up to the first, what does not change is not opened again, and mending shows', async () => {
  const opened: string[] = [];
  const held = new HeldFilm((url) => {
    opened.push(url);
    return url === 'broken' ? Promise.reject(new Error('404')) : Promise.resolve(taken[Number(url)]!.picture);
  });
  const on = (frames: FrameAsked[]) => held.open(film(frames), () => true);
  const first = (await on([frame(0), frame(1), frame(2), frame(9, { url: 'broken' })]))!;
  expect(first.frames.map((f) => [f.lined, f.broken, f.problem?.code ?? null])).toEqual([
    ['said', false, null],
    ['found', false, null],
    ['found', false, 'too-warm'],
    ['unknown', true, null],
  ]);
  first.frames[1]!.corners!.forEach(([x, y], i) =>
    expect(Math.hypot(x - shares(1)[i]![0], y - shares(1)[i]![1])).toBeLessThan(0.01),
  );
  first.frames[1]!.green.forEach((g, i) => expect(Math.abs(g! - views[1]!.truth[i]!)).toBeLessThan(5));
  // What was found becomes what is said: nothing is opened for that.
  const said = (await on([frame(0), frame(1, { corners: first.frames[1]!.corners }), frame(2)]))!;
  expect(said.frames[1]!.lined).toBe('said');
  expect(opened).toEqual(['0', '1', '2', 'broken']);
  // A broad stroke over everything leaves nothing green; the picture itself stays.
  const strokes = [
    {
      green: false,
      radius: 0.3,
      points: [0.1, 0.5, 0.9].flatMap(
        (x) =>
          [
            [x, 0.2],
            [x, 0.5],
          ] as [number, number][],
      ),
    },
  ];
  const mended = (await on([frame(0), frame(1, { corners: first.frames[1]!.corners, strokes }), frame(2)]))!;
  expect([mended.frames[1]!.mended, mended.frames[1]!.green]).toEqual([true, SIX_SECTIONS.cells.map(() => 0)]);
  // The table beside the pan, which is grey in truth, takes the lamp out of the last one.
  const white = [
    [0.01, 0.01],
    [0.2, 0.05],
  ] as const;
  const lit = (await on([frame(0), frame(1), frame(2, { white })]))!;
  expect(lit.frames[2]!.problem).toBeNull();
  expect(held.seen(taken[1]!.picture).tilt).toBeLessThan(12);
});

test('without corners anywhere nothing is counted; one that is stopped answers nothing', async () => {
  const held = new HeldFilm((url) => Promise.resolve(taken[Number(url)]!.picture));
  const none = (await held.open(film([frame(0, { corners: null }), frame(1)]), () => true))!;
  expect(none.frames.map((f) => f.lined)).toEqual(['unknown', 'unknown']);
  expect(held.shown('f0')).toBeNull();
  expect(await held.open(film([frame(0), frame(1)]), () => false)).toBeNull();
});
