import { todayIn } from '@bright-sprout/core/clock/clock';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { drawStaying, seedlingsIn, type Staying } from '@bright-sprout/core/readings/thinning';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { Field } from '../../../entry/Field';
import { useTeacherEntering } from '../../../entry/useEntering';
import { ProblemNotice } from '../../../page/Notices';

type Drawn = Staying<ContainerView>;

const ordinal = (n: number) =>
  `${n}${n % 10 === 1 && n !== 11 ? 'st' : n % 10 === 2 && n !== 12 ? 'nd' : n % 10 === 3 && n !== 13 ? 'rd' : 'th'}`;

/** Which seedlings stay: by lot, so that nobody keeps the strongest of one treatment only. */
export function Thinning({ records: { investigation, readings } }: { records: InvestigationRecords }) {
  const entering = useTeacherEntering(investigation);
  const [keep, setKeep] = useState(String(investigation.bench.plants));
  const [rule, setRule] = useState<'lot' | 'middle'>('lot');
  const [lot, setLot] = useState(() => Math.floor(Math.random() * 10_000));
  const [counts, setCounts] = useState<Record<string, string>>({});
  const done = entering.care.filter((c) => c.kind === 'thin');
  const wanted = Math.max(1, Math.round(Number(keep)) || 1);
  const upIn = (c: ContainerView): number => {
    const typed = counts[c.id];
    if (typed !== undefined) return Math.max(0, Math.round(Number(typed)) || 0);
    return seedlingsIn(c, readings);
  };
  const gone = standingsOn(
    investigation.containers.map((c) => c.id),
    readings,
    todayIn(investigation.class.timeZone),
  );
  const there = investigation.containers.filter((c) => !['lost', 'moved'].includes(gone.get(c.id)!.state));
  const open = drawStaying(
    there.map((container) => ({ container, up: upIn(container) })),
    { keep: wanted, rule, lot },
  ).filter((d) => !done.some((c) => c.task === `thin ${d.container.code}`));
  const drawn = open.filter((d) => d.up > wanted);
  // A row stays where it is while its count is being typed.
  const rows = open.filter((d) => d.up > wanted || counts[d.container.id] !== undefined);
  if (investigation.containers.every((c) => c.seedsSown <= 1)) return null;
  const words = (d: Drawn) =>
    d.up <= wanted ? 'nothing to thin' : `${d.stay.map(ordinal).join(', ')} of ${d.up} ${d.stay.length === 1 ? 'stays' : 'stay'}`;
  return (
    <section className="section run-wide">
      <h2>Thin</h2>
      <div className="run-fields">
        <Field label="Seedlings that stay in each">
          {(props) => (
            <Form.Control type="number" min={1} max={100} value={keep} onChange={(e) => setKeep(e.target.value)} {...props} />
          )}
        </Field>
        <Field label="Which">
          {(props) => (
            <Form.Select value={rule} onChange={(e) => setRule(e.target.value as typeof rule)} {...props}>
              <option value="lot">by lot</option>
              <option value="middle">those in the middle of the row</option>
            </Form.Select>
          )}
        </Field>
        {rule === 'lot' && (
          <button type="button" className="btn" onClick={() => setLot((n) => n + 101)}>
            Draw again
          </button>
        )}
      </div>
      <p className="second">
        Count from the label around the {investigation.containerName}. {rule === 'lot' && `Lot number ${lot}.`}
      </p>
      {rows.length === 0 ? (
        <p>Nothing is left to thin.</p>
      ) : (
        <>
          <table className="table run-thin">
            <tbody>
              {rows.map((d) => (
                <tr key={d.container.id}>
                  <th scope="row">{d.container.code}</th>
                  <td>
                    <label>
                      <span className="visually-hidden">Seedlings up in {d.container.code}</span>
                      <Form.Control
                        type="number"
                        min={0}
                        value={counts[d.container.id] ?? String(d.up)}
                        onChange={(e) => setCounts({ ...counts, [d.container.id]: e.target.value })}
                      />
                    </label>
                  </td>
                  <td>{words(d)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <button
            type="button"
            className="btn"
            disabled={drawn.length === 0}
            onClick={() =>
              drawn.forEach((d) =>
                entering.saveCare({
                  kind: 'thin',
                  task: `thin ${d.container.code}`,
                  note: `${words(d)}${rule === 'lot' ? `, lot ${lot}` : ''}`,
                }),
              )
            }
          >
            They are thinned: write it down
          </button>
        </>
      )}
      {entering.error && <ProblemNotice error={entering.error} />}
    </section>
  );
}
