import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { SeedsModule } from '../seeds/seeds.module';
import { PlansController } from './plans.controller';
import { PlansService } from './plans.service';

@Module({ imports: [InvestigationsModule, SeedsModule], controllers: [PlansController], providers: [PlansService] })
export class PlansModule {}
