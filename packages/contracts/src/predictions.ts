import { fault } from '@bright-sprout/words/say';
import { IsInt, IsOptional, IsString, Length, Matches, Max, Min } from 'class-validator';

/** What a team expects, before anything is sown. */
export class PredictionRequest {
  @IsOptional()
  @IsInt({ message: fault('refusals.daysWholeNumbers') })
  @Min(1, { message: fault('refusals.nothingComesDaySowing') })
  @Max(120, { message: fault('refusals.longerInvestigation') })
  firstSproutDay?: number | null;

  /** As typed, with its unit. */
  @IsOptional()
  @IsString({ message: fault('refusals.typeHeight') })
  @Length(1, 40, { message: fault('refusals.heightMostCharacters') })
  height?: string | null;

  @IsOptional()
  @Matches(/^[A-H]$/, { message: fault('refusals.chooseTreatments') })
  winner?: string | null;
}
