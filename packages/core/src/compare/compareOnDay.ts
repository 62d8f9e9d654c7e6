import { type IsoDay } from '../calendar/days';
import { type Reading } from '../readings/reading';
import { type Standing, standingsOn } from '../readings/standing';
import { bcaDifference } from '../statistics/bcaInterval';
import { describe, type Descriptives, type Interval, mean } from '../statistics/descriptives';
import { type Result } from '../result/result';
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
}

export interface ComparedRecords {
  treatments: readonly ComparedTreatment[];
  containers: readonly ComparedContainer[];
  readings: readonly Reading[];
}

export interface Dot {
  container: ComparedContainer;
  heightMm: number;
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
  /** Looked at and up, but no height was taken. */
  noHeight: ComparedContainer[];
  notChecked: ComparedContainer[];
}

/** A treatment against the control: millimetres, treatment − control. */
export interface Contrast {
  treatment: ComparedTreatment;
  differenceMm: number;
  interval: Result<{ interval: Interval; resamples: number }>;
  permutation: Result<PermutationTest>;
  /** p adjusted for the number of treatments looked at (max-T); null where it could not be shuffled. */
  adjustedP: number | null;
}

export interface Comparison {
  day: IsoDay;
  groups: Group[];
  contrasts: Contrast[];
  /** Why there are no contrasts, where there are none. */
  reason: string | null;
  beforeSprouting: BeforeSprouting;
  afterLoss: AfterLoss;
}

/** What a plant that is not up yet counts as: nothing, or a height of zero. */
export type BeforeSprouting = 'exclude' | 'zero';

/** What a lost plant counts as from then on: nothing, its last height, or zero. */
export type AfterLoss = 'exclude' | 'carry' | 'zero';

/** Groups of the chosen day: one dot per container, the mean of its measured plants. Cheap enough for every redraw. */
export function groupsOnDay(
  records: ComparedRecords,
  day: IsoDay,
  beforeSprouting: BeforeSprouting,
  afterLoss: AfterLoss = 'exclude',
): Group[] {
  const standings = standingsOn(
    records.containers.map((c) => c.id),
    records.readings,
    day,
  );
  return records.treatments.map((treatment) => {
    const own = records.containers
      .filter((c) => c.treatment === treatment.code)
      .map((container) => ({ container, standing: standings.get(container.id)! }));
    const state = (s: Standing['state']) => own.filter((o) => o.standing.state === s);
    const measured = state('measured').filter((o) => o.standing.heightMm !== null);
    const notUp = state('not-up').map((o) => o.container);
    const lost = state('lost');
    const dots = [
      ...measured.map((o) => ({ container: o.container, heightMm: o.standing.heightMm!, plants: o.standing.plants })),
      ...(beforeSprouting === 'zero' ? notUp.map((container) => ({ container, heightMm: 0, plants: 0 })) : []),
      ...(afterLoss === 'exclude'
        ? []
        : lost.map((o) => ({
            container: o.container,
            heightMm: afterLoss === 'carry' ? (o.standing.lastHeightMm ?? 0) : 0,
            plants: 0,
          }))),
    ];
    return {
      treatment,
      dots,
      summary: describe(dots.map((d) => d.heightMm)),
      lost,
      removed: [...state('thinned'), ...state('moved')],
      notUp,
      noHeight: state('measured')
        .filter((o) => o.standing.heightMm === null)
        .map((o) => o.container),
      notChecked: state('not-checked').map((o) => o.container),
    };
  });
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
  day: IsoDay,
  beforeSprouting: BeforeSprouting,
  seed: number,
  effort: Effort = { resamples: 5000, permutations: 10_000 },
  afterLoss: AfterLoss = 'exclude',
): Comparison {
  const groups = groupsOnDay(records, day, beforeSprouting, afterLoss);
  const control = groups.find((g) => g.treatment.control);
  const others = groups.filter((g) => g !== control && g.dots.length > 0);
  const none = (reason: string): Comparison => ({ day, groups, contrasts: [], reason, beforeSprouting, afterLoss });
  if (!control) return none('No treatment is marked as the control, so there is nothing to compare with.');
  if (control.dots.length === 0) return none('No control container was measured on this day.');
  if (others.length === 0) return none('Only the control was measured on this day.');
  const units: Unit[] = [control, ...others].flatMap((g) =>
    g.dots.map((d) => ({ treatment: g.treatment.code, block: d.container.block ?? '', value: d.heightMm })),
  );
  const codes = others.map((g) => g.treatment.code);
  const adjusted = maxTWithinBlocks(units, control.treatment.code, codes, seed, effort.permutations);
  const heights = (group: Group) => group.dots.map((d) => d.heightMm);
  const contrasts = others.map((group, i) => {
    const permutation = permuteTwoWithinBlocks(
      units,
      control.treatment.code,
      group.treatment.code,
      seed + 1 + i,
      effort.permutations,
    );
    return {
      treatment: group.treatment,
      differenceMm: mean(heights(group)) - mean(heights(control)),
      interval: bcaDifference(heights(control), heights(group), seed + 101 + i, effort.resamples),
      permutation,
      adjustedP: permutation.ok ? adjusted.get(group.treatment.code)! : null,
    };
  });
  return { day, groups, contrasts, reason: null, beforeSprouting, afterLoss };
}
