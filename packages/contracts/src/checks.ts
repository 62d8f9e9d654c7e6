import 'reflect-metadata';
import { LOST_REASONS, type LostReason, READING_STATES, type ReadingState } from '@bright-sprout/core/measure/reading';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsISO8601,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  Min,
  ValidateNested,
} from 'class-validator';
import { type InvestigationView, type ReadingView } from './investigations';
import { type TeamView } from './classes';

export class ReadingRequest {
  @IsUUID(undefined, { message: 'A reading has an id made by the device.' })
  id: string;

  @IsString({ message: 'Say which plant.' })
  @Length(1, 20, { message: 'The tag of a plant has at most 20 characters.' })
  plant: string;

  @IsIn(READING_STATES, { message: 'A plant is measured, not up, lost, or could not be checked.' })
  state: ReadingState;

  /** As typed, with its unit: `16.0 cm`. The server computes the millimetres from it. */
  @IsOptional()
  @IsString({ message: 'Type the height.' })
  @Length(1, 40, { message: 'A height has at most 40 characters.' })
  typed?: string;

  @IsOptional()
  @IsInt({ message: 'Leaves are counted in whole numbers.' })
  @Min(0, { message: 'Leaves are counted from 0.' })
  @Max(99, { message: 'At most 99 leaves.' })
  leaves?: number;

  @IsOptional()
  @IsIn(LOST_REASONS, { message: 'Say why the plant was lost.' })
  lostReason?: LostReason;

  @IsOptional()
  @IsString({ message: 'A note is text.' })
  @Length(1, 500, { message: 'A note has at most 500 characters.' })
  note?: string;

  /** The reading that this one corrects. */
  @IsOptional()
  @IsUUID(undefined, { message: 'A correction names the reading it corrects.' })
  supersedes?: string;
}

/** One look at one container. Its id is made on the device: sending it again changes nothing. */
export class SaveCheckRequest {
  @IsUUID(undefined, { message: 'Say which container was checked.' })
  containerId: string;

  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Say on which day the container was checked.' })
  day: string;

  @IsISO8601({ strict: true }, { message: 'Say when the check was made.' })
  recordedAt: string;

  @IsArray({ message: 'A check has readings.' })
  @ArrayMinSize(1, { message: 'A check has at least one reading.' })
  @ArrayMaxSize(20, { message: 'A check has at most 20 readings.' })
  @ValidateNested({ each: true })
  @Type(() => ReadingRequest)
  readings: ReadingRequest[];
}

export interface SavedCheck {
  id: string;
  receivedAt: string;
}

/** What a team's device shows: its own containers and their records. */
export interface BenchView {
  team: TeamView;
  className: string;
  /** Today in the class's time zone. */
  today: string;
  /** Newest growing investigation first; containers are the team's own. */
  investigations: { investigation: InvestigationView; readings: ReadingView[] }[];
}
