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
    return limits ? `A value of ${kind} lies between ${limits[0]} and ${limits[1]}.` : 'This is not measured here.';
  }
}

export class RoomReadingRequest {
  @IsUUID(undefined, { message: 'A reading has an id made in the browser.' })
  id: string;

  @IsMoment({ message: 'Say when it was read.' })
  at: string;

  @IsIn(ROOM_KINDS, { message: 'Choose what was read.' })
  kind: RoomKind;

  @IsNumber({}, { message: 'Type a number.' })
  @Validate(IsPossible)
  value: number;
}

/** Readings of a room; each has its id, so that sending them again changes nothing. */
export class SaveRoomRequest {
  @IsIn(['hand', 'file'], { message: 'Say where the readings come from.' })
  source: 'hand' | 'file';

  @IsArray({ message: 'List the readings.' })
  @ArrayMinSize(1, { message: 'List at least one reading.' })
  @ArrayMaxSize(400, { message: 'At most 400 readings at a time.' })
  @PartsOf(() => RoomReadingRequest)
  readings: RoomReadingRequest[];
}

export class ListenRequest {
  @IsBoolean({ message: 'Listen to the sensor box: yes or no.' })
  on: boolean;
}

export interface RoomReadingView {
  id: string;
  at: string;
  kind: RoomKind;
  value: number;
  source: RoomSource;
}

export interface RoomView {
  readings: RoomReadingView[];
  /** A sensor box can be reached, and this class listens to it. */
  sensor: { there: boolean; on: boolean };
}
