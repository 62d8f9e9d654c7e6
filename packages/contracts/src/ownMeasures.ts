import { QUANTITIES, type Quantity } from '@bright-sprout/core/measures/measure';
import { type OwnMeasure } from '@bright-sprout/core/measures/ownMeasure';
import { ArrayMaxSize, IsArray, IsIn, IsNumber, IsOptional, IsString, Length, MaxLength } from 'class-validator';

const TEXT = { message: 'A text of a measure is missing.' };
const LONG = { message: 'A text of a measure is too long.' };
const NUMBER = { message: 'An end of a measure is a number.' };

/** A measure that a teacher defined or a table brought, as it crosses the wire. */
export class OwnMeasureRequest implements OwnMeasure {
  @IsString(TEXT) @Length(1, 40, LONG) code: string;
  @IsString(TEXT) @MaxLength(60, LONG) name: string;
  @IsIn(QUANTITIES, { message: 'Choose what kind of thing is measured.' }) quantity: Quantity;
  @IsIn(['plant', 'container'], { message: 'A measure is of a plant or of a container.' }) of: 'plant' | 'container';
  @IsString(TEXT) @MaxLength(20, LONG) unit: string;
  @IsOptional() @IsNumber({}, NUMBER) least: number | null;
  @IsOptional() @IsNumber({}, NUMBER) most: number | null;
  @IsArray(TEXT)
  @ArrayMaxSize(8, { message: 'At most eight choices.' })
  @IsString({ each: true, ...TEXT })
  @MaxLength(40, { each: true, ...LONG })
  choices: string[];
  @IsString(TEXT) @MaxLength(40, LONG) more: string;
  @IsString(TEXT) @MaxLength(40, LONG) less: string;
}
