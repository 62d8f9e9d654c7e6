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

/** How much of each thing there is. */
export interface WhatGoes {
  name: string;
  investigations: number;
  containers: number;
  looks: number;
  pictures: number;
  claims: number;
  /** Entries of teams that still wait for the teacher's word. */
  waiting: number;
  teams: number;
  plans: number;
  /** Days for which it could be undone, and the moment at which it would go if it were deleted now. */
  undoDays: number;
  wouldGoAt: string;
}

export interface GoingView {
  kind: GoingKind;
  /** Of the investigation, the class, or the teacher. */
  id: string;
  name: string;
  goesAt: string;
}

export interface KeepingView {
  undoDays: number;
  /** Pictures go so many days after the end of their investigation; null where they stay. */
  pictureDays: number | null;
  /** What is deleted and can still be taken back. */
  going: GoingView[];
}
