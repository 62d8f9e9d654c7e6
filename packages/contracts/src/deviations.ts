import { counted } from '@bright-sprout/core/words/plural';
import { IsIn, IsInt, IsOptional, IsString, IsUUID, Length, Max, Min } from 'class-validator';
import { IsMoment } from './moment';

/** What went otherwise than planned when a container was sown. */
export const DEVIATION_KINDS = [
  'counted',
  'extra-seed',
  'seed-missing',
  'broken-seed',
  'other-soil',
  'other-depth',
  'other-day',
  'other',
] as const;
export type DeviationKind = (typeof DEVIATION_KINDS)[number];

export const DEVIATION_WORDS: Record<DeviationKind, string> = {
  counted: 'seeds counted',
  'extra-seed': 'a seed too many',
  'seed-missing': 'a seed too few',
  'broken-seed': 'a broken seed',
  'other-soil': 'other soil, or less of it',
  'other-depth': 'another depth',
  'other-day': 'sown on another day',
  other: 'something else',
};

/** What went otherwise, with the seeds that were counted. */
export function deviationWords({ kind, seeds }: { kind: DeviationKind; seeds?: number | null }): string {
  return kind === 'counted' ? `${counted(seeds ?? 0, 'seed')} counted` : DEVIATION_WORDS[kind];
}

/** Its id is made on the device: sending it again changes nothing. */
export class SaveDeviationRequest {
  @IsUUID(undefined, { message: 'Say which container.' })
  containerId: string;

  @IsIn(DEVIATION_KINDS, { message: 'Choose what went otherwise.' })
  kind: DeviationKind;

  /** Seeds that were counted. */
  @IsOptional()
  @IsInt({ message: 'Seeds are whole numbers.' })
  @Min(0, { message: 'Seeds are counted from 0.' })
  @Max(1000, { message: 'At most 1000 seeds in a container.' })
  seeds?: number;

  @IsOptional()
  @IsString({ message: 'A note is text.' })
  @Length(1, 200, { message: 'A note has at most 200 characters.' })
  note?: string;

  /** When it was written down on the device; left out by devices of earlier versions. */
  @IsOptional()
  @IsMoment({ message: 'Say when.' })
  recordedAt?: string;
}

export interface DeviationView {
  id: string;
  containerId: string;
  kind: DeviationKind;
  /** Seeds that were counted; null for what is no number. */
  seeds: number | null;
  note: string | null;
}
