import { fault } from '@bright-sprout/words/say';
import { CARE_KINDS, type CareKind } from '@bright-sprout/core/care/careTasks';
import { IsBoolean, IsIn, IsNumber, IsOptional, IsString, IsUUID, Length, Matches, Max, Min } from 'class-validator';
import { IsMoment } from './moment';

/** Something done for the plants. Its id is made on the device: sending it again changes nothing. */
export class SaveCareRequest {
  @IsUUID(undefined, { message: fault('refusals.sayInvestigation') })
  investigationId: string;

  @IsIn(CARE_KINDS, { message: fault('refusals.chooseDone') })
  kind: CareKind;

  /** The task it answers, such as the step of a run sheet. */
  @IsString({ message: fault('refusals.sayTaskDone') })
  @Length(1, 60, { message: fault('refusals.nameTaskMostCharacters') })
  task: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('refusals.sayDay') })
  day: string;

  @IsMoment({ message: fault('refusals.sayWhen') })
  recordedAt: string;

  /** Water or solution for one container. */
  @IsOptional()
  @IsNumber({}, { message: fault('refusals.amountNumberMillilitres') })
  @Min(0, { message: fault('refusals.amountCannotBelowZero') })
  @Max(5000, { message: fault('refusals.mostLitresContainer') })
  amountMl?: number;

  /** It was left out, and that is told. */
  @IsOptional()
  @IsBoolean({ message: fault('refusals.leftYes') })
  skipped?: boolean;

  @IsOptional()
  @IsString({ message: fault('refusals.noteText') })
  @Length(1, 200, { message: fault('refusals.noteMostCharacters') })
  note?: string;
}
