import { type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Picture } from '@bright-sprout/core/pictures/picture';
import { type SectionGrid } from '@bright-sprout/core/pictures/sectionGrid';
import { type Shot, STEADY, takePicture, type TakenPicture } from '@bright-sprout/core/pictures/simulated/camera';
import { panFromAbove, panOfSimulation, type SimulatedPan, type TopView } from '@bright-sprout/core/pictures/simulated/pan';
import { speciesById } from '@bright-sprout/core/seeds/catalogue';
import { simulateInvestigation } from '@bright-sprout/core/simulate/simulateInvestigation';
import sharp from 'sharp';
import { type DemoInvestigation } from './demoScenario';

/** The demo's pan: how large, how parted, and how finely it is drawn. */
export const DEMO_PAN = { wideMm: 420, deepMm: 280, columns: 3, rows: 2 };
const PIXELS_PER_CM = 16;
const REACH_CM = 2;
/** The day on which somebody left a lamp on, and the weekend day on which nobody was there. */
export const LAMP_DAY = 10;
export const EMPTY_DAY = 12;
const LAST_DAY = 24;

/** The pan of a demo investigation, with the seedlings that the simulator grows in its sections. */
export function demoPan(
  { speciesId, effects, temperature, seeds, trouble, growthSeed, resolution }: DemoInvestigation,
  cells: readonly string[],
  treatmentOf: (code: string) => string,
  sownOn: IsoDay,
): SimulatedPan {
  const looks = simulateInvestigation({
    species: speciesById(speciesId)!,
    containers: cells.map((code) => ({ code, treatment: treatmentOf(code), team: 0, seeds, keep: seeds })),
    effects,
    checkDays: Array.from({ length: LAST_DAY }, (_, i) => i + 1),
    temperature,
    sownOn,
    resolution,
    trouble,
    seed: growthSeed,
  });
  const { wideMm, deepMm, columns, rows } = DEMO_PAN;
  const grid: SectionGrid = { columns, rows, cells };
  return panOfSimulation({ wideCm: wideMm / 10, deepCm: deepMm / 10, grid, soil: 'brown', seed: growthSeed }, looks, REACH_CM);
}

/** How the demo's camera was held on a day: never quite straight, light as a window has it, a lamp on one evening. */
export function demoShot(day: number): Shot {
  return {
    ...STEADY,
    seed: 100 + day,
    tilt: [4 * Math.sin(2 * day), 5 * Math.cos(3 * day)],
    turn: 2 * Math.sin(5 * day),
    light: 1 + 0.2 * Math.sin(1.7 * day),
    warmth: day === LAMP_DAY ? 0.45 : 0.03 * Math.cos(day),
    uneven: 0.12,
  };
}

/** What the camera sees of the pan on a day. */
export function demoPicture(pan: SimulatedPan, day: number, change: Partial<Shot> = {}): TakenPicture & { view: TopView } {
  const view = panFromAbove(pan, day, PIXELS_PER_CM);
  return { ...takePicture(view, { ...demoShot(day), ...change }), view };
}

export function jpegOf({ width, height, data }: Picture): Promise<Buffer> {
  return sharp(Buffer.from(data.buffer), { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .jpeg({ quality: 92, chromaSubsampling: '4:4:4' })
    .toBuffer();
}
