import { type PlanDocument } from '../document/planDocument';
import { type WorkedOut } from '../workedOut/workOut';

/** `stop`: the question cannot be answered so; `mend`: it can, badly; `mind`: worth knowing. */
export type Severity = 'stop' | 'mend' | 'mind';

export interface Fix {
  /** What the button says. */
  label: string;
  apply: (plan: PlanDocument) => PlanDocument;
}

export interface Finding {
  rule: string;
  severity: Severity;
  what: string;
  /** Why it matters, one plain sentence. */
  why: string;
  fix: Fix | null;
  /** The teacher’s reason where it is broken knowingly. */
  declared: string | null;
}

/** One rule: nothing, or what it found. */
export type FairRule = (plan: PlanDocument, out: WorkedOut, teams: number) => Omit<Finding, 'rule' | 'declared'> | null;
