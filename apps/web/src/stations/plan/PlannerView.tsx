import { type ClassView } from '@bright-sprout/contracts/classes';
import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { type PlanView } from '@bright-sprout/contracts/plans';
import { type Finding } from '@bright-sprout/core/plan/fairTest/fairRule';
import { fairTest } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type PlanProblem, planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { type WorkedOut, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { knownLot, type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { useEffect, useMemo, useRef } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { request } from '../../api/client';
import { useClass, usePlan, useSeedLots, useWrite } from '../../api/queries';
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
import { type PlanDraft, usePlanDraft } from './usePlanDraft';
import { WorkedOutPanel } from './WorkedOutPanel';
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
  const openFindings = findings.filter((f) => f.declared === null && f.severity !== 'mind');
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
        next={<Sow opened={opened} draft={draft} problems={problems} findings={findings} />}
      />
      <Stations
        stations={PARTS.map((name) => ({ to: `/plans/${opened.id}/${name}`, ...stationOf(name, plan, out) }))}
        aside={
          problems.length > 0
            ? `${problems.length} to fill in`
            : openFindings.length > 0
              ? `${openFindings.length} to mend`
              : 'a fair test'
        }
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

function Saved({ draft }: { draft: PlanDraft }) {
  const words = {
    saved: 'All saved',
    saving: 'Saving …',
    waiting: 'No network: kept here, sent when it is back',
    refused: 'Not saved yet',
  };
  return (
    <span className="planner-saved" role="status">
      <button type="button" className="btn btn-plain" disabled={!draft.undo} onClick={() => draft.undo?.()}>
        Undo
      </button>
      <button type="button" className="btn btn-plain" disabled={!draft.redo} onClick={() => draft.redo?.()}>
        Redo
      </button>
      {words[draft.saving]}
    </span>
  );
}

/** Ctrl+Z and Ctrl+Shift+Z (or Y) outside of text fields; inside, the field's own undo works. */
function useUndoKeys(draft: PlanDraft): void {
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  });
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const typing =
        e.target instanceof HTMLElement && e.target.matches('input:not([type=checkbox]):not([type=radio]), textarea');
      if (typing || !(e.ctrlKey || e.metaKey)) return;
      const key = e.key.toLowerCase();
      const act = key === 'z' && !e.shiftKey ? latest.current.undo : key === 'y' || key === 'z' ? latest.current.redo : null;
      if (!act) return;
      e.preventDefault();
      act();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
}

function TwoVersions({ draft }: { draft: PlanDraft }) {
  if (draft.theirs?.sown)
    return (
      <div className="notice" role="alert">
        <p>Somebody else has sown this plan a moment ago; your last change came too late for it.</p>
        <button type="button" className="btn" onClick={() => location.reload()}>
          See it as it was sown
        </button>
      </div>
    );
  return (
    <div className="notice" role="alert">
      <p>
        Somebody else changed this plan a moment ago{draft.theirs ? `: “${draft.theirs.document.question}”` : ''}. Nothing is
        lost; which version goes on?
      </p>
      <p className="d-flex gap-2 flex-wrap mb-0">
        <button type="button" className="btn" onClick={draft.takeTheirs}>
          Go on with theirs
        </button>
        <button type="button" className="btn" onClick={draft.keepOurs}>
          Keep mine
        </button>
      </p>
    </div>
  );
}

function StillMissing({ problems }: { problems: readonly PlanProblem[] }) {
  return (
    <section className="section">
      <h2>Before it works out</h2>
      <ul className="planner-missing">
        {problems.map((p) => (
          <li key={`${p.field}${p.sentence}`}>{p.sentence}</li>
        ))}
      </ul>
    </section>
  );
}

function Sow({
  opened,
  draft,
  problems,
  findings,
}: {
  opened: PlanView;
  draft: PlanDraft;
  problems: readonly PlanProblem[];
  findings: readonly Finding[];
}) {
  const navigate = useNavigate();
  const sow = useWrite(
    () => request<InvestigationView>('PUT', `/plans/${opened.id}/sowing`, { version: draft.version() }),
    'investigations',
    'classes',
    'plans',
  );
  if (opened.sown)
    return (
      <Link className="btn-next" to={`/investigations/${opened.id}`}>
        See the plants
      </Link>
    );
  const stops = findings.filter((f) => f.severity === 'stop' && f.declared === null).length;
  const ready = problems.length === 0 && stops === 0 && draft.saving === 'saved';
  return (
    <>
      <button
        type="button"
        className="btn btn-next"
        disabled={!ready || sow.isPending}
        title={stops > 0 ? 'Mend or declare what stops the test first' : undefined}
        onClick={() => sow.mutate(undefined, { onSuccess: (made) => void navigate(`/investigations/${made.id}/sow`) })}
      >
        {sow.isPending ? 'Laying out …' : 'Sow it'}
      </button>
      {sow.error && <ProblemNotice error={sow.error} />}
    </>
  );
}
