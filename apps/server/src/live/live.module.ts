import { Global, Module } from '@nestjs/common';
import { ChangesService } from './changes.service';
import { BenchLiveController, LiveController } from './live.controller';

@Global()
@Module({ controllers: [LiveController, BenchLiveController], providers: [ChangesService], exports: [ChangesService] })
export class LiveModule {}
