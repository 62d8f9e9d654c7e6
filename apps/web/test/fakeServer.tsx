import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { type ReactNode } from 'react';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';

/** A request that a page sent. */
export interface Sent {
  method: string;
  /** Without `/api/v1` and the query. */
  path: string;
  body: unknown;
}

/** What a route answers: data, or a function of what was sent; a `Refusal` is a problem of the server. */
export type Answers = Record<string, unknown>;

export class Refusal {
  constructor(
    readonly status: number,
    readonly detail: string,
  ) {}
}

const UUID = /[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g;

/**
 * Answers the page's requests: keys are `GET /path`, with ids that are made on the way written as `:id`. Returns the list of
 * writes, which grows as the page sends them. A route that nobody named fails the test in which it is asked for.
 */
export function fakeServer(answers: Answers): Sent[] {
  const writes: Sent[] = [];
  globalThis.fetch = ((address: string, init: RequestInit = {}) => {
    const method = init.method ?? 'GET';
    const path = address.replace('/api/v1', '').replace(/\?.*/, '');
    const sent = { method, path, body: typeof init.body === 'string' ? (JSON.parse(init.body) as unknown) : init.body };
    if (method !== 'GET') writes.push(sent);
    const key = [`${method} ${path}`, `${method} ${path.replace(UUID, ':id')}`].find((k) => k in answers);
    if (key === undefined) return Promise.reject(new Error(`Nobody answers ${method} ${path}`));
    const found = answers[key];
    const answer: unknown = typeof found === 'function' ? (found as (sent: Sent) => unknown)(sent) : found;
    const refused = answer instanceof Refusal;
    const status = refused ? answer.status : answer === undefined ? 204 : 200;
    const body = refused ? { status, title: 'This cannot be saved', detail: answer.detail } : answer;
    // What was asked for in lines comes as one.
    const lines = new TextEncoder().encode(`${JSON.stringify({ result: body ?? null })}\n`);
    const read = [{ done: false, value: lines }, { done: true }];
    const stream = { getReader: () => ({ read: () => Promise.resolve(read.shift()) }) };
    return Promise.resolve({ ok: !refused, status, json: () => Promise.resolve(body), body: stream } as unknown as Response);
  }) as typeof fetch;
  return writes;
}

/** A page as the application shows it: with its queries and its address. */
export function renderPage(page: ReactNode, { path = '/', route = '*' }: { path?: string; route?: string } = {}) {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false }, mutations: { retry: false } } });
  return render(
    <QueryClientProvider client={client}>
      <MemoryRouter initialEntries={[path]}>
        <Routes>
          <Route path={route} element={page} />
          {route !== '*' && <Route path="*" element={<Elsewhere />} />}
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
}

/** Where the page has led to. */
function Elsewhere() {
  const { pathname, search } = useLocation();
  return <p data-testid="elsewhere">{pathname + search}</p>;
}
