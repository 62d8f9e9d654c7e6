import { Global, Module } from '@nestjs/common';
import { ChangesService } from './changes.service';
import { LiveController } from './live.controller';

@Global()
@Module({ controllers: [LiveController], providers: [ChangesService], exports: [ChangesService] })
export class LiveModule {}
