import { say, fault } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
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

export const DEVIATION_WORDS: Record<DeviationKind, string> = spoken({
  counted: 'refusals.seedsCounted',
  'extra-seed': 'refusals.seedTooMany',
  'seed-missing': 'refusals.seedTooFew',
  'broken-seed': 'refusals.brokenSeed',
  'other-soil': 'refusals.otherSoilLess',
  'other-depth': 'refusals.anotherDepth',
  'other-day': 'refusals.sownAnotherDay',
  other: 'refusals.somethingElse',
});

/** What went otherwise, with the seeds that were counted. */
export function deviationWords({ kind, seeds }: { kind: DeviationKind; seeds?: number | null }): string {
  return kind === 'counted' ? say('refusals.seedSeedsCounted', { seeds: seeds ?? 0 }) : DEVIATION_WORDS[kind];
}

/** Its id is made on the device: sending it again changes nothing. */
export class SaveDeviationRequest {
  @IsUUID(undefined, { message: fault('refusals.sayContainer') })
  containerId: string;

  @IsIn(DEVIATION_KINDS, { message: fault('refusals.chooseWhatWentDifferently') })
  kind: DeviationKind;

  /** Seeds that were counted. */
  @IsOptional()
  @IsInt({ message: fault('refusals.seedsWholeNumbers') })
  @Min(0, { message: fault('refusals.seedsCountedFromZero') })
  @Max(1000, { message: fault('refusals.mostSeedsContainer') })
  seeds?: number;

  @IsOptional()
  @IsString({ message: fault('refusals.noteText') })
  @Length(1, 200, { message: fault('refusals.noteMostCharacters') })
  note?: string;

  /** When it was written down on the device. */
  @IsMoment({ message: fault('refusals.sayWhen') })
  recordedAt: string;
}
