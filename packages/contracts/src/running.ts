import { IsIn, IsInt, IsOptional, IsString, IsUUID, Length, Matches, Max, Min } from 'class-validator';

/** What a teacher changes while an investigation grows; each leaves its trace, and can be undone while the world allows it. */
export const RUN_CHANGES = ['move-team', 'late-sowing', 'from-reserve'] as const;
export type RunChangeKind = (typeof RUN_CHANGES)[number];

/** Its id is made in the browser: sending it again changes nothing. */
export class RunChangeRequest {
  @IsUUID(undefined, { message: 'Say which investigation.' })
  investigationId: string;

  @IsIn(RUN_CHANGES, { message: 'Choose what is changed.' })
  kind: RunChangeKind;

  /** The container that moves to another team, or that comes out of the reserve. */
  @IsOptional()
  @IsUUID(undefined, { message: 'Say which container.' })
  containerId?: string;

  /** The team that looks after it from now on; left out, the class does. */
  @IsOptional()
  @IsUUID(undefined, { message: 'Choose a team of the class.' })
  teamId?: string;

  /** The lost container whose place and team one from the reserve takes. */
  @IsOptional()
  @IsUUID(undefined, { message: 'Say which container is lost.' })
  replacesId?: string;

  /** Treatment of a late sowing. */
  @IsOptional()
  @Matches(/^[A-H]$/, { message: 'Choose one of the treatments.' })
  treatment?: string;

  @IsOptional()
  @Matches(/^\d{4}-\d{2}-\d{2}$/, { message: 'Choose the day of sowing.' })
  sownOn?: string;

  @IsOptional()
  @IsInt({ message: 'Seeds are whole numbers.' })
  @Min(1, { message: 'Sow at least one seed.' })
  @Max(500, { message: 'At most 500 seeds in a container.' })
  seeds?: number;

  @IsOptional()
  @IsString({ message: 'A reason is text.' })
  @Length(1, 200, { message: 'A reason has at most 200 characters.' })
  note?: string;
}

export interface RunChangeView {
  id: string;
  kind: RunChangeKind;
  containerId: string;
  code: string;
  /** Teams before and after, for a move; null is the class. */
  fromTeam: string | null;
  toTeam: string | null;
  /** Code of the container whose place it has taken. */
  replaces: string | null;
  note: string | null;
  recordedAt: string;
  undone: boolean;
}
