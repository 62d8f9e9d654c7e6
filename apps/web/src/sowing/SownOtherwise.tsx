import { say } from '@bright-sprout/words/say';
import { Say } from '../words/Say';
import { timeNow } from '@bright-sprout/core/clock/clock';
import { DEVIATION_KINDS, DEVIATION_WORDS, type DeviationKind, deviationWords } from '@bright-sprout/contracts/deviations';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { useState } from 'react';
import { ProblemNotice } from '../page/Notices';
import { TreatmentMark } from '../marks/TreatmentMark';
import { type Entering } from '../entry/useEntering';
import { SeedsCounted } from './SeedsCounted';
import './sowing.scss';

/** What went otherwise, in two taps: the container, then what. Taken back, it stays on record but counts no longer. */
export function SownOtherwise({
  investigation,
  entering,
}: {
  investigation: InvestigationView;
  entering: Pick<Entering, 'deviations' | 'saveDeviation' | 'takeBackDeviation' | 'error'>;
}) {
  const [pot, setPot] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const codes = new Map(investigation.containers.map((c) => [c.id, c.code]));
  const record = (kind: DeviationKind, seeds?: number) => {
    if (pot === null) return;
    entering.saveDeviation({
      containerId: pot,
      kind,
      ...(seeds === undefined ? {} : { seeds }),
      ...(note.trim() ? { note: note.trim() } : {}),
      recordedAt: timeNow().toISOString(),
    });
    setPot(null);
    setNote('');
  };
  const known = entering.deviations.filter((d) => codes.has(d.containerId));
  return (
    <section className="section sown-otherwise">
      <h2>{say('sowing.whatWentDifferently')}</h2>
      <div className="sown-pots" role="group" aria-label={say('common.containers')}>
        {investigation.containers.map((c) => (
          <button
            key={c.id}
            type="button"
            className="sown-pot"
            aria-pressed={pot === c.id}
            onClick={() => setPot(pot === c.id ? null : c.id)}
          >
            <TreatmentMark code={c.treatment} size={20} />
            <b>{c.code}</b>
            {known.some((d) => d.containerId === c.id) && <span className="visually-hidden">, {say('sowing.noted')}</span>}
          </button>
        ))}
      </div>
      {pot !== null && (
        <div
          className="sown-kinds"
          role="group"
          aria-label={say('sowing.whatWentDifferentlyWith', { container: codes.get(pot) })}
        >
          <p>
            <Say it="sowing.containerGot" container={codes.get(pot)} b={(inside) => <b>{inside}</b>} />
          </p>
          <SeedsCounted key={pot} code={codes.get(pot)!} onCount={(seeds) => record('counted', seeds)} />
          {DEVIATION_KINDS.filter((kind) => kind !== 'counted').map((kind) => (
            <button key={kind} type="button" className="btn" onClick={() => record(kind)}>
              {DEVIATION_WORDS[kind]}
            </button>
          ))}
          <label>
            {say('sowing.moreAbout')} <input value={note} maxLength={200} onChange={(e) => setNote(e.target.value)} />
          </label>
        </div>
      )}
      {entering.error && <ProblemNotice error={entering.error} />}
      {known.length === 0 ? (
        <p className="second">{say('sowing.nothingFarEveryContainer')}</p>
      ) : (
        <ul className="sown-known">
          {known.map((d) => (
            <li key={d.id}>
              <b>{codes.get(d.containerId)}</b> {deviationWords(d)}
              {d.note && `: ${d.note}`}{' '}
              <button type="button" className="btn btn-plain" onClick={() => entering.takeBackDeviation(d.id)}>
                {say('common.takeBackLower')}
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
