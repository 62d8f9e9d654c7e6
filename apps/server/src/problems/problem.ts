import { type ProblemDetails } from '@bright-sprout/contracts/problems';
import { HttpException } from '@nestjs/common';

const TITLES: Record<number, string> = {
  400: 'Something is missing or wrong',
  401: 'Please sign in',
  403: 'Not allowed',
  404: 'Not found',
  409: 'It was changed in the meantime',
  413: 'Too large',
  422: 'This cannot be saved',
  429: 'Too many tries',
  500: 'Something broke on our side',
};

export function titleOf(status: number): string {
  return TITLES[status] ?? 'It did not work';
}

/** An error with a sentence for a teacher: what happened, what was kept, what to do. */
export class Problem extends HttpException {
  constructor(
    status: number,
    detail: string,
    readonly more: Partial<Pick<ProblemDetails, 'type' | 'errors' | 'current'>> = {},
  ) {
    super(detail, status);
  }
}

/** Used for what does not exist and for what is beyond the asker's fence alike, so that a fence tells nothing. */
export function notFound(what: string): Problem {
  return new Problem(404, `${what} does not exist, or it is not yours to see.`);
}
