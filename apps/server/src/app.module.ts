import { DynamicModule, Global, Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { seconds, ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { TypeOrmModule } from '@nestjs/typeorm';
import { type Request } from 'express';
import { AccessModule } from './access/access.module';
import { ChecksModule } from './checks/checks.module';
import { ClassesModule } from './classes/classes.module';
import { databaseOptions } from './database/dataSource';
import { Transactions } from './database/transactions';
import { HealthController } from './health/health.controller';
import { ImportsModule } from './imports/imports.module';
import { InvestigationsModule } from './investigations/investigations.module';
import { LiveModule } from './live/live.module';
import { PhotosModule } from './photos/photos.module';
import { PlansModule } from './plans/plans.module';
import { CareModule } from './care/care.module';
import { BenchModule } from './bench/bench.module';
import { HeldModule } from './held/held.module';
import { DeviationsModule } from './deviations/deviations.module';
import { SowingModule } from './sowing/sowing.module';
import { PredictionsModule } from './predictions/predictions.module';
import { RoomModule } from './room/room.module';
import { RunningModule } from './running/running.module';
import { ScreensModule } from './screens/screens.module';
import { SeedsModule } from './seeds/seeds.module';
import { type Settings, SETTINGS } from './settings';
import { TogetherModule } from './together/together.module';

/** A class shares one address, so whoever holds a session is counted by it; the rest by address. */
function trackerOf(request: Record<string, unknown>): string {
  const { cookies, ip } = request as unknown as Request;
  const jar = cookies as Record<string, string> | undefined;
  return jar?.sprout_team ?? jar?.sprout_teacher ?? ip ?? 'unknown';
}

const REQUESTS_PER_MINUTE = 900;

@Global()
@Module({})
export class AppModule {
  static with(settings: Settings): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({ ...databaseOptions(settings.databaseUrl), retryAttempts: 3, retryDelay: 500 }),
        ThrottlerModule.forRoot({ throttlers: [{ ttl: seconds(60), limit: REQUESTS_PER_MINUTE }], getTracker: trackerOf }),
        AccessModule,
        LiveModule,
        ClassesModule,
        InvestigationsModule,
        BenchModule,
        ChecksModule,
        ImportsModule,
        PlansModule,
        SeedsModule,
        PredictionsModule,
        SowingModule,
        DeviationsModule,
        CareModule,
        HeldModule,
        RunningModule,
        ScreensModule,
        RoomModule,
        TogetherModule,
        PhotosModule,
      ],
      controllers: [HealthController],
      providers: [{ provide: SETTINGS, useValue: settings }, Transactions, { provide: APP_GUARD, useClass: ThrottlerGuard }],
      exports: [SETTINGS, Transactions],
    };
  }
}
