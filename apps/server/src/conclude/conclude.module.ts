import { Module } from '@nestjs/common';
import { ClaimsService } from './claims.service';
import { BenchConcludeController, ConcludeController } from './conclude.controller';
import { LessonService } from './lesson.service';

@Module({ controllers: [ConcludeController, BenchConcludeController], providers: [ClaimsService, LessonService] })
export class ConcludeModule {}
