import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { claimSentence } from '@bright-sprout/core/claims/claimSentence';
import { type BeforeSprouting, groupsOnDay } from '@bright-sprout/core/compare/compareOnDay';
import { recordedDays } from '@bright-sprout/core/readings/standing';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { plural } from '@bright-sprout/core/words/plural';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { comparedRecords } from '../../records/comparedRecords';
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
  const compared = useMemo(() => comparedRecords(records), [records]);
  const question = useMemo(() => ({ records: compared, day, beforeSprouting, seed: SEED }), [compared, day, beforeSprouting]);
  const answer = useComparison(question);
  const groups = useMemo(() => groupsOnDay(compared, day, beforeSprouting), [compared, day, beforeSprouting]);
  const chart = useMemo(() => comparisonChart(groups, investigation), [groups, investigation]);
  const readingErrorMm = useReadingError(investigation.id);
  const kind = investigation.speciesName.toLowerCase();
  const container = investigation.containerName;
  const dayNumber = daysBetween(investigation.sownOn, day);
  const claim =
    answer &&
    claimSentence(answer.comparison, {
      kind,
      container,
      dayNumber,
      resolution: investigation.resolution,
      band: investigation.class.gradeBand,
      planCautions: investigation.planCautions,
      readingErrorMm,
    });
  const control = investigation.treatments.find((t) => t.control)?.label ?? 'the control';
  const summary = `Height of ${kind} on day ${dayNumber} by ${investigation.factor}: ${groups.map((g) => `${g.treatment.label} ${g.summary.ok ? `mean ${formatLength(g.summary.mean, 'mm')}` : 'none measured'}`).join('; ')}.`;
  return (
    <section aria-label="Compare">
      <div className="ruled-sentence">
        How does height on{' '}
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
        differ by <b>{investigation.factor}</b> for <b>{kind}</b>, one mark per {container}, not up counting as{' '}
        <RuledWord
          name="Not up yet"
          value={beforeSprouting}
          choices={[
            { value: 'exclude', label: 'nothing', detail: 'It is in no mean; its name stands below.' },
            { value: 'zero', label: 'zero', detail: 'It pulls the mean down: how tall are the pots?' },
          ]}
          onChoose={setBeforeSprouting}
        />
        ?
      </div>
      <div className="compare">
        <figure className="mb-0">
          <PlotlyChart data={chart.data} layout={chart.layout} summary={summary} height={440} />
          <figcaption className="second">
            Beside each group: its middle plant, same scale. Bracket: 95% interval of the mean. Under the labels: how many of the{' '}
            {plural(container)} are in it.
          </figcaption>
          <NumbersTable records={records} groups={groups} />
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
                  <HowSure contrasts={answer.comparison.contrasts} resolution={investigation.resolution} control={control} />
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
  groups,
}: {
  records: InvestigationRecords;
  groups: ReturnType<typeof groupsOnDay>;
}) {
  const fine = investigation.resolution === 'quarter-in' ? 'quarter-in' : 'mm';
  return (
    <details className="mt-2">
      <summary>Show the numbers</summary>
      <div className="table-responsive">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Treatment</th>
              <th scope="col">Counted</th>
              <th scope="col">Mean</th>
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
                <td>{g.summary.ok ? formatLength(g.summary.mean, fine) : '–'}</td>
                <td>
                  {g.summary.ok && g.summary.interval
                    ? `${formatLength(g.summary.interval.low, fine)} to ${formatLength(g.summary.interval.high, fine)}`
                    : '–'}
                </td>
                <td>{g.summary.ok ? `${formatLength(g.summary.min, fine)} to ${formatLength(g.summary.max, fine)}` : '–'}</td>
                <td>
                  {[
                    ...g.notUp.map((c) => `${c.code} not up`),
                    ...g.lost.map((l) => `${l.container.code} lost`),
                    ...g.notChecked.map((c) => `${c.code} not looked at`),
                  ].join(', ') || 'none'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
