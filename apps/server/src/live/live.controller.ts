import { type LiveEvent } from '@bright-sprout/contracts/live';
import { Controller, MessageEvent, Req, Sse, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { type Request } from 'express';
import { concatMap, from, filter, interval, map, merge, type Observable, takeWhile } from 'rxjs';
import { TeacherGuard } from '../access/guards';
import { Asking, type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { SessionsService } from '../access/sessions.service';
import { ChangesService } from './changes.service';

const HEARTBEAT_MS = 20_000;

@ApiTags('live')
@Controller('events')
@UseGuards(TeacherGuard)
export class LiveController {
  constructor(
    private readonly changes: ChangesService,
    private readonly scope: Scope,
    private readonly sessions: SessionsService,
  ) {}

  /**
   * Server-sent events about the teacher's own classes, also those that are made later. A heartbeat keeps proxies from closing the
   * line, and ends it where the teacher has signed out.
   */
  @Sse()
  events(@Asking() teacher: TeacherRequester, @Req() request: Request): Observable<MessageEvent> {
    const own = new Set<string>();
    const isOwn = async ({ classId }: LiveEvent) => {
      // A class that is not known yet may have been made a moment ago.
      if (!own.has(classId)) for (const { id } of await this.scope.classesOf(teacher)) own.add(id);
      return own.has(classId);
    };
    const news = this.changes.listen().pipe(
      concatMap((event) =>
        from(isOwn(event).catch(() => false)).pipe(
          filter(Boolean),
          map(() => event),
        ),
      ),
      map((event): MessageEvent => ({ type: 'change', id: event.id, data: event })),
    );
    const beats = interval(HEARTBEAT_MS).pipe(
      concatMap(() =>
        this.sessions.teacher(request).then(
          (still) => still !== null,
          () => true,
        ),
      ),
      map((still): MessageEvent => ({ type: still ? 'heartbeat' : END, data: '' })),
    );
    return merge(news, beats).pipe(takeWhile((event) => event.type !== END));
  }
}

const END = 'end';
