import { rounded } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { mixToHave } from '@bright-sprout/core/plan/lists/prepare';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { metricRange, roundUpMetric } from '@bright-sprout/core/quantities/kitchenMeasure';
import { counted, plural } from '@bright-sprout/core/words/plural';
import { type DateWindow } from '@bright-sprout/core/seeds/emergenceForecast';
import { type Habit, methodById } from '@bright-sprout/core/seeds/catalogue';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { useSmallestDifference } from './useSmallestDifference';

const day = (d: IsoDay | null) => (d === null ? say('planner.later') : formatDay(d, 'short'));

/** The likely day, and the days between which it lies nine times of ten. */
function Window({ window: { earliest, likely, latest } }: { window: DateWindow }) {
  return (
    <>
      {day(likely)}
      {earliest !== latest && (
        <span className="second"> {say('planner.betweenAnd', { day: day(earliest), other: day(latest) })}</span>
      )}
    </>
  );
}

/** Two plants and the gap that has to be between them. */
function LeastSeen({ habit }: { habit: Habit }) {
  return (
    <svg width="104" height="84" viewBox="0 0 104 84" aria-hidden="true">
      <g transform="translate(26 78)">
        <PlantDrawing habit={habit} heightMm={66} leaves={habit === 'grass' ? 2 : 4} face="A" scale={1} />
      </g>
      <g transform="translate(66 78)">
        <PlantDrawing habit={habit} heightMm={52} leaves={habit === 'grass' ? 2 : 4} face="C" scale={1} />
      </g>
      <path d="M30 12H94M70 26H94" stroke="#2A1B2E" strokeDasharray="3 3" />
      <path d="M90 12h8v14h-8" fill="none" stroke="#2A1B2E" strokeWidth="2.2" />
      <path d="M0 80h104" stroke="#6D5C63" strokeWidth="5" />
    </svg>
  );
}

/** With several kinds, or places of different warmth, the times are those of the slowest, and say so. */
function slowestWords({ kinds, sproutings, forecast, recipes }: WorkedOut): string {
  const slow = sproutings.find((s) => s.forecast === forecast);
  if (!slow || sproutings.every((s) => s.sowOn !== slow.sowOn || s === slow)) return '';
  if (kinds.length > 1) return `, ${slow.species.name.toLowerCase()}`;
  return `, ${recipes.find((r) => slow.treatments.includes(r.treatment.code))!.treatment.label}`;
}

/** The plan as it works out, with every change. */
export function WorkedOutPanel({ plan, out, teams }: { plan: PlanDocument; out: WorkedOut; teams: number }) {
  const container = methodById(plan.methodId)!.container;
  const power = useSmallestDifference(plan, out, teams);
  const { forecast, blanks } = out;
  const of = slowestWords(out);
  return (
    <section className="section worked-out" aria-label={say('planner.howItWorksOut')}>
      <h2>
        {say('planner.reserveSeeds', {
          containers: counted(out.containers, container),
          reserve: out.reserve,
          someReserve: out.reserve > 0,
          seedsSown: out.seedsSown,
        })}
      </h2>
      <dl>
        <dt>{say('planner.seedsToHave')}</dt>
        <dd>
          {out.kinds.map(({ species, toBuy }) => (
            <span key={species.id} className="d-block">
              {out.kinds.length > 1
                ? say('planner.numberOfNamed', { number: toHave(toBuy), name: species.name.toLowerCase() })
                : toHave(toBuy)}
            </span>
          ))}
        </dd>
        <dt>{methodById(plan.methodId)!.paper ? say('planner.paperPads') : say('planner.pottingMix')}</dt>
        <dd>{roundUpMetric(mixToHave(plan, out)).text}</dd>
        <dt>{say('planner.firstWater')}</dt>
        <dd>{say('planner.rangeEach', { range: metricRange(out.firstWater.eachMl) })}</dd>
        <dt>{say('planner.emptyExpect', { container: plural(container) })}</dt>
        <dd>
          {say('planner.expectedAndRange', {
            expected: rounded(blanks.expected, 1),
            low: blanks.range90[0],
            high: blanks.range90[1],
          })}
        </dd>
        {forecast.ok ? (
          <>
            <dt>{say('planner.firstUp', { of })}</dt>
            <dd>
              <Window window={forecast.first} />
            </dd>
            <dt>{say('planner.halfUp', { of })}</dt>
            <dd>
              <Window window={forecast.half} />
            </dd>
            <dt>{say('planner.nineTenths', { of })}</dt>
            <dd>
              <Window window={forecast.ninety} />
            </dd>
          </>
        ) : (
          <>
            <dt>{say('planner.sprouting')}</dt>
            <dd>{forecast.reason}</dd>
          </>
        )}
      </dl>
      {power !== null && (
        <div className="least-seen">
          <LeastSeen habit={out.recipes[0]?.species.habit ?? 'broad'} />
          <p aria-live="polite">
            <b>{say('planner.smallestDifferenceHope')}</b> {power}
          </p>
        </div>
      )}
    </section>
  );
}

/** `80 = 2 packets`. */
const toHave = (toBuy: WorkedOut['kinds'][number]['toBuy']): string =>
  !toBuy.ok ? '…' : toBuy.packets === null ? `${toBuy.seeds}` : `${toBuy.seeds} = ${counted(toBuy.packets, 'packet')}`;
