import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { PhotosModule } from '../photos/photos.module';
import { ExportRecords } from './exportRecords.service';
import { ExportsController } from './exports.controller';
import { ExportsService } from './exports.service';

@Module({
  imports: [InvestigationsModule, PhotosModule],
  controllers: [ExportsController],
  providers: [ExportsService, ExportRecords],
})
export class ExportsModule {}
