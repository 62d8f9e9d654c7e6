import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { formatDay, numberedDay } from '@bright-sprout/core/calendar/days';
import { careTasksOn } from '@bright-sprout/core/care/careTasks';
import { eventWords } from '@bright-sprout/core/plan/calendar/eventWords';
import { cautionsFor, protectiveGear, rulesFirst, toAskAbout } from '@bright-sprout/core/plan/cautions/cautions';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { mixingCards } from '@bright-sprout/core/plan/lists/mixingCards';
import { homeKit, shoppingList } from '@bright-sprout/core/plan/lists/prepare';
import { seedLessonSteps } from '@bright-sprout/core/plan/lists/seedLesson';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
import { runStepWords } from '@bright-sprout/core/plan/lists/runSheetWords';
import { RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { MarkShape } from '../../../marks/TreatmentMark';
import { MARGIN, mm, type Paper } from '../../../print/paper';
import { type TextBlock, textPages } from '../../../print/textPages';
import { wrapText } from '../../../print/wrapText';
import { EMBLEM_PATHS } from '../../../theme/emblems';
import { type Planned, type Printable } from './printable';

const listed = (blocks: TextBlock[], paper: Paper, name: string): Printable['pages'] =>
  textPages(blocks, paper).map((p, i, all) => ({
    label: all.length > 1 ? say('printRoom.nameAndPage', { name, page: i + 1 }) : name,
    content: p.nodes,
  }));

const noPlan = () => say('printRoom.recordsCameTablePlan');

export function runSheetPages(investigation: InvestigationView, paper: Paper): Printable['pages'] {
  if (investigation.runSheet.length === 0) return noPlan();
  return listed(
    [
      {
        kind: 'title',
        text: sowings(investigation).length > 1 ? say('printRoom.sowingDays') : say('common.sowingDay'),
        under: `${investigation.question} ${sownWords(investigation)}`,
      },
      ...investigation.runSheet.map((s): TextBlock => ({ kind: 'text', text: runStepWords(s), mark: 'number' })),
    ],
    paper,
    say('printRoom.runSheet'),
  );
}

const sowings = ({ containers }: InvestigationView) => [...new Set(containers.map((c) => c.sownOn))].sort();

/** The day of sowing, or each of them with what is sown on it. */
function sownWords(investigation: InvestigationView): string {
  const { containers, treatments, sownOn } = investigation;
  const days = sowings(investigation);
  if (days.length < 2) return formatDay(days[0] ?? sownOn);
  // A step of the sheet says it, with the marks.
  if (investigation.runSheet.some((s) => typeof s !== 'string' && s.code === 'turns'))
    return say('printRoom.daysFromTo', { from: formatDay(days[0]!), to: formatDay(days[days.length - 1]!) });
  const labels = (day: string) =>
    treatments.filter((t) => containers.some((c) => c.treatment === t.code && c.sownOn === day)).map((t) => t.label);
  return `${days.map((day) => `${formatDay(day)}: ${labels(day).join(', ')}`).join('. ')}.`;
}

/** A line a day on which plants are cared for, to fill in; and behind it whatever is due on which day. */
export function wateringPages(investigation: InvestigationView, paper: Paper): Printable['pages'] {
  const due = investigation.schedule.filter((e) => e.kind !== 'prepare' && e.day >= investigation.sownOn);
  if (due.length === 0) return noPlan();
  return listed(
    [...careChart(investigation), { kind: 'new-page' }, ...dueList(investigation, due)],
    paper,
    say('printRoom.wateringChart'),
  );
}

const dayWords = (day: string, { sownOn }: InvestigationView) => `${formatDay(day, 'short')}, ${numberedDay(sownOn, day)}`;

function careChart(investigation: InvestigationView): TextBlock[] {
  const { schedule, bench, sownOn } = investigation;
  const days = [...new Set(schedule.map((e) => e.day))].filter((day) => day >= sownOn).sort();
  const tasks = days.map((day) => ({ day, tasks: careTasksOn(day, schedule, bench.care) })).filter((d) => d.tasks.length > 0);
  // What comes back has a column, and is said once.
  const usual = ['water', 'vent', 'turn'].flatMap((id) => tasks.flatMap((d) => d.tasks).find((t) => t.id === id) ?? []);
  const shares = [2.2, ...usual.map(() => 1.5), 3.4, 1.5];
  return [
    { kind: 'title', text: say('printRoom.wateringChart'), under: investigation.question },
    ...usual.map((t): TextBlock => ({ kind: 'text', text: `${t.title}: ${t.note}`, mark: 'dot' })),
    {
      kind: 'row',
      cells: [
        say('common.dayHead'),
        ...usual.map((t) => (t.amountMl === null ? t.title : say('printRoom.mlEach', { title: t.title }))),
        say('printRoom.also'),
        say('printRoom.doneBy'),
      ],
      shares,
      head: true,
    },
    ...tasks.map(({ day, tasks: ofDay }): TextBlock => ({
      kind: 'row',
      cells: [
        dayWords(day, investigation),
        ...usual.map((u) => (ofDay.some((t) => t.id === u.id) ? '' : '–')),
        ofDay
          .filter((t) => usual.every((u) => u.id !== t.id))
          .map((t) => `${t.title}. ${t.note}`)
          .join(' '),
        '',
      ],
      shares,
      toFillIn: true,
    })),
  ];
}

function dueList(investigation: InvestigationView, due: InvestigationView['schedule']): TextBlock[] {
  const shares = [2.1, 4.6, 2.2];
  return [
    { kind: 'title', text: say('printRoom.dueWhen'), under: investigation.question },
    { kind: 'row', cells: [say('common.dayHead'), say('common.what'), say('printRoom.doneBy')], shares, head: true },
    ...due.map((e): TextBlock => {
      const { title, note } = eventWords(e);
      return { kind: 'row', cells: [dayWords(e.day, investigation), note ? `${title}. ${note}` : title, ''], shares };
    }),
  ];
}

/** Shopping, what is mixed, and what goes home. */
export function shoppingPages(planned: Planned | null, teams: number, kitchen: Kitchen, paper: Paper): Printable['pages'] {
  if (!planned) return noPlan();
  const { plan, out } = planned;
  const shares = [4, 2.4, 2.6];
  const home = plan.assignment === 'own-pot' ? homeKit(plan, out) : [];
  return listed(
    [
      { kind: 'title', text: say('printRoom.toHaveAtHand'), under: plan.question },
      {
        kind: 'row',
        cells: [
          say('common.what'),
          teams > 0 ? say('printRoom.eachTeam') : say('printRoom.needed'),
          say('printRoom.inAllWithSpares'),
        ],
        shares,
        head: true,
      },
      ...shoppingList(plan, out, teams, kitchen).map((l): TextBlock => ({
        kind: 'row',
        cells: [l.what, l.perTeam, l.total],
        shares,
      })),
      ...mixingCards(plan, out).flatMap((card): TextBlock[] => [
        { kind: 'heading', text: card.title },
        ...card.steps.map((s): TextBlock => ({ kind: 'text', text: s, mark: 'number' })),
        { kind: 'text', text: card.limit },
      ]),
      ...(plan.seedLesson
        ? [
            { kind: 'heading' as const, text: say('printRoom.lessonAboutSeeds') },
            ...seedLessonSteps(plan).map((text): TextBlock => ({ kind: 'text', text, mark: 'number' })),
          ]
        : []),
      ...(home.length > 0 ? [{ kind: 'heading' as const, text: say('printRoom.goesHome') }] : []),
      ...home.map((s): TextBlock => ({ kind: 'text', text: s, mark: 'box' })),
    ],
    paper,
    say('printRoom.shoppingMixing'),
  );
}

export function cautionPages(plan: PlanDocument | null, paper: Paper): Printable['pages'] {
  if (!plan) return noPlan();
  const cautions = cautionsFor(plan);
  const [gear, ask] = [protectiveGear(cautions), toAskAbout(cautions)];
  return listed(
    [
      { kind: 'title', text: say('printRoom.toMind'), under: plan.question },
      { kind: 'text', text: rulesFirst(), strong: true },
      ...(ask.length > 0
        ? [{ kind: 'text' as const, text: say('printRoom.askFamiliesBeforeStart', { ask: ask.join('; ') }) }]
        : []),
      ...(gear.length > 0 ? [{ kind: 'text' as const, text: say('printRoom.haveAtHand', { gear: gear.join(', ') }) }] : []),
      ...cautions.map((c): TextBlock => ({
        kind: 'text',
        text: say('printRoom.adultsJob', { say: c.say, adult: Boolean(c.adult), from: c.from }),
        mark: 'box',
        strong: c.gravity === 'block' || c.gravity === 'serious',
      })),
    ],
    paper,
    say('printRoom.cautions'),
  );
}

/** A page a team on which it says before sowing what it expects. */
export function predictionPages(investigation: InvestigationView, paper: Paper): Printable['pages'] {
  if (investigation.teams.length === 0) return say('printRoom.teamsYet');
  const left = mm(MARGIN);
  const right = paper.width - left;
  // Where no height is measured, none is guessed.
  const tall = investigation.bench.measures.includes('height');
  const expectations = [
    say('printRoom.firstDay'),
    ...(tall ? [say('printRoom.tallestLastDay', { resolutionUnit: RESOLUTION_UNIT[investigation.resolution] })] : []),
  ];
  return investigation.teams.map((team) => ({
    label: say('printRoom.predictionsOf', { nickname: team.nickname }),
    content: (
      <>
        <path
          d={EMBLEM_PATHS[team.emblem]}
          fillRule="evenodd"
          fill="#2A1B2E"
          transform={`translate(${left} ${left}) scale(2.4)`}
        />
        <text x={left + 76} y={left + 38} fontSize="34" className="paper-heading">
          {say('printRoom.whatDoYouExpect', { nickname: team.nickname })}
        </text>
        {wrapText(investigation.question, right - left, { size: 21, heading: false }).map((line, i) => (
          <text key={i} x={left} y={left + 92 + 26 * i} fontSize="21">
            {line}
          </text>
        ))}
        <path d={`M${left} ${left + 150}H${right}`} stroke="#2A1B2E" strokeWidth="3" />
        {expectations.map((words, i) => (
          <g key={words} transform={`translate(${left} ${left + 200 + 100 * i})`}>
            <text y="20" fontSize="22">
              {words}
            </text>
            <path d={`M${mm(110)} 24H${right - left}`} stroke="#2A1B2E" strokeWidth="1.6" />
          </g>
        ))}
        <text x={left} y={left + 430} fontSize="22">
          {tall ? say('printRoom.tallestTick') : say('printRoom.firstTick')}
        </text>
        {investigation.treatments.map((t, i) => (
          <g key={t.code} transform={`translate(${left} ${left + 470 + 52 * i})`}>
            <rect y="-20" width="28" height="28" fill="none" stroke="#2A1B2E" strokeWidth="1.8" />
            <g transform="translate(58 -6)">
              <MarkShape code={t.code} size={26} />
            </g>
            <text x="84" fontSize="22">
              {t.label}
            </text>
          </g>
        ))}
        <text x={left} y={left + 500 + 52 * investigation.treatments.length} fontSize="22">
          {say('printRoom.because')}
        </text>
        {[0, 1, 2].map((i) => (
          <path
            key={i}
            d={`M${left} ${left + 560 + 52 * (investigation.treatments.length + i)}H${right}`}
            stroke="#C9C5D1"
            strokeWidth="1.6"
          />
        ))}
      </>
    ),
  }));
}

/** Lines of looks that fit under the drawing. */
const LINES = 14;

/** A notebook page for each container: room to draw beside a strip, and a line for each look. */
export function notebookPages(investigation: InvestigationView, days: readonly string[], paper: Paper): Printable['pages'] {
  if (investigation.containers.length === 0) return say('printRoom.containersYet');
  const left = mm(MARGIN);
  const right = paper.width - left;
  const boxHeight = mm(118);
  const inches = investigation.resolution === 'quarter-in';
  const step = inches ? mm(25.4) : mm(10);
  const marks = inches ? 4 : 10;
  return investigation.containers.map((c) => {
    const lines = days.filter((d) => d >= c.sownOn).slice(0, 2 * LINES);
    const columns = lines.length > LINES ? 2 : 1;
    const down = Math.ceil(lines.length / columns);
    const wide = (right - left - mm(6) * (columns - 1)) / columns;
    return {
      label: say('printRoom.notebookPage', { code: c.code }),
      content: (
        <>
          <g transform={`translate(${left + 20} ${left + 22})`}>
            <MarkShape code={c.treatment} size={36} />
          </g>
          <text x={left + 52} y={left + 38} fontSize="42" className="paper-heading">
            {c.code}
          </text>
          <text x={right} y={left + 30} textAnchor="end" fontSize="18" className="paper-second">
            {say('printRoom.blockAndSown', { block: c.block ?? investigation.class.name, sownOn: formatDay(c.sownOn) })}
          </text>
          <rect x={left} y={left + 60} width={right - left} height={boxHeight} fill="none" stroke="#2A1B2E" strokeWidth="1.6" />
          <path
            d={Array.from(
              { length: marks + 1 },
              (_, i) => `M${left} ${left + 60 + boxHeight - step * i}h${inches || i % 5 === 0 ? 34 : 20}`,
            ).join('')}
            stroke="#2A1B2E"
            strokeWidth="1.4"
          />
          <text x={left + 46} y={left + 60 + boxHeight - step * marks + 6} fontSize="14" className="paper-second">
            {say('printRoom.cmTrueSizeStand', { inches, containerName: investigation.containerName })}
          </text>
          {lines.map((d, i) => {
            const [x, y] = [left + (wide + mm(6)) * Math.floor(i / down), left + 60 + boxHeight + 40 + mm(9) * (i % down)];
            return (
              <g key={d}>
                <text x={x} y={y} fontSize="16">
                  {formatDay(d, 'short')} · {numberedDay(c.sownOn, d)}
                </text>
                <path d={`M${x + mm(40)} ${y + 4}H${x + wide}`} stroke="#C9C5D1" strokeWidth="1.4" />
              </g>
            );
          })}
        </>
      ),
    };
  });
}
