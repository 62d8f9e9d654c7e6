import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { allOf, type Dot, type Group, markedIn } from '@bright-sprout/core/compare/groups';
import { type Shown } from '@bright-sprout/core/compare/shown';

export const INK = '#2A1B2E';
export const INK_2 = '#5F5266';
export const LINE = '#C9C5D1';
export const HAIR = '#E3E2EA';
export const SOIL = '#6D5C63';
export const GONE = '#E9E7EF';

/** What every figure is given: its width in pixels, and the words of its values. */
export interface FigureProps {
  width: number;
  groups: readonly Group[];
  shown: Shown;
  /** What a container is called. */
  container: string;
}

export interface Axis {
  /** Pixels of a value in the unit of the axis. */
  at: (inUnit: number) => number;
  /** Values with a label, in the unit. */
  major: number[];
  minor: number[];
  label: (value: number) => string;
}

/** Steps of 1, 2 or 5, so that there are at most `most` of them. */
export function niceStep(span: number, most: number): number {
  if (!(span > 0)) return 1;
  const raw = span / most;
  const power = 10 ** Math.floor(Math.log10(raw));
  return [1, 2, 5, 10].map((s) => s * power).find((s) => s >= raw * 0.999) ?? 10 * power;
}

/** An axis over values in the unit, between two places in pixels. */
export function axisOver(low: number, high: number, from: number, to: number, most = 7): Axis {
  const step = niceStep(high - low, most);
  const digits = Math.max(0, -Math.floor(Math.log10(step) + 1e-9));
  const first = Math.ceil(low / step - 1e-9);
  const last = Math.floor(high / step + 1e-9);
  const major = Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => (first + i) * step);
  const fine = step / 5;
  const count = Math.floor((high - low) / fine + 1e-9);
  const minor = count > 120 ? [] : Array.from({ length: count + 1 }, (_, i) => (Math.ceil(low / fine - 1e-9) + i) * fine);
  return {
    at: (v) => from + ((v - low) / (high - low || 1)) * (to - from),
    major,
    minor,
    label: (v) => decimal(v, digits),
  };
}

/**
 * Lowest and highest value that a figure has to hold, in the unit. An interval far wider than the marks, as of two containers, is
 * held only as far again as the marks reach, and what cannot be below zero is not drawn there.
 */
export function reachOf(groups: readonly Group[], shown: Shown): { low: number; high: number } {
  if (shown.ranks) return { low: 0.4, high: shown.ranks.length + 0.6 };
  const inUnit = (values: readonly number[]) => values.map(shown.inUnit).filter(Number.isFinite);
  const marks = inUnit(groups.flatMap((g) => g.dots.flatMap((d) => [d.value, ...(d.span ? [d.span.low, d.span.high] : [])])));
  const zero = shown.fromZero ? [0] : [];
  const [least, most] = [Math.min(...marks, ...zero), Math.max(...marks, ...zero)];
  if (!Number.isFinite(least)) return { low: 0, high: 1 };
  const again = most - least || Math.abs(most) || 1;
  const held = inUnit(
    groups.flatMap((g) => (g.summary.ok && g.summary.interval ? [g.summary.interval.low, g.summary.interval.high] : [])),
  );
  const low = Math.max(Math.min(least, ...held), least - again);
  const high = Math.min(Math.max(most, ...held), most + again);
  const room = (high - low) * 0.05 || 0.5;
  return { low: shown.fromZero && least >= 0 ? 0 : low - room, high: high + room };
}

/** Marks side by side where their values are close, so that none hides another: places in steps about the middle. */
export function beeswarm(values: readonly number[], close: number, widest = 4): number[] {
  const order = values.map((_, i) => i).sort((a, b) => values[a]! - values[b]!);
  const places = new Array<number>(values.length).fill(0);
  const tries = Array.from({ length: 2 * widest + 1 }, (_, i) => (i % 2 ? (i + 1) / 2 : 0 - i / 2));
  order.forEach((i, rank) => {
    const taken = new Set<number>();
    for (let r = rank - 1; r >= 0; r--) {
      const j = order[r]!;
      if (values[i]! - values[j]! >= close) break;
      taken.add(places[j]!);
    }
    places[i] = tries.find((p) => !taken.has(p)) ?? tries[rank % tries.length]!;
  });
  return places;
}

/** The mark whose value is nearest to its group's middle. */
export function middleDot(dots: readonly Dot[]): Dot | null {
  const sorted = [...dots].sort((a, b) => a.value - b.value);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? null;
}

/** Everyone of a group who has no mark, and why. */
export function leftOut(group: Group, name: string): string[] {
  const marked = markedIn(group);
  const out = (containers: Group['lost'], why: string) =>
    containers.filter((c) => !marked.has(c.id)).map((c) => `${c.code} ${why}`);
  return [
    ...out(group.notUp, say('compare.notUp')),
    ...out(group.lost, 'lost'),
    ...out(group.removed, say('compare.takenOut')),
    ...out(group.notMeasured, say('compare.withoutGroup', { name })),
    ...out(group.notChecked, say('compare.notLookedAt')),
  ];
}

/** How many are in it, of all there are. */
export const countOf = (group: Group): string =>
  say('compare.markedOfAll', { marked: markedIn(group).size, all: allOf(group).size });

/** Text cut into lines of at most so many signs, at spaces where there are some. */
export function linesOf(text: string, most: number, lines = 2): string[] {
  const found: string[] = [];
  for (const word of text.split(' ')) {
    const last = found[found.length - 1];
    if (last !== undefined && `${last} ${word}`.length <= most) found[found.length - 1] = `${last} ${word}`;
    else found.push(word);
  }
  if (found.length <= lines) return found.map((l) => (l.length > most + 2 ? `${l.slice(0, most)}…` : l));
  return [
    ...found.slice(0, lines - 1),
    `${found
      .slice(lines - 1)
      .join(' ')
      .slice(0, Math.max(1, most - 1))}…`,
  ];
}
