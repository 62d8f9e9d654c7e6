import { type IsoDay } from '../calendar/days';
import { type FactorSubject, type PlanKind } from '../plan/document/planDocument';
import { type Reading } from '../readings/reading';

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
  sownOn: IsoDay;
}

/** What a factor changed, its control first where it has one. */
export interface ComparedFactor {
  name: string;
  subject: FactorSubject;
  unit: string;
  levels: { label: string; amount: number | null }[];
  /** The first level is the control. */
  controlled: boolean;
}

/** How the treatments are made of factors; what a file brought has none. */
export interface ComparedDesign {
  kind: PlanKind;
  factors: ComparedFactor[];
  /** Level of each factor, by the code of the treatment. */
  levels: Record<string, number[]>;
}

export interface ComparedRecords {
  treatments: readonly ComparedTreatment[];
  containers: readonly ComparedContainer[];
  readings: readonly Reading[];
}
