import { type ClassView } from '@bright-sprout/contracts/classes';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type PlanView } from '@bright-sprout/contracts/plans';
import { formatDay } from '@bright-sprout/core/calendar/days';
import { measuresOf } from '@bright-sprout/core/measures/registry';
import { LABEL_GRIDS, type LabelGrid, type PaperName, PAPERS } from '@bright-sprout/core/paper/labelGrid';
import { paperSheets } from '@bright-sprout/core/paper/paperSheets';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { planProblems } from '@bright-sprout/core/plan/document/planProblems';
import { labelLines } from '@bright-sprout/core/plan/lists/labelLines';
import { recipesOf } from '@bright-sprout/core/plan/recipes/recipe';
import { workOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useRef, useState } from 'react';
import { Form } from 'react-bootstrap';
import { Link, useParams, useSearchParams } from 'react-router';
import { request } from '../../../api/client';
import { useClass, useInvestigation, usePlan } from '../../../api/queries';
import { handOver } from '../../../compare/figures/takeAway';
import { Field } from '../../../entry/Field';
import { Empty, Loaded, ProblemNotice } from '../../../page/Notices';
import { PageHead } from '../../../page/PageHead';
import { RuledWord } from '../../../page/RuledWord';
import { PaperPage } from '../../../print/PaperPage';
import { type Making, pagesPdf } from '../../../print/pagesPdf';
import { mm, paperOf } from '../../../print/paper';
import { lookingDays } from '../../../records/lookingDays';
import { NotReached } from '../../../reach/NotReached';
import { useReach } from '../../../reach/useReach';
import { TrayPlan } from '../../../sowing/TrayPlan';
import { labelPages, type LabelledContainer } from './Labels';
import {
  cautionPages,
  notebookPages,
  predictionPages,
  rulerPages,
  runSheetPages,
  shoppingPages,
  wateringPages,
} from './OtherSheets';
import { recordsOfPlan } from './recordsOfPlan';
import { type Printable, PRINTABLES, type PrintableId } from './printable';
import { recordSheetPages, type SheetSize } from './RecordSheets';
import './printRoom.scss';

/** Everything of an investigation that can be printed, seen as it will lie on the paper. */
export function PrintRoomView() {
  const { id = '' } = useParams();
  const query = useInvestigation(id);
  return (
    <div className="page">
      <Loaded query={query} what="the investigation">
        {(records) => <WithClass records={records} />}
      </Loaded>
    </div>
  );
}

function WithClass({ records }: { records: InvestigationRecords }) {
  const group = useClass(records.investigation.class.id);
  const plan = usePlan(records.investigation.origin === 'planned' ? records.investigation.id : '');
  if (records.investigation.origin === 'planned' && plan.isPending) return null;
  return (
    <Loaded query={group} what="the class">
      {(found) => <PrintRoom records={records} group={found} plan={plan.data?.document ?? null} />}
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
      <Loaded query={query} what="the plan">
        {(plan) => <BeforeSowing plan={plan} />}
      </Loaded>
    </div>
  );
}

function BeforeSowing({ plan: { id, classId, document } }: { plan: PlanView }) {
  const group = useClass(classId);
  return (
    <Loaded query={group} what="the class">
      {(found) => {
        if (planProblems(document).length > 0)
          return (
            <Empty title="There is nothing to print yet">
              <p>Something in the plan is still missing.</p>
              <Link className="btn" to={`/plans/${id}/prepare`}>
                Back to the plan
              </Link>
            </Empty>
          );
        const records = recordsOfPlan(id, document, workOut(document, found.teams.length), found);
        return <PrintRoom records={records} group={found} plan={document} back={`/plans/${id}/prepare`} />;
      }}
    </Loaded>
  );
}

interface Choices {
  paper: PaperName;
  gridName: string;
  grid: LabelGrid;
  blind: boolean;
  size: SheetSize;
  week: string;
  team: string;
}

interface RoomProps {
  records: InvestigationRecords;
  group: ClassView;
  plan: PlanDocument | null;
  /** Where it was come from; the investigation's plan where nothing is said. */
  back?: string;
}

function PrintRoom({ records, group, plan, back }: RoomProps) {
  const { investigation } = records;
  const reach = useReach();
  const [search, setSearch] = useSearchParams();
  const asked = search.get('what');
  const what = PRINTABLES.find((p) => p === asked) ?? 'stick-labels';
  const days = useMemo(() => lookingDays(records), [records]);
  const sheets = useMemo(() => paperSheets(investigation.id, days, investigation.containers), [investigation, days]);
  const weeks = [...new Set(sheets.map((s) => s.week))];
  const today = todayIn(investigation.class.timeZone);
  const [choices, setChoices] = useState<Choices>({
    paper: 'a4',
    gridName: 'cut',
    grid: LABEL_GRIDS.cut!.grid,
    blind: false,
    size: investigation.class.gradeBand === 'early' ? 'early' : 'usual',
    week: weeks.find((_, i) => (weeks[i + 1] ?? '9') > today) ?? weeks[0] ?? '',
    team: '',
  });
  const change = (part: Partial<Choices>) => setChoices({ ...choices, ...part });
  const paper = paperOf(choices.paper);
  const printable = printableOf(what, { records, group, plan, sheets, days, choices, address: reach.address });
  const pages = printable.pages;
  return (
    <>
      <PageHead
        tag={
          <Link className="group-tag" to={back ?? `/investigations/${investigation.id}/plan`}>
            Plan
          </Link>
        }
        title="Print room"
        aside={investigation.question}
      />
      <main className="print-room">
        <nav aria-label="What is printed" className="print-room-list">
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
          <p className="print-room-sentence">
            On{' '}
            <RuledWord
              name="Paper"
              value={choices.paper}
              choices={(Object.keys(PAPERS) as PaperName[]).map((value) => ({ value, label: PAPERS[value].name }))}
              onChoose={(name) => change({ paper: name })}
            />
            <Options what={what} choices={choices} weeks={weeks} teams={investigation.teams} onChange={change} />.
          </p>
          {(what === 'stick-labels' || what === 'pot-labels') && (
            <>
              <GridFields grid={choices.grid} onChange={(grid) => change({ grid, gridName: 'own' })} />
              {!reach.asked && reach.address === null && <NotReached />}
            </>
          )}
          {typeof pages === 'string' ? (
            <p className="notice">{pages}</p>
          ) : (
            <Pages key={what} name={printable.name} pages={pages} paper={paper} />
          )}
        </section>
      </main>
    </>
  );
}

/** Pages as they lie on the paper, and the way to take them. */
function Pages({
  name,
  pages,
  paper,
}: {
  name: string;
  pages: Exclude<Printable['pages'], string>;
  paper: ReturnType<typeof paperOf>;
}) {
  const drawn = useRef<(SVGSVGElement | null)[]>([]);
  const [making, setMaking] = useState<Making | null>(null);
  const [error, setError] = useState<unknown>(null);
  const ending = useRef<AbortController | null>(null);
  const make = async () => {
    ending.current = new AbortController();
    const { signal } = ending.current;
    setError(null);
    setMaking({ done: 0, of: pages.length });
    try {
      const blob = await pagesPdf(
        drawn.current.slice(0, pages.length).filter((p) => p !== null),
        paper,
        name,
        { told: setMaking, signal },
      );
      handOver(blob, `${name.toLowerCase().replace(/[^a-z]+/g, '-')}.pdf`);
    } catch (problem) {
      if (!signal.aborted) setError(problem);
    } finally {
      setMaking(null);
    }
  };
  return (
    <>
      <p className="print-room-steps">
        {making ? (
          <>
            <progress max={making.of} value={making.done} aria-label="Pages that are made" />
            <span role="status">
              Page {Math.min(making.done + 1, pages.length)} of {pages.length} …
            </span>
            <button type="button" className="btn" onClick={() => ending.current?.abort()}>
              Stop
            </button>
          </>
        ) : (
          <button type="button" className="btn-next" onClick={() => void make()}>
            {pages.length === 1 ? 'The page as a PDF' : `All ${pages.length} pages as a PDF`}
          </button>
        )}
      </p>
      {error !== null && <ProblemNotice error={error} />}
      <div className="print-room-pages">
        {pages.map((p, i) => (
          <PaperPage
            key={i}
            paper={paper}
            label={p.label}
            ref={(element) => {
              drawn.current[i] = element;
            }}
          >
            {p.content}
          </PaperPage>
        ))}
      </div>
    </>
  );
}

const SIZES: Record<SheetSize, { label: string; detail: string }> = {
  usual: { label: 'usual', detail: 'a column for every measure' },
  large: { label: 'large', detail: 'for those who need it larger' },
  early: { label: 'with pictures', detail: 'plants to tick, whole centimetres' },
};

function Options({
  what,
  choices,
  weeks,
  teams,
  onChange,
}: {
  what: PrintableId;
  choices: Choices;
  weeks: readonly string[];
  teams: InvestigationRecords['investigation']['teams'];
  onChange: (part: Partial<Choices>) => void;
}) {
  if (what === 'stick-labels' || what === 'pot-labels')
    return (
      <>
        , on{' '}
        <RuledWord
          name="Sheet of labels"
          value={choices.gridName}
          choices={[
            ...Object.entries(LABEL_GRIDS).map(([value, { name }]) => ({ value, label: name })),
            ...(choices.gridName === 'own' ? [{ value: 'own', label: 'a sheet of your own' }] : []),
          ]}
          onChoose={(name) => LABEL_GRIDS[name] && onChange({ gridName: name, grid: { ...LABEL_GRIDS[name].grid } })}
        />
        ,{' '}
        <RuledWord
          name="What labels show"
          value={choices.blind ? 'blind' : 'open'}
          choices={[
            { value: 'open', label: 'with the treatment', detail: 'code, mark and a square to scan' },
            { value: 'blind', label: 'blind', detail: 'a number each; the key is a page for the teacher' },
          ]}
          onChoose={(v) => onChange({ blind: v === 'blind' })}
        />
      </>
    );
  if (what !== 'record-sheets' || weeks.length === 0) return null;
  return (
    <>
      , for the week of{' '}
      <RuledWord
        name="Week"
        value={choices.week}
        choices={[...weeks.map((w) => ({ value: w, label: formatDay(w) })), { value: 'all', label: 'every week' }]}
        onChoose={(week) => onChange({ week })}
      />{' '}
      and{' '}
      <RuledWord
        name="Team"
        value={choices.team}
        choices={[{ value: '', label: 'every team' }, ...teams.map((t) => ({ value: t.id, label: t.nickname }))]}
        onChoose={(team) => onChange({ team })}
      />
      ,{' '}
      <RuledWord
        name="Size of the sheet"
        value={choices.size}
        choices={(Object.keys(SIZES) as SheetSize[]).map((value) => ({ value, ...SIZES[value] }))}
        onChoose={(size) => onChange({ size })}
      />
    </>
  );
}

const GRID_FIELDS: [keyof LabelGrid, string][] = [
  ['columns', 'across'],
  ['rows', 'down'],
  ['side', 'side margin, mm'],
  ['end', 'top margin, mm'],
  ['gapAcross', 'gap across, mm'],
  ['gapDown', 'gap down, mm'],
  ['startAt', 'first label'],
];

function GridFields({ grid, onChange }: { grid: LabelGrid; onChange: (grid: LabelGrid) => void }) {
  return (
    <div className="print-room-grid">
      {GRID_FIELDS.map(([key, label]) => (
        <Field key={key} label={label}>
          {(props) => (
            <Form.Control
              type="number"
              min={0}
              step={key === 'columns' || key === 'rows' || key === 'startAt' ? 1 : 0.5}
              value={grid[key]}
              onChange={(e) => onChange({ ...grid, [key]: Number(e.target.value) })}
              {...props}
            />
          )}
        </Field>
      ))}
    </div>
  );
}

const NAMES: Record<PrintableId, { name: string; detail: string }> = {
  'stick-labels': { name: 'Stick labels', detail: 'code, mark, team and a square' },
  'pot-labels': { name: 'Pot labels', detail: 'the same, the code larger' },
  'record-sheets': { name: 'Record sheets', detail: 'to write on; they come back by their code' },
  'tray-map': { name: 'Tray map', detail: 'where everything stands' },
  'run-sheet': { name: 'Run sheet', detail: 'sowing day, step by step' },
  watering: { name: 'Watering chart', detail: 'what is due when, to tick' },
  shopping: { name: 'Shopping and mixing', detail: 'amounts worked out' },
  cautions: { name: 'Cautions', detail: 'from what the plan uses' },
  predictions: { name: 'Predictions', detail: 'a page a team, before sowing' },
  notebook: { name: 'Notebook pages', detail: 'one a container, to draw on' },
  ruler: { name: 'Ruler strips', detail: '20 cm, true to size' },
};

interface Facts {
  records: InvestigationRecords;
  group: ClassView;
  plan: PlanDocument | null;
  sheets: ReturnType<typeof paperSheets>;
  days: readonly string[];
  choices: Choices;
  address: string | null;
}

function printableOf(what: PrintableId, facts: Facts): Printable {
  return { id: what, ...NAMES[what], pages: pagesOf(what, facts) };
}

function pagesOf(what: PrintableId, { records, group, plan, sheets, days, choices, address }: Facts): Printable['pages'] {
  const { investigation } = records;
  const paper = paperOf(choices.paper);
  const out = plan && workOut(plan, group.teams.length);
  switch (what) {
    case 'stick-labels':
    case 'pot-labels':
      return labelPages(what === 'pot-labels' ? 'pot' : 'stick', labelled(records, group, plan), paper, {
        grid: choices.grid,
        blind: choices.blind,
        address,
        joinCode: group.joinCode,
        investigationId: investigation.id,
      });
    case 'record-sheets':
      return recordSheetPages(
        {
          records,
          sheets: sheets.filter(
            (s) => (choices.week === 'all' || s.week === choices.week) && (choices.team === '' || s.teamId === choices.team),
          ),
          measures: measuresOf(investigation.bench),
          size: choices.size,
        },
        paper,
      );
    case 'tray-map':
      return trayPages(investigation, paper);
    case 'run-sheet':
      return runSheetPages(investigation, paper);
    case 'watering':
      return wateringPages(investigation, paper);
    case 'shopping':
      return shoppingPages(plan, out, group.teams.length, paper);
    case 'cautions':
      return cautionPages(plan, paper);
    case 'predictions':
      return predictionPages(investigation, paper);
    case 'notebook':
      return notebookPages(investigation, days, paper);
    case 'ruler':
      return rulerPages(paper);
  }
}

function trayPages(investigation: InvestigationRecords['investigation'], paper: ReturnType<typeof paperOf>): Printable['pages'] {
  const teams = [
    ...investigation.teams.map((t) => ({
      emblem: t.emblem,
      nickname: t.nickname,
      pots: investigation.containers.filter((c) => c.teamId === t.id),
    })),
    { emblem: null, nickname: 'The class', pots: investigation.containers.filter((c) => c.teamId === null) },
  ].filter((t) => t.pots.length > 0);
  if (teams.length === 0) return 'There are no containers yet.';
  return [
    {
      label: 'Tray map, window at the top',
      content: (
        <>
          <text x={mm(12)} y={mm(20)} fontSize="30" className="paper-heading">
            Tray map
          </text>
          <text x={mm(12)} y={mm(27)} fontSize="16" className="paper-second">
            {investigation.question}
          </text>
          {/* Along the page, the window to the right: turned with it the map is as large as the paper lets it be. */}
          <g transform={`translate(${paper.width - mm(14)} ${mm(36)}) rotate(90)`}>
            <svg
              width={paper.height - mm(36 + 16)}
              height={paper.width - mm(28)}
              preserveAspectRatio="xMinYMin"
              className="print-room-tray"
            >
              <TrayPlan teams={teams} />
            </svg>
          </g>
        </>
      ),
    },
  ];
}

function labelled({ investigation }: InvestigationRecords, group: ClassView, plan: PlanDocument | null): LabelledContainer[] {
  const recipes = plan ? recipesOf(plan) : [];
  const lines = new Map(
    investigation.treatments.map((t) => {
      const recipe = recipes.find((r) => r.treatment.code === t.code);
      return [t.code, plan && recipe ? labelLines(plan, recipe, recipes) : [t.label]] as const;
    }),
  );
  return [...investigation.containers, ...investigation.reserve].map((c) => ({
    code: c.code,
    treatment: c.treatment,
    lines: lines.get(c.treatment) ?? [],
    team: group.teams.find((t) => t.id === c.teamId) ?? null,
    child: c.childNumber,
    inReserve: investigation.reserve.includes(c),
  }));
}
