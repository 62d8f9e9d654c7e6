import { say } from '@bright-sprout/words/say';
import { leavesOf } from '../../records/found';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { SEED_COUNTS } from '@bright-sprout/core/measures/builtIn/counts';
import { valueOf } from '@bright-sprout/core/measures/finding';
import { countsSeeds, mainMeasure } from '@bright-sprout/core/measures/registry';
import { recordedDays, type Standing, standingsOn } from '@bright-sprout/core/readings/standing';
import { counted } from '@bright-sprout/core/words/plural';
import { Link } from 'react-router';
import { MarkShape } from '../../marks/TreatmentMark';
import { PatchDrawing } from '../../drawing/PatchDrawing';
import { PlantDrawing } from '../../drawing/PlantDrawing';

const LEFT = 250;
const HEIGHT = 210;

/** One investigation as a shelf: its plants as last checked, standing on a ruler. */
export function Shelf({ records, width, scale }: { records: InvestigationRecords; width: number; scale: number }) {
  const { investigation, readings } = records;
  const day = recordedDays(readings).pop() ?? null;
  const standings =
    day === null
      ? null
      : standingsOn(
          investigation.containers.map((c) => c.id),
          readings,
          day,
        );
  const narrow = width < 620;
  const left = narrow ? 0 : LEFT;
  const { treatments, containers } = investigation;
  const gap = 14;
  const slot = (width - left - gap * treatments.length) / Math.max(1, containers.length);
  const counts = countsSeeds([mainMeasure(investigation.bench).code]);
  const number = daysBetween(investigation.sownOn, todayIn(investigation.class.timeZone));
  const soil = HEIGHT - 34;
  let x = left + 6;
  return (
    <Link
      className="shelf"
      to={`/investigations/${investigation.id}`}
      aria-label={`${investigation.class.name}: ${investigation.question}`}
    >
      <div className="shelf-words" style={narrow ? undefined : { width: LEFT - 16 }}>
        <span className="shelf-day">
          <small>{number < 0 ? say('today.sowingIn') : say('today.day')}</small>
          {Math.abs(number)}
        </span>
        <span>
          <b className="shelf-class">{investigation.class.name}</b>
          <span className="second">{investigation.question}</span>
          <span className="shelf-pots">
            <b>{counted(containers.length, investigation.containerName)}</b>
            {day === null && `: ${say('today.checkYet')}`}
          </span>
        </span>
      </div>
      <svg width={width} height={HEIGHT} aria-hidden="true">
        {treatments.map((t) => {
          const own = containers.filter((c) => c.treatment === t.code);
          const start = x;
          x += own.length * slot + gap;
          return (
            <g key={t.code}>
              <text x={start} y={14} className="shelf-label">
                {t.label}
              </text>
              {own.map((c, i) => {
                const s = standings?.get(c.id);
                const green = s ? greenOf(s) : null;
                return (
                  <g key={c.id} transform={`translate(${start + slot * (i + 0.5)} ${soil})`}>
                    {green !== null && <PatchDrawing percent={green} side={Math.min(72, 0.8 * slot)} />}
                    {counts && green === null && s && s.state === 'measured' ? (
                      <SproutedStack up={sproutedOf(s)} sown={c.seedsSown} room={soil - 22} />
                    ) : null}
                    {s?.heightMm ? (
                      <PlantDrawing habit={t.habit} heightMm={s.heightMm} leaves={leavesOf(s)} face={c.code} scale={scale} />
                    ) : null}
                    {s?.state === 'lost' ? (
                      <path d="M-8 14l1-9 12-2 2 13z" fill="#fff" stroke="#2A1B2E" strokeWidth="1.2" />
                    ) : (
                      <>
                        <path d="M-7.500 0h15l-1.800 17h-11.400z" fill="#fff" stroke="#2A1B2E" strokeWidth="1.2" />
                        <g transform="translate(0 9)">
                          <MarkShape code={t.code} size={8} />
                        </g>
                        {s?.state === 'not-up' && <path d="M-6 0q1-4 6-4t6 4z" fill="#6D5C63" />}
                      </>
                    )}
                  </g>
                );
              })}
            </g>
          );
        })}
        <path d={`M0 ${soil + 17.5}H${width}`} stroke="#2A1B2E" strokeWidth="1.5" />
        <rect x="0.700" y={soil + 17.5} width={width - 1.4} height="9" fill="#fff" stroke="#2A1B2E" strokeWidth="1.2" />
        <path
          d={Array.from({ length: Math.floor(width / 19) }, (_, i) => `M${i * 19} ${soil + 17.5}v${i % 5 ? 4 : 9}`).join('')}
          stroke="#2A1B2E"
          strokeWidth="0.9"
        />
      </svg>
    </Link>
  );
}

/** Sprouted seeds that were counted in a container, by whichever sign. */
const sproutedOf = ({ looks }: Pick<Standing, 'looks'>): number =>
  looks.reduce((sum, r) => sum + SEED_COUNTS.reduce((own, m) => own + (valueOf(r, m) ?? 0), 0), 0);

/** How green a patch was found, %; null where seeds were counted in it, or it was not looked at so. */
function greenOf({ looks }: Pick<Standing, 'looks'>): number | null {
  if (looks.some((r) => SEED_COUNTS.some((m) => valueOf(r, m) !== null))) return null;
  const found = looks.flatMap((r) => valueOf(r, 'percent-green') ?? []);
  return found[0] ?? null;
}

/** Where nothing but seeds is counted: every seed of the container stacked, the sprouted ones green at the bottom. */
function SproutedStack({ up, sown, room }: { up: number; sown: number; room: number }) {
  const step = Math.min(13, room / Math.max(1, sown));
  return Array.from({ length: sown }, (_, i) =>
    i < up ? (
      <path
        key={i}
        d={`M0 ${-3 - i * step}q-7-1-6-6q6-1 6 4q0-5 6-4q1 5-6 6z`}
        fill="#8FBF57"
        stroke="#2A1B2E"
        strokeWidth="0.9"
        className="shelf-sprouted"
      />
    ) : (
      <ellipse key={i} cx="0" cy={-5 - i * step} rx="4.5" ry="3" fill="#F1E8D6" stroke="#2A1B2E" strokeWidth="0.9" />
    ),
  );
}
