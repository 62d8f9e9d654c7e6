import { Module } from '@nestjs/common';
import { BenchCareController, CareController } from './care.controller';
import { CareService } from './care.service';

@Module({ controllers: [CareController, BenchCareController], providers: [CareService] })
export class CareModule {}
