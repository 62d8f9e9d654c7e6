import { fault } from '@bright-sprout/words/say';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { IsString, IsUUID, Length } from 'class-validator';
import { type TeamView } from './classes';

/** Opens one plant for the whole class. */
export class OpenTogetherRequest {
  @IsUUID(undefined, { message: fault('refusals.sayInvestigation3') })
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

export interface TogetherView {
  id: string;
  containerId: string;
  code: string;
  openedAt: string;
  /** What the class settled on; null while it is open. */
  settledMm: number | null;
  /** Nothing more is read; without a value the class did not settle. */
  closed: boolean;
  readings: { team: TeamView; valueMm: number; typed: string }[];
}

/** What a team's device is asked while a plant is open. */
export interface BenchTogether {
  id: string;
  containerId: string;
  code: string;
  /** Letter and label of its treatment. */
  treatment: { code: string; label: string };
  habit: Habit;
  resolution: RulerResolution;
  /** What this team has sent, as typed. */
  typed: string | null;
}
