import { say } from '@bright-sprout/words/say';
import { type PlanDocument } from '../document/planDocument';
import { planProblems } from '../document/planProblems';
import { planTreatments } from '../document/planTreatments';
import { seedsOfTreatment, speciesOfTreatment } from '../document/treatmentSowing';
import { workOut, type WorkedOut } from '../workedOut/workOut';
import { type FactParams, type FairCheck, type ToFix, type Fix, type Severity } from './fairRule';
import { NOT_TESTS } from './planFacts';
import { FAIR_RULES } from './rules';

const ORDER: Record<Severity, number> = { stop: 0, mend: 1, mind: 2 };

/**
 * Every rule that the plan breaks, the gravest first; declared exceptions stay in the list with their reason. A fix is offered only
 * where it mends: the plan still works out, the rule is kept, and nothing graver has come.
 */
export function fairTest(plan: PlanDocument, out: WorkedOut, teams: number): ToFix[] {
  const findings = broken(plan, out, teams);
  const offered = (f: ToFix) => f.fix !== null && f.declared === null && mends(f.fix, f, findings, plan, out, teams);
  return findings.map((f) => (offered(f) ? f : { ...f, fix: null }));
}

function broken(plan: PlanDocument, out: WorkedOut, teams: number): ToFix[] {
  return FAIR_RULES.flatMap(({ code: rule, ofEveryKind, check, words }) => {
    const found = ofEveryKind ? ofAnyKind(check, plan, out, teams) : check(plan, out, teams);
    const declared = plan.exceptions.find((e) => e.rule === rule)?.reason ?? null;
    return found ? [{ rule, ...found, ...words(found.params), declared }] : [];
  }).sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

function mends(
  { apply }: Fix,
  { rule, severity }: ToFix,
  before: readonly ToFix[],
  plan: PlanDocument,
  { lot }: WorkedOut,
  teams: number,
): boolean {
  const mended = apply(plan);
  if (planProblems(mended).length > 0) return false;
  const after = broken(mended, workOut(mended, teams, lot), teams);
  const came = after.filter((f) => !before.some((b) => b.rule === f.rule));
  return after.every((f) => f.rule !== rule) && came.every((f) => ORDER[f.severity] >= ORDER[severity]);
}

/** What the plan is, in a few words: what is done knowingly is still done. */
export function verdict({ kind }: Pick<PlanDocument, 'kind'>, findings: readonly ToFix[]): string {
  const open = findings.filter((f) => f.declared === null && f.severity !== 'mind').length;
  if (open > 0) return say('fairTest.toMend', { open });
  if (findings.some((f) => f.declared !== null && f.severity === 'stop')) return say('fairTest.fairTestKnowingly');
  return NOT_TESTS.includes(kind) ? say('fairTest.testCause') : say('fairTest.fairTest');
}

/** A reason says something: more than a letter or two. */
export function isReason(text: string): boolean {
  return text.replace(/[^\p{L}\p{N}]/gu, '').length >= FEWEST_LETTERS;
}

const FEWEST_LETTERS = 6;

/** Rules about seeds ask about every kind that is sown; the first that breaks the rule is named. */
function ofAnyKind(check: FairCheck, plan: PlanDocument, out: WorkedOut, teams: number): ReturnType<FairCheck> {
  for (const { species } of out.kinds) {
    const asKind = (p: PlanDocument) => ({ ...p, speciesId: species.id, seedsEach: seedsOfKind(p, species.id) });
    const found = check(asKind(plan), out, teams);
    if (!found) continue;
    const mends = species.id === plan.speciesId || (found.fix && !check(asKind(found.fix.apply(plan)), out, teams));
    return mends ? found : { ...found, fix: null };
  }
  return null;
}

/** Seeds in each container of a kind. */
function seedsOfKind(plan: PlanDocument, speciesId: string): number {
  const own = planTreatments(plan).find((t) => speciesOfTreatment(plan, t) === speciesId);
  return own ? seedsOfTreatment(plan, own) : plan.seedsEach;
}

/** What the check still says of a plan that is carried out, as it is kept with the investigation. */
export interface KeptCaution {
  code: string;
  params: FactParams;
  /** The teacher’s reason where the rule is broken knowingly. */
  declared: string | null;
}

export function keptCautions(findings: readonly ToFix[]): KeptCaution[] {
  return findings.filter((f) => f.severity !== 'mind').map(({ rule: code, params, declared }) => ({ code, params, declared }));
}

/** A kept caution as a sentence that comes back with the claim. */
export function cautionSentence(caution: KeptCaution): string {
  const what = FAIR_RULES.find((r) => r.code === caution.code)?.words(caution.params).what ?? '';
  return caution.declared === null ? what : say('fairTest.doneKnowingly', { what, reason: caution.declared.replace(/\.$/, '') });
}
