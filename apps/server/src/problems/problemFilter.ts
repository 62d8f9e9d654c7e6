import { type ProblemDetails } from '@bright-sprout/contracts/problems';
import { ArgumentsHost, Catch, ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import { ThrottlerException } from '@nestjs/throttler';
import { type Response } from 'express';
import { Problem, titleOf } from './problem';

const SENTENCES: Record<number, string> = {
  400: 'What was sent cannot be read. Nothing was saved.',
  404: 'There is nothing at this address.',
  405: 'This cannot be done at this address.',
  413: 'This is larger than what can be sent at once. Nothing was saved.',
  415: 'This kind of writing is not known here. Nothing was saved.',
};

/** Turns every error into problem details (RFC 9457) and keeps what is internal in the log. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = problemOf(error);
    if (problem.status >= 500) this.logger.error(error instanceof Error ? error.stack : String(error));
    // Half a file never ends as if it were whole.
    if (response.headersSent) return void response.destroy();
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }
}

/** Any error as problem details; what is internal is told as a sentence. */
export function problemOf(error: unknown): ProblemDetails {
  const about = (status: number, detail: string, more = {}): ProblemDetails => ({
    type: 'about:blank',
    title: titleOf(status),
    status,
    detail,
    ...more,
  });
  if (error instanceof Problem) return about(error.getStatus(), error.message, error.more);
  if (error instanceof ThrottlerException)
    return about(429, 'That was a lot at once. Wait a minute and go on; nothing was lost.');
  if (error instanceof HttpException)
    return about(error.getStatus(), SENTENCES[error.getStatus()] ?? 'This cannot be done. Nothing was changed.');
  // What the readers of bodies refuse carries its status.
  const status = (error as { status?: number } | null)?.status ?? 500;
  // An address that leads out of the folder of files leads nowhere.
  if (status === 403) return about(404, SENTENCES[404]!);
  if (status >= 400 && status < 500) return about(status, SENTENCES[status] ?? SENTENCES[400]!);
  return about(500, 'The server could not finish this. Nothing was changed; please try again.');
}
