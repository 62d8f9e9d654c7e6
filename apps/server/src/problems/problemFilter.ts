import { sayTold, type Told, told } from '@bright-sprout/words/say';
import { type ProblemDetails } from '@bright-sprout/contracts/problems';
import { ArgumentsHost, Catch, ExceptionFilter, HttpException, Logger } from '@nestjs/common';
import { ThrottlerException } from '@nestjs/throttler';
import { type Response } from 'express';
import { Problem, titleOf } from './problem';

const SENTENCES: Readonly<Record<number, Told>> = {
  400: told('refusals.sentCannotReadNothing'),
  404: told('refusals.nothingAddress'),
  405: told('refusals.cannotDoneAddress'),
  413: told('refusals.largerSentOnceNothing'),
  415: told('refusals.kindWritingKnownNothing'),
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
  const about = (status: number, told: Told, more = {}): ProblemDetails => ({
    type: 'about:blank',
    title: titleOf(status),
    status,
    detail: sayTold(told),
    ...told,
    ...more,
  });
  if (error instanceof Problem) {
    const { fields, ...more } = error.more;
    const errors = fields?.map(({ path, wrong }) => ({ path, sentence: sayTold(wrong), ...wrong }));
    return about(error.getStatus(), error.told, { ...more, ...(errors && { errors }) });
  }
  if (error instanceof ThrottlerException) return about(429, told('refusals.lotOnceWaitMinute'));
  if (error instanceof HttpException)
    return about(error.getStatus(), SENTENCES[error.getStatus()] ?? told('refusals.cannotDoneNothingChanged'));
  // What the readers of bodies refuse carries its status.
  const status = (error as { status?: number } | null)?.status ?? 500;
  // An address that leads out of the folder of files leads nowhere.
  if (status === 403) return about(404, SENTENCES[404]!);
  if (status >= 400 && status < 500) return about(status, SENTENCES[status] ?? SENTENCES[400]!);
  return about(500, told('refusals.serverFinishNothingChanged'));
}
