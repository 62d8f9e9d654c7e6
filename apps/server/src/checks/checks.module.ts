import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { ChecksController, TeacherChecksController } from './checks.controller';
import { ChecksService } from './checks.service';

@Module({ imports: [InvestigationsModule], controllers: [ChecksController, TeacherChecksController], providers: [ChecksService] })
export class ChecksModule {}
