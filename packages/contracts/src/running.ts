import { fault } from '@bright-sprout/words/say';
import { IsIn, IsInt, IsOptional, IsString, IsUUID, Length, Matches, Max, Min } from 'class-validator';

/** What a teacher changes while an investigation grows; each leaves its trace, and can be undone while the world allows it. */
export const RUN_CHANGES = ['move-team', 'late-sowing', 'from-reserve'] as const;
export type RunChangeKind = (typeof RUN_CHANGES)[number];

/** Its id is made in the browser: sending it again changes nothing. */
export class RunChangeRequest {
  @IsUUID(undefined, { message: fault('refusals.whichInvestigation') })
  investigationId: string;

  @IsIn(RUN_CHANGES, { message: fault('refusals.chooseChanged') })
  kind: RunChangeKind;

  /** The container that moves to another team, or that comes out of the reserve. */
  @IsOptional()
  @IsUUID(undefined, { message: fault('refusals.sayContainer') })
  containerId?: string;

  /** The team that looks after it from now on; left out, the class does. */
  @IsOptional()
  @IsUUID(undefined, { message: fault('refusals.chooseTeamClass') })
  teamId?: string;

  /** The lost container whose place and team one from the reserve takes. */
  @IsOptional()
  @IsUUID(undefined, { message: fault('refusals.sayContainerLost') })
  replacesId?: string;

  /** Treatment of a late sowing. */
  @IsOptional()
  @Matches(/^[A-H]$/, { message: fault('refusals.chooseTreatments') })
  treatment?: string;

  @IsOptional()
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: fault('common.chooseDaySowing') })
  sownOn?: string;

  @IsOptional()
  @IsInt({ message: fault('refusals.seedsWholeNumbers') })
  @Min(1, { message: fault('refusals.sowLeastSeed') })
  @Max(500, { message: fault('refusals.mostSeedsInContainer') })
  seeds?: number;

  @IsOptional()
  @IsString({ message: fault('refusals.reasonText') })
  @Length(1, 200, { message: fault('refusals.reasonMostCharacters') })
  note?: string;
}
