import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type PlanView } from '@bright-sprout/contracts/answers/plans';
import { LABEL_GRIDS, type PaperName, PAPERS } from '@bright-sprout/core/paper/labelGrid';
import { paperSheets } from '@bright-sprout/core/paper/paperSheets';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { lotOfPlan, type SeedLot } from '@bright-sprout/core/seeds/seedLot';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { request } from '../../../api/client';
import { useClass, useInvestigation, usePlan, useSeedLots } from '../../../api/queries';
import { Empty, Loaded } from '../../../page/Notices';
import { PageHead } from '../../../page/PageHead';
import { RuledWord } from '../../../page/RuledWord';
import { paperOf } from '../../../print/paper';
import { lookingDays } from '../../../records/lookingDays';
import { NotReached } from '../../../wayIn/NotReached';
import { useWayIn } from '../../../wayIn/useWayIn';
import { recordsOfPlan } from './recordsOfPlan';
import { type Choices, type Planned, PRINTABLES } from './printable';
import { NAMES, printableOf } from './printablePages';
import { PrintedPages } from './PrintedPages';
import { GridFields, PrintSentence } from './PrintOptions';
import './printRoom.scss';

/** Everything of an investigation that can be printed, seen as it will lie on the paper. */
export function PrintRoomView() {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  return (
    <div className="page">
      <Loaded query={query} what={say('common.theInvestigation')}>
        {(records) => <WithClass records={records} />}
      </Loaded>
    </div>
  );
}

function WithClass({ records }: { records: InvestigationRecords }) {
  const group = useClass(records.investigation.class.id);
  const plan = usePlan(records.investigation.origin === 'planned' ? records.investigation.id : '');
  const lots = useSeedLots();
  if (lots.isPending || (records.investigation.origin === 'planned' && plan.isPending)) return null;
  return (
    <Loaded query={group} what={say('common.theClass')}>
      {(found) => <PrintRoom records={records} group={found} planned={plannedOf(plan.data?.document, found, lots.data)} />}
    </Loaded>
  );
}

/** The same for a plan that is not sown yet: labels, lists and sheets are needed before that. */
export function PlanPrintRoomView() {
  const { id = '' } = useParams();
  // As it was saved last; what the planner holds of it is its own.
  const query = useQuery({
    queryKey: ['printed-plan', id],
    queryFn: () => request<PlanView>('GET', `/plans/${id}`),
    staleTime: 0,
    gcTime: 0,
  });
  return (
    <div className="page">
      <Loaded query={query} what={say('printRoom.thePlan')}>
        {(plan) => <BeforeSowing plan={plan} />}
      </Loaded>
    </div>
  );
}

function BeforeSowing({ plan: { id, classId, document } }: { plan: PlanView }) {
  const group = useClass(classId);
  const lots = useSeedLots();
  if (lots.isPending) return null;
  return (
    <Loaded query={group} what={say('common.theClass')}>
      {(found) => {
        if (planProblems(document).length > 0)
          return (
            <Empty title={say('printRoom.nothingPrintYet')}>
              <p>{say('printRoom.somethingPlanStillMissing')}</p>
              <Link className="btn" to={`/plans/${id}/prepare`}>
                {say('printRoom.backPlan')}
              </Link>
            </Empty>
          );
        const planned = plannedOf(document, found, lots.data);
        const records = recordsOfPlan(id, document, planned!.out, found);
        return <PrintRoom records={records} group={found} planned={planned} back={`/plans/${id}/prepare`} />;
      }}
    </Loaded>
  );
}

/** A plan with everything worked out of it, as the planner shows it; null where records came as a table. */
function plannedOf(plan: PlanDocument | undefined, group: ClassView, lots: readonly SeedLot[] = []): Planned | null {
  return plan ? { plan, out: workOut(plan, group.teams.length, lotOfPlan(plan, lots)) } : null;
}

interface RoomProps {
  records: InvestigationRecords;
  group: ClassView;
  planned: Planned | null;
  /** Where it was come from; the investigation's plan where nothing is said. */
  back?: string;
}

function PrintRoom({ records, group, planned, back }: RoomProps) {
  const { investigation } = records;
  const reach = useWayIn();
  const [search, setSearch] = useSearchParams();
  const asked = search.get('what');
  const what = PRINTABLES.find((p) => p === asked) ?? 'stick-labels';
  const days = useMemo(() => lookingDays(records), [records]);
  const sheets = useMemo(() => paperSheets(investigation.id, days, investigation.containers), [investigation, days]);
  const weeks = sheets.flatMap((s) => (s.period === 'week' ? [s.from] : []));
  const today = todayIn(investigation.class.timeZone);
  const [choices, setChoices] = useState<Choices>({
    paper: 'a4',
    gridName: 'cut',
    grid: LABEL_GRIDS.cut!.grid,
    blind: false,
    size: investigation.class.gradeBand === 'early' ? 'early' : 'usual',
    kitchen: 'metric',
    period: 'week',
    from: weeks.filter((w) => w <= today).pop() ?? weeks[0] ?? 'all',
    team: '',
  });
  const change = (part: Partial<Choices>) => setChoices({ ...choices, ...part });
  const paper = paperOf(choices.paper);
  const printable = printableOf(what, { records, group, planned, sheets, days, choices, address: reach.address });
  const pages = printable.pages;
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={back ?? `/investigations/${investigation.id}/plan`}>
            {say('common.plan')}
          </Link>
        }
        title={say('printRoom.printRoom')}
        aside={investigation.question}
      />
      <main className="print-room">
        <nav aria-label={say('printRoom.whatIsPrinted')} className="print-room-list">
          {PRINTABLES.map((id) => {
            const { name, detail } = NAMES[id];
            return (
              <button
                key={id}
                type="button"
                aria-pressed={id === what}
                onClick={() => setSearch({ what: id }, { replace: true })}
              >
                <b>{name}</b>
                <span>{detail}</span>
              </button>
            );
          })}
        </nav>
        <section className="print-room-sheet" aria-label={printable.name}>
          <div className="print-room-sentence">
            <PrintSentence
              what={what}
              choices={choices}
              sheets={sheets}
              teams={investigation.teams}
              onChange={change}
              paper={
                <RuledWord
                  name={say('common.paper')}
                  value={choices.paper}
                  choices={(Object.keys(PAPERS) as PaperName[]).map((value) => ({ value, label: PAPERS[value].name }))}
                  onChoose={(name) => change({ paper: name })}
                />
              }
            />
          </div>
          {(what === 'stick-labels' || what === 'pot-labels') && (
            <>
              <GridFields grid={choices.grid} onChange={(grid) => change({ grid, gridName: 'own' })} />
              {!reach.asked && reach.address === null && <NotReached />}
            </>
          )}
          {typeof pages === 'string' ? (
            <p className="notice">{pages}</p>
          ) : (
            <PrintedPages key={what} name={printable.name} pages={pages} paper={paper} />
          )}
        </section>
      </main>
    </>
  );
}
