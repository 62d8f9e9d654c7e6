/** What was, what is, and what was undone. */
export interface History<T> {
  past: T[];
  now: T;
  future: T[];
}

/** Steps back that are kept. */
const DEPTH = 200;

export function begin<T>(now: T): History<T> {
  return { past: [], now, future: [] };
}

/** A new present; what was undone before is forgotten. */
export function historyOf<T>({ past, now }: History<T>, next: T): History<T> {
  return next === now ? { past, now, future: [] } : { past: [...past, now].slice(-DEPTH), now: next, future: [] };
}

export function undo<T>({ past, now, future }: History<T>): History<T> {
  const before = past[past.length - 1];
  return before === undefined ? { past, now, future } : { past: past.slice(0, -1), now: before, future: [now, ...future] };
}

export function redo<T>({ past, now, future }: History<T>): History<T> {
  const [next, ...later] = future;
  return next === undefined ? { past, now, future } : { past: [...past, now], now: next, future: later };
}
