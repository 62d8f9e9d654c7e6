import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { ScreenController, ScreenLinksController } from './screens.controller';
import { ScreensService } from './screens.service';

@Module({ imports: [InvestigationsModule], controllers: [ScreenLinksController, ScreenController], providers: [ScreensService] })
export class ScreensModule {}
