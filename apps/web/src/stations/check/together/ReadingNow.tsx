import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type TogetherView as Gathered } from '@bright-sprout/contracts/answers/together';
import { summaryOf } from '@bright-sprout/core/readings/together';
import { formatLength, formatLengthNumber, parseLength, RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { EmblemMark } from '../../../marks/EmblemMark';
import { Field } from '../../../entry/Field';
import { habitOf } from '../../../records/habitOf';
import { ProblemNotice } from '../../../page/Notices';
import { TreatmentMark } from '../../../marks/TreatmentMark';
import { GatheredRuler } from './GatheredRuler';

/** What has come in, first covered, then as marks on the ruler; the class settles on the middle or on what it agrees on. */
export function ReadingNow({ open, records: { investigation } }: { open: Gathered; records: InvestigationRecords }) {
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
          <Say
            it="together.everybodyReadsTeamsRead"
            treatmentMark={<TreatmentMark code={container.treatment} size={26} />}
            code={open.code}
            label={treatment.label}
            countReadings={open.readings.length}
            countTeams={teams.length}
            small={(inside) => <small>{inside}</small>}
          />
        </h2>
        <ul className="together-teams" aria-label={say('together.teams')}>
          {teams.map((t) => (
            <li key={t.id} className={open.readings.some((r) => r.team.id === t.id) ? 'read' : undefined}>
              <EmblemMark emblem={t.emblem} size={30} />
              <span>{t.nickname}</span>
              <span className="visually-hidden">
                {open.readings.some((r) => r.team.id === t.id) ? say('together.hasRead') : say('together.isReading')}
              </span>
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
      <section className="section together-now" aria-label={say('together.settle')}>
        {!summary && <p>{say('together.nobodySentAnythingYet')}</p>}
        {!shown && summary && (
          <button type="button" className="btn" onClick={() => setUncovered(true)}>
            {say('together.showReadFar')}
          </button>
        )}
        {shown && summary && <Settle key={summary.medianMm} open={open} summary={summary} resolution={resolution} />}
        <button type="button" className="btn btn-plain" disabled={leave.isPending} onClick={() => leave.mutate(undefined)}>
          {say('together.leaveWithoutValue')}
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
        <Say
          it="together.middleEverybodyReadSame"
          medianMm={formatLength(summary.medianMm, resolution)}
          b={(inside) => <b>{inside}</b>}
          apart={formatLength(apart, resolution)}
          lowMm={formatLengthNumber(summary.lowMm, resolution)}
          highMm={formatLength(summary.highMm, resolution)}
          apartUnder={apart < 0.05}
        />
      </p>
      <Field label={say('together.classSettles', { unit })} error={parsed.ok ? undefined : { message: parsed.reason }}>
        {(props) => (
          <Form.Control inputMode="decimal" maxLength={12} value={value} onChange={(e) => setValue(e.target.value)} {...props} />
        )}
      </Field>
      <button type="submit" className="btn btn-next" disabled={!parsed.ok || settle.isPending}>
        {settle.isPending ? say('together.writingDown') : say('together.settleOnIt')}
      </button>
      {settle.error && <ProblemNotice error={settle.error} />}
    </form>
  );
}
