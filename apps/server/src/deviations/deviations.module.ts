import { Module } from '@nestjs/common';
import { BenchDeviationsController, DeviationsController } from './deviations.controller';
import { DeviationsService } from './deviations.service';

@Module({
  controllers: [DeviationsController, BenchDeviationsController],
  providers: [DeviationsService],
  exports: [DeviationsService],
})
export class DeviationsModule {}
