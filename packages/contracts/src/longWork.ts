import { type ProblemDetails } from './problems';

/** One line of the answer to a long piece of work: how far it is, and at last what came of it or why nothing did. */
export type LongWorkLine<T> = { done: number; of: number } | { result: T } | { problem: ProblemDetails };
