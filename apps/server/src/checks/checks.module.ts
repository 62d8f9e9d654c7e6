import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { ArrivalDoubts } from './arrivalDoubts.service';
import { ChecksController, TeacherChecksController } from './checks.controller';
import { ChecksService } from './checks.service';

@Module({
  imports: [InvestigationsModule],
  controllers: [ChecksController, TeacherChecksController],
  providers: [ChecksService, ArrivalDoubts],
})
export class ChecksModule {}
