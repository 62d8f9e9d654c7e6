import { say } from '@bright-sprout/words/say';
import { type LongWorkLine } from '@bright-sprout/contracts/longWork';
import { PLACE_HEADER } from '@bright-sprout/contracts/live';
import { type ProblemDetails } from '@bright-sprout/contracts/problems';
import { LANGUAGE } from '../words/language';
import { knownUpTo } from './newsLine';

/** What is refused is told in the language of this page. */
const SPOKEN = { 'accept-language': LANGUAGE };

/** An answer of the server that is not a success, with its sentences. */
export class ServerProblem extends Error {
  constructor(readonly problem: ProblemDetails) {
    super(problem.detail);
  }
}

/** No answer at all: no network, or the server is away. */
export class Unreachable extends Error {
  constructor() {
    super(say('api.serverCannotReachedEntered'));
  }
}

type Method = 'GET' | 'PUT' | 'POST' | 'PATCH' | 'DELETE';

/** One request to the API, with JSON or with a file; throws `ServerProblem` or `Unreachable`. */
export async function request<T>(
  method: Method,
  path: string,
  body?: unknown,
  headers: Readonly<Record<string, string>> = {},
): Promise<T> {
  const file = body instanceof Blob;
  const response = await fetch(`/api/v1${path}`, {
    method,
    headers:
      body === undefined
        ? { ...SPOKEN, ...headers }
        : { ...SPOKEN, ...headers, 'content-type': file ? body.type : 'application/json' },
    body: body === undefined ? undefined : file ? body : JSON.stringify(body),
  }).catch(() => {
    throw new Unreachable();
  });
  if (response.ok && method === 'GET') knownUpTo(response.headers?.get(PLACE_HEADER) ?? null);
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
  const problem = (await response.json().catch(() => null)) as ProblemDetails | null;
  if (!problem || typeof problem.detail !== 'string') throw new Unreachable();
  throw new ServerProblem(problem);
}

/** How far a long piece of work is, from 0 to 1. */
export type HowFar = (share: number) => void;

/**
 * A request that takes more than a moment: tells how far it is, and is ended by its signal, which undoes it as a whole. Throws
 * `ServerProblem`, `Unreachable`, or what the signal ends it with.
 */
export async function requestInLines<T>(
  method: Method,
  path: string,
  body: unknown,
  { howFar, signal }: { howFar: HowFar; signal: AbortSignal },
): Promise<T> {
  const file = body instanceof Blob;
  const response = await fetch(`/api/v1${path}`, {
    method,
    signal,
    headers: { ...SPOKEN, accept: 'application/x-ndjson', 'content-type': file ? body.type : 'application/json' },
    body: file ? body : JSON.stringify(body),
  }).catch((error: unknown) => {
    throw signal.aborted ? error : new Unreachable();
  });
  if (!response.ok) {
    const problem = (await response.json().catch(() => null)) as ProblemDetails | null;
    throw problem && typeof problem.detail === 'string' ? new ServerProblem(problem) : new Unreachable();
  }
  const reader = response.body!.getReader();
  const decoder = new TextDecoder();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    const lines = (rest + decoder.decode(value, { stream: true })).split('\n');
    rest = lines.pop()!;
    for (const text of lines.filter(Boolean)) {
      const line = JSON.parse(text) as LongWorkLine<T>;
      if ('done' in line) howFar(line.of === 0 ? 1 : line.done / line.of);
      else if ('problem' in line) throw new ServerProblem(line.problem);
      else return line.result;
    }
    if (done) throw new Unreachable();
  }
}

export function isProblem(error: unknown, status: number): boolean {
  return error instanceof ServerProblem && error.problem.status === status;
}
