import { Module } from '@nestjs/common';
import { BenchCareController, CareController } from './care.controller';
import { CareService } from './care.service';

@Module({ controllers: [CareController, BenchCareController], providers: [CareService], exports: [CareService] })
export class CareModule {}
