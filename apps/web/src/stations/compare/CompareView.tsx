import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, type IsoDay } from '@bright-sprout/core/calendar/days';
import { claimSentence } from '@bright-sprout/core/claims/claimSentence';
import { groupsOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { isOrdered } from '@bright-sprout/core/measures/measure';
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
import { useReadingError } from '../../records/useReadingError';
import { useComparison } from '../../workers/useComparison';
import { comparisonChart } from './comparisonChart';
import { ClaimWords, OtherExplanations } from './ClaimWords';
import { CompareSentence } from './CompareSentence';
import { HowSure } from './HowSure';
import { NumbersTable } from './NumbersTable';
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
      <CompareSentence
        investigation={investigation}
        measures={measures}
        measure={measure}
        onMeasure={setCode}
        day={day}
        days={recordedDays(readings)}
        onDay={onLook}
        beforeSprouting={beforeSprouting}
        onBeforeSprouting={setBeforeSprouting}
        afterLoss={afterLoss}
        onAfterLoss={setAfterLoss}
      />
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
              <ClaimWords claim={claim} />
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
              <OtherExplanations cautions={claim.cautions} investigation={investigation} />
            </>
          )}
        </div>
      </div>
    </section>
  );
}
