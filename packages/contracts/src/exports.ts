import 'reflect-metadata';
import { LICENCES, type LicenceName } from '@bright-sprout/core/formats/export/dataPackage';
import { IsIn, IsOptional } from 'class-validator';

export class PackageQuery {
  /** Under which licence the records are given away. */
  @IsOptional()
  @IsIn(Object.keys(LICENCES), { message: 'Choose who may use the records.' })
  licence: LicenceName = 'class-only';
}
