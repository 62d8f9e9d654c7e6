import { Module } from '@nestjs/common';
import { PhotosModule } from '../photos/photos.module';
import { KeepingController } from './keeping.controller';
import { KeepingService } from './keeping.service';
import { SweepingService } from './sweeping.service';

@Module({ imports: [PhotosModule], controllers: [KeepingController], providers: [KeepingService, SweepingService] })
export class KeepingModule {}
