import { spoken } from '@bright-sprout/words/spoken';
/** Parts of a report, in the order in which they usually stand. */
export const REPORT_PARTS = [
  'question',
  'expected',
  'plan',
  'tray',
  'method',
  'records',
  'figure',
  'claim',
  'other',
  'wrong',
  'next',
] as const;
export type ReportPart = (typeof REPORT_PARTS)[number];

export const PART_NAMES: Record<ReportPart, string> = spoken({
  question: 'conclude.ourQuestion',
  expected: 'conclude.whatWeExpected',
  plan: 'conclude.thePlan',
  tray: 'conclude.whereItStoodTitle',
  method: 'conclude.whatWasDone',
  records: 'conclude.whatWasRecorded',
  figure: 'conclude.theFigures',
  claim: 'common.whatWeFoundOut',
  other: 'conclude.elseExplain',
  wrong: 'conclude.wentDifferently',
  next: 'common.whatNext',
});

export interface Arrangement {
  order: ReportPart[];
  out: ReportPart[];
}

/** As it is kept: parts in order, `-` before one that is left out. What is not named, as in arrangements of earlier times, stands in its usual place. */
export function readArrangement(text: string): Arrangement {
  const told = text.split(',').flatMap((word) => {
    const part = REPORT_PARTS.find((p) => p === word.replace(/^-/, ''));
    return part ? [{ part, out: word.startsWith('-') }] : [];
  });
  const order = [...new Set(told.map((t) => t.part))];
  for (const [i, part] of REPORT_PARTS.entries())
    if (!order.includes(part)) {
      const before = REPORT_PARTS.slice(0, i)
        .reverse()
        .find((p) => order.includes(p));
      order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, part);
    }
  return { order, out: order.filter((p) => told.some((t) => t.part === p && t.out)) };
}

export function arrangementText({ order, out }: Arrangement): string {
  return order.map((p) => (out.includes(p) ? `-${p}` : p)).join(',');
}

export function withPartMoved({ order, out }: Arrangement, part: ReportPart, by: -1 | 1): Arrangement {
  const next = [...order];
  const from = next.indexOf(part);
  const to = from + by;
  if (to < 0 || to >= next.length) return { order, out };
  [next[from], next[to]] = [next[to]!, next[from]!];
  return { order: next, out };
}

export function withPartOut({ order, out }: Arrangement, part: ReportPart): Arrangement {
  return { order, out: out.includes(part) ? out.filter((p) => p !== part) : [...out, part] };
}
