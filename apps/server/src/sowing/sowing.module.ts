import { Module } from '@nestjs/common';
import { BenchSowingController, SowingController } from './sowing.controller';
import { SowingService } from './sowing.service';

@Module({ controllers: [SowingController, BenchSowingController], providers: [SowingService] })
export class SowingModule {}
