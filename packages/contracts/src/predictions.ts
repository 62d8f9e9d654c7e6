import { fault } from '@bright-sprout/words/say';
import { type PredictionKind } from '@bright-sprout/core/plan/document/planDocument';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { IsInt, IsOptional, IsString, Length, Matches, Max, Min } from 'class-validator';
import { type TeamView } from './classes';

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

export interface PredictionAnswer {
  firstSproutDay: number | null;
  heightMm: number | null;
  winner: string | null;
}

/** What a team is asked to predict; from sowing on it can only be read. */
export interface BenchPrediction {
  planId: string;
  /** Whose answer it is: a tablet may change hands. */
  teamId: string;
  question: string;
  speciesName: string;
  resolution: RulerResolution;
  kinds: PredictionKind[];
  treatments: { code: string; label: string }[];
  /** Day number for which the height is asked. */
  heightDay: number;
  answer: PredictionAnswer | null;
  /** Sown: what was said is locked, and can be compared with what came. */
  sown: boolean;
}

export interface TeamPrediction extends PredictionAnswer {
  team: TeamView;
  recordedAt: string;
}
