import { say, fault } from '@bright-sprout/words/say';
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
    return say('refusals.sectionContainerContainerTwo');
  }
}

/** A film as it shall be; `version` is the one it was changed on, 0 for a new one. Its id is made on the device. */
export class SaveFilmRequest {
  @IsUUID(undefined, { message: fault('refusals.whichInvestigationIsItOf') })
  investigationId: string;

  @IsInt({ message: fault('refusals.sayVersionChanged') })
  version: number;

  @IsString({ message: fault('refusals.giveName') })
  @Length(1, 60, { message: fault('refusals.nameItInCharacters') })
  name: string;

  @IsIn(FILM_KINDS, { message: fault('refusals.panContainerTray') })
  kind: FilmKind;

  @IsInt({ message: fault('refusals.sectionsCountedWholeNumbers') })
  @Min(1, { message: fault('refusals.leastSection') })
  @Max(MOST_ACROSS, { message: fault('refusals.mostSectionsLieSide', { mostAcross: MOST_ACROSS }) })
  columns: number;

  @IsInt({ message: fault('refusals.sectionsCountedWholeNumbers') })
  @Min(1, { message: fault('refusals.leastSection') })
  @Max(MOST_ACROSS, { message: fault('refusals.mostSectionsLieBehind', { mostAcross: MOST_ACROSS }) })
  rows: number;

  @Validate(AreCells)
  cells: (string | null)[];

  @IsOptional()
  @IsInt({ message: fault('refusals.widthWholeMillimetres') })
  @Min(20, { message: fault('refusals.leastCmWide') })
  @Max(3000, { message: fault('refusals.mostMWide') })
  wideMm?: number | null;

  @IsOptional()
  @IsInt({ message: fault('refusals.depthWholeMillimetres') })
  @Min(20, { message: fault('refusals.leastCmDeep') })
  @Max(3000, { message: fault('refusals.mostMDeep') })
  deepMm?: number | null;

  @IsIn(GREEN_INDICES, { message: fault('refusals.wayCountingKnown') })
  index: GreenIndex;

  @IsBoolean({ message: fault('refusals.putAway') })
  removed: boolean;
}

/** What goes with a picture of a film, in the address; the body is the picture itself. Its id is made on the device. */
export class FrameRequest {
  @IsUUID(undefined, { message: fault('refusals.sayFilmPicture') })
  filmId: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('refusals.sayDayPictureTaken') })
  day: string;

  @IsMoment({ message: fault('refusals.sayWhenPictureTaken') })
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
    return say('refusals.placesLiePicture');
  }
}

export class MendFrameRequest {
  @IsUUID(undefined, { message: fault('refusals.sayPicturePutRight') })
  frameId: string;

  @IsIn(MENDING_KINDS, { message: fault('refusals.knownWayPutPicture') })
  kind: MendingKind;

  /** Four corners; the way of the brush; two opposite corners of what is white. */
  @Validate(ArePlaces)
  places: [number, number][];

  /** Of the brush: what is under it is green, or is not. */
  @IsOptional()
  @IsBoolean({ message: fault('refusals.itIsGreenOr') })
  green?: boolean;

  /** Of the brush, as a share of the width of the straightened picture. */
  @IsOptional()
  @IsNumber({}, { message: fault('refusals.brushWidth') })
  @Min(0.001, { message: fault('refusals.brushTooFine') })
  @Max(0.3, { message: fault('refusals.brushTooBroad') })
  radius?: number;

  @IsMoment({ message: fault('refusals.sayWhen') })
  recordedAt: string;
}

class CountedShare {
  @IsUUID(undefined, { message: fault('refusals.sayPictureCounted') })
  frameId: string;

  @IsUUID(undefined, { message: fault('refusals.sayContainerCounted') })
  containerId: string;

  @IsNumber({}, { message: fault('refusals.shareNumber') })
  @Min(0, { message: fault('refusals.aShareIsFrom') })
  @Max(100, { message: fault('refusals.aShareIsFrom') })
  percent: number;
}

/** What was counted of a film; numbers that are on record already stay as they are, others are put in their place. */
export class SaveCountsRequest {
  @IsString({ message: fault('refusals.sayCounted') })
  @Length(1, 80, { message: fault('refusals.wayCountingMostCharacters') })
  method: string;

  @IsArray({ message: fault('refusals.countedList') })
  @ArrayMinSize(1, { message: fault('refusals.nothingCounted') })
  @ArrayMaxSize(MOST_FRAMES * MOST_ACROSS * MOST_ACROSS, { message: fault('refusals.moreFilmShow') })
  @PartsOf(() => CountedShare)
  counts: CountedShare[];
}
