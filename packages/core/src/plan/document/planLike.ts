import { addDays } from '../../calendar/days';
import { type BeforeSprouting } from '../../readings/policies';
import { type RulerResolution } from '../../quantities/length';
import { methodById, speciesById, usualFillMl } from '../../seeds/catalogue';
import { MOST_TREATMENTS, type PlanDocument } from './planDocument';
import { type ClassFacts, keptSameFor, planFrom } from './startingPoints';

/** What is known of an investigation that has no plan here, such as an imported one. */
export interface EarlierInvestigation {
  question: string;
  factor: string;
  treatments: readonly { label: string; control: boolean }[];
  speciesId: string;
  methodId: string | null;
  /** Containers of the best supplied treatment, and seeds of the fullest container. */
  containersEach: number;
  seedsEach: number;
  resolution: RulerResolution;
  beforeSprouting: BeforeSprouting;
  /** From sowing to the last record. */
  days: number;
}

const FEWEST_DAYS = 7;

/** A new plan that asks the same again; what the records do not tell is filled in as for a class that starts anew. */
export function planLike(earlier: EarlierInvestigation, facts: ClassFacts, drawSeed: number): PlanDocument {
  const plan = planFrom('salt-steps', facts, drawSeed);
  const method = earlier.methodId === null ? undefined : methodById(earlier.methodId);
  const treatments = earlier.treatments.slice(0, MOST_TREATMENTS);
  const control = treatments.findIndex((t) => t.control);
  const factors: PlanDocument['factors'] = [
    {
      name: earlier.factor,
      subject: 'other',
      unit: '',
      levels: treatments.map(({ label }) => ({ label, amount: null })),
      control: control < 0 ? null : control,
      noControlReason: '',
    },
  ];
  return {
    ...plan,
    question: earlier.question,
    startedFrom: 'earlier',
    kind: 'one-factor',
    factors,
    keptSame: keptSameFor(factors),
    speciesId: speciesById(earlier.speciesId) ? earlier.speciesId : plan.speciesId,
    methodId: method?.id ?? plan.methodId,
    fillMl: method ? usualFillMl(method) : plan.fillMl,
    containersEach: Math.max(1, earlier.containersEach),
    seedsEach: Math.max(1, earlier.seedsEach),
    endOn: addDays(plan.sowOn, Math.max(FEWEST_DAYS, earlier.days)),
    protocol: { ...plan.protocol, resolution: earlier.resolution, beforeSprouting: earlier.beforeSprouting },
  };
}
