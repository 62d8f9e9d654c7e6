import { straighten } from '../homography';
import { type Picture } from '../picture';
import { type SectionGrid, sectionMask } from '../sectionGrid';
import { type Shot, STEADY, takePicture } from './camera';
import { panFromAbove, type SimulatedPan, type Soil, sownPan, type TopView, trueGreen } from './pan';

/** A straightened picture of a day, with how green each section really is, %. */
export interface TrueFrame {
  day: number;
  picture: Picture;
  truth: number[];
}

/** Two rows of three sections: those of one treatment come up three days after those of the other. */
export const SIX_SECTIONS: SectionGrid = { columns: 3, rows: 2, cells: ['A1', 'B1', 'A2', 'B2', 'A3', 'B3'] };

export const sixSections = (soil: Soil, seed: number): SimulatedPan =>
  sownPan({ wideCm: 42, deepCm: 28, grid: SIX_SECTIONS, soil, seed }, (i) => ({
    seedlings: 70,
    halfOn: i % 2 === 0 ? 7 : 4,
    spreadDays: 1.5,
    reachCm: 1.5,
  }));

/** A pan on each of some days; kept, so that many cameras can look at it. */
export function viewsOf(
  pan: SimulatedPan,
  days: readonly number[],
  pixelsPerCm = 10,
): { day: number; view: TopView; truth: number[] }[] {
  return days.map((day) => {
    const view = panFromAbove(pan, day, pixelsPerCm);
    return { day, view, truth: pan.grid.cells.map((_, i) => trueGreen(view, sectionMask(view.picture, pan.grid, i))) };
  });
}

/** What a camera takes of them, straightened by the corners as they are. */
export function framesOf(views: ReturnType<typeof viewsOf>, shot: (day: number) => Partial<Shot>): TrueFrame[] {
  return views.map(({ day, view, truth }) => {
    const taken = takePicture(view, { ...STEADY, width: 560, height: 420, seed: day, ...shot(day) });
    return { day, truth, picture: straighten(taken.picture, taken.corners, { width: 360, height: 240 })! };
  });
}
