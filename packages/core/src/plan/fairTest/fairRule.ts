import { type PlanDocument } from '../document/planDocument';
import { type WorkedOut } from '../workedOut/workOut';

/** `stop`: the question cannot be answered so; `mend`: it can, badly; `mind`: worth knowing. */
export type Severity = 'stop' | 'mend' | 'mind';

export interface Fix {
  /** What the button says. */
  label: string;
  apply: (plan: PlanDocument) => PlanDocument;
}

/** What a finding is about, as it is kept: numbers, days and names, never sentences. */
export type FactParams = Readonly<Record<string, string | number | boolean | null>>;

export interface FairWords {
  what: string;
  /** Why it matters, one plain sentence. */
  why: string;
}

/** One rule: what it looks for, and how what it found is said. */
export interface FairRule {
  code: string;
  /** Asked about every kind that is sown, not only the plan's own. */
  ofEveryKind?: boolean;
  check: FairCheck;
  words: (params: FactParams) => FairWords;
}

export type FairCheck = (
  plan: PlanDocument,
  out: WorkedOut,
  teams: number,
) => { severity: Severity; params: FactParams; fix: Fix | null } | null;

export interface ToFix extends FairWords {
  rule: string;
  severity: Severity;
  params: FactParams;
  fix: Fix | null;
  /** The teacher’s reason where it is broken knowingly. */
  declared: string | null;
}
