import { Module } from '@nestjs/common';
import { InvestigationsModule } from '../investigations/investigations.module';
import { PhotosModule } from '../photos/photos.module';
import { RestoresController } from './restores.controller';
import { RestoresService } from './restores.service';

@Module({
  imports: [InvestigationsModule, PhotosModule],
  controllers: [RestoresController],
  providers: [RestoresService],
})
export class RestoresModule {}
