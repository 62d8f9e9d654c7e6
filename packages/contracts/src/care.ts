import { CARE_KINDS, type CareKind } from '@bright-sprout/core/care/careTasks';
import { IsBoolean, IsIn, IsNumber, IsOptional, IsString, IsUUID, Length, Matches, Max, Min } from 'class-validator';
import { IsMoment } from './moment';

/** Something done for the plants. Its id is made on the device: sending it again changes nothing. */
export class SaveCareRequest {
  @IsUUID(undefined, { message: 'Say for which investigation.' })
  investigationId: string;

  @IsIn(CARE_KINDS, { message: 'Choose what was done.' })
  kind: CareKind;

  /** The task it answers, such as the step of a run sheet. */
  @IsString({ message: 'Say which task was done.' })
  @Length(1, 60, { message: 'The name of a task has at most 60 characters.' })
  task: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Say on which day.' })
  day: string;

  @IsMoment({ message: 'Say when.' })
  recordedAt: string;

  /** Water or solution for one container. */
  @IsOptional()
  @IsNumber({}, { message: 'An amount is a number of millilitres.' })
  @Min(0, { message: 'An amount cannot be below zero.' })
  @Max(5000, { message: 'At most 5 litres for one container.' })
  amountMl?: number;

  /** It was left out, and that is told. */
  @IsOptional()
  @IsBoolean({ message: 'Left out: yes or no.' })
  skipped?: boolean;

  @IsOptional()
  @IsString({ message: 'A note is text.' })
  @Length(1, 200, { message: 'A note has at most 200 characters.' })
  note?: string;
}

export interface CareView {
  id: string;
  /** Null for what the teacher did, for everybody. */
  teamId: string | null;
  kind: CareKind;
  task: string;
  day: string;
  amountMl: number | null;
  skipped: boolean;
  note: string | null;
  recordedAt: string;
}
