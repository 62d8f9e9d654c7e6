import { daysBetween } from '../../../calendar/days';
import { type ComparedContainer } from '../../../compare/records';
import { showsAny } from '../../../compare/times';
import { generatorFrom } from '../../../random/generator';
import { type Lesson } from '../lesson';
import { type Found } from '../point';

const DEALS = 999;
const SEED = 11;

/** Between which looks a container came up, by its own sowing day; null where it has not, or nobody knows since when. */
function cameUp(lesson: Lesson, container: ComparedContainer): { after: number; by: number } | null {
  let after = 0;
  for (const look of lesson.looks.get(container.id) ?? []) {
    const day = daysBetween(container.sownOn, look.day);
    if (showsAny(look)) return { after, by: day };
    if (look.state === 'not-up' || look.state === 'measured') after = day;
  }
  return null;
}

/** Which were up first and which last, and how often dealing the labels within teams makes the first so one-sided. */
export function firstAndLastUp(lesson: Lesson): Found<'first-and-last-up'>[] {
  const up = lesson.records.containers.flatMap((container) => {
    const came = cameUp(lesson, container);
    return came === null ? [] : [{ container, ...came }];
  });
  if (up.length < 4) return [];
  const [earliest, latest] = [Math.min(...up.map((u) => u.by)), Math.max(...up.map((u) => u.by))];
  if (earliest === latest) return [];
  const first = up.filter((u) => u.by === earliest);
  const last = up.filter((u) => u.by === latest);
  const { most, label } = ahead(lesson, first);
  const fewestAfter = (some: typeof up) => Math.min(...some.map((u) => u.after));
  return [
    {
      key: 'first-and-last-up',
      day: lesson.records.readings
        .map((r) => r.day)
        .reduce((best, day) => (daysBetween(first[0]!.container.sownOn, day) === earliest ? day : best), lesson.last),
      chance: chanceOfOneSided(lesson, first, most),
      first: first.map((u) => u.container.code),
      firstBy: earliest,
      firstAfter: fewestAfter(first),
      last: last.map((u) => u.container.code),
      lastBy: latest,
      lastAfter: fewestAfter(last),
      ahead: most > 1 && first.length > 1 ? { label, of: most } : null,
      figure: {
        kind: 'spans',
        spans: [...first.slice(0, 4), ...last.slice(0, 4)].map((u) => ({
          label: u.container.code,
          key: u.container.treatment,
          low: u.after,
          at: u.by,
          high: u.by,
          marked: u.by === earliest,
        })),
        zero: false,
        band: null,
      },
    },
  ];
}

function ahead(lesson: Lesson, first: readonly { container: ComparedContainer }[]) {
  const counts = lesson.records.treatments.map((t) => ({
    label: t.label,
    most: first.filter((u) => u.container.treatment === t.code).length,
  }));
  return counts.reduce((best, c) => (c.most > best.most ? c : best));
}

/** Share of deals in which some treatment has as many of the first. */
function chanceOfOneSided(lesson: Lesson, first: readonly { container: ComparedContainer }[], most: number): number {
  const { containers } = lesson.records;
  const isFirst = new Set(first.map((u) => u.container.id));
  const blocks = [...new Set(containers.map((c) => c.block))].map((b) => containers.filter((c) => c.block === b));
  const random = generatorFrom(SEED);
  let asMuch = 0;
  for (let deal = 0; deal < DEALS; deal++) {
    const counts = new Map<string, number>();
    for (const block of blocks) {
      const labels = random.shuffle(block.map((c) => c.treatment));
      block.forEach((c, i) => isFirst.has(c.id) && counts.set(labels[i]!, (counts.get(labels[i]!) ?? 0) + 1));
    }
    if (Math.max(...counts.values()) >= most) asMuch++;
  }
  return (asMuch + 1) / (DEALS + 1);
}
