import { type IsoDay } from '../../../calendar/days';
import { generatorFrom } from '../../../random/generator';
import { type Lesson, lineOf } from '../lesson';
import { type Found, RARE } from '../point';

const DEALS = 499;
const SEED = 12;
const FEWEST = 3;

interface OnDay {
  day: IsoDay;
  values: number[];
  /** Number of the treatment that each value's label says. */
  labels: number[];
  /** First and one past the last place of each team. */
  blocks: [number, number][];
}

/**
 * Two treatments of which one led at first and the other leads now. A crossing needs both leads to be real: the chance is the
 * larger of the two, each among all pairs and days looked at, from deals of all labels within teams.
 */
export function linesCrossed(lesson: Lesson): Found<'lines-crossed'>[] {
  if (!lesson.oneSowing) return [];
  const codes = lesson.records.treatments.map((t) => t.code);
  const days = lesson.days.map((day) => onDay(lesson, day, codes)).filter((d) => d.values.length >= 2 * FEWEST);
  if (days.length < 2) return [];
  const pairs = pairsOf(codes.length);
  const gaps = gapsOf(codes.length, pairs);
  const seen = days.map((d) => gaps(d.values, d.labels).slice());
  const best = bestCrossing(seen, pairs.length);
  if (best === null) return [];
  const most = new Float64Array(DEALS);
  const random = generatorFrom(SEED);
  for (const d of days) {
    const labels = [...d.labels];
    for (let deal = 0; deal < DEALS; deal++) {
      for (const [from, to] of d.blocks) dealWithin(labels, from, to, random.pick);
      const dealt = gaps(d.values, labels);
      for (let i = 0; i < dealt.length; i++) most[deal] = Math.max(most[deal]!, Math.abs(dealt[i]!));
    }
  }
  const chanceOf = (t: number) => (most.reduce((n, m) => n + (m >= Math.abs(t) ? 1 : 0), 0) + 1) / (DEALS + 1);
  const chance = Math.max(chanceOf(seen[best.early]![best.pair]!), chanceOf(seen[best.late]![best.pair]!));
  if (chance > RARE) return [];
  const [a, b] = pairs[best.pair]!;
  const firstLeads = seen[best.early]![best.pair]! > 0;
  const sign = Math.sign(seen[best.late]![best.pair]!);
  const crossed = days.findIndex((_, i) => i > best.early && Math.sign(seen[i]![best.pair]!) === sign);
  const [led, leads] = firstLeads ? [codes[a]!, codes[b]!] : [codes[b]!, codes[a]!];
  return [
    {
      key: `lines-crossed ${[led, leads].sort().join(' ')}`,
      day: days[crossed]!.day,
      chance,
      ledBefore: lesson.labelOf(led),
      leadsNow: lesson.labelOf(leads),
      early: days[best.early]!.day,
      crossed: days[crossed]!.day,
      late: days[best.late]!.day,
      figure: {
        kind: 'lines',
        lines: [led, leads].map((key) => ({ key, points: lineOf(lesson, key) })),
        stretch: null,
        cross: days[crossed]!.day,
      },
    },
  ];
}

const pairsOf = (k: number): [number, number][] =>
  Array.from({ length: k }, (_, a) => Array.from({ length: k - a - 1 }, (_, i): [number, number] => [a, a + 1 + i])).flat();

function onDay(lesson: Lesson, day: IsoDay, codes: readonly string[]): OnDay {
  const own = codes.flatMap((code, label) => {
    const found = lesson.measured(code, day);
    return found.length < FEWEST ? [] : found.map((m) => ({ block: m.container.block ?? '', value: m.value, label }));
  });
  own.sort((x, y) => (x.block < y.block ? -1 : x.block > y.block ? 1 : 0));
  const blocks: [number, number][] = [];
  own.forEach((o, i) => {
    const last = blocks[blocks.length - 1];
    if (last && own[last[0]]!.block === o.block) last[1] = i + 1;
    else blocks.push([i, i + 1]);
  });
  return { day, values: own.map((o) => o.value), labels: own.map((o) => o.label), blocks };
}

function dealWithin(labels: number[], from: number, to: number, pick: (n: number) => number): void {
  for (let i = to - 1; i > from; i--) {
    const j = from + pick(i - from + 1);
    [labels[i], labels[j]] = [labels[j]!, labels[i]!];
  }
}

/** Difference of each pair of means in units of its own standard error (Welch); 0 where one is missing. The answer is written over by the next. */
function gapsOf(k: number, pairs: readonly [number, number][]) {
  const [n, sum, squares, error] = [0, 1, 2, 3].map(() => new Float64Array(k)) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ];
  const gaps = new Float64Array(pairs.length);
  return (values: readonly number[], labels: readonly number[]): Float64Array => {
    for (const a of [n, sum, squares]) a.fill(0);
    for (let i = 0; i < values.length; i++) {
      const [label, v] = [labels[i]!, values[i]!];
      n[label]!++;
      sum[label]! += v;
      squares[label]! += v * v;
    }
    for (let g = 0; g < k; g++) error[g] = Math.max(0, squares[g]! - sum[g]! ** 2 / n[g]!) / (n[g]! - 1) / n[g]!;
    for (let p = 0; p < pairs.length; p++) {
      const [a, b] = pairs[p]!;
      const se = n[a]! < FEWEST || n[b]! < FEWEST ? 0 : Math.sqrt(error[a]! + error[b]!);
      gaps[p] = se === 0 ? 0 : (sum[a]! / n[a]! - sum[b]! / n[b]!) / se;
    }
    return gaps;
  };
}

/** The pair and the two days on which leads against each other are the clearest. */
function bestCrossing(seen: readonly Float64Array[], pairs: number): { pair: number; early: number; late: number } | null {
  let best: { pair: number; early: number; late: number; least: number } | null = null;
  for (let pair = 0; pair < pairs; pair++)
    for (let early = 0; early < seen.length; early++)
      for (let late = early + 1; late < seen.length; late++) {
        const [x, y] = [seen[early]![pair]!, seen[late]![pair]!];
        const least = Math.min(Math.abs(x), Math.abs(y));
        if (x * y < 0 && (best === null || least > best.least)) best = { pair, early, late, least };
      }
  return best;
}
