import { say } from '@bright-sprout/words/say';
import { listInWords } from '../../words/listInWords';
import { counted } from '../../words/plural';
import { type PlanDocument } from '../document/planDocument';
import { splitWords } from '../layout/splitWords';
import { type WorkedOut } from '../workedOut/workOut';
import { type ToFix } from './fairRule';
import { methodOf, NOT_TESTS } from './planFacts';

/** Rules that say that something else differs too, or nothing. */
const MORE_DIFFERS = [
  'more-than-one-thing',
  'unfair-difference',
  'nothing-differs',
  'name-contradicts-amount',
  'sown-apart',
  'kinds-are-no-test',
  'compares-after-all',
  'no-soil-to-change',
  'places-stand-apart',
];

/** What speaks for the test as it is planned, in sentences; what a finding is about is not among it, also where it is declared. */
export function whatHolds(plan: PlanDocument, out: WorkedOut, findings: readonly ToFix[]): string[] {
  const broken = (...rules: string[]) => findings.some((f) => rules.includes(f.rule));
  const holds: string[] = [];
  const names = plan.factors.map((f) => f.name.trim());
  // At home, and where places differ, much differs with them.
  const alone = plan.assignment !== 'own-pot' && !broken(...MORE_DIFFERS);
  const withinKinds = plan.factors.filter((f) => f.subject !== 'kind').map((f) => f.name.trim());
  const aside = findings.filter((f) => f.rule !== 'kinds-are-no-test');
  if (plan.factors.length > 1 && withinKinds.length < plan.factors.length && !aside.some((f) => MORE_DIFFERS.includes(f.rule)))
    holds.push(
      say('fairTest.withinKindOnlyDiffer', { withinKinds: listInWords(withinKinds), severalWithinKinds: withinKinds.length > 1 }),
    );
  else if (!NOT_TESTS.includes(plan.kind) && alone)
    holds.push(
      names.length > 1
        ? say('fairTest.onlyDifferEveryCombination', { names: listInWords(names) })
        : say('fairTest.onlyDiffers', { names: names[0] }),
    );
  const control = out.treatments.find((t) => t.control);
  if (control && !broken('no-control', 'control-is-treated')) {
    const own = out.layout.containers.filter((c) => c.treatment === control.code).length;
    holds.push(say('fairTest.somethingCompare', { own: counted(own, methodOf(plan).container), label: control.label }));
  }
  if (out.layout.split.code === 'complete' && !broken('team-is-treatment', 'observer-is-treatment'))
    holds.push(splitWords(out.layout.split));
  if (
    plan.assignment !== 'own-pot' &&
    Object.keys(plan.moved).length === 0 &&
    !broken('place-is-treatment', 'tray-is-treatment', 'places-stand-apart', 'stands-elsewhere')
  )
    holds.push(say('fairTest.placesDrawnLot'));
  return holds;
}
