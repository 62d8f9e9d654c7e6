import { type LiveEvent } from '@bright-sprout/contracts/answers/live';
import { Controller, MessageEvent, Query, Req, Sse, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { type Request } from 'express';
import { type Observable } from 'rxjs';
import { TeacherGuard, TeamGuard } from '../access/guards';
import { Asking, type TeacherRequester, type TeamRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { SessionsService } from '../access/sessions.service';
import { ChangesService, type PlacedChange } from './changes.service';
import { newsLine, markIn } from './newsLine';

@ApiTags('live')
@Controller('events')
@UseGuards(TeacherGuard)
export class LiveController {
  constructor(
    private readonly changes: ChangesService,
    private readonly scope: Scope,
    private readonly sessions: SessionsService,
  ) {}

  /** News of the teacher's own classes, also of those that are made later; from `after` on, or from where the line broke. */
  @Sse()
  events(@Asking() teacher: TeacherRequester, @Req() request: Request, @Query('after') after?: string): Observable<MessageEvent> {
    const own = new Set<string>();
    const see = async ({ kind, classId, investigationId, subjectId }: PlacedChange): Promise<LiveEvent | null> => {
      // A class that is not known yet may have been made a moment ago.
      if (!own.has(classId)) for (const { id } of await this.scope.classesOf(teacher)) own.add(id);
      return own.has(classId) ? { kind, classId, investigationId, subjectId } : null;
    };
    const still = async () => (await this.sessions.teacher(request)) !== null;
    return newsLine(this.changes, { after: markIn(request.headers, after), see, still });
  }
}

@ApiTags('live')
@Controller('bench/events')
@UseGuards(TeamGuard)
export class BenchLiveController {
  constructor(
    private readonly changes: ChangesService,
    private readonly sessions: SessionsService,
  ) {}

  /** News of the team's class: what it is about, never what it says. */
  @Sse()
  events(@Asking() team: TeamRequester, @Req() request: Request, @Query('after') after?: string): Observable<MessageEvent> {
    const see = ({ kind, classId, investigationId, subjectId, teamId }: PlacedChange): LiveEvent | null => {
      if (classId !== team.classId || kind === 'room-changed' || kind === 'screen-changed') return null;
      const own = teamId === null || teamId === team.teamId;
      return { kind, investigationId, subjectId: own ? subjectId : null, own };
    };
    const still = async () => (await this.sessions.team(request))?.teamId === team.teamId;
    return newsLine(this.changes, { after: markIn(request.headers, after), see, still });
  }
}
