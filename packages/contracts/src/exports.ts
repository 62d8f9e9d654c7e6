import { fault } from '@bright-sprout/words/say';
import 'reflect-metadata';
import { LICENCES, type LicenceName } from '@bright-sprout/core/formats/export/dataPackage';
import { IsIn, IsOptional } from 'class-validator';

export class PackageQuery {
  /** Under which licence the records are given away. */
  @IsOptional()
  @IsIn(Object.keys(LICENCES), { message: fault('refusals.chooseMayUseRecords') })
  licence: LicenceName = 'class-only';
}
