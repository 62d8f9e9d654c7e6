import { type ClassView } from '@bright-sprout/contracts/classes';
import { type PlanView } from '@bright-sprout/contracts/plans';
import { fairTest, verdict } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type PlanProblem, planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { type WorkedOut, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { knownLot, type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useClass, usePlan, useSeedLots } from '../../api/queries';
import { Loaded, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { Stations } from '../../page/Stations';
import { AskPart } from './ask/AskPart';
import { DaysPart } from './days/DaysPart';
import { FairTestList } from './FairTestList';
import { LayOutPart } from './layOut/LayOutPart';
import { type PartProps } from './partProps';
import { PreparePart } from './prepare/PreparePart';
import { SeedsPart } from './seeds/SeedsPart';
import { usePlanDraft } from './usePlanDraft';
import { WorkedOutPanel } from './WorkedOutPanel';
import { Saved, TwoVersions } from './Saved';
import { useUndoKeys } from './useUndoKeys';
import { StillMissing, SowIt } from './SowIt';
import './planner.scss';

const PARTS = ['ask', 'seeds', 'lay-out', 'days', 'prepare'] as const;

export function PlannerView() {
  const { id = '' } = useParams();
  const query = usePlan(id);
  return (
    <div className="page">
      <Loaded query={query} what="the plan">
        {(opened) => <OfClass opened={opened} />}
      </Loaded>
    </div>
  );
}

function OfClass({ opened }: { opened: PlanView }) {
  const query = useClass(opened.classId);
  return (
    <Loaded query={query} what="the class">
      {(group) => <Planner key={opened.id} opened={opened} group={group} />}
    </Loaded>
  );
}

function Planner({ opened, group }: { opened: PlanView; group: ClassView }) {
  const { part = 'ask' } = useParams();
  const draft = usePlanDraft(opened);
  const { plan, change } = draft;
  const problems = useMemo(() => planProblems(plan), [plan]);
  const teams = group.teams.length;
  const lots = useSeedLots();
  const lot = lots.data?.find((l) => l.id === plan.seedLotId && l.speciesId === plan.speciesId);
  const out = useMemo(() => worked(plan, problems, teams, lot), [plan, problems, teams, lot]);
  const findings = useMemo(() => (out ? fairTest(plan, out, teams) : []), [plan, out, teams]);
  useUndoKeys(draft);
  const props: PartProps = { planId: opened.id, group, plan, change, problems, out, readOnly: opened.sown };
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={`/classes/${group.id}`}>
            {group.name}
          </Link>
        }
        title={plan.question.trim() || 'A plan without a question yet'}
        aside={opened.sown ? 'Sown: the plan can be read' : <Saved draft={draft} />}
        next={<SowIt opened={opened} draft={draft} problems={problems} findings={findings} />}
      />
      <Stations
        stations={PARTS.map((name) => ({ to: `/plans/${opened.id}/${name}`, ...stationOf(name, plan, out) }))}
        aside={problems.length > 0 ? `${problems.length} to fill in` : verdict(plan, findings)}
      />
      {draft.theirs && <TwoVersions draft={draft} />}
      {draft.refusal && <ProblemNotice error={draft.refusal} />}
      <div className="planner">
        <main className="planner-part">
          <fieldset disabled={opened.sown}>
            {part === 'ask' && <AskPart {...props} />}
            {part === 'seeds' && <SeedsPart {...props} />}
            {part === 'lay-out' && <LayOutPart {...props} />}
            {part === 'days' && <DaysPart {...props} />}
          </fieldset>
          {part === 'prepare' && <PreparePart {...props} />}
        </main>
        <aside className="planner-side no-print">
          {out ? <WorkedOutPanel plan={plan} out={out} teams={teams} /> : <StillMissing problems={problems} />}
          <FairTestList findings={findings} change={change} plan={plan} readOnly={opened.sown} />
        </aside>
      </div>
    </>
  );
}

/** Marks for measuring how long a change takes until every number is worked out. */
function worked(plan: PlanDocument, problems: readonly PlanProblem[], teams: number, lot: SeedLot | undefined): WorkedOut | null {
  if (problems.length > 0) return null;
  performance.mark('plan-changed');
  const out = workOut(plan, teams, lot ? knownLot(lot) : null);
  performance.measure('plan-worked-out', 'plan-changed');
  return out;
}

function stationOf(part: (typeof PARTS)[number], plan: PlanDocument, out: WorkedOut | null) {
  const states = {
    ask: { name: 'Ask', state: `${plan.factors.map((f) => f.name || '…').join(' × ')}`, done: true },
    seeds: { name: 'Seeds', state: out ? `${out.seedsSown} seeds` : '…', done: out !== null },
    'lay-out': { name: 'Lay out', state: out ? `${out.containers} places` : '…', done: out !== null },
    days: {
      name: 'Days',
      state: out?.checkDays.ok ? `${out.checkDays.days.length} checks` : '…',
      done: out?.checkDays.ok === true,
    },
    prepare: { name: 'Prepare', state: 'lists', done: out !== null },
  };
  return states[part];
}
