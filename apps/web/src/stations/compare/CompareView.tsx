import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { claimSentence } from '@bright-sprout/core/claims/claimSentence';
import { type ComparedContainer, type Group, groupsOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { isNumeric, isOrdered, type Measure } from '@bright-sprout/core/measures/measure';
import { summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { cautionSentence } from '@bright-sprout/core/plan/fairTest/fairTest';
import { type AfterLoss, type BeforeSprouting } from '@bright-sprout/core/readings/policies';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { plural } from '@bright-sprout/core/words/plural';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { comparedRecords } from '../../records/comparedRecords';
import { measuresShown } from '../../records/found';
import { InvestigationFrame } from '../../page/InvestigationFrame';
import { Empty, Waiting } from '../../page/Notices';
import { PlotlyChart } from '../../charts/PlotlyChart';
import { RuledWord } from '../../page/RuledWord';
import { useReadingError } from '../../records/useReadingError';
import { useComparison } from '../../workers/useComparison';
import { comparisonChart } from './comparisonChart';
import { HowSure } from './HowSure';
import './compare.scss';

/** The comparison's own seed: one and the same for everybody, so that all devices show the same numbers. */
const SEED = 20260303;

export function CompareView() {
  return (
    <InvestigationFrame
      next={({ records, day }) => (
        <Link className="btn-next" to={`/investigations/${records.investigation.id}${day ? `?day=${day}` : ''}`}>
          Back to the plants
        </Link>
      )}
    >
      {({ records, day, look }) =>
        day === null ? (
          <Empty title="Nothing to compare yet">
            <p>After the first check, each container is one mark here, and a sentence says what the marks can tell.</p>
            <Link className="btn" to={`/investigations/${records.investigation.id}/plan`}>
              See the plan
            </Link>
          </Empty>
        ) : (
          <Compare records={records} day={day} onLook={look} />
        )
      }
    </InvestigationFrame>
  );
}

function Compare({ records, day, onLook }: { records: InvestigationRecords; day: IsoDay; onLook: (day: IsoDay) => void }) {
  const { investigation, readings } = records;
  const [beforeSprouting, setBeforeSprouting] = useState<BeforeSprouting>(investigation.beforeSprouting);
  const [afterLoss, setAfterLoss] = useState<AfterLoss>(investigation.afterLoss);
  const measures = useMemo(() => measuresShown(investigation, readings).filter(isOrdered), [investigation, readings]);
  const [code, setCode] = useState<string | null>(null);
  const measure = measures.find((m) => m.code === code) ?? measures[0]!;
  const { report, bench } = investigation;
  const compared = useMemo(() => comparedRecords(records), [records]);
  const question = useMemo(
    () => ({ records: compared, measure: measure.code, own: bench.own, day, beforeSprouting, afterLoss, report, seed: SEED }),
    [compared, measure, bench, day, beforeSprouting, afterLoss, report],
  );
  const answer = useComparison(question);
  const groups = useMemo(
    () => groupsOnDay(compared, { measure, day, beforeSprouting, afterLoss, report }),
    [compared, measure, day, beforeSprouting, afterLoss, report],
  );
  const chart = useMemo(() => comparisonChart(groups, measure, investigation), [groups, measure, investigation]);
  const readingErrorMm = useReadingError(investigation.id);
  const kind = investigation.speciesName.toLowerCase();
  const container = investigation.containerName;
  const dayNumber = daysBetween(investigation.sownOn, day);
  const claim =
    answer &&
    claimSentence(
      { ...answer.comparison, measure },
      {
        kind,
        container,
        dayNumber,
        resolution: investigation.resolution,
        band: investigation.class.gradeBand,
        planCautions: investigation.planCautions.map(cautionSentence),
        readingErrorMm,
      },
    );
  const control = investigation.treatments.find((t) => t.control)?.label ?? 'the control';
  const summary = `${measure.name.charAt(0).toUpperCase()}${measure.name.slice(1)} of ${kind} on day ${dayNumber} by ${investigation.factor}: ${groups.map((g) => `${g.treatment.label} ${g.summary.ok ? `mean ${summaryWords(measure, g.summary.mean, investigation.resolution)}` : 'none measured'}`).join('; ')}.`;
  return (
    <section aria-label="Compare">
      <div className="ruled-sentence">
        How does{' '}
        {measures.length > 1 ? (
          <RuledWord
            name="What is compared"
            value={measure.code}
            choices={measures.map((m) => ({ value: m.code, label: m.name }))}
            onChoose={setCode}
          />
        ) : (
          measure.name
        )}{' '}
        on{' '}
        <RuledWord
          name="Day"
          value={day}
          choices={recordedDays(readings).map((d) => ({
            value: d,
            label: `day ${daysBetween(investigation.sownOn, d)}`,
            detail: formatDay(d),
          }))}
          onChoose={onLook}
        />{' '}
        differ by <b>{investigation.factor}</b> for <b>{kind}</b>, one mark per {container}
        {report === 'tallest' && ', its highest plant'}
        {isNumeric(measure) && measure.quantity !== 'count-of' && (
          <>
            , not up{' '}
            <RuledWord
              name="Not up yet"
              value={beforeSprouting}
              choices={[
                { value: 'exclude', label: 'left out', detail: 'It is in no mean; its name stands below.' },
                { value: 'zero', label: 'counting as zero', detail: 'It pulls the mean down: how tall are the pots?' },
              ]}
              onChoose={setBeforeSprouting}
            />
          </>
        )}
        , lost{' '}
        <RuledWord
          name="Lost"
          value={afterLoss}
          choices={[
            { value: 'exclude', label: 'left out', detail: 'It leaves the means from then on; its name stands below.' },
            { value: 'carry', label: 'staying as last seen', detail: 'Its last value is carried on.' },
            ...(isNumeric(measure)
              ? [{ value: 'zero' as const, label: 'counting as zero', detail: 'A loss pulls the mean down.' }]
              : []),
          ]}
          onChoose={setAfterLoss}
        />
        ?
      </div>
      <div className="compare">
        <figure className="mb-0">
          <PlotlyChart data={chart.data} layout={chart.layout} summary={summary} height={440} />
          <figcaption className="second">
            {measure.drawn === 'height' && 'Beside each group: its middle plant, same scale. '}Bracket: 95% interval of the mean.
            Under the labels: how many of the {plural(container)} are in it.
          </figcaption>
          <NumbersTable records={records} measure={measure} groups={groups} />
        </figure>
        <div>
          {!claim || !answer ? (
            <Waiting>Working it out: dealing the labels again and again …</Waiting>
          ) : (
            <>
              <section className="section claim" aria-live="polite">
                <p className="claim-finding">{claim.finding}</p>
                {claim.certainty.map((sentence) => (
                  <p key={sentence} className="mb-1">
                    {sentence}
                  </p>
                ))}
                <p className="second mb-0">{claim.evidence}</p>
              </section>
              {answer.comparison.contrasts.length > 0 && (
                <section className="section mt-3">
                  <h2>How sure?</h2>
                  <HowSure
                    contrasts={answer.comparison.contrasts}
                    measure={measure}
                    resolution={investigation.resolution}
                    control={control}
                  />
                </section>
              )}
              <section className="section mt-3">
                <h2>What else could explain it?</h2>
                <ul className="mb-0">
                  {claim.cautions.map((c) => (
                    <li key={c}>{c}</li>
                  ))}
                  <li>
                    Light, warmth and hands differ along a sill; places were{' '}
                    {investigation.origin === 'planned'
                      ? 'drawn by lot within teams, so they should not favour one treatment'
                      : 'not drawn by this application'}
                    .
                  </li>
                </ul>
              </section>
            </>
          )}
        </div>
      </div>
    </section>
  );
}

/** The chart's numbers as a table, and everyone who is in no mean by name. */
function NumbersTable({
  records: { investigation },
  measure,
  groups,
}: {
  records: InvestigationRecords;
  measure: Measure;
  groups: Group[];
}) {
  const words = (value: number) => summaryWords(measure, value, investigation.resolution);
  const range = (low: number, high: number) => `${words(low)} to ${words(high)}`;
  return (
    <details className="mt-2">
      <summary>Show the numbers</summary>
      <div className="table-responsive">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Treatment</th>
              <th scope="col">Counted</th>
              <th scope="col">{measure.summedUp === 'order' ? 'Middle' : 'Mean'}</th>
              <th scope="col">95% interval</th>
              <th scope="col">Lowest to highest</th>
              <th scope="col">Not in the mean</th>
            </tr>
          </thead>
          <tbody>
            {groups.map((g) => (
              <tr key={g.treatment.code}>
                <th scope="row">
                  {g.treatment.code} {g.treatment.label}
                </th>
                <td>{g.dots.length}</td>
                <td>{g.summary.ok ? words(measure.summedUp === 'order' ? g.summary.median : g.summary.mean) : '–'}</td>
                <td>{g.summary.ok && g.summary.interval ? range(g.summary.interval.low, g.summary.interval.high) : '–'}</td>
                <td>{g.summary.ok ? range(g.summary.min, g.summary.max) : '–'}</td>
                <td>{leftOut(g, measure).join(', ') || 'none'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}

/** Who has no mark, and why; who counts as zero or as last seen has one. */
function leftOut({ dots, notUp, lost, removed, notMeasured, notChecked }: Group, measure: Measure): string[] {
  const marked = new Set(dots.map((d) => d.container.id));
  const out = (containers: readonly ComparedContainer[], why: string) =>
    containers.filter((c) => !marked.has(c.id)).map((c) => `${c.code} ${why}`);
  return [
    ...out(notUp, 'not up'),
    ...out(
      lost.map((l) => l.container),
      'lost',
    ),
    ...out(
      removed.map((r) => r.container),
      'taken out',
    ),
    ...out(notMeasured, `without ${measure.name}`),
    ...out(notChecked, 'not looked at'),
  ];
}
