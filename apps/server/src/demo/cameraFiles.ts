import { addDays, type IsoDay } from '@bright-sprout/core/calendar/days';
import { type Picture, type Point, type Quad } from '@bright-sprout/core/pictures/picture';
import { sectionMask } from '@bright-sprout/core/pictures/sectionGrid';
import { type Shot } from '@bright-sprout/core/pictures/simulated/camera';
import { trueGreen } from '@bright-sprout/core/pictures/simulated/pan';
import { axisOf, type PlantBesideRuler, seenFromTheSide, sidePicture } from '@bright-sprout/core/pictures/simulated/side';
import { demoPan, demoPicture } from './demoCamera';
import { CLOVER_PAN } from './demoScenario';

/** A picture of the simulated camera, with its truth. */
export interface CameraFile {
  day: number;
  date: IsoDay;
  picture: Picture;
  /** How green each section really is, %, by its code. */
  percentGreen: Record<string, number>;
  /** Where the corners of the pan really are, px. */
  corners: Quad;
}

/** Codes of the sections of the demo's pan as the draw of its plan has them; another order grows as well. */
const CODES = ['A1', 'B1', 'A2', 'B2', 'A3', 'B3'];

/** Pictures of the demo's pan from one day to another, taken as the demo's camera takes them but for what is changed. */
export function* demoPictures(sownOn: IsoDay, first: number, last: number, change: Partial<Shot>): Generator<CameraFile> {
  const pan = demoPan(CLOVER_PAN, CODES, (code) => code[0]!, sownOn);
  for (let day = first; day <= last; day++) {
    const { picture, corners, view } = demoPicture(pan, day, change);
    const percentGreen = Object.fromEntries(
      CODES.map((code, i) => [code, Number(trueGreen(view, sectionMask(view.picture, pan.grid, i)).toFixed(2))]),
    );
    yield { day, date: addDays(sownOn, day), picture, percentGreen, corners };
  }
}

/** A plant beside a ruler, and where its foot, its bends and its tip are seen, as shares of the picture. */
export function sidePictureOf(heightMm: number) {
  const scene: PlantBesideRuler = { heightMm, lean: 0.3, behindMm: 4, distanceMm: 420, lookingDown: 3, rulerMm: 200, seed: 5 };
  const size = { width: 1200, height: 900 };
  const place = (at: readonly [number, number, number]): Point => {
    const [x, y] = seenFromTheSide(scene, size, at);
    return [x / size.width, y / size.height];
  };
  const { rulerMm } = scene;
  return {
    picture: sidePicture(scene, size),
    heightMm,
    rulerMm,
    ruler: [place([0, 0, 0]), place([0, rulerMm, 0])],
    axis: axisOf(scene).map(place),
  };
}
