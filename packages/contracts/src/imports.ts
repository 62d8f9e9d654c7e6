import 'reflect-metadata';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { ArrayMaxSize, IsArray, IsObject, IsOptional, IsString, IsUUID, Length, MaxLength } from 'class-validator';
import { MAX_TABLE_CHARACTERS } from './importLimits';
import { OwnMeasureRequest } from './ownMeasures';
import { PartsOf } from './parts';

/** A table with everything that was said of it; the server reads it as the device did. */
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

  @IsOptional()
  @IsString({ message: 'The name of the file is a text.' })
  @MaxLength(200, { message: 'The name of the file has at most 200 characters.' })
  fileName: string = '';

  /** The table, packed: its line numbers, heads and cells. */
  @IsString({ message: 'The table is empty.' })
  @Length(1, MAX_TABLE_CHARACTERS, { message: 'The table is empty or longer than 16 million characters.' })
  table: string;

  /** What its columns mean, without the definitions of its own measures. */
  @IsObject({ message: 'Say what the columns mean.' })
  reading: Omit<TableReading, 'own'>;

  @IsArray({ message: 'Say what the columns measure.' })
  @ArrayMaxSize(40, { message: 'At most forty measures of its own.' })
  @PartsOf(() => OwnMeasureRequest)
  own: OwnMeasureRequest[] = [];
}

/** What was chosen for a table with the same heads. */
export type RememberedReading = Pick<TableReading, 'columns' | 'own' | 'zeros' | 'seedsEach' | 'dateOrder'> & {
  factor: string;
  speciesId: string;
};
