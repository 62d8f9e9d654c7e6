import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { addDays, isWeekend, writeDay } from '@bright-sprout/core/calendar/days';
import { type GoalReached } from '@bright-sprout/core/conclude/report/certificate';
import { formatLength, formatLengthNumber, RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { type Ref } from 'react';
import { axisOver, INK, LINE, SOIL } from '../../compare/figures/figureKit';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { habitOf } from '../../records/habitOf';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { MarkShape } from '../../marks/TreatmentMark';
import { type Sheet } from './sheets';
import { wrapText } from '../../print/wrapText';
import { PaperPage } from '../../print/PaperPage';

/** A certificate for a plant and its team: strip and plant to one scale, its checks on the tape, and lines for names that are written by hand. */
export function Certificate({
  reached,
  investigation,
  sheet,
  ref,
}: {
  reached: GoalReached;
  investigation: InvestigationView;
  sheet: Sheet;
  ref?: Ref<SVGSVGElement>;
}) {
  const [width, height] = sheet.drawing;
  const { goal, container } = reached;
  const kind = investigation.treatments.find((t) => t.code === container.treatment)?.speciesName.toLowerCase() ?? '';
  const { right, column } = columnsOf(width);
  const title = wrapText(say('conclude.asTallAs', { goal: goal.words }), right - column, { size: 60, heading: true }).slice(0, 3);
  const question = wrapText(investigation.question, right - column, { size: 20, heading: false }).slice(0, 2);
  const below = 130 + 66 * title.length;
  return (
    <PaperPage
      paper={{ width: sheet.drawing[0], height: sheet.drawing[1] }}
      ref={ref}
      label={say('conclude.growthCertificateTall', { code: container.code, goal: goal.words })}
    >
      <PlantAtStrip reached={reached} investigation={investigation} kind={kind} width={width} height={height} />
      <g transform={`translate(${column} 52) scale(1.05)`}>
        <path
          d="M17 30V14M17 20C10 20 5 17 3 8c8 0 13 4 14 12zm0-4c0-7 5-11 13-11 0 7-5 11-13 11z"
          fill="#fff"
          stroke={INK}
          strokeWidth="2"
        />
        <path d="M4 31h26" stroke={INK} strokeWidth="2" />
      </g>
      <text x={column + 50} y="82" fontSize="21" className="paper-heading">
        {say('common.brightSprout')}
      </text>
      <text x={column + 178} y="82" fontSize="19" className="paper-second">
        {say('conclude.growthCertificate')}
      </text>
      {title.map((line, i) => (
        <text key={line} x={column} y={174 + 62 * i} fontSize="60" className="paper-heading">
          {line}
        </text>
      ))}
      <Who reached={reached} investigation={investigation} kind={kind} column={column} right={right} below={below} />
      {question.map((line, i) => (
        <text key={line} x={column} y={below + 98 + 26 * i} fontSize="20">
          {line}
        </text>
      ))}
      <Tape
        reached={reached}
        investigation={investigation}
        x={column}
        to={right}
        y={height - 232}
        number={(v) => formatLengthNumber(v, investigation.resolution)}
      />
      <HandLine x={column} to={right} y={height - 128} label={say('conclude.whoGrewIt')} />
      <HandLine x={column} to={right - 180} y={height - 66} label={say('conclude.whoSawIt')} />
      <HandLine x={right - 158} to={right} y={height - 66} label={say('conclude.day')} />
    </PaperPage>
  );
}

interface PartProps {
  reached: GoalReached;
  investigation: InvestigationView;
  kind: string;
}

const INCH_MM = 25.4;
const CM_MM = 10;

/** The plant beside a strip with marks, the line of its goal, and its pot. */
function PlantAtStrip({
  reached: { goal, container, mm, checks },
  investigation,
  kind,
  width,
  height,
}: PartProps & { width: number; height: number }) {
  const { resolution } = investigation;
  const inches = RESOLUTION_UNIT[resolution] === 'in';
  const bottom = height - 88;
  const top = 66;
  // The goal's line is the page's rule, unless the plant grew so far beyond that its tip would leave the sheet.
  const rule = 108;
  const scale = Math.min((bottom - rule) / goal.mm, (bottom - 40) / mm);
  const goalAt = bottom - goal.mm * scale;
  const axis = axisOver(0, (bottom - top) / scale / (inches ? INCH_MM : CM_MM), bottom, top, 12);
  const { middle, right, column } = columnsOf(width);
  const plantX = Math.round(106 + (middle - 106) * 0.36);
  const label = `${goal.words}, ${formatLength(goal.mm, resolution)}`;
  const flag = Math.min(middle - plantX - 30, label.length * 9 + 30);
  const flagSize = Math.min(17, ((flag - 24) / label.length) * 2);
  return (
    <>
      <rect x="48" y={top - 6} width="58" height={bottom - top + 6} fill="#fff" stroke={INK} strokeWidth="1.5" />
      <path d={axis.minor.map((v) => `M106 ${axis.at(v)}h-10`).join('')} stroke={INK} strokeWidth="0.8" />
      <path d={axis.major.map((v) => `M106 ${axis.at(v)}h-22`).join('')} stroke={INK} strokeWidth="1.6" />
      {axis.major.slice(1).map((v) => (
        <text key={v} x="78" y={axis.at(v) + 6} textAnchor="end" fontSize="17" className="paper-heading">
          {axis.label(v)}
        </text>
      ))}
      <text x="48" y={bottom + 38} fontSize="16" className="paper-second">
        {say('conclude.plantStripDrawnScale', { countChecks: checks.length })}
      </text>
      <g transform={`translate(${plantX} ${bottom})`}>
        <PlantDrawing habit={habitOf(investigation, container)} heightMm={mm} leaves={null} face={container.code} scale={scale} />
      </g>
      <rect x="48" y={bottom} width={middle - 40} height="9" fill={SOIL} />
      <path d={`M108 ${goalAt}H${goalAt > rule + 1 ? middle : right}`} stroke={INK} strokeWidth="3" />
      {goalAt > rule + 1 && <path d={`M${column} ${rule}H${right}`} stroke={INK} strokeWidth="3" />}
      <path d={`M106 ${goalAt}l13 -7v14z`} fill={INK} />
      <g transform={`translate(${middle - flag} ${goalAt - 19})`}>
        <path d={`M5 0H${flag - 5}L${flag} 5V33L${flag - 5} 38H5L0 33V5z`} fill={INK} />
        <text x={flag / 2} y="25" textAnchor="middle" fontSize={flagSize} className="paper-heading paper-light">
          {label}
        </text>
      </g>
      <g transform={`translate(${middle - 62} ${bottom - 92})`}>
        <path d="M4 0H58L62 4V92H0V4z" fill="#fff" stroke={INK} strokeWidth="1.5" />
        <text x="31" y="32" textAnchor="middle" fontSize="24" className="paper-heading">
          {container.code}
        </text>
        <g transform="translate(31 52)">
          <MarkShape code={container.treatment} size={20} />
        </g>
        <text x="31" y="82" textAnchor="middle" fontSize="15">
          {kind.slice(0, 8)}
        </text>
      </g>
    </>
  );
}

/** Where the sheet is divided. */
function columnsOf(width: number) {
  const middle = Math.round(width * 0.5);
  return { middle, column: middle + 50, right: width - 48 };
}

/** Whose plant it is, what it did, and in how many days. */
function Who({
  reached: { container, mm, days },
  investigation,
  kind,
  column,
  right,
  below,
}: PartProps & { column: number; right: number; below: number }) {
  const team = investigation.teams.find((t) => t.nickname === container.block);
  return (
    <>
      {team && (
        <path
          d={EMBLEM_PATHS[team.emblem]}
          transform={`translate(${column} ${below + 4}) scale(2)`}
          fillRule="evenodd"
          fill={INK}
        />
      )}
      <text x={column + (team ? 66 : 0)} y={below + 26} fontSize="26" className="paper-heading">
        {container.block ?? investigation.class.name}
      </text>
      <text x={column + (team ? 66 : 0)} y={below + 54} fontSize="19">
        {say('conclude.grewToIn', { kind, code: container.code, mm: formatLength(mm, investigation.resolution) })}
      </text>
      <text x={right - 64} y={below + 56} textAnchor="end" fontSize="66" className="paper-heading">
        {days}
      </text>
      <text x={right} y={below + 56} textAnchor="end" fontSize="24" className="paper-heading">
        {say('conclude.days')}
      </text>
    </>
  );
}

/** A line to write on by hand, ruled like a ruler. */
function HandLine({ x, to, y, label }: { x: number; to: number; y: number; label: string }) {
  return (
    <g>
      <path d={`M${x} ${y}H${to}`} stroke={INK} strokeWidth="1.4" />
      <path
        d={Array.from({ length: Math.floor((to - x) / 12) + 1 }, (_, i) => `M${x + 12 * i} ${y}v${i % 5 ? 4 : 8}`).join('')}
        stroke={INK}
        strokeWidth="0.8"
      />
      <text x={x} y={y + 26} fontSize="16" className="paper-second">
        {label}
      </text>
    </g>
  );
}

/** The days from sowing to the goal, with the plant at its checks above them. */
function Tape({
  reached: { container, checks, days, day },
  investigation,
  x,
  to,
  y,
  number,
}: {
  reached: GoalReached;
  investigation: InvestigationView;
  x: number;
  to: number;
  y: number;
  number: (mm: number) => string;
}) {
  const last = 46;
  const at = (n: number) => x + (n / Math.max(1, days)) * (to - x - last);
  const most = Math.max(...checks.map((c) => c.mm));
  // Numbers stand where there is room for them; the last always has its own.
  const shown = checks.filter(
    (c, i) => i === checks.length - 1 || checks.slice(0, i).every((b) => at(c.dayNumber) - at(b.dayNumber) > 34),
  );
  const room = shown.filter((c, i) => i === shown.length - 1 || at(days) + last / 2 - at(c.dayNumber) > 40);
  return (
    <g>
      {room.map((c) => {
        const middle = c.dayNumber === days ? to - last / 2 : at(c.dayNumber);
        return (
          <g key={c.dayNumber}>
            <g transform={`translate(${middle} ${y})`}>
              <PlantDrawing
                habit={habitOf(investigation, container)}
                heightMm={c.mm}
                leaves={null}
                face={container.code}
                scale={96 / most}
              />
            </g>
            <text x={middle} y={y - (96 * c.mm) / most - 7} textAnchor="middle" fontSize="16" className="paper-heading">
              {number(c.mm)}
            </text>
            {c.dayNumber !== days && (
              <text x={middle} y={y + 23} textAnchor="middle" fontSize="16" className="paper-heading">
                {c.dayNumber}
              </text>
            )}
          </g>
        );
      })}
      {Array.from({ length: days }, (_, n) => n).map((n) =>
        isWeekend(addDays(container.sownOn, n)) ? (
          <rect key={n} x={at(n)} y={y + 1} width={at(n + 1) - at(n)} height="5" fill={LINE} />
        ) : null,
      )}
      <rect x={x} y={y} width={to - x} height="34" fill="none" stroke={INK} strokeWidth="1.5" />
      <rect x={to - last} y={y} width={last} height="34" fill={INK} />
      <text x={to - last / 2} y={y + 23} textAnchor="middle" fontSize="18" className="paper-heading paper-light">
        {days}
      </text>
      <path d={`M${x} ${y + 36}l7 11h-14z`} fill={INK} />
      <text x={x + 12} y={y + 52} fontSize="16">
        {say('conclude.sownOn', { day: writeDay(container.sownOn) })}
      </text>
      <text x={to} y={y + 52} textAnchor="end" fontSize="16">
        {say('conclude.reachedOn', { day: writeDay(day) })}
      </text>
    </g>
  );
}
