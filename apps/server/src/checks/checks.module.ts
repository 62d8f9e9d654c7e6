import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { ArrivalDoubts } from './arrivalDoubts.service';
import { TeacherChecksController, TeamChecksController } from './checks.controller';
import { ChecksService } from './checks.service';

@Module({
  imports: [InvestigationsModule],
  controllers: [TeacherChecksController, TeamChecksController],
  providers: [ChecksService, ArrivalDoubts],
  exports: [ChecksService],
})
export class ChecksModule {}
