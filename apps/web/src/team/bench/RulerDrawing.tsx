import { type IsoDay, weekdayName } from '@bright-sprout/core/calendar/days';
import { formatLengthNumber, type RulerResolution } from '@bright-sprout/core/quantities/length';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { useRef } from 'react';
import { useWidth } from '../../page/useWidth';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { BenchLabel } from './BenchLabel';
import { type Entry } from './entry';

/** What stands on the label, and how its plant is drawn. */
export interface Labelled {
  code: string;
  treatment: string;
  label: string;
  habit: Habit;
}

interface Props {
  plant: Labelled;
  resolution: RulerResolution;
  mm: number | null;
  last: { day: IsoDay; mm: number } | null;
  state: Entry['state'];
  leaves: number | null;
  /** A question stands about the height. */
  doubtful?: boolean;
  /** Counting cubes stand beside the ruler. */
  cubes?: boolean;
}

const TOP = 10;
const SOIL_DEPTH = 46;
/** Height of everything on the card that is not the drawing, on phones and on wider screens. */
const REST = { narrow: 522, wide: 640 };

/** The plant beside its ruler, to scale: today's height as it is tapped, last time's outline and mark. */
export function RulerDrawing({ plant, resolution, mm, last, state, leaves, doubtful = false, cubes = false }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 390);
  const wide = width > 600;
  const height = Math.min(620, Math.max(270, window.innerHeight - (wide ? REST.wide : REST.narrow)));
  const soil = height - SOIL_DEPTH;
  const inches = resolution === 'quarter-in';
  const unit = inches ? 25.4 : 10;
  const tallest = Math.max(mm ?? 0, last?.mm ?? 0);
  const topMm = Math.max(inches ? 152.4 : 150, Math.ceil((tallest * 1.1) / (unit * 5)) * unit * 5);
  const scale = (soil - TOP - 14) / topMm;
  const y = (mmUp: number) => soil - mmUp * scale;
  const x = wide ? 70 : 28;
  const plantX = x + (wide ? 290 : 152);
  const facts = { habit: plant.habit, face: plant.code };
  const marks = Array.from({ length: Math.floor(topMm / unit) + 1 }, (_, i) => i);
  const big = topMm / unit > 40 ? 10 : 5;
  const fineStep = inches ? 6.35 : 1;
  const fine =
    scale * fineStep > 1.7
      ? Array.from({ length: Math.floor(topMm / fineStep) + 1 }, (_, i) => `M${x + 44} ${y(i * fineStep)}h-6`).join('')
      : '';
  return (
    <div ref={holder} className="bench-drawing">
      <svg width={width} height={height} aria-hidden="true">
        <rect x="0" y={soil} width={width} height={height - soil} fill="#6D5C63" />
        <path d={`M0 ${soil}H${width}`} stroke="#2A1B2E" strokeWidth="2.2" />
        <rect x={x} y={TOP} width="44" height={soil - TOP + 26} fill="#F5F7FA" stroke="#2A1B2E" strokeWidth="2" />
        <path d={fine} stroke="#2A1B2E" strokeWidth="0.7" />
        {marks.map((n) => (
          <g key={n}>
            <path d={`M${x + 44} ${y(n * unit)}h${n % big ? -10 : -17}`} stroke="#2A1B2E" strokeWidth={n % big ? 1.1 : 1.7} />
            {(n % big === 0 || (n % 2 === 0 && scale * unit * Math.min(n % big, big - (n % big)) > 16)) && (
              <text
                x={x + (n % big ? 27 : 24)}
                y={y(n * unit) + (n % big ? 5 : 7)}
                textAnchor="end"
                className={n % big ? 'ruler-small' : 'ruler-big'}
              >
                {n}
              </text>
            )}
          </g>
        ))}
        {last ? (
          <>
            <path d={`M${x + 44} ${y(last.mm)}H${plantX + 34}`} stroke="#5F5266" strokeWidth="2" strokeDasharray="6 4" />
            <path d={`M${x + 44} ${y(last.mm)}l12-6v12z`} fill="#5F5266" />
            <text x={x + (cubes ? 92 : 60)} y={y(last.mm) + 19} className="ruler-last">
              {weekdayName(last.day)} <tspan className="ruler-value">{formatLengthNumber(last.mm, resolution)}</tspan>
            </text>
            <g transform={`translate(${plantX - 8} ${soil})`}>
              <PlantDrawing {...facts} heightMm={last.mm} leaves={null} scale={scale} ghost />
            </g>
          </>
        ) : null}
        {mm !== null && (
          <>
            {cubes && <CubeStack mm={mm} x={x + 58} y={y} side={10 * scale} />}
            <path d={`M${x + 44} ${y(mm)}H${plantX + 34}`} stroke={doubtful ? '#B93A12' : '#2A1B2E'} strokeWidth="2.2" />
            <path d={`M${x + 44} ${y(mm)}l13-7v14z`} fill={doubtful ? '#B93A12' : '#2A1B2E'} />
            <g transform={`translate(${plantX} ${soil})`}>
              <PlantDrawing {...facts} heightMm={mm} leaves={leaves} scale={scale} />
            </g>
          </>
        )}
        {state === 'not-up' && (
          <path
            transform={`translate(${plantX} ${soil})`}
            d="M-34 0q10-20 34-20t34 20z"
            fill="#6D5C63"
            stroke="#2A1B2E"
            strokeWidth="1.6"
          />
        )}
        {state === 'lost' && (
          <path
            transform={`translate(${plantX} ${soil})`}
            d="M-40 -6l3-44l62-10l8 58zM25 -60q20 26 8 58"
            fill="#fff"
            stroke="#2A1B2E"
            strokeWidth="1.6"
          />
        )}
        {state === 'not-checked' && (
          <path
            transform={`translate(${plantX} ${soil})`}
            d="M0 0V-90q26 26 24 90"
            fill="none"
            stroke="#5F5266"
            strokeWidth="2"
            strokeDasharray="5 4"
          />
        )}
        <BenchLabel plant={plant} x={width - (wide ? 122 : 66)} y={soil - 122} />
      </svg>
    </div>
  );
}

const TONES = ['#DCECF9', '#FFFFFF'];
const WIDEST = 26;

/** Counting cubes of a centimetre, piled up beside the ruler as high as the plant: for those who count before they read a scale. */
function CubeStack({ mm, x, y, side }: { mm: number; x: number; y: (mm: number) => number; side: number }) {
  const cubes = Math.round(mm / 10);
  const wide = Math.min(WIDEST, side);
  return (
    <g data-cubes={cubes}>
      {Array.from({ length: cubes }, (_, i) => (
        <rect
          key={i}
          x={x}
          y={y(10 * (i + 1))}
          width={wide}
          height={y(10 * i) - y(10 * (i + 1))}
          fill={TONES[Math.floor(i / 5) % 2]}
          stroke="#2A1B2E"
          strokeWidth="1.4"
        />
      ))}
    </g>
  );
}
