import { PLACE_HEADER } from '@bright-sprout/contracts/live';
import { CallHandler, ExecutionContext, Injectable, NestInterceptor } from '@nestjs/common';
import { type Request, type Response } from 'express';
import { type Observable } from 'rxjs';
import { ChangesService } from './changes.service';

/** Every answer to a question says up to which place in the news it knows: looked up before anything else is read. */
@Injectable()
export class PlaceInterceptor implements NestInterceptor {
  constructor(private readonly changes: ChangesService) {}

  async intercept(context: ExecutionContext, handler: CallHandler): Promise<Observable<unknown>> {
    const http = context.switchToHttp();
    const { method, path } = http.getRequest<Request>();
    if (method === 'GET' && !path.endsWith('/events') && path !== '/api/health')
      http.getResponse<Response>().set(PLACE_HEADER, await this.changes.mark());
    return handler.handle();
  }
}
