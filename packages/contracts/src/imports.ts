import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { type TableReading } from '@bright-sprout/core/formats/table/columnMeaning';
import { ArrayMaxSize, IsArray, IsObject, IsOptional, IsString, IsUUID, Length, MaxLength } from 'class-validator';
import { MAX_TABLE_CHARACTERS } from './importLimits';
import { OwnMeasureRequest } from './ownMeasures';
import { PartsOf } from './parts';

/** A table with everything that was said of it; the server reads it as the device did. */
export class ImportRequest {
  @IsUUID(undefined, { message: fault('refusals.importBelongsClass') })
  classId: string;

  @IsString({ message: fault('refusals.writeQuestionRecordsAnswer') })
  @Length(5, 200, { message: fault('refusals.writeQuestionRecordsAnswerLong') })
  question: string;

  @IsString({ message: fault('refusals.nameChanged') })
  @Length(2, 60, { message: fault('refusals.nameChangedCharacters') })
  factor: string;

  @IsString({ message: fault('refusals.chooseKindPlant') })
  @Length(1, 60, { message: fault('refusals.chooseKindPlant') })
  speciesId: string;

  @IsOptional()
  @IsString({ message: fault('refusals.nameFileText') })
  @MaxLength(200, { message: fault('refusals.nameFileMostCharacters') })
  fileName: string = '';

  /** The table, packed: its line numbers, heads and cells. */
  @IsString({ message: fault('refusals.tableEmpty') })
  @Length(1, MAX_TABLE_CHARACTERS, { message: fault('refusals.tableEmptyLongerMillion') })
  table: string;

  /** What its columns mean, without the definitions of its own measures. */
  @IsObject({ message: fault('refusals.sayColumnsMean') })
  reading: Omit<TableReading, 'own'>;

  @IsArray({ message: fault('refusals.sayColumnsMeasure') })
  @ArrayMaxSize(40, { message: fault('refusals.mostFortyMeasuresOwn') })
  @PartsOf(() => OwnMeasureRequest)
  own: OwnMeasureRequest[] = [];
}

/** What was chosen for a table with the same heads. */
export type RememberedReading = Pick<TableReading, 'columns' | 'own' | 'zeros' | 'seedsEach' | 'dateOrder'> & {
  factor: string;
  speciesId: string;
};
