import { Module } from '@nestjs/common';
import { BenchTogetherController, TogetherController } from './together.controller';
import { TogetherService } from './together.service';

@Module({ controllers: [TogetherController, BenchTogetherController], providers: [TogetherService] })
export class TogetherModule {}
