import { type IsoDay } from '../../calendar/days';
import { type Point } from './point';

/** A point that the teacher wrote. */
export interface OwnPoint {
  id: string;
  title: string;
  asks: string;
  day: IsoDay;
}

/** What the teacher settled about points: by their keys, so that it holds on to the same thing when records change. */
export interface PointChoices {
  order: readonly string[];
  pinned: readonly string[];
  hidden: readonly string[];
  own: readonly OwnPoint[];
}

export interface ArrangedPoint {
  key: string;
  day: IsoDay;
  pinned: boolean;
  hidden: boolean;
  /** What was found; null for one of the teacher's own. */
  found: Point | null;
  own: OwnPoint | null;
}

export const ownKey = (id: string) => `own ${id}`;

/**
 * Points as the lesson has them: pinned ones first, then those that the teacher put in order, then the rest by surprise; hidden ones
 * come last and are in no run-through.
 */
export function arranged(points: readonly Point[], { order, pinned, hidden, own }: PointChoices): ArrangedPoint[] {
  const all: ArrangedPoint[] = [
    ...points.map((found) => ({ key: found.key, day: found.day, found, own: null })),
    ...own.map((o) => ({ key: ownKey(o.id), day: o.day, found: null, own: o })),
  ].map((p) => ({ ...p, pinned: pinned.includes(p.key), hidden: hidden.includes(p.key) }));
  const place = (key: string) => (order.includes(key) ? order.indexOf(key) : order.length);
  const rank = (p: ArrangedPoint) => (p.hidden ? 2 : p.pinned ? 0 : 1);
  return all
    .map((p, i) => ({ p, i }))
    .sort((a, b) => rank(a.p) - rank(b.p) || place(a.p.key) - place(b.p.key) || a.i - b.i)
    .map(({ p }) => p);
}

/** What a lesson goes through: the pinned points, or all that are not hidden where none is pinned. */
export function runThrough(points: readonly ArrangedPoint[]): ArrangedPoint[] {
  const pinned = points.filter((p) => p.pinned && !p.hidden);
  return pinned.length > 0 ? pinned : points.filter((p) => !p.hidden);
}

/** The order with a point moved one place up or down among those that stand together with it. */
export function moved(points: readonly ArrangedPoint[], key: string, by: -1 | 1): string[] {
  const keys = points.filter((p) => !p.hidden).map((p) => p.key);
  const from = keys.indexOf(key);
  const to = from + by;
  if (from < 0 || to < 0 || to >= keys.length) return keys;
  [keys[from], keys[to]] = [keys[to]!, keys[from]!];
  return keys;
}
