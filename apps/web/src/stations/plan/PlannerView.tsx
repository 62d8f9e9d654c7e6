import { say } from '@bright-sprout/words/say';
import { spellAs } from '../../words/spelledBy';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { whatHolds } from '@bright-sprout/core/plan/fairTest/whatHolds';
import { fairTest, verdict } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type PlanProblem, planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { type KnownLot, type WorkedOut, workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { lotOfPlan } from '@bright-sprout/core/seeds/seedLot';
import { planCalendar } from '@bright-sprout/core/plan/calendar/planCalendar';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { counted, nounOf } from '@bright-sprout/core/words/plural';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useClass, usePlan, useSeedLots } from '../../api/queries';
import { Loaded, ProblemNotice } from '../../page/Notices';
import { PageHead } from '../../page/PageHead';
import { Stations } from '../../page/Stations';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { Alike } from './ask/alike/Alike';
import { AskPart } from './ask/AskPart';
import { UsualWays } from './ask/UsualWays';
import { PlanSide } from './PlanSide';
import { PlanTape } from './tape/PlanTape';
import { DaysPart } from './days/DaysPart';
import { LearnedBefore } from './LearnedBefore';
import { FairTestList } from './FairTestList';
import { LayOutPart } from './layOut/LayOutPart';
import { type PartProps } from './partProps';
import { PreparePart } from './prepare/PreparePart';
import { SeedsPart } from './seeds/SeedsPart';
import { type PlanDraft, usePlanDraft } from './usePlanDraft';
import { WorkedOutPanel } from './WorkedOutPanel';
import { Saved, TwoVersions } from './Saved';
import { SowIt, StillMissing } from './SowIt';
import { setting } from './planFields';
import './planner.scss';

const PARTS = ['ask', 'seeds', 'lay-out', 'days', 'prepare'] as const;

export function PlannerView() {
  const { id = '' } = useParams();
  const query = usePlan(id);
  return (
    <div className="page">
      <Loaded query={query} what={say('planner.thePlan')}>
        {(opened) => <OfClass opened={opened} />}
      </Loaded>
    </div>
  );
}

function OfClass({ opened }: { opened: PlanView }) {
  const query = useClass(opened.classId);
  return (
    <Loaded query={query} what={say('common.theClass')}>
      {(group) => <Planner key={opened.id} opened={opened} group={group} />}
    </Loaded>
  );
}

function Planner({ opened, group }: { opened: PlanView; group: ClassView }) {
  const { part = 'ask' } = useParams();
  const draft = usePlanDraft(opened);
  const { plan, change } = draft;
  spellAs(plan.protocol.resolution);
  const problems = useMemo(() => planProblems(plan), [plan]);
  const teams = group.teams.length;
  const lots = useSeedLots();
  const lot = useMemo(() => lotOfPlan(plan, lots.data ?? []), [plan, lots.data]);
  const out = useMemo(() => worked(plan, problems, teams, lot), [plan, problems, teams, lot]);
  const findings = useMemo(() => (out ? fairTest(plan, out, teams) : []), [plan, out, teams]);
  const today = todayIn(group.timeZone);
  const since = opened.sown ? null : today;
  const last = useLast(
    useMemo(() => (out ? { plan, out, calendar: planCalendar(plan, out, since), findings } : null), [plan, out, findings, since]),
  );
  useUndoKeys(draft);
  const size = last ? sizeOf(last.plan, last.out) : say('planner.workedYet');
  const standing = problems.length > 0 ? say('planner.toFillIn', { countProblems: problems.length }) : verdict(plan, findings);
  const props: PartProps = { planId: opened.id, group, plan, change, problems, out, readOnly: opened.sown };
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={`/classes/${group.id}`}>
            {group.name}
          </Link>
        }
        title={
          part === 'ask' && !opened.sown ? (
            <QuestionField plan={plan} change={change} problems={problems} />
          ) : (
            plan.question.trim() || say('planner.planWithoutQuestionYet')
          )
        }
        aside={opened.sown ? say('planner.sownPlanRead') : <Saved draft={draft} />}
        next={<SowIt opened={opened} draft={draft} problems={problems} findings={findings} size={size} />}
      />
      {last && (
        <div className={part === 'days' ? 'planner-tape' : 'planner-tape only-wide'}>
          <PlanTape {...last} making={part === 'days'} today={today} change={change} readOnly={opened.sown} />
        </div>
      )}
      <Stations
        stations={PARTS.map((name) => ({ to: `/plans/${opened.id}/${name}`, ...stationOf(name, plan, out) }))}
        aside={standing}
      />
      {draft.theirs && <TwoVersions draft={draft} />}
      {draft.refusal && <ProblemNotice error={draft.refusal} />}
      <div className={`planner planner-on-${part}`}>
        <main className="planner-part">
          <LearnedBefore plan={plan} onForget={opened.sown ? null : () => change((p) => ({ ...p, learned: [] }))} />
          <fieldset disabled={opened.sown}>
            {part === 'ask' && <AskPart {...props} />}
            {part === 'seeds' && <SeedsPart {...props} />}
            {part === 'lay-out' && <LayOutPart {...props} />}
            {part === 'days' && <DaysPart {...props} />}
          </fieldset>
          {part === 'prepare' && <PreparePart {...props} />}
        </main>
        {part === 'ask' && (
          <fieldset disabled={opened.sown} className="planner-alike">
            {plan.factors.length === 1 && <Alike {...props} />}
            <UsualWays plan={plan} change={change} />
          </fieldset>
        )}
        <PlanSide bar={size} trouble={standing}>
          <FairTestList
            findings={findings}
            holds={out ? whatHolds(plan, out, findings) : []}
            change={change}
            plan={plan}
            readOnly={opened.sown}
          />
          {out ? <WorkedOutPanel plan={plan} out={out} teams={teams} /> : <StillMissing problems={problems} />}
        </PlanSide>
      </div>
    </>
  );
}

/** The last that was not nothing. */
function useLast<T>(value: T | null): T | null {
  const [last, setLast] = useState(value);
  if (value !== null && value !== last) setLast(value);
  return value ?? last;
}

const sizeOf = (plan: PlanDocument, out: WorkedOut) =>
  say('planner.seeds', {
    containers: counted(out.containers, methodById(plan.methodId)?.container ?? nounOf('container')),
    seedsSown: out.seedsSown,
  });

/** Marks for measuring how long a change takes until every number is worked out. */
function worked(plan: PlanDocument, problems: readonly PlanProblem[], teams: number, lot: KnownLot | null): WorkedOut | null {
  if (problems.length > 0) return null;
  performance.mark('plan-changed');
  const out = workOut(plan, teams, lot);
  performance.measure('plan-worked-out', 'plan-changed');
  return out;
}

function stationOf(part: (typeof PARTS)[number], plan: PlanDocument, out: WorkedOut | null) {
  const states = {
    ask: { name: say('planner.ask'), state: `${plan.factors.map((f) => f.name || '…').join(' × ')}`, done: true },
    seeds: {
      name: say('planner.seedsTitle'),
      state: out ? say('planner.seedsCount', { seedsSown: out.seedsSown }) : '…',
      done: out !== null,
    },
    'lay-out': {
      name: say('planner.layOut'),
      state: out ? say('planner.places', { containers: out.containers }) : '…',
      done: out !== null,
    },
    days: {
      name: say('planner.days'),
      state: out?.checkDays.ok ? say('planner.checks', { countDays: out.checkDays.days.length }) : '…',
      done: out?.checkDays.ok === true,
    },
    prepare: { name: say('planner.prepare'), state: 'lists', done: out !== null },
  };
  return states[part];
}

/** The question in the class's own words, changed where it stands. */
function QuestionField({ plan, change, problems }: Pick<PartProps, 'plan' | 'change' | 'problems'>) {
  return (
    <textarea
      className="asked-question"
      aria-label={say('planner.wantFind')}
      placeholder={say('planner.wantFind')}
      rows={1}
      maxLength={200}
      value={plan.question}
      aria-invalid={problems.some((p) => p.field === 'question')}
      onChange={(e) => change(setting({ question: e.target.value.replace(/\n/g, ' ') }))}
    />
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
