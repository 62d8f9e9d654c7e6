import 'reflect-metadata';
import { COLUMN_ROLES, type ColumnMapping } from '@bright-sprout/core/formats/columnMapping';
import { type MeasureColumn } from '@bright-sprout/core/formats/measureColumns';
import { ArrayMaxSize, IsArray, IsIn, IsObject, IsOptional, IsString, IsUUID, Length, Matches, MaxLength } from 'class-validator';
import { OwnMeasureRequest } from './ownMeasures';
import { PartOf, PartsOf } from './parts';

/** A file may have 4 million characters; more is another tool's job. */
export const MAX_IMPORT_CHARACTERS = 4_000_000;

class MeasureColumnRequest implements MeasureColumn {
  @IsString({ message: 'A column has a heading.' })
  @MaxLength(200, { message: 'A heading has at most 200 characters.' })
  heading: string;
  @IsString({ message: 'Choose the measure of a column.' })
  @Length(1, 40, { message: 'Choose the measure of a column.' })
  measure: string;
  @IsOptional()
  @IsString({ message: 'A column has a heading.' })
  @MaxLength(200, { message: 'A heading has at most 200 characters.' })
  typedHeading: string | null;
}

export class MappingRequest implements ColumnMapping {
  @IsObject({ message: 'Say what the columns mean.' })
  columns: ColumnMapping['columns'];

  @IsOptional()
  @IsArray({ message: 'Say which columns are measures.' })
  @ArrayMaxSize(40, { message: 'At most forty columns of measures.' })
  @PartsOf(() => MeasureColumnRequest)
  measures: MeasureColumnRequest[] = [];

  @IsOptional()
  @IsArray({ message: 'Say what the columns measure.' })
  @ArrayMaxSize(40, { message: 'At most forty measures of its own.' })
  @PartsOf(() => OwnMeasureRequest)
  own: OwnMeasureRequest[] = [];

  @IsIn(['mm', 'cm', 'm', 'in', 'ft'], { message: 'Choose the unit of length.' })
  lengthUnit: ColumnMapping['lengthUnit'];

  @IsIn(['year-month-day', 'day-month-year', 'month-day-year'], { message: 'Choose how dates are written.' })
  dateOrder: ColumnMapping['dateOrder'];

  @IsOptional()
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Choose the day of sowing.' })
  sownOn: string | null;

  @IsOptional()
  @IsString({ message: 'Choose the control.' })
  @MaxLength(60, { message: 'The name of the control has at most 60 characters.' })
  control: string | null;
}

export class ImportRequest {
  @IsUUID(undefined, { message: 'An import belongs to a class.' })
  classId: string;

  @IsString({ message: 'Write the question these records answer.' })
  @Length(5, 200, { message: 'Write the question these records answer, in 5 to 200 characters.' })
  question: string;

  @IsString({ message: 'Name what was changed.' })
  @Length(2, 60, { message: 'Name what was changed, in 2 to 60 characters.' })
  factor: string;

  @IsString({ message: 'Choose the kind of plant.' })
  @Length(1, 60, { message: 'Choose the kind of plant.' })
  speciesId: string;

  @IsString({ message: 'The file is empty.' })
  @Length(1, MAX_IMPORT_CHARACTERS, { message: 'The file is empty or longer than 4 million characters.' })
  text: string;

  @PartOf(() => MappingRequest)
  mapping: MappingRequest;
}

/** True when every mapped role is known and every column a string. */
export function isColumnMap(columns: object): boolean {
  return Object.entries(columns).every(
    ([role, heading]) => (COLUMN_ROLES as readonly string[]).includes(role) && typeof heading === 'string',
  );
}
