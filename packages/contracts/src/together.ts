import { fault } from '@bright-sprout/words/say';
import { IsString, IsUUID, Length } from 'class-validator';

/** Opens one plant for the whole class. */
export class OpenTogetherRequest {
  @IsUUID(undefined, { message: fault('refusals.whichInvestigation') })
  investigationId: string;

  @IsUUID(undefined, { message: fault('refusals.choosePlantEverybodyReads') })
  containerId: string;
}

export class TogetherReadingRequest {
  /** As typed, with its unit. */
  @IsString({ message: fault('refusals.typeHeight') })
  @Length(1, 40, { message: fault('refusals.heightMostCharacters') })
  typed: string;
}
