import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { SeedsModule } from '../seeds/seeds.module';
import { SowingController } from './sowing.controller';
import { SowingService } from './sowing.service';

@Module({ imports: [InvestigationsModule, SeedsModule], controllers: [SowingController], providers: [SowingService] })
export class SowingModule {}
