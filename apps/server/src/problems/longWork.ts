import { told } from '@bright-sprout/words/say';
import { type LongWorkLine } from '@bright-sprout/contracts/longWork';
import { type Request, type Response } from 'express';
import { type Static, type TSchema } from '@sinclair/typebox';
import { allowed } from '../answers/allowed';
import { Problem } from './problem';
import { problemOf } from './problemFilter';

/** Told how far a long piece of work is; throws where nobody waits for it any more, so that it is undone as a whole. */
export type Progress = (done: number, of: number) => void;

const LINES = 'application/x-ndjson';

/**
 * Does what takes more than a moment. Who asks for lines is told how far it is, and ends it by going away; who does not is answered as
 * ever. Whatever fails before the first line is an answer with its status, later it is the last line.
 */
export async function longWork<S extends TSchema>(
  request: Request,
  response: Response,
  answers: S,
  work: (progress: Progress) => Promise<Static<S>>,
): Promise<Static<S> | undefined> {
  const inLines = request.headers.accept?.includes(LINES) ?? false;
  let gone = false;
  response.once('close', () => (gone = !response.writableFinished));
  const write = (line: LongWorkLine<Static<S>>) => {
    if (!response.headersSent) response.status(200).type(LINES);
    response.write(`${JSON.stringify(line)}\n`);
    // A line waits for no other.
    (response as Response & { flush?: () => void }).flush?.();
  };
  const progress: Progress = (done, of) => {
    if (gone) throw new Problem(400, told('refusals.stoppedNothingChanged'));
    if (inLines) write({ done, of });
  };
  if (!inLines) return work(progress);
  try {
    write({ result: allowed(answers, await work(progress)) });
  } catch (error) {
    if (!response.headersSent) throw error;
    write({ problem: problemOf(error) });
  }
  response.end();
  return undefined;
}
