import { told } from '@bright-sprout/words/say';
import { type CallHandler, type ExecutionContext, type NestInterceptor, type Type, UseInterceptors } from '@nestjs/common';
import { type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { type Observable } from 'rxjs';
import { Problem } from './problem';

/** Nothing that is sent lies deeper. */
const DEEPEST = 24;

/** Broken letters and lists within lists within lists come from no page of ours, and other programs stumble over them. */
export function refuseWhatNobodyWrites(request: Request, _response: Response, next: NextFunction): void {
  next(isWritten(request.body, 0) ? undefined : new Problem(400, told('refusals.sentCannotReadNothing')));
}

function isWritten(value: unknown, depth: number): boolean {
  if (typeof value === 'string') return !/[\uD800-\uDFFF]/u.test(value) && !value.includes('\u0000');
  if (typeof value !== 'object' || value === null || Buffer.isBuffer(value)) return true;
  return depth < DEEPEST && Object.entries(value).every(([key, inner]) => isWritten(key, depth) && isWritten(inner, depth + 1));
}

/** Reads a large body once the guards have let its sender through: nobody else can make the server hold it. */
export const LargeBody = (reader: RequestHandler): MethodDecorator => UseInterceptors(readingWith(reader));

function readingWith(reader: RequestHandler): Type<NestInterceptor> {
  return class implements NestInterceptor {
    async intercept(context: ExecutionContext, handler: CallHandler): Promise<Observable<unknown>> {
      const http = context.switchToHttp();
      const [request, response] = [http.getRequest<Request>(), http.getResponse<Response>()];
      for (const step of [reader, refuseWhatNobodyWrites])
        await new Promise<void>((done, failed) =>
          step(request, response, (error?: unknown) => (error ? failed(error as Error) : done())),
        );
      return handler.handle();
    }
  };
}
