import { Module } from '@nestjs/common';
import { SeedLotsController } from './seedLots.controller';
import { SeedLotsService } from './seedLots.service';

@Module({ controllers: [SeedLotsController], providers: [SeedLotsService], exports: [SeedLotsService] })
export class SeedsModule {}
