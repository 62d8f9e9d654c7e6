import { Global, Module } from '@nestjs/common';
import { AccessController } from './access.controller';
import { AccessService } from './access.service';
import { AttemptsService } from './attempts.service';
import { TeacherGuard, TeamGuard } from './guards';
import { PinsService } from './pins.service';
import { Scope } from './scope.service';
import { RequestCounts } from './requestCounts.service';
import { SessionsService } from './sessions.service';

/** Signing in, joining, and the fences around schools and classes. */
@Global()
@Module({
  controllers: [AccessController],
  providers: [AccessService, AttemptsService, PinsService, Scope, SessionsService, RequestCounts, TeacherGuard, TeamGuard],
  exports: [AttemptsService, PinsService, Scope, SessionsService, RequestCounts, TeacherGuard, TeamGuard],
})
export class AccessModule {}
