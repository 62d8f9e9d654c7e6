import { type GreenIndex } from '@bright-sprout/core/pictures/greenness';
import { type LightProblem } from '@bright-sprout/core/pictures/light';
import { type BrushStroke } from '@bright-sprout/core/pictures/mending';
import { type Point, type Quad } from '@bright-sprout/core/pictures/picture';
import { type SectionGrid } from '@bright-sprout/core/pictures/sectionGrid';

/** A picture of a film as the worker gets to see it; places are shares of its width and height. */
export interface FrameAsked {
  id: string;
  url: string;
  /** Null where nobody has said it: then it is looked for. */
  corners: Quad | null;
  /** What is white in it, from corner to corner. */
  white: readonly [Point, Point] | null;
  strokes: readonly BrushStroke[];
}

export interface FilmAsked {
  grid: SectionGrid;
  wideMm: number | null;
  deepMm: number | null;
  index: GreenIndex;
  /** In order of days. */
  frames: readonly FrameAsked[];
}

/** Where the corners come from: said, found by what they were in another picture, found but doubtful, or not known. */
export type LinedUp = 'said' | 'found' | 'unsure' | 'unknown';

/** What was counted of one picture. */
export interface FrameCounted {
  id: string;
  /** Share of green in each section, %; null where nothing grows or the picture is not counted. */
  green: (number | null)[];
  problem: LightProblem | null;
  /** It could not be opened at all. */
  broken: boolean;
  lined: LinedUp;
  corners: Quad | null;
  /** How far the camera leant, degrees. */
  tilt: number | null;
  mended: boolean;
  /** Something was said to be white, and is too dark or burnt out to say anything. */
  whiteUnread: boolean;
}

export interface FilmCounted {
  threshold: number;
  /** The series does not part in two by itself: a usual value is taken. */
  usual: boolean;
  frames: FrameCounted[];
}

/** What a film is made into: pictures on which day numbers stand, of the whole or of two sections side by side. */
export interface FilmCut {
  frames: readonly { id: string; label: string }[];
  sections: readonly number[];
  counted: boolean;
  width: number;
}

export type FilmQuestion =
  | { kind: 'open'; number: number; film: FilmAsked }
  | { kind: 'show'; id: string }
  | { kind: 'gif'; cut: FilmCut; msEach: number }
  | { kind: 'pngs'; cut: FilmCut }
  | { kind: 'cut'; cut: FilmCut }
  /** The outline of a picture, drawn as it lies in it. */
  | { kind: 'outline'; id: string }
  /** A picture from the camera as it is held now. */
  | { kind: 'live'; bitmap: ImageBitmap };

export interface LiveSeen {
  /** Shares of the picture; null where it does not look like the one before. */
  corners: Quad | null;
  tilt: number | null;
}

export type FilmAnswer =
  | { kind: 'progress'; done: number; of: number }
  | { kind: 'counted'; number: number; counted: FilmCounted }
  | { kind: 'thumb'; id: string; bitmap: ImageBitmap }
  | { kind: 'shown'; id: string; taken: ImageBitmap; counted: ImageBitmap }
  | { kind: 'outlined'; id: string; bitmap: ImageBitmap }
  | { kind: 'seen'; seen: LiveSeen }
  | { kind: 'making'; share: number }
  | { kind: 'made'; bytes: ArrayBuffer }
  | { kind: 'cut'; bitmaps: ImageBitmap[] }
  | { kind: 'failed'; reason: string };
