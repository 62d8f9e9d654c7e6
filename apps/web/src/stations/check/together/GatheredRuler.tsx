import { rounded } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type TeamView } from '@bright-sprout/contracts/answers/classes';
import { type TogetherView } from '@bright-sprout/contracts/answers/together';
import { summaryOf } from '@bright-sprout/core/readings/together';
import { formatLength, formatLengthNumber, RESOLUTION_MM, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { useRef } from 'react';
import { useWidth } from '../../../page/useWidth';
import { PlantDrawing } from '../../../drawing/PlantDrawing';
import { EMBLEM_PATHS } from '../../../theme/emblems';
import { lanesOf } from './lanes';

interface Props {
  readings: TogetherView['readings'];
  /** Whether what was read is shown; before that only who has read. */
  shown: boolean;
  resolution: RulerResolution;
  habit: Habit;
  code: string;
  height: number;
}

const TOP = 16;
const SMALL = { ruler: 40, plant: 104, width: 170 };
const BIG = { left: 250, width: 92 };
const MARK = 44;

/** The plant at its middle reading, and the piece of the ruler on which the readings lie, enlarged: each team's mark at its value. */
export function GatheredRuler({ readings, shown, resolution, habit, code, height }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 800);
  const summary = summaryOf(readings.map((r) => r.valueMm));
  if (!summary) return <div ref={holder} className="gathered-none" style={{ minHeight: height }} />;
  const inches = resolution === 'quarter-in';
  const unit = inches ? 25.4 : 10;
  const step = inches ? 6.35 : 1;
  const soil = height - 40;
  const topMm = Math.ceil((summary.highMm * 1.15) / (5 * unit)) * 5 * unit;
  const small = (mm: number) => soil - (mm * (soil - TOP)) / topMm;
  const room = Math.max(3 * RESOLUTION_MM[resolution], 0.25 * (summary.highMm - summary.lowMm), 6);
  const [low, high] = [Math.max(0, summary.lowMm - room), summary.highMm + room];
  const big = (mm: number) => soil + 20 - ((mm - low) * (soil + 20 - TOP)) / (high - low);
  const ticks = Array.from(
    { length: Math.floor(high / step) - Math.ceil(low / step) + 1 },
    (_, i) => (Math.ceil(low / step) + i) * step,
  );
  const pixelsPerTick = ((soil + 20 - TOP) * step) / (high - low);
  const numbered = (mm: number) =>
    (isWhole(mm / unit) || (!inches && pixelsPerTick > 9 && isWhole(mm / (unit / 2))) || pixelsPerTick > 26) &&
    pixelsPerTick * (unit / step) > 20;
  const lanes = lanesOf(
    readings.map((r) => big(r.valueMm)),
    MARK - 2,
  );
  const edge = BIG.left + BIG.width;
  const markX = (r: (typeof readings)[number]) => edge + 54 + lanes[readings.indexOf(r)]! * 62;
  const words = shown
    ? say('together.theMiddleIs', {
        readings: readings.map((r) => `${r.team.nickname} ${formatLength(r.valueMm, resolution)}`).join(', '),
        medianMm: formatLength(summary.medianMm, resolution),
      })
    : say('together.teamsReadValuesStill', { countReadings: readings.length });
  return (
    <div ref={holder}>
      <svg width={width} height={height + 10} role="img" aria-label={words} className="gathered">
        <WholePlant soil={soil} topMm={topMm} unit={unit} medianMm={summary.medianMm} habit={habit} code={code} />
        {shown && (
          <>
            <Lens from={[small(high), small(low)]} soil={soil} />
            <rect
              x={BIG.left + 3}
              y={big(summary.highMm)}
              width={BIG.width - 6}
              height={Math.max(2, big(summary.lowMm) - big(summary.highMm))}
              className="gathered-span"
            />
            {ticks.map((mm) => (
              <g key={mm}>
                <path
                  d={`M${edge} ${big(mm)}h${isWhole(mm / unit) ? -40 : isWhole((2 * mm) / unit) ? -28 : -16}`}
                  stroke="#2A1B2E"
                  strokeWidth={isWhole(mm / unit) ? 2 : 1}
                />
                {numbered(mm) && (
                  <text
                    x={BIG.left + 44}
                    y={big(mm) + 7}
                    textAnchor="end"
                    className={isWhole(mm / unit) ? 'gathered-whole' : 'gathered-part'}
                  >
                    {inches ? formatLengthNumber(mm, resolution) : rounded(mm / unit, 1)}
                  </text>
                )}
              </g>
            ))}
            <path d={`M${BIG.left - 10} ${big(summary.medianMm)}H${width}`} className="gathered-middle" />
            {readings.map((r) => (
              <path
                key={r.team.id}
                d={`M${edge + 2} ${big(r.valueMm)}l10-5v10zM${edge + 2} ${big(r.valueMm)}H${markX(r)}`}
                fill="#2A1B2E"
                stroke="#2A1B2E"
                strokeWidth="1.6"
              />
            ))}
            {readings.map((r) => (
              <Mark key={r.team.id} team={r.team} value={formatLength(r.valueMm, resolution)} x={markX(r)} y={big(r.valueMm)} />
            ))}
          </>
        )}
      </svg>
    </div>
  );
}

/** What of the small ruler is enlarged beside it. */
function Lens({ from: [top, foot], soil }: { from: [number, number]; soil: number }) {
  return (
    <>
      <rect x={SMALL.ruler - 28} y={top} width={SMALL.width - SMALL.ruler + 14} height={foot - top} className="gathered-frame" />
      <path
        d={`M${SMALL.width - 14} ${top}L${BIG.left} ${TOP}M${SMALL.width - 14} ${foot}L${BIG.left} ${soil + 20}`}
        className="gathered-lens"
      />
      <rect x={BIG.left} y={TOP} width={BIG.width} height={soil + 20 - TOP} fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="2" />
    </>
  );
}

/** The plant as it stands beside its ruler. */
function WholePlant({
  soil,
  topMm,
  unit,
  medianMm,
  habit,
  code,
}: Pick<Props, 'habit' | 'code'> & { soil: number; topMm: number; unit: number; medianMm: number }) {
  const scale = (soil - TOP) / topMm;
  return (
    <>
      <path d={`M0 ${soil}H${SMALL.width}`} stroke="#2A1B2E" strokeWidth="2.2" />
      <rect x="0" y={soil} width={SMALL.width} height="12" fill="#6D5C63" />
      <rect x={SMALL.ruler - 22} y={TOP} width="22" height={soil - TOP + 8} fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="1.5" />
      <path
        d={Array.from(
          { length: Math.floor(topMm / unit) + 1 },
          (_, i) => `M${SMALL.ruler} ${soil - i * unit * scale}h${i % 5 ? -6 : -11}`,
        ).join('')}
        stroke="#2A1B2E"
        strokeWidth="1.1"
      />
      <g transform={`translate(${SMALL.plant} ${soil})`}>
        <PlantDrawing habit={habit} heightMm={medianMm} leaves={null} face={code} scale={scale} />
      </g>
    </>
  );
}

const isWhole = (n: number) => Math.abs(n - Math.round(n)) < 1e-6;

function Mark({ team, value, x, y }: { team: TeamView; value: string; x: number; y: number }) {
  return (
    <g>
      <title>{`${team.nickname}: ${value}`}</title>
      <rect x={x - 21} y={y - 20} width="42" height="40" fill="#fff" stroke="#2A1B2E" strokeWidth="1.5" />
      <g transform={`translate(${x - 15} ${y - 15}) scale(1.25)`}>
        <path d={EMBLEM_PATHS[team.emblem]} fillRule="evenodd" fill="#2A1B2E" />
      </g>
    </g>
  );
}
