import { type ProblemDetails } from '@bright-sprout/contracts/problems';
import { ArgumentsHost, Catch, ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import { ThrottlerException } from '@nestjs/throttler';
import { type Response } from 'express';
import { Problem, titleOf } from './problem';

/** Turns every error into problem details (RFC 9457) and keeps what is internal in the log. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) return void response.end();
    const problem = this.describe(error);
    if (problem.status >= 500) this.logger.error(error instanceof Error ? error.stack : String(error));
    response.status(problem.status).type('application/problem+json').send(JSON.stringify(problem));
  }

  private describe(error: unknown): ProblemDetails {
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
      return about(error.getStatus(), error.getStatus() === 404 ? 'There is nothing at this address.' : error.message);
    const status = (error as { status?: number } | null)?.status;
    if (status === 413) return about(413, 'This is larger than what can be sent at once. Nothing was saved.');
    if (status === 400) return about(400, 'What was sent cannot be read. Nothing was saved.');
    return about(500, 'The server could not finish this. Nothing was changed; please try again.');
  }
}
