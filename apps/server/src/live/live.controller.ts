import { Controller, MessageEvent, Sse, UseGuards } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { filter, interval, map, merge, type Observable } from 'rxjs';
import { TeacherGuard } from '../access/guards';
import { Asking, type TeacherRequester } from '../access/requester';
import { Scope } from '../access/scope.service';
import { ChangesService } from './changes.service';

const HEARTBEAT_MS = 20_000;

@ApiTags('live')
@Controller('events')
@UseGuards(TeacherGuard)
export class LiveController {
  constructor(
    private readonly changes: ChangesService,
    private readonly scope: Scope,
  ) {}

  /** Server-sent events about the teacher's own classes; a heartbeat keeps proxies from closing the line. */
  @Sse()
  async events(@Asking() teacher: TeacherRequester): Promise<Observable<MessageEvent>> {
    const own = new Set((await this.scope.classesOf(teacher)).map((c) => c.id));
    const news = this.changes.listen().pipe(
      filter((event) => own.has(event.classId)),
      map((event): MessageEvent => ({ type: 'change', id: event.id, data: event })),
    );
    return merge(news, interval(HEARTBEAT_MS).pipe(map((): MessageEvent => ({ type: 'heartbeat', data: '' }))));
  }
}
