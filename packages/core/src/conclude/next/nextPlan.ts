import { say } from '@bright-sprout/words/say';
import { schoolDays } from '../../calendar/schoolCalendar';
import { type Contrast, isClear, type Sureness } from '../../compare/sureness';
import { containersNeeded } from '../../power/tPower';
import { type Learned } from '../../plan/document/learned';
import { MOST_CONTAINERS, type PlanDocument } from '../../plan/document/planDocument';
import { planProblems } from '../../plan/document/planProblems';
import { planTreatments } from '../../plan/document/planTreatments';
import { fairTest } from '../../plan/fairTest/fairTest';
import { workOut } from '../../plan/workedOut/workOut';
import { type Result } from '../../result/result';
import { speciesById } from '../../seeds/catalogue';
import { seedsToSow } from '../../seeds/sowingNumbers';
import { listInWords } from '../../words/listInWords';
import { type Point } from '../points/point';

/** What the records of a class say to whoever asks again. */
export interface NextFacts {
  plan: PlanDocument;
  teams: number;
  /** Of the question that the class concludes from; heights and the like, not shares. */
  sureness: Result<Sureness>;
  /** A difference in words: `1.2 cm`. */
  size: (difference: number) => string;
  points: readonly Point[];
  /** Containers that were lost, by what happened: `2 dried out`. */
  lost: readonly { words: string; count: number }[];
  /** Of the containers that came up, the widest span between "not yet" and "up", days, and how many have one wider than a day. */
  sprouting: { widest: number; containers: number } | null;
}

/** One thing to do otherwise, and the plan in which it is done; null where no plan can say it. */
export interface NextStep {
  learned: Learned;
  apply: ((plan: PlanDocument) => PlanDocument) | null;
}

const step = (learned: Omit<Learned, 'was' | 'now' | 'about'> & Partial<Learned>, apply: NextStep['apply']): NextStep => ({
  learned: { was: null, now: null, about: '', ...learned },
  apply,
});

/** Everything that would be done otherwise: what was unfair first, then what the question needs. */
export function nextSteps(facts: NextFacts): NextStep[] {
  return [
    // What is mended first may set numbers that the question then raises.
    ...fairer(facts),
    ...moreContainers(facts),
    ...oftener(facts),
    ...careNobodyGave(facts),
    ...spares(facts),
    ...places(facts),
  ];
}

/** The plan with steps taken, and why, kept with it. */
export function planWith(plan: PlanDocument, steps: readonly NextStep[]): PlanDocument {
  return steps.reduce(
    (next, { learned, apply }) => {
      const changed = apply ? apply(next) : next;
      // What no longer fits beside the steps before it is not said to be done.
      return apply !== null && changed === next ? next : { ...changed, learned: [...next.learned, learned] };
    },
    { ...plan, learned: [] as Learned[] },
  );
}

/** As many containers as show the difference seen in 8 of 10 classes, or as many as one class can have. */
function moreContainers({ plan, sureness, size }: NextFacts): NextStep[] {
  if (!sureness.ok) return [];
  const unclear = sureness.contrasts.filter((c) => !isClear(c) && c.asked.kind === 'difference');
  if (unclear.length === 0) return [];
  // The largest difference that is not clear is the one that more containers would show first.
  const most = unclear.reduce((a, b) => (Math.abs(b.estimate) > Math.abs(a.estimate) ? b : a));
  const needed = containersNeeded(most.estimate, sureness.spread);
  const treatments = planTreatments(plan).length;
  const fits = Math.floor(MOST_CONTAINERS / treatments) - plan.reserveEach;
  const now = Math.min(needed.ok ? needed.n : Infinity, fits);
  if (now <= plan.containersEach) return [];
  const code = needed.ok && needed.n <= fits ? 'more-containers' : 'as-many-as-fit';
  const about = `${aboutOf(most)}: ${size(most.estimate)}`;
  return [
    step({ code, was: plan.containersEach, now, about }, (next) => ({
      ...next,
      containersEach: Math.max(next.containersEach, now),
    })),
  ];
}

const aboutOf = ({ asked }: Contrast) =>
  asked.kind === 'difference' ? say('conclude.pairOfGroups', { of: asked.of, against: asked.against }) : '';

/** Rules of the fair test that were broken, knowingly or not, and that a press mends. */
function fairer({ plan, teams }: NextFacts): NextStep[] {
  const without = { ...plan, exceptions: [] };
  if (planProblems(without).length > 0) return [];
  return fairTest(without, workOut(without, teams, null), teams)
    .filter((f) => f.fix !== null && f.severity !== 'mind')
    .slice(0, 3)
    .map((f) =>
      step({ code: 'fair', about: f.what }, (next) => ({
        ...f.fix!.apply(next),
        exceptions: next.exceptions.filter((e) => e.rule !== f.rule),
      })),
    );
}

/** What came up between looks far apart is looked at on every school day next time, from the first that may be up to the last. */
function oftener({ plan, teams, sprouting }: NextFacts): NextStep[] {
  if (sprouting === null || sprouting.widest <= 3 || plan.cadence.kind === 'school-days') return [];
  const learned = { code: 'looks-while-sprouting', now: sprouting.widest, about: String(sprouting.containers) } as const;
  return [
    step(learned, (next) => {
      const out = planProblems(next).length === 0 ? workOut(next, teams, null) : null;
      if (!out?.forecast.ok) return next;
      const { first, ninety, half } = out.forecast;
      const from = first.earliest ?? first.likely;
      const to = ninety.latest ?? ninety.likely ?? half.latest;
      return from && to ? { ...next, checksAdded: schoolDays(next.calendar, from, to < next.endOn ? to : next.endOn) } : next;
    }),
  ];
}

function careNobodyGave({ plan, points }: NextFacts): NextStep[] {
  if (plan.whileAway !== 'nothing' || !points.some((p) => p.code === 'dip-over-days-off')) return [];
  return [step({ code: 'care-over-days-off' }, (next) => ({ ...next, whileAway: 'somebody' }))];
}

/** More seeds where more stayed empty than was to be expected, and containers in reserve where some were lost. */
function spares({ plan, points, lost }: NextFacts): NextStep[] {
  const steps: NextStep[] = [];
  const empty = points.find((p) => p.code === 'never-came');
  const species = speciesById(plan.speciesId);
  if (empty?.code === 'never-came' && species && !empty.seeds && empty.never > empty.expected + 0.5) {
    const now = Math.min(seedsToSow(species.germination * (1 - empty.never / empty.of)) ?? plan.seedsEach, 3 * plan.seedsEach);
    if (now > plan.seedsEach)
      steps.push(
        step(
          {
            code: 'more-seeds',
            was: plan.seedsEach,
            now,
            about: say('conclude.ofWith', { never: empty.never, of: empty.of, label: empty.label }),
          },
          (next) => ({
            ...next,
            seedsEach: now,
          }),
        ),
      );
  }
  const count = lost.reduce((sum, l) => sum + l.count, 0);
  const treatments = planTreatments(plan).length;
  if (count > 0 && plan.reserveEach === 0 && (plan.containersEach + 1) * treatments <= MOST_CONTAINERS)
    steps.push(
      step({ code: 'reserve', was: count, now: 1, about: listInWords(lost.map((l) => l.words)) }, (next) =>
        (next.containersEach + 1) * treatments <= MOST_CONTAINERS ? { ...next, reserveEach: 1 } : next,
      ),
    );
  return steps;
}

function places({ points }: NextFacts): NextStep[] {
  return [
    ...(points.some((p) => p.code === 'place-on-tray') ? [step({ code: 'new-lots' }, null)] : []),
    ...(points.some((p) => p.code === 'team-reads-high') ? [step({ code: 'rulers' }, null)] : []),
  ];
}
