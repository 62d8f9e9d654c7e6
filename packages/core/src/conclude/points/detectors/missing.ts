import { daysBetween } from '../../../calendar/days';
import { lookOn } from '../../../readings/looks';
import { countsSprouts, sproutCounts } from '../../../compare/times';
import { type ComparedContainer } from '../../../compare/records';
import { hasEnded } from '../../../readings/reading';
import { atLeast, drawnAtLeast } from '../chances';
import { type Lesson } from '../lesson';
import { type Found, RARE } from '../point';

/** A treatment that lost more than the others: the hypergeometric tail, times the number of treatments. */
export function moreLosses(lesson: Lesson): Found<'more-losses'>[] {
  const { containers, treatments } = lesson.records;
  const isLost = (c: ComparedContainer) => lookOn(lesson.looks.get(c.id) ?? [], lesson.last).state === 'lost';
  const rows = treatments.map((t) => {
    const own = containers.filter((c) => c.treatment === t.code);
    return { key: t.code, label: t.label, out: own.filter(isLost).length, of: own.length };
  });
  const lost = rows.reduce((sum, r) => sum + r.out, 0);
  if (lost < 2 || rows.length < 2) return [];
  const told = rows.map((r) => ({
    ...r,
    chance: Math.min(1, rows.length * drawnAtLeast(r.out, r.of, lost, containers.length)),
  }));
  const worst = told.reduce((a, b) => (b.chance < a.chance ? b : a));
  if (worst.chance > RARE) return [];
  return [
    {
      key: `more-losses ${worst.key}`,
      day: lesson.last,
      chance: worst.chance,
      label: worst.label,
      lost: worst.out,
      of: worst.of,
      elsewhere: lost - worst.out,
      ofElsewhere: containers.length - worst.of,
      figure: { kind: 'counts', rows },
    },
  ];
}

/** Seeds, or containers, of a treatment that never came up, with the chance of each not to by what is known of the seed. */
function neverOf(lesson: Lesson, code: string) {
  const share = lesson.germination.get(code);
  const own = lesson.records.containers.filter((c) => c.treatment === code);
  const looked = own.flatMap((container) => {
    const looks = (lesson.looks.get(container.id) ?? []).filter((l) => l.state !== 'not-checked');
    // What was lost or taken away had no time to come up.
    return looks.length === 0 || hasEnded(looks[looks.length - 1]!.state) ? [] : [{ container, looks }];
  });
  if (looked.length === 0 || share === undefined) return null;
  const seeds = looked.some(({ looks, container }) => countsSprouts(looks) && container.seedsSown > 1);
  if (seeds) {
    const counts = looked.map(({ container, looks }) => ({
      container,
      up: Math.max(0, ...sproutCounts(container, looks).map((s) => s.up)),
    }));
    const sown = counts.reduce((sum, c) => sum + c.container.seedsSown, 0);
    return {
      seeds,
      containers: [] as string[],
      never: sown - counts.reduce((sum, c) => sum + c.up, 0),
      chances: new Array<number>(sown).fill(1 - share),
    };
  }
  const never = looked.filter(({ looks }) => looks.every((l) => l.state === 'not-up'));
  return {
    seeds,
    containers: never.map((n) => n.container.code),
    never: never.length,
    chances: looked.map(({ container }) => (1 - share) ** Math.max(1, container.seedsSown)),
  };
}

/**
 * What never came up, beside how many were to be expected of such seed: the treatment that differs most from it. Chance: so many
 * or more out of as many with the seed's own chance of failing, times the number of treatments.
 */
export function neverCame(lesson: Lesson): Found<'never-came'>[] {
  const { containers, treatments } = lesson.records;
  const youngest = containers.map((c) => c.sownOn).sort()[containers.length - 1]!;
  if (lesson.allUpBy !== null && daysBetween(youngest, lesson.last) < lesson.allUpBy) return [];
  const rows = treatments.flatMap((t) => {
    const found = neverOf(lesson, t.code);
    if (found === null) return [];
    const chance = Math.min(1, treatments.length * atLeast(found.never, found.chances));
    return [{ key: t.code, label: t.label, chance, ...found }];
  });
  const missing = rows.filter((r) => r.never > 0);
  if (missing.length === 0) return [];
  const worst = missing.reduce((a, b) => (b.chance < a.chance || (b.chance === a.chance && b.never > a.never) ? b : a));
  return [
    {
      key: `never-came ${worst.key}`,
      day: lesson.last,
      chance: worst.chance,
      label: worst.label,
      containers: worst.containers,
      never: worst.never,
      of: worst.chances.length,
      expected: worst.chances.reduce((a, b) => a + b, 0),
      seeds: worst.seeds,
      figure: {
        kind: 'counts',
        rows: rows.map((r) => ({ key: r.key, label: r.label, out: r.never, of: r.chances.length })),
      },
    },
  ];
}
