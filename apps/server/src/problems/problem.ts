import { type ProblemDetails } from '@bright-sprout/contracts/problems';
import { type PlainKey, say, sayTold, type Told, told } from '@bright-sprout/words/say';
import { HttpException } from '@nestjs/common';

const TITLES: Readonly<Record<number, PlainKey>> = {
  400: 'refusals.somethingMissingWrong',
  401: 'refusals.pleaseSign',
  403: 'refusals.notAllowed',
  404: 'refusals.notFound',
  409: 'refusals.changedMeantime',
  413: 'refusals.tooLarge',
  422: 'refusals.cannotSaved',
  429: 'refusals.tooManyTries',
  500: 'refusals.somethingBrokeSide',
};

export const titleOf = (status: number): string => say(TITLES[status] ?? 'refusals.itDidNotWork');

/** A wrong field, with what is said of it. */
export interface WrongField {
  path: string;
  wrong: Told;
}

/** An error with a sentence for a teacher: what happened, what was kept, what to do. */
export class Problem extends HttpException {
  constructor(
    status: number,
    readonly told: Told,
    readonly more: Partial<Pick<ProblemDetails, 'type' | 'current'>> & { fields?: WrongField[] } = {},
  ) {
    super(sayTold(told), status);
  }
}

/** One wrong field, of which there is nothing more to say than what is wrong. */
export function wrongField(status: number, path: string, wrong: Told): Problem {
  return new Problem(status, wrong, { fields: [{ path, wrong }] });
}

/** A sentence of the core, which has been said already. */
export const asTold = (reason: string): Told => told('refusals.asTold', { reason });

/** Used for what does not exist and for what is beyond the asker's fence alike, so that a fence tells nothing. */
export function notFound(what: Told): Problem {
  return new Problem(404, told('refusals.existYoursSee', { what: sayTold(what) }));
}
