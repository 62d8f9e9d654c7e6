import { GREEN_INDICES, type GreenIndex } from '@bright-sprout/core/pictures/greenness';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  Validate,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { FILM_KINDS, type FilmKind, MENDING_KINDS, type MendingKind } from './filmKinds';
import { IsMoment } from './moment';
import { PartsOf } from './parts';

export const MOST_FILMS = 24;
export const MOST_FRAMES = 120;
const MOST_ACROSS = 12;

/** Sections of a film: the id of a container for each, or null where nothing is counted. */
@ValidatorConstraint({ name: 'cells' })
class AreCells implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    if (!Array.isArray(value) || value.length < 1 || value.length > MOST_ACROSS * MOST_ACROSS) return false;
    const named = value.filter((v) => v !== null) as unknown[];
    return named.every((v) => typeof v === 'string' && /^[0-9a-f-]{36}$/.test(v)) && new Set(named).size === named.length;
  }

  defaultMessage(): string {
    return 'Each section has one container, and no container is in two of them.';
  }
}

/** A film as it shall be; `version` is the one it was changed on, 0 for a new one. Its id is made on the device. */
export class SaveFilmRequest {
  @IsUUID(undefined, { message: 'Say which investigation it is of.' })
  investigationId: string;

  @IsInt({ message: 'Say which version you changed.' })
  version: number;

  @IsString({ message: 'Give it a name.' })
  @Length(1, 60, { message: 'Name it in 1 to 60 characters.' })
  name: string;

  @IsIn(FILM_KINDS, { message: 'It is of a pan, a container or a tray.' })
  kind: FilmKind;

  @IsInt({ message: 'Sections are counted in whole numbers.' })
  @Min(1, { message: 'There is at least one section.' })
  @Max(MOST_ACROSS, { message: `At most ${MOST_ACROSS} sections lie side by side.` })
  columns: number;

  @IsInt({ message: 'Sections are counted in whole numbers.' })
  @Min(1, { message: 'There is at least one section.' })
  @Max(MOST_ACROSS, { message: `At most ${MOST_ACROSS} sections lie one behind the other.` })
  rows: number;

  @Validate(AreCells)
  cells: (string | null)[];

  @IsOptional()
  @IsInt({ message: 'A width is in whole millimetres.' })
  @Min(20, { message: 'It is at least 2 cm wide.' })
  @Max(3000, { message: 'It is at most 3 m wide.' })
  wideMm?: number | null;

  @IsOptional()
  @IsInt({ message: 'A depth is in whole millimetres.' })
  @Min(20, { message: 'It is at least 2 cm deep.' })
  @Max(3000, { message: 'It is at most 3 m deep.' })
  deepMm?: number | null;

  @IsIn(GREEN_INDICES, { message: 'This way of counting is not known.' })
  index: GreenIndex;

  @IsBoolean({ message: 'It is put away, or is not.' })
  removed: boolean;
}

/** What goes with a picture of a film, in the address; the body is the picture itself. Its id is made on the device. */
export class FrameRequest {
  @IsUUID(undefined, { message: 'Say which film the picture is for.' })
  filmId: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Say on which day the picture was taken.' })
  day: string;

  @IsMoment({ message: 'Say when the picture was taken.' })
  recordedAt: string;
}

/** Places as shares of the picture's width and height; of a brush as shares of the width of the straightened picture. */
@ValidatorConstraint({ name: 'places' })
class ArePlaces implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    const isPlace = (p: unknown) =>
      Array.isArray(p) && p.length === 2 && p.every((n) => typeof n === 'number' && Number.isFinite(n) && Math.abs(n) <= 4);
    return Array.isArray(value) && value.length >= 1 && value.length <= 1200 && value.every(isPlace);
  }

  defaultMessage(): string {
    return 'Places lie in the picture.';
  }
}

export class MendFrameRequest {
  @IsUUID(undefined, { message: 'Say which picture is put right.' })
  frameId: string;

  @IsIn(MENDING_KINDS, { message: 'This is not known as a way to put a picture right.' })
  kind: MendingKind;

  /** Four corners; the way of the brush; two opposite corners of what is white. */
  @Validate(ArePlaces)
  places: [number, number][];

  /** Of the brush: what is under it is green, or is not. */
  @IsOptional()
  @IsBoolean({ message: 'It is green, or is not.' })
  green?: boolean;

  /** Of the brush, as a share of the width of the straightened picture. */
  @IsOptional()
  @IsNumber({}, { message: 'A brush has a width.' })
  @Min(0.001, { message: 'The brush is too fine.' })
  @Max(0.3, { message: 'The brush is too broad.' })
  radius?: number;

  @IsMoment({ message: 'Say when.' })
  recordedAt: string;
}

class CountedShare {
  @IsUUID(undefined, { message: 'Say which picture was counted.' })
  frameId: string;

  @IsUUID(undefined, { message: 'Say which container was counted.' })
  containerId: string;

  @IsNumber({}, { message: 'A share is a number.' })
  @Min(0, { message: 'A share is from 0 to 100 %.' })
  @Max(100, { message: 'A share is from 0 to 100 %.' })
  percent: number;
}

/** What was counted of a film; numbers that are on record already stay as they are, others are put in their place. */
export class SaveCountsRequest {
  @IsString({ message: 'Say how it was counted.' })
  @Length(1, 80, { message: 'The way of counting has at most 80 characters.' })
  method: string;

  @IsArray({ message: 'What was counted is a list.' })
  @ArrayMinSize(1, { message: 'Nothing was counted.' })
  @ArrayMaxSize(MOST_FRAMES * MOST_ACROSS * MOST_ACROSS, { message: 'This is more than one film can show.' })
  @PartsOf(() => CountedShare)
  counts: CountedShare[];
}

export interface MendingView {
  id: string;
  kind: MendingKind;
  places: [number, number][];
  green: boolean | null;
  radius: number | null;
  recordedAt: string;
}

export interface FrameView {
  id: string;
  filmId: string;
  day: string;
  /** Null for a picture by the teacher. */
  teamId: string | null;
  width: number;
  height: number;
  recordedAt: string;
  /** The teacher has looked at it: before that, other teams do not see it. */
  seen: boolean;
  /** What was put right on it, oldest first; a later one of a kind that has one stands. */
  mendings: MendingView[];
}

export interface FilmView {
  id: string;
  investigationId: string;
  version: number;
  name: string;
  kind: FilmKind;
  columns: number;
  rows: number;
  cells: (string | null)[];
  wideMm: number | null;
  deepMm: number | null;
  index: GreenIndex;
  removed: boolean;
  /** In order of days. */
  frames: FrameView[];
}

/** A film on a team's device, with what is said of it there. */
export interface BenchFilmView extends FilmView {
  /** First day on which a picture of it can be taken. */
  sownOn: string;
}

/** How many readings were written, and how many stood as they were. */
export interface SavedCounts {
  written: number;
  unchanged: number;
}
