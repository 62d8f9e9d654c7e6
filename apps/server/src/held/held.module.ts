import { Module } from '@nestjs/common';
import { CareModule } from '../care/care.module';
import { ChecksModule } from '../checks/checks.module';
import { DeviationsModule } from '../deviations/deviations.module';
import { HeldController, TeamHeldController } from './held.controller';
import { HeldService } from './held.service';

@Module({
  imports: [ChecksModule, CareModule, DeviationsModule],
  controllers: [HeldController, TeamHeldController],
  providers: [HeldService],
})
export class HeldModule {}
