import { SSE_METADATA } from '@nestjs/common/constants';
import { type CallHandler, type ExecutionContext, Injectable, type NestInterceptor, StreamableFile } from '@nestjs/common';
import { map, type Observable } from 'rxjs';
import { allowed, OtherFieldsError } from './allowed';
import { allowedOf } from './answers';

/** Whatever a route answers with leaves by the fields of its schema; a route without one answers with nothing, or with a file. */
@Injectable()
export class AllowedFieldsInterceptor implements NestInterceptor {
  intercept(context: ExecutionContext, handler: CallHandler): Observable<unknown> {
    const schema = allowedOf(context.getHandler());
    if (Reflect.hasMetadata(SSE_METADATA, context.getHandler())) return handler.handle();
    return handler.handle().pipe(
      map((answer: unknown) => {
        if (answer === undefined || answer instanceof StreamableFile) return answer;
        if (!schema) throw new OtherFieldsError(`${context.getHandler().name} answers with fields, and none are allowed.`);
        return allowed(schema, answer);
      }),
    );
  }
}
