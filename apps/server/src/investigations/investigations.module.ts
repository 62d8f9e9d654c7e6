import { Module } from '@nestjs/common';
import { InvestigationsController } from './investigations.controller';
import { InvestigationsService } from './investigations.service';
import { InvestigationViews } from './investigationViews.service';

@Module({
  controllers: [InvestigationsController],
  providers: [InvestigationsService, InvestigationViews],
  exports: [InvestigationsService, InvestigationViews],
})
export class InvestigationsModule {}
