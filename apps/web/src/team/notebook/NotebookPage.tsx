import { say } from '@bright-sprout/words/say';
import { heightOf, valueOf } from '@bright-sprout/core/measures/finding';
import { valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { mainMeasure } from '@bright-sprout/core/measures/registry';
import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween, formatDay } from '@bright-sprout/core/calendar/days';
import { currentReadings, replacedBy } from '@bright-sprout/core/readings/reading';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { formatLengthNumber } from '@bright-sprout/core/quantities/length';
import { type ShownPhoto } from '../../entry/enteredSince';
import { habitOf } from '../../records/habitOf';
import { Photos } from '../../entry/Photos';
import { TreatmentMark } from '../../marks/TreatmentMark';
import { PlantDrawing } from '../../drawing/PlantDrawing';

interface Props {
  container: ContainerView;
  investigation: InvestigationView;
  readings: ReadingView[];
  photos: ShownPhoto[];
  /** Tallest plant of the notebook: all pages have one scale. */
  topMm: number;
}

const STRIP = { height: 150, step: 74, foot: 24 };

/** One plant's page: how it grew, drawn look by look, and everything that was written down. */
export function NotebookPage({ container, investigation, readings, photos, topMm }: Props) {
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  const looks = currentReadings(readings);
  const words = (r: ReadingView) =>
    readingWords(r, { resolution: investigation.resolution, own: investigation.bench.own, sown: container.seedsSown });
  const main = mainMeasure(investigation.bench);
  const grown = looks.filter((r) => heightOf(r) !== null);
  const scale = (STRIP.height - 12) / topMm;
  return (
    <section className="section notebook-page" id={`page-${container.id}`} aria-label={container.code}>
      <h2>
        <TreatmentMark code={container.treatment} size={20} /> {container.code} · {treatment.label}
      </h2>
      {looks.length === 0 && <p>{say('notebook.nobodyLookedYet')}</p>}
      {grown.length > 0 && (
        <div className="notebook-strip" role="group" aria-label={say('notebook.overTime', { code: container.code })} tabIndex={0}>
          <svg
            width={grown.length * STRIP.step}
            height={STRIP.height + STRIP.foot}
            role="img"
            aria-label={say('notebook.howGrew', {
              code: container.code,
              grown: grown
                .map((r) =>
                  say('notebook.dayAndHeight', {
                    daysBetween: daysBetween(container.sownOn, r.day),
                    height: formatLengthNumber(heightOf(r)!, investigation.resolution),
                  }),
                )
                .join(', '),
            })}
          >
            <path d={`M0 ${STRIP.height}H${grown.length * STRIP.step}`} stroke="#2A1B2E" strokeWidth="2.2" />
            {grown.map((r, i) => (
              <g key={r.id} transform={`translate(${(i + 0.5) * STRIP.step} ${STRIP.height})`}>
                <PlantDrawing
                  habit={habitOf(investigation, container)}
                  heightMm={heightOf(r)!}
                  leaves={valueOf(r, 'leaves')}
                  face={container.code}
                  scale={scale}
                />
                <text y="18" textAnchor="middle" className="notebook-day">
                  {say('common.dayAfterSowing', { daysBetween: daysBetween(container.sownOn, r.day) })}
                </text>
              </g>
            ))}
          </svg>
        </div>
      )}
      <Photos photos={photos} code={container.code} path="/bench/photos" onTakeBack={null} />
      {looks.length > 0 && (
        <table className="table">
          <thead>
            <tr>
              <th scope="col">{say('common.dayHead')}</th>
              <th scope="col">{say('notebook.date')}</th>
              <th scope="col">{say('notebook.whatWeSaw')}</th>
              <th scope="col">{say('notebook.change')}</th>
            </tr>
          </thead>
          <tbody>
            {looks.map((r) => (
              <tr key={r.id}>
                <td className="numeral">{daysBetween(container.sownOn, r.day)}</td>
                <td>{formatDay(r.day, 'short')}</td>
                <td>
                  {replacedBy(readings, r.id).map((old) => (
                    <s key={old.id} className="second me-2">
                      {words(old)}
                    </s>
                  ))}
                  {words(r)}
                  {r.note && <div className="second">“{r.note}”</div>}
                </td>
                <td className="numeral">{changeSince(looks, r, main, investigation)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

/** What the main measure has changed by since the same plant was last looked at. */
function changeSince(
  looks: readonly ReadingView[],
  reading: ReadingView,
  main: Measure,
  { resolution }: InvestigationView,
): string {
  const now = valueOf(reading, main.code);
  const before = looks
    .filter((r) => r.plant === reading.plant && r.day < reading.day)
    .flatMap((r) => valueOf(r, main.code) ?? [])
    .pop();
  if (now === null || before === undefined) return '';
  const change = now - before;
  return `${change > 0 ? '+' : change < 0 ? '−' : ''}${valueNumber(main, Math.abs(change), { resolution })}`;
}
