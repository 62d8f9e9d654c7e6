import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { Transform } from 'class-transformer';
import { ArrayMaxSize, IsBoolean, IsIn, IsInt, IsOptional, IsString, IsUUID, Length } from 'class-validator';
import { MOST_NEWS } from './live';
import { PHASES, type Phase } from './classes';

export const RESOLUTIONS = ['cm', 'half-cm', 'mm', 'quarter-in'] as const;

/** Changes that are allowed after sowing; `version` is the one the change was made on. */
export class ChangeInvestigationRequest {
  @IsInt({ message: fault('refusals.sayVersionChanged') })
  version: number;

  @IsOptional()
  @IsString({ message: fault('refusals.writeQuestion') })
  @Length(5, 200, { message: fault('refusals.writeQuestionCharacters') })
  question?: string;

  @IsOptional()
  @IsIn(PHASES, { message: fault('refusals.growingFinished') })
  phase?: Phase;

  @IsOptional()
  @IsBoolean({ message: fault('refusals.shareTeamsYes') })
  sharedWithTeams?: boolean;

  @IsOptional()
  @IsBoolean({ message: fault('refusals.openChecksYes') })
  checkingOpen?: boolean;

  @IsOptional()
  @IsBoolean({ message: fault('refusals.putAwayYes') })
  removed?: boolean;
}

/** Checks and pictures that a listener was told of: `?checks=id,id&photos=id`; `about=1` where something beside them changed. */
export class NewsQuery {
  @IsOptional()
  @Transform(({ value }) => listed(value))
  @ArrayMaxSize(MOST_NEWS, { message: fault('refusals.askMostChecksTime', { mostNews: MOST_NEWS }) })
  @IsUUID('all', { each: true, message: fault('refusals.nameChecksIds') })
  checks?: string[];

  @IsOptional()
  @Transform(({ value }) => listed(value))
  @ArrayMaxSize(MOST_NEWS, { message: fault('refusals.askMostPicturesTime', { mostNews: MOST_NEWS }) })
  @IsUUID('all', { each: true, message: fault('refusals.namePicturesIds') })
  photos?: string[];

  @IsOptional()
  @IsIn(['1'], { message: fault('refusals.askInvestigationAbout') })
  about?: string;
}

function listed(value: unknown): unknown {
  return typeof value === 'string' ? value.split(',') : value;
}

/** Where a check came from: a team's device, the teacher, a file, what was counted in a picture, or the simulator of the demo. */
export const CHECK_SOURCES = ['bench', 'teacher', 'together', 'import', 'picture', 'simulated'] as const;
export type CheckSource = (typeof CHECK_SOURCES)[number];
