import { type IsoDay } from '../calendar/days';
import { type Finding, numberFound } from '../measures/finding';
import { isNumeric, type Measure } from '../measures/measure';
import { sumUp } from '../measures/sumUp';
import { type CountingPolicies } from '../readings/policies';
import { type Reading } from '../readings/reading';
import { foundOf, lastFoundOf, type Standing, standingsOn } from '../readings/standing';
import { type Result } from '../result/result';
import { bcaDifference } from '../statistics/bcaInterval';
import { describe, type Descriptives, type Interval, mean } from '../statistics/descriptives';
import { maxTWithinBlocks, type PermutationTest, permuteTwoWithinBlocks } from '../statistics/permutationWithinBlocks';
import { type Unit } from '../statistics/units';

/** A treatment as comparisons need it. */
export interface ComparedTreatment {
  code: string;
  label: string;
  control: boolean;
}

/** A container as comparisons need it; `block` is its team, or null. */
export interface ComparedContainer {
  id: string;
  code: string;
  treatment: string;
  block: string | null;
  seedsSown: number;
}

export interface ComparedRecords {
  treatments: readonly ComparedTreatment[];
  containers: readonly ComparedContainer[];
  readings: readonly Reading[];
}

export interface Dot {
  container: ComparedContainer;
  /** What was found, summed up over the container as its measure says: stored unit, percentage of the seeds, or middle rank. */
  value: number;
  /** Plants behind it; 0 where a policy gave the value. */
  plants: number;
}

/** One treatment on the chosen day: its dots, and everyone who is in no mean. */
export interface Group {
  treatment: ComparedTreatment;
  dots: Dot[];
  summary: Result<Descriptives>;
  lost: { container: ComparedContainer; standing: Standing }[];
  /** Taken out on purpose or moved away: censored, not dead. */
  removed: { container: ComparedContainer; standing: Standing }[];
  notUp: ComparedContainer[];
  /** Looked at and up, but nothing was found of this measure. */
  notMeasured: ComparedContainer[];
  notChecked: ComparedContainer[];
}

/** A treatment against the control: treatment − control, in the unit of the dots. */
export interface Contrast {
  treatment: ComparedTreatment;
  difference: number;
  interval: Result<{ interval: Interval; resamples: number }>;
  permutation: Result<PermutationTest>;
  /** p adjusted for the number of treatments looked at (max-T); null where it could not be shuffled. */
  adjustedP: number | null;
}

/** What is compared on a day, and what those that cannot be measured count as. */
export interface DayQuestion extends CountingPolicies {
  measure: Measure;
  day: IsoDay;
}

export interface Comparison extends DayQuestion {
  groups: Group[];
  contrasts: Contrast[];
  /** Why there are no contrasts, where there are none. */
  reason: string | null;
}

/** Groups of the chosen day: one dot per container, its plants summed up. Cheap enough for every redraw. */
export function groupsOnDay(records: ComparedRecords, question: DayQuestion): Group[] {
  const standings = standingsOn(
    records.containers.map((c) => c.id),
    records.readings,
    question.day,
  );
  return records.treatments.map((treatment) => {
    const own = records.containers
      .filter((c) => c.treatment === treatment.code)
      .map((container) => ({ container, standing: standings.get(container.id)! }));
    const state = (s: Standing['state']) => own.filter((o) => o.standing.state === s);
    const dots = own.flatMap(({ container, standing }) => dotOf(container, standing, question) ?? []);
    const withDot = new Set(dots.map((d) => d.container.id));
    return {
      treatment,
      dots,
      summary: describe(dots.map((d) => d.value)),
      lost: state('lost'),
      removed: [...state('thinned'), ...state('moved')],
      notUp: state('not-up').map((o) => o.container),
      notMeasured: state('measured').flatMap((o) => (withDot.has(o.container.id) ? [] : [o.container])),
      notChecked: state('not-checked').map((o) => o.container),
    };
  });
}

/** The container's mark, or null where it has none. What is not up has sprouted in none of its seeds, whatever the policy. */
function dotOf(container: ComparedContainer, standing: Standing, question: DayQuestion): Dot | null {
  const { measure, beforeSprouting, afterLoss, report } = question;
  const of = (findings: readonly Finding[], plants: number): Dot | null => {
    const value = sumUp(measure, findings, container.seedsSown, report);
    return value === null ? null : { container, value, plants };
  };
  const none = [numberFound(measure.code, 0)];
  switch (standing.state) {
    case 'measured': {
      const found = foundOf(standing, measure.code);
      return of(found, found.length);
    }
    case 'not-up':
      return isNumeric(measure) && (beforeSprouting === 'zero' || measure.quantity === 'count-of') ? of(none, 0) : null;
    case 'lost':
      if (afterLoss === 'carry') return of(carried(standing, measure), 0);
      return afterLoss === 'zero' && isNumeric(measure) ? of(none, 0) : null;
    default:
      return null;
  }
}

/** What was last found before the loss; nothing ever found counts as zero, since it never came up. */
function carried(standing: Standing, measure: Measure): Finding[] {
  const last = lastFoundOf(standing, measure.code);
  return last.length > 0 || !isNumeric(measure) ? last : [numberFound(measure.code, 0)];
}

export interface Effort {
  resamples: number;
  permutations: number;
}

/**
 * The whole comparison of a day: each treatment against the control, with the container as the unit and the team as the
 * block. Containers without a team form one block together. Heavy: meant for a worker.
 */
export function compareOnDay(
  records: ComparedRecords,
  question: DayQuestion,
  seed: number,
  effort: Effort = { resamples: 5000, permutations: 10_000 },
): Comparison {
  const groups = groupsOnDay(records, question);
  const control = groups.find((g) => g.treatment.control);
  const others = groups.filter((g) => g !== control && g.dots.length > 0);
  const none = (reason: string): Comparison => ({ ...question, groups, contrasts: [], reason });
  if (!control) return none('No treatment is marked as the control, so there is nothing to compare with.');
  if (control.dots.length === 0) return none('No control container was measured on this day.');
  if (others.length === 0) return none('Only the control was measured on this day.');
  const units: Unit[] = [control, ...others].flatMap((g) =>
    g.dots.map((d) => ({ treatment: g.treatment.code, block: d.container.block ?? '', value: d.value })),
  );
  const codes = others.map((g) => g.treatment.code);
  const adjusted = maxTWithinBlocks(units, control.treatment.code, codes, { seed, draws: effort.permutations });
  const values = (group: Group) => group.dots.map((d) => d.value);
  const contrasts = others.map((group, i) => {
    const permutation = permuteTwoWithinBlocks(units, control.treatment.code, group.treatment.code, {
      seed: seed + 1 + i,
      draws: effort.permutations,
    });
    return {
      treatment: group.treatment,
      difference: mean(values(group)) - mean(values(control)),
      interval: bcaDifference(values(control), values(group), seed + 101 + i, effort.resamples),
      permutation,
      adjustedP: permutation.ok && adjusted.ok ? adjusted.adjusted.get(group.treatment.code)! : null,
    };
  });
  return { ...question, groups, contrasts, reason: null };
}
