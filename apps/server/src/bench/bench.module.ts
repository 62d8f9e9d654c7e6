import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { BenchController } from './bench.controller';
import { BenchService } from './bench.service';

@Module({ imports: [InvestigationsModule], controllers: [BenchController], providers: [BenchService] })
export class BenchModule {}
