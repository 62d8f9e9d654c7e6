import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { choiceOf, valueOf } from '@bright-sprout/core/measures/finding';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure, measureOf, measuresOf } from '@bright-sprout/core/measures/registry';
import { type CountingPolicies } from '@bright-sprout/core/readings/policies';
import { type Reading } from '@bright-sprout/core/readings/reading';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { asVigour } from '../drawing/plant';

type Looks = Pick<Standing, 'looks'>;

/** Leaves that the first plant of a container was found with, for drawing it. */
export function leavesOf({ looks }: Looks): number | null {
  return looks.map((r) => valueOf(r, 'leaves')).find((n) => n !== null) ?? null;
}

/** Its vigour, for drawing it. */
export function vigourOf({ looks }: Looks) {
  return asVigour(looks.map((r) => choiceOf(r, 'vigour')).find((c) => c !== null) ?? null);
}

/** The measures that can be looked at: what is asked for, and what was found all the same; the main one first. */
export function measuresShown(
  { bench }: Pick<InvestigationView, 'bench'>,
  readings: readonly Pick<Reading, 'findings'>[],
): Measure[] {
  const asked = measuresOf(bench);
  const found = new Set(readings.flatMap((r) => r.findings.map((f) => f.measure)));
  const others = [...found]
    .filter((code) => !asked.some((m) => m.code === code))
    .flatMap((code) => measureOf(code, bench.own) ?? []);
  const all = [...asked, ...others];
  return all.length > 0 ? all : [mainMeasure(bench)];
}

/** How the class counts, as its plan settled it. */
export function policiesOf({ beforeSprouting, afterLoss, report }: InvestigationView): CountingPolicies {
  return { beforeSprouting, afterLoss, report };
}
