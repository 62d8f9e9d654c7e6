import { mean } from '../../../statistics/descriptives';
import { tTails } from '../../../statistics/tails';
import { type Lesson } from '../lesson';
import { type Found, RARE } from '../point';

/** Fewer twins say little about what is usual among them. */
const FEWEST = 4;

/**
 * A container unlike the others of its treatment: the deleted residual of its logarithm from the treatment's mean, with the
 * spread that all treatments share, against t with one degree of freedom less, times the number of containers looked at
 * (Bonferroni). Logarithms, since tall ones differ by more millimetres than short ones.
 */
export function unlikeTwins(lesson: Lesson): Found<'unlike-twins'>[] {
  const day = lesson.last;
  const groups = lesson.records.treatments
    .map((t) => lesson.measured(t.code, day).filter((m) => m.value > 0))
    .filter((own) => own.length > FEWEST);
  const all = groups.flatMap((own) => {
    const middle = mean(own.map((m) => Math.log(m.value)));
    return own.map((m) => ({ ...m, own, residual: Math.log(m.value) - middle }));
  });
  const df = all.length - groups.length - 1;
  if (df < 3) return [];
  const squares = all.reduce((sum, m) => sum + m.residual ** 2, 0);
  const odd = all
    .map((m) => {
      const share = 1 - 1 / m.own.length;
      const rest = (squares - m.residual ** 2 / share) / df;
      const t = rest > 0 ? m.residual / Math.sqrt(rest * share) : 0;
      return { ...m, chance: Math.min(1, all.length * tTails(t, df)) };
    })
    .reduce((a, b) => (b.chance < a.chance ? b : a));
  if (odd.chance > RARE) return [];
  const twins = odd.own.filter((m) => m.container !== odd.container).map((m) => m.value);
  const [low, high] = [Math.min(...twins), Math.max(...twins)];
  // Inside what its twins reach it is unlike none of them.
  if (odd.value >= low && odd.value <= high) return [];
  return [
    {
      key: `unlike-twins ${odd.container.code}`,
      day,
      chance: odd.chance,
      container: odd.container.code,
      value: odd.value,
      low,
      high,
      twins: twins.length,
      behind: odd.value < low,
      figure: {
        kind: 'plants',
        day,
        plants: odd.own.map(({ container, value }) => ({
          containerId: container.id,
          value,
          marked: container === odd.container,
        })),
        band: { low, high },
      },
    },
  ];
}
