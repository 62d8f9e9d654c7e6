import { type PlanDocument } from '../document/planDocument';
import { BIOLOGY_RULES } from './fairTestBiology';
import { type FairRule, type Finding, type Severity } from './fairRule';
import { LAYOUT_RULES } from './fairTestLayout';
import { type WorkedOut } from '../workedOut/workOut';

const ORDER: Record<Severity, number> = { stop: 0, mend: 1, mind: 2 };
const RULES: Record<string, FairRule> = { ...LAYOUT_RULES, ...BIOLOGY_RULES };

/** Every rule that the plan breaks, the gravest first; declared exceptions stay in the list with their reason. */
export function fairTest(plan: PlanDocument, out: WorkedOut, teams: number): Finding[] {
  return Object.entries(RULES)
    .flatMap(([rule, check]) => {
      const found = rule in BIOLOGY_RULES ? ofAnyKind(check, plan, out, teams) : check(plan, out, teams);
      return found ? [{ rule, ...found, declared: plan.exceptions.find((e) => e.rule === rule)?.reason ?? null }] : [];
    })
    .sort((a, b) => ORDER[a.severity] - ORDER[b.severity]);
}

/** Rules about seeds ask about every kind that is sown, not only the plan's own; the first that breaks the rule is named. */
function ofAnyKind(check: FairRule, plan: PlanDocument, out: WorkedOut, teams: number): ReturnType<FairRule> {
  for (const { species } of out.kinds) {
    const asKind = (p: PlanDocument) => ({ ...p, speciesId: species.id });
    const found = check(asKind(plan), out, teams);
    if (!found) continue;
    const mends = species.id === plan.speciesId || (found.fix && !check(asKind(found.fix.apply(plan)), out, teams));
    return mends ? found : { ...found, fix: null };
  }
  return null;
}

/** What the check still says when the plan is carried out: sentences that come back with the claim. */
export function claimCautions(findings: readonly Finding[]): string[] {
  return findings
    .filter((f) => f.severity !== 'mind')
    .map((f) => (f.declared === null ? f.what : `${f.what} (Done knowingly: ${f.declared.replace(/\.$/, '')}.)`));
}
