import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { PlansController } from './plans.controller';
import { PlansService } from './plans.service';

@Module({ imports: [InvestigationsModule], controllers: [PlansController], providers: [PlansService] })
export class PlansModule {}
