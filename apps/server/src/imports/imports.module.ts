import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { ImportsController } from './imports.controller';
import { ImportsService } from './imports.service';

@Module({ imports: [InvestigationsModule], controllers: [ImportsController], providers: [ImportsService] })
export class ImportsModule {}
