import { todayIn } from '@bright-sprout/core/clock/clock';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { type TogetherView as Gathered } from '@bright-sprout/contracts/together';
import { dayInZone, formatDay } from '@bright-sprout/core/calendar/days';
import { hasEnded } from '@bright-sprout/core/readings/reading';
import { summaryOf } from '@bright-sprout/core/readings/together';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { formatLength, formatLengthNumber, parseLength, RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useTogether, useWrite } from '../../../api/queries';
import { CheckFrame } from '../../../page/CheckFrame';
import { ContainerChoice } from '../../../entry/ContainerChoice';
import { EmblemMark } from '../../../marks/EmblemMark';
import { Field } from '../../../entry/Field';
import { habitOf } from '../../../records/habitOf';
import { Loaded, ProblemNotice } from '../../../page/Notices';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { errorOfClass } from '../../../records/useReadingError';
import { GatheredRuler } from './GatheredRuler';
import './together.scss';

/** On the projector: the class reads one plant, every team sends what it reads, and all settle on one value. */
export function TogetherView() {
  return <CheckFrame>{(records) => <OfInvestigation records={records} />}</CheckFrame>;
}

function OfInvestigation({ records }: { records: InvestigationRecords }) {
  const query = useTogether(records.investigation.id);
  return (
    <Loaded query={query} what="what was read together">
      {(all) => {
        const open = all.find((t) => !t.closed);
        return (
          <div className="together">
            {open ? <Open key={open.id} open={open} records={records} /> : <Choose records={records} last={all[0]} />}
            <ReadBefore all={all.filter((t) => t.settledMm !== null)} records={records} />
          </div>
        );
      }}
    </Loaded>
  );
}

/** The plant that everybody is to read. */
function Choose({ records: { investigation, readings }, last }: { records: InvestigationRecords; last: Gathered | undefined }) {
  const today = todayIn(investigation.class.timeZone);
  const standings = standingsOn(
    investigation.containers.map((c) => c.id),
    readings,
    today,
  );
  const alive = investigation.containers.filter((c) => !hasEnded(standings.get(c.id)!.state));
  const begin = useWrite(
    (containerId: string) => request('PUT', `/together/${v7()}`, { investigationId: investigation.id, containerId }),
    'investigations',
  );
  const settled = last && last.settledMm !== null && dayInZone(new Date(last.openedAt), investigation.class.timeZone) === today;
  return (
    <section className="section together-main">
      <h2>
        {settled
          ? `${last.code} is settled: ${formatLength(last.settledMm!, investigation.resolution)}`
          : 'Read one plant together'}
      </h2>
      <p>
        Put a plant where everybody can come to it with a ruler, and tap its label here. Every team’s device asks for what it
        reads; nobody sees the others’ values until you show them.
      </p>
      {investigation.phase === 'growing' ? (
        <ContainerChoice label="Plant to read" containers={alive} disabled={begin.isPending} onToggle={begin.mutate} />
      ) : (
        <p>This investigation is finished: nothing more is read.</p>
      )}
      {begin.error && <ProblemNotice error={begin.error} />}
    </section>
  );
}

/** What has come in, first covered, then as marks on the ruler; the class settles on the middle or on what it agrees on. */
function Open({ open, records: { investigation } }: { open: Gathered; records: InvestigationRecords }) {
  const { resolution, teams } = investigation;
  const [uncovered, setUncovered] = useState(false);
  const container: ContainerView = investigation.containers.find((c) => c.id === open.containerId)!;
  const treatment = investigation.treatments.find((t) => t.code === container.treatment)!;
  const summary = summaryOf(open.readings.map((r) => r.valueMm));
  const all = open.readings.length >= teams.length;
  const shown = uncovered || all;
  const leave = useWrite(() => request('DELETE', `/together/${open.id}`), 'investigations');
  return (
    <>
      <section className="section together-main">
        <h2 className="together-title">
          Everybody reads <TreatmentMark code={container.treatment} size={26} /> {open.code}
          <small>
            {treatment.label} · {open.readings.length} of {teams.length} teams have read
          </small>
        </h2>
        <ul className="together-teams" aria-label="Teams">
          {teams.map((t) => (
            <li key={t.id} className={open.readings.some((r) => r.team.id === t.id) ? 'read' : undefined}>
              <EmblemMark emblem={t.emblem} size={30} />
              <span>{t.nickname}</span>
              <span className="visually-hidden">{open.readings.some((r) => r.team.id === t.id) ? 'has read' : 'is reading'}</span>
            </li>
          ))}
        </ul>
        <GatheredRuler
          readings={open.readings}
          shown={shown}
          resolution={resolution}
          habit={habitOf(investigation, container)}
          code={open.code}
          height={Math.max(360, window.innerHeight - 380)}
        />
      </section>
      <section className="section together-now" aria-label="Settle">
        {!summary && <p>Nobody has sent anything yet. Each team finds the question on its device.</p>}
        {!shown && summary && (
          <button type="button" className="btn" onClick={() => setUncovered(true)}>
            Show what was read so far
          </button>
        )}
        {shown && summary && <Settle key={summary.medianMm} open={open} summary={summary} resolution={resolution} />}
        <button type="button" className="btn btn-plain" disabled={leave.isPending} onClick={() => leave.mutate(undefined)}>
          Leave it without a value
        </button>
        {leave.error && <ProblemNotice error={leave.error} />}
      </section>
    </>
  );
}

function Settle({
  open,
  summary,
  resolution,
}: {
  open: Gathered;
  summary: NonNullable<ReturnType<typeof summaryOf>>;
  resolution: InvestigationRecords['investigation']['resolution'];
}) {
  const unit = RESOLUTION_UNIT[resolution];
  const [value, setValue] = useState(formatLengthNumber(summary.medianMm, resolution));
  const parsed = parseLength(value, unit);
  const settle = useWrite(
    () => request('PUT', `/together/${open.id}/settled`, { typed: `${value.trim()} ${unit}` }),
    'investigations',
  );
  const apart = summary.highMm - summary.lowMm;
  return (
    <form
      className="together-settle"
      onSubmit={(e) => {
        e.preventDefault();
        settle.mutate(undefined);
      }}
    >
      <p>
        The middle is <b>{formatLength(summary.medianMm, resolution)}</b>.{' '}
        {apart < 0.05
          ? 'Everybody read the same.'
          : `Readings lie ${formatLength(apart, resolution)} apart, from ${formatLengthNumber(summary.lowMm, resolution)} to ${formatLength(summary.highMm, resolution)}. Why?`}
      </p>
      <Field label={`The class settles on, ${unit}`} error={parsed.ok ? undefined : { message: parsed.reason }}>
        {(props) => (
          <Form.Control inputMode="decimal" maxLength={12} value={value} onChange={(e) => setValue(e.target.value)} {...props} />
        )}
      </Field>
      <button type="submit" className="btn btn-next" disabled={!parsed.ok || settle.isPending}>
        {settle.isPending ? 'Writing it down …' : 'Settle on it'}
      </button>
      {settle.error && <ProblemNotice error={settle.error} />}
    </form>
  );
}

/** The plants that were settled, and what they say of this class's reading. */
function ReadBefore({ all, records: { investigation } }: { all: Gathered[]; records: InvestigationRecords }) {
  const { resolution } = investigation;
  const error = errorOfClass(all);
  return (
    <aside className="section together-side">
      <h2>How well this class reads</h2>
      {error ? (
        <p>
          <b className="together-error">± {(error.sdMm / (resolution === 'quarter-in' ? 25.4 : 10)).toFixed(2)}</b>{' '}
          {RESOLUTION_UNIT[resolution]}: so far from each other are readings of the same plant, as a standard deviation, from{' '}
          {error.readings} readings of {error.plants} {error.plants === 1 ? 'plant' : 'plants'}. Differences between treatments
          that are not much larger say little; the claim minds it.
        </p>
      ) : (
        <p>
          After the first plant that several teams have read, the class’s own reading error stands here, and the claim minds it.
        </p>
      )}
      {all.length > 0 && (
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Plant</th>
              <th scope="col">Day</th>
              <th scope="col">Settled</th>
              <th scope="col">Read</th>
            </tr>
          </thead>
          <tbody>
            {all.map((t) => {
              const s = summaryOf(t.readings.map((r) => r.valueMm));
              return (
                <tr key={t.id}>
                  <th scope="row">{t.code}</th>
                  <td>{formatDay(dayInZone(new Date(t.openedAt), investigation.class.timeZone), 'short')}</td>
                  <td className="numeral">{formatLength(t.settledMm!, resolution)}</td>
                  <td>
                    {s
                      ? `${formatLengthNumber(s.lowMm, resolution)} to ${formatLengthNumber(s.highMm, resolution)}, ${s.n} teams`
                      : 'by nobody'}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </aside>
  );
}
