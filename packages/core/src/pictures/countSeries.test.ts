import { repeats, report } from '../../test/reference';
import { countSeries } from './countSeries';
import { GREEN_INDICES, type GreenIndex } from './greenness';
import { lightProblemWords, whitePatchGains, withGains } from './light';
import { type Shot } from './simulated/camera';
import { type Soil, SOILS } from './simulated/pan';
import { framesOf, SIX_SECTIONS, sixSections, type TrueFrame, viewsOf } from './simulated/series';

const DAYS = [1, 5, 7, 10, 14];

const quantile = (values: number[], q: number) => [...values].sort((a, b) => a - b)[Math.floor(q * (values.length - 1))]!;

const counted = (frames: readonly TrueFrame[], index: GreenIndex = 'excess-green') =>
  countSeries(
    frames.map((f) => f.picture),
    SIX_SECTIONS,
    index,
  ).counted;

const errorsOf = (frames: readonly TrueFrame[], index: GreenIndex) =>
  counted(frames, index).flatMap((c, d) => c.green.map((g, i) => Math.abs((g ?? NaN) - frames[d]!.truth[i]!)));

/** A windowsill in some light, day by day: a fifth brighter or darker, one side dimmer, the camera leaning up to so many degrees. */
const windowsill = (light: number, tilt: number) => (day: number) => ({
  light: light * (1 + 0.2 * Math.sin(day)),
  tilt: [(tilt * Math.sin(day)) / Math.SQRT2, (tilt * Math.cos(day * 2)) / Math.SQRT2] as const,
  turn: 5 * Math.sin(day),
  warmth: 0.03 * Math.cos(day),
  uneven: 0.15,
});

describe.each(SOILS)('%s soil against the simulated camera', (soil: Soil) => {
  const views = viewsOf(sixSections(soil, 1), DAYS);

  // A dim corner, a window, full sun; straight down to leaning by 20 degrees.
  test.each([
    [0.4, 20],
    [0.8, 0],
    [1.1, 10],
    [1.5, 20],
  ])('light %p and a lean of %p degrees: median at most 2 points, one in twenty above 5', (light, tilt) => {
    const frames = framesOf(views, windowsill(light, tilt));
    expect(counted(frames).map((c) => c.problem && lightProblemWords(c.problem))).toEqual(DAYS.map(() => null));
    for (const index of GREEN_INDICES) {
      const errors = errorsOf(frames, index);
      expect([index, quantile(errors, 0.5) <= 2, quantile(errors, 0.95) <= 5]).toEqual([index, true, true]);
    }
  });
});

// The wider look of `npm run reference`: darker too, more days and more pans.
if (repeats(1) > 1)
  describe.each(SOILS)('%s soil in every light', (soil) => {
    const pans = [1, 2, 3].map((seed) => viewsOf(sixSections(soil, seed), [4, 5, 6, 7, 9, 11, 14]));
    test.each([0.25, 0.35, 0.4, 0.6, 1, 1.5])('light %p', (light) => {
      const films = pans.map((views) => framesOf(views, windowsill(light, 20)));
      for (const index of GREEN_INDICES) {
        const all = films.flatMap((frames) => errorsOf(frames, index));
        const errors = all.filter((e) => !Number.isNaN(e));
        const of = films.flat().length;
        const refused = films.flatMap((frames) => counted(frames, index)).filter((c) => c.problem).length;
        const [median, p95] = [quantile(errors, 0.5), quantile(errors, 0.95)];
        report({ green: soil, index, light, median: median ?? 'none', p95: p95 ?? 'none', refused, of });
        expect(all.length - errors.length).toBe(refused * SIX_SECTIONS.cells.length);
      }
    });
  });

const views = viewsOf(sixSections('brown', 7), DAYS);

test.each<[string, Partial<Shot>, string, RegExp]>([
  ['a lamp', { warmth: 0.45 }, 'too-warm', /redder than the rest/],
  ['a blue evening', { warmth: -0.4 }, 'too-cold', /bluer/],
  ['dusk', { light: 0.3 }, 'too-dark', /\d+ % darker than the rest/],
  ['a night', { light: 0.1 }, 'no-light', /too dark/],
  ['full sun on a dim sill', { light: 2.7 }, 'too-bright', /brighter/],
  ['a shaking hand', { blur: 6 }, 'blurred', /blurred/],
  ['a hand over it', { hand: 0.6 }, 'covered', /lies over about \d+ %/],
])('%s is refused, and the rest are counted as without it', (_, shot, code, words) => {
  const frames = framesOf(views, (day) => ({ light: 1.2, ...(day === 10 ? shot : {}) }));
  const found = counted(frames);
  expect(found.map((c) => c.problem?.code ?? null)).toEqual(DAYS.map((d) => (d === 10 ? code : null)));
  expect(lightProblemWords(found[3]!.problem!)).toMatch(words);
  expect(found[3]!.green).toEqual(SIX_SECTIONS.cells.map(() => null));
  const without = counted(frames.filter((f) => f.day !== 10));
  expect(found[4]!.green).toEqual(without[3]!.green);
});

test('a white sheet beside the pan lets a picture under a lamp be counted', () => {
  const frames = framesOf(views, (day) => (day === 10 ? { warmth: 0.45 } : {}));
  // What a sheet of grey-white paper in that light looks like.
  const sheet = { width: 1, height: 1, data: Uint8ClampedArray.of(190 * 1.225, 190, 190 * 0.685, 255) };
  const gains = whitePatchGains(sheet, Uint8Array.of(1))!;
  const mended = frames.map((f) => (f.day === 10 ? { ...f, picture: withGains(f.picture, gains) } : f));
  const found = counted(mended);
  expect(found[3]!.problem).toBeNull();
  found[3]!.green.forEach((g, i) => expect(Math.abs(g! - mended[3]!.truth[i]!)).toBeLessThan(5));
});

test('a pan that is green all over is counted, though no soil says how light it was', () => {
  const frames = framesOf(viewsOf(sixSections('brown', 2), [1, 6, 12, 60]), () => ({}));
  const full = { ...frames[3]!, picture: { ...frames[3]!.picture, data: frames[3]!.picture.data.slice() } };
  for (let i = 0; i < full.picture.data.length; i += 4) full.picture.data.set([86, 140, 52, 255], i);
  const found = counted([...frames.slice(0, 3), full]);
  expect(found[3]!.problem).toBeNull();
  expect(found[3]!.green).toEqual(SIX_SECTIONS.cells.map(() => 100));
});

test('seeds on white paper are counted, and of two pictures neither is said to be the odd one', () => {
  const onPaper = (green: number, warm = 1): { width: number; height: number; data: Uint8ClampedArray<ArrayBuffer> } => {
    const data = new Uint8ClampedArray(120 * 80 * 4).fill(255);
    for (let p = 0; p < 120 * 80; p++) data.set(p % 100 < green ? [86, 140, 52] : [232 * warm, 230, 226 / warm], p * 4);
    return { width: 120, height: 80, data };
  };
  const three = countSeries([onPaper(10), onPaper(30), onPaper(50)], SIX_SECTIONS).counted;
  expect(three.map((c) => c.problem)).toEqual([null, null, null]);
  three.forEach((c, i) => c.green.forEach((g) => expect(Math.abs(g! - [10, 30, 50][i]!)).toBeLessThan(3)));
  expect(countSeries([onPaper(20), onPaper(40, 1.09)], SIX_SECTIONS).counted.map((c) => c.problem)).toEqual([null, null]);
  // Burnt out is burnt out, whatever it grows on.
  const burnt = onPaper(20);
  for (let i = 0; i < burnt.data.length; i++) burnt.data[i] = Math.min(255, burnt.data[i]! * 1.2);
  expect(countSeries([burnt], SIX_SECTIONS).counted[0]!.problem?.code).toBe('burnt-out');
});
