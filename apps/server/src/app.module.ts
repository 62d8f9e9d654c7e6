import { AllowedFieldsInterceptor } from './answers/allowedFields.interceptor';
import { DynamicModule, Global, Module } from '@nestjs/common';
import { APP_GUARD, APP_INTERCEPTOR } from '@nestjs/core';
import { seconds, ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { TypeOrmModule } from '@nestjs/typeorm';
import { type Request } from 'express';
import { AccessModule } from './access/access.module';
import { RequestCounts } from './access/requestCounts.service';
import { SessionsService } from './access/sessions.service';
import { ChecksModule } from './checks/checks.module';
import { ClassesModule } from './classes/classes.module';
import { Database } from './database/database';
import { databaseOptions } from './database/dataSource';
import { ExportsModule } from './exports/exports.module';
import { HealthController } from './health/health.controller';
import { FilmsModule } from './films/films.module';
import { ImportsModule } from './imports/imports.module';
import { InvestigationsModule } from './investigations/investigations.module';
import { KeepingModule } from './keeping/keeping.module';
import { PlaceInterceptor } from './live/placeInterceptor';
import { LiveModule } from './live/live.module';
import { PhotosModule } from './photos/photos.module';
import { PlansModule } from './plans/plans.module';
import { CareModule } from './care/care.module';
import { BenchModule } from './bench/bench.module';
import { HeldModule } from './held/held.module';
import { DeviationsModule } from './deviations/deviations.module';
import { SowingModule } from './sowing/sowing.module';
import { PredictionsModule } from './predictions/predictions.module';
import { ConcludeModule } from './conclude/conclude.module';
import { QuestionsModule } from './questions/questions.module';
import { WayInController } from './wayIn/wayIn.controller';
import { RestoresModule } from './restores/restores.module';
import { RoomModule } from './room/room.module';
import { RunningModule } from './running/running.module';
import { ScreensModule } from './screens/screens.module';
import { SeedsModule } from './seeds/seeds.module';
import { type Settings, SETTINGS } from './settings';
import { TogetherModule } from './together/together.module';

const REQUESTS_PER_MINUTE = 900;

@Global()
@Module({})
export class AppModule {
  static with(settings: Settings): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({ ...databaseOptions(settings.databaseUrl), retryAttempts: 3, retryDelay: 500 }),
        AccessModule,
        ThrottlerModule.forRootAsync({
          inject: [SessionsService, RequestCounts],
          useFactory: (sessions: SessionsService, storage: RequestCounts) => ({
            storage,
            throttlers: [{ ttl: seconds(60), limit: REQUESTS_PER_MINUTE }],
            // A class shares one address, so whoever holds a session is counted by it; a cookie that is made up is not one.
            getTracker: async (request) => {
              const from = request as unknown as Request;
              return (await sessions.holderOf(from)) ?? from.ip ?? 'unknown';
            },
          }),
        }),
        LiveModule,
        ClassesModule,
        InvestigationsModule,
        BenchModule,
        ChecksModule,
        ImportsModule,
        ExportsModule,
        RestoresModule,
        KeepingModule,
        PlansModule,
        SeedsModule,
        PredictionsModule,
        SowingModule,
        DeviationsModule,
        CareModule,
        HeldModule,
        RunningModule,
        ScreensModule,
        QuestionsModule,
        ConcludeModule,
        RoomModule,
        TogetherModule,
        PhotosModule,
        FilmsModule,
      ],
      controllers: [HealthController, WayInController],
      providers: [
        { provide: SETTINGS, useValue: settings },
        Database,
        { provide: APP_GUARD, useClass: ThrottlerGuard },
        { provide: APP_INTERCEPTOR, useClass: PlaceInterceptor },
        { provide: APP_INTERCEPTOR, useClass: AllowedFieldsInterceptor },
      ],
      exports: [SETTINGS, Database],
    };
  }
}
