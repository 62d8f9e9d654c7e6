import { listInWords } from '../../words/listInWords';
import { counted } from '../../words/plural';
import { type PlanDocument } from '../document/planDocument';
import { splitWords } from '../layout/splitWords';
import { type WorkedOut } from '../workedOut/workOut';
import { type Finding } from './fairRule';
import { methodOf, NOT_TESTS } from './planFacts';

/** What speaks for the test as it is planned, in sentences; what a finding is about is not among it, also where it is declared. */
export function whatHolds(plan: PlanDocument, out: WorkedOut, findings: readonly Finding[]): string[] {
  const broken = (...rules: string[]) => findings.some((f) => rules.includes(f.rule));
  const holds: string[] = [];
  const names = plan.factors.map((f) => f.name.trim().toLowerCase());
  if (!NOT_TESTS.includes(plan.kind) && !broken('more-than-one-thing', 'nothing-differs', 'sown-apart', 'kinds-are-no-test'))
    holds.push(
      names.length > 1 ? `Only ${listInWords(names)} differ, each with the other and without it.` : `Only ${names[0]} differs.`,
    );
  const control = out.treatments.find((t) => t.control);
  if (control && !broken('no-control', 'control-is-treated')) {
    const own = out.layout.containers.filter((c) => c.treatment === control.code).length;
    holds.push(`${counted(own, methodOf(plan).container)} “${control.label}”: there is something to compare with.`);
  }
  if (out.layout.split.code === 'complete' && !broken('team-is-treatment', 'observer-is-treatment'))
    holds.push(splitWords(out.layout.split));
  if (
    Object.keys(plan.moved).length === 0 &&
    !broken('place-is-treatment', 'tray-is-treatment', 'places-stand-apart', 'stands-elsewhere')
  )
    holds.push('Places are drawn by lot.');
  return holds;
}
