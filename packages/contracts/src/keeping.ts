import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { IsIn, IsInt, IsOptional, Max, Min } from 'class-validator';

/** What can be deleted. `pictures` are those of an investigation; `everything` is all that a teacher has, the account included. */
export const GOING_KINDS = ['investigation', 'pictures', 'class', 'everything'] as const;
export type GoingKind = (typeof GOING_KINDS)[number];

export const UNDO_DAYS = [1, 7, 30, 90] as const;

export class KeepingRequest {
  @IsIn(UNDO_DAYS, { message: fault('refusals.chooseLongDeletionUndone') })
  undoDays: number;

  @IsOptional()
  @IsInt({ message: fault('refusals.chooseWhenPicturesGo') })
  @Min(0, { message: fault('refusals.chooseWhenPicturesGo') })
  @Max(3650, { message: fault('refusals.chooseWhenPicturesGo') })
  pictureDays: number | null;
}
