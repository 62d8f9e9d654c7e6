import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { ChecksController } from './checks.controller';
import { ChecksService } from './checks.service';

@Module({ imports: [InvestigationsModule], controllers: [ChecksController], providers: [ChecksService] })
export class ChecksModule {}
