import { say, fault } from '@bright-sprout/words/say';
import { ROOM_KINDS, ROOM_LIMITS, type RoomKind } from '@bright-sprout/core/room/roomRecord';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsUUID,
  Validate,
  type ValidationArguments,
  ValidatorConstraint,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { PartsOf } from './parts';
import { IsMoment } from './moment';

export const ROOM_SOURCES = ['hand', 'file', 'sensor'] as const;
export type RoomSource = (typeof ROOM_SOURCES)[number];

@ValidatorConstraint({ name: 'room' })
class IsPossible implements ValidatorConstraintInterface {
  validate(value: unknown, { object }: ValidationArguments): boolean {
    const limits = ROOM_LIMITS[(object as { kind: RoomKind }).kind];
    return limits !== undefined && typeof value === 'number' && value >= limits[0] && value <= limits[1];
  }

  defaultMessage({ object }: ValidationArguments): string {
    const { kind } = object as { kind: RoomKind };
    const limits = ROOM_LIMITS[kind];
    return limits
      ? say('refusals.valueLiesBetween', { kind, low: limits[0], high: limits[1] })
      : say('refusals.thisIsNotMeasured');
  }
}

export class RoomReadingRequest {
  @IsUUID(undefined, { message: fault('refusals.readingIdMadeBrowser') })
  id: string;

  @IsMoment({ message: fault('refusals.sayWhenRead') })
  at: string;

  @IsIn(ROOM_KINDS, { message: fault('refusals.chooseRead') })
  kind: RoomKind;

  @IsNumber({}, { message: fault('refusals.typeNumber') })
  @Validate(IsPossible)
  value: number;
}

/** Readings of a room; each has its id, so that sending them again changes nothing. */
export class SaveRoomRequest {
  @IsIn(['hand', 'file'], { message: fault('refusals.sayWhereReadingsCome') })
  source: 'hand' | 'file';

  @IsArray({ message: fault('refusals.listReadings') })
  @ArrayMinSize(1, { message: fault('refusals.listLeastReading') })
  @ArrayMaxSize(400, { message: fault('refusals.mostReadingsTime') })
  @PartsOf(() => RoomReadingRequest)
  readings: RoomReadingRequest[];
}

export class ListenRequest {
  @IsBoolean({ message: fault('refusals.listenSensorBoxYes') })
  on: boolean;
}
