import { Module } from '@nestjs/common';
import { InvestigationsController } from './investigations.controller';
import { InvestigationsService } from './investigations.service';
import { RecordsService } from './records.service';
import { InvestigationViews } from './investigationViews.service';

@Module({
  controllers: [InvestigationsController],
  providers: [InvestigationsService, InvestigationViews, RecordsService],
  exports: [InvestigationsService, InvestigationViews, RecordsService],
})
export class InvestigationsModule {}
