import { ALIKE, alignCorners, edgeRatio } from '@bright-sprout/core/pictures/align';
import { greenOf, greenOfSections, judgeSeries, type PictureFacts, pictureFacts } from '@bright-sprout/core/pictures/countSeries';
import { straighten } from '@bright-sprout/core/pictures/homography';
import { whitePatchGains, withGains } from '@bright-sprout/core/pictures/light';
import { mended } from '@bright-sprout/core/pictures/mending';
import { type Picture, type Point, type Quad } from '@bright-sprout/core/pictures/picture';
import { workSize } from '@bright-sprout/core/pictures/sectionGrid';
import { tiltOf } from '@bright-sprout/core/pictures/tilt';
import {
  type FilmAsked,
  type FilmCounted,
  type FrameAsked,
  type FrameCounted,
  type LinedUp,
  type LiveSeen,
} from './filmQuestion';

/** A picture that was opened and straightened. */
interface Straightened {
  /** By what it was straightened: where this changes it is done anew. */
  key: string;
  /** The corners from which its own were looked for. */
  from: string;
  picture: Picture;
  facts: PictureFacts;
  lined: LinedUp;
  corners: Quad;
  tilt: number | null;
  whiteUnread: boolean;
}

/** A picture in which the corners are known, kept to find them in others. */
interface Known {
  id: string;
  picture: Picture;
  /** In pixels. */
  corners: Quad;
}

const scaled = (quad: Quad, width: number, height: number): Quad =>
  quad.map(([x, y]): Point => [x * width, y * height]) as unknown as Quad;

/** The pictures of a film, opened one after the other, lined up, straightened and counted; what has not changed is not done again. */
export class HeldFilm {
  private film: FilmAsked | null = null;
  private readonly straight = new Map<string, Straightened>();
  private readonly masks = new Map<string, Uint8Array>();
  private known: Known | null = null;

  /** @param decode opens a picture, at most some 1600 px wide; throws where it is none */
  constructor(private readonly decode: (url: string) => Promise<Picture>) {}

  /** @param told of each picture that is ready; answers false to end it */
  async open(film: FilmAsked, told: (done: number, id: string) => boolean): Promise<FilmCounted | null> {
    this.film = film;
    const broken = new Set<string>();
    const first = film.frames.find((f) => f.corners !== null);
    // Others are found from the first in which they were said, whichever day it is of.
    const order = first ? [first, ...film.frames.filter((f) => f !== first)] : film.frames;
    let done = 0;
    for (const frame of order) {
      await this.prepare(frame, first ?? null).catch(() => broken.add(frame.id));
      if (!told(++done, frame.id)) return null;
    }
    for (const id of [...this.straight.keys()]) if (!film.frames.some((f) => f.id === id)) this.straight.delete(id);
    return this.count(film, broken);
  }

  private async prepare(frame: FrameAsked, first: FrameAsked | null): Promise<void> {
    const film = this.film!;
    const size = workSize({ ...film.grid, wideMm: film.wideMm, deepMm: film.deepMm });
    const { grid, index } = film;
    const key = JSON.stringify([frame.white, size, grid, index]);
    const from = JSON.stringify(first?.corners ?? null);
    const before = this.straight.get(frame.id);
    if (before?.key === key && !(frame === first && this.known?.id !== frame.id)) {
      if (frame.corners === null && before.lined !== 'said' && before.from === from) return;
      if (JSON.stringify(frame.corners) === JSON.stringify(before.corners)) {
        // What was found has become what is said.
        this.straight.set(frame.id, { ...before, lined: 'said' });
        return;
      }
    }
    this.straight.delete(frame.id);
    const picture = await this.decode(frame.url);
    const { width, height } = picture;
    const found = frame.corners ? { corners: frame.corners, lined: 'said' as const } : this.lineUp(picture);
    if (!found) return;
    const there = scaled(found.corners, width, height);
    if (frame === first) this.known = { id: frame.id, picture, corners: there };
    const seen = straighten(picture, there, size);
    if (!seen) return;
    const gains = frame.white && whitePatchGains(picture, patchOf(picture, frame.white));
    const straightened = gains ? withGains(seen, gains) : seen;
    this.straight.set(frame.id, {
      ...found,
      key,
      from,
      picture: straightened,
      facts: pictureFacts(straightened, grid, index),
      tilt: tiltOf(there, picture, size.height / size.width),
      whiteUnread: frame.white !== null && gains === null,
    });
  }

  private lineUp(picture: Picture): { corners: Quad; lined: LinedUp } | null {
    if (!this.known) return null;
    const { width, height } = picture;
    const start = scaled(scaled(this.known.corners, 1 / this.known.picture.width, 1 / this.known.picture.height), width, height);
    const found = alignCorners(this.known, picture, start);
    const corners = scaled(found?.corners ?? start, 1 / width, 1 / height);
    return { corners, lined: found && found.likeness >= ALIKE ? 'found' : 'unsure' };
  }

  private count(film: FilmAsked, broken: ReadonlySet<string>): FilmCounted {
    const ready = film.frames.filter((f) => this.straight.has(f.id));
    // What is not lined up says nothing of the series.
    const telling = ready.filter((f) => this.straight.get(f.id)!.lined !== 'unsure');
    const { threshold, usual, problems } = judgeSeries(
      film.index,
      telling.map((f) => this.straight.get(f.id)!.facts),
    );
    this.masks.clear();
    const frames = film.frames.map((frame): FrameCounted => {
      const held = this.straight.get(frame.id);
      const at = telling.indexOf(frame);
      const none = film.grid.cells.map(() => null);
      if (!held)
        return {
          id: frame.id,
          green: none,
          problem: null,
          broken: broken.has(frame.id),
          lined: 'unknown',
          corners: null,
          tilt: null,
          mended: false,
          whiteUnread: false,
        };
      const mask = mended(greenOf(held.picture, held.facts.light, film.index, threshold), held.picture, frame.strokes);
      this.masks.set(frame.id, mask);
      const problem = at < 0 ? null : problems[at]!;
      const counts = at >= 0 && problem === null;
      return {
        id: frame.id,
        green: counts ? greenOfSections(mask, held.picture, film.grid) : none,
        problem,
        broken: false,
        lined: held.lined,
        corners: held.corners,
        tilt: held.tilt,
        mended: frame.strokes.length > 0,
        whiteUnread: held.whiteUnread,
      };
    });
    return { threshold, usual, frames };
  }

  /** A picture as it was taken, straightened, and what is green of it; null where it could not be opened or lined up. */
  shown(id: string): { picture: Picture; mask: Uint8Array } | null {
    const [held, mask] = [this.straight.get(id), this.masks.get(id)];
    return held && mask ? { picture: held.picture, mask } : null;
  }

  /** A straightened picture, counted or not yet. */
  picture(id: string): Picture | null {
    return this.straight.get(id)?.picture ?? null;
  }

  cornersOf(id: string): Quad | null {
    return this.straight.get(id)?.corners ?? null;
  }

  /** Where the pan lies in what the camera sees now. */
  seen(picture: Picture): LiveSeen {
    const found = this.lineUp(picture);
    if (!found || found.lined !== 'found' || !this.known) return { corners: null, tilt: null };
    const ratio = this.film?.wideMm && this.film.deepMm ? this.film.deepMm / this.film.wideMm : edgeRatio(this.known.corners);
    return { corners: found.corners, tilt: tiltOf(scaled(found.corners, picture.width, picture.height), picture, ratio) };
  }
}

/** Which pixels lie between two opposite corners. */
function patchOf({ width, height }: Picture, [a, b]: readonly [Point, Point]): Uint8Array {
  const patch = new Uint8Array(width * height);
  const [left, right] = [Math.min(a[0], b[0]) * width, Math.max(a[0], b[0]) * width].map((x) =>
    Math.min(width, Math.max(0, Math.round(x))),
  );
  const [top, bottom] = [Math.min(a[1], b[1]) * height, Math.max(a[1], b[1]) * height].map(Math.round);
  for (let y = Math.max(0, top!); y < Math.min(height, bottom!); y++) patch.fill(1, y * width + left!, y * width + right!);
  return patch;
}
