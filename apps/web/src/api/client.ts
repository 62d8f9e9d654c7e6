import { type ProblemDetails } from '@bright-sprout/contracts/problems';

/** An answer of the server that is not a success, with its sentences. */
export class ServerProblem extends Error {
  constructor(readonly problem: ProblemDetails) {
    super(problem.detail);
  }
}

/** No answer at all: no network, or the server is away. */
export class Unreachable extends Error {
  constructor() {
    super('The server cannot be reached. What you entered stays on this device; try again in a moment.');
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
    headers: body === undefined ? headers : { ...headers, 'content-type': file ? body.type : 'application/json' },
    body: body === undefined ? undefined : file ? body : JSON.stringify(body),
  }).catch(() => {
    throw new Unreachable();
  });
  if (response.ok) return (response.status === 204 ? undefined : await response.json()) as T;
  const problem = (await response.json().catch(() => null)) as ProblemDetails | null;
  if (!problem || typeof problem.detail !== 'string') throw new Unreachable();
  throw new ServerProblem(problem);
}

export function isProblem(error: unknown, status: number): boolean {
  return error instanceof ServerProblem && error.problem.status === status;
}
