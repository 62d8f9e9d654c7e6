import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { PhotosModule } from '../photos/photos.module';
import { CountsService } from './counts.service';
import { BenchFilmsController, FilmsController } from './films.controller';
import { FilmsService } from './films.service';
import { FramesService } from './frames.service';

@Module({
  imports: [InvestigationsModule, PhotosModule],
  controllers: [FilmsController, BenchFilmsController],
  providers: [FilmsService, FramesService, CountsService],
})
export class FilmsModule {}
