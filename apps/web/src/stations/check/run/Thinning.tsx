import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type ContainerView, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { drawStaying, seedlingsIn, type Staying } from '@bright-sprout/core/readings/thinning';
import { useState } from 'react';
import { Form } from 'react-bootstrap';
import { Field } from '../../../entry/Field';
import { useTeacherEntering } from '../../../entry/useEntering';
import { ProblemNotice } from '../../../page/Notices';

type Drawn = Staying<ContainerView>;

const ordinal = (n: number) => say('run.ordinal', { n });

type Rule = 'lot' | 'middle';

/** Which seedlings stay: by lot, so that nobody keeps the strongest of one treatment only. */
export function Thinning({ records: { investigation, readings } }: { records: InvestigationRecords }) {
  const entering = useTeacherEntering(investigation);
  const [keep, setKeep] = useState(String(investigation.bench.plants));
  const [rule, setRule] = useState<Rule>('lot');
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
    d.up <= wanted
      ? say('run.nothingThin')
      : say('run.ofUpStay', { stay: d.stay.map(ordinal).join(', '), up: d.up, countStay: d.stay.length });
  return (
    <section className="section run-wide">
      <h2>{say('run.thin')}</h2>
      <RuleFields keep={keep} onKeep={setKeep} rule={rule} onRule={setRule} onDrawAgain={() => setLot((n) => n + 101)} />
      <p className="second">{say('run.countLabelAroundLot', { containerName: investigation.containerName, lot, rule })}</p>
      {rows.length === 0 ? (
        <p>{say('run.nothingLeftThin')}</p>
      ) : (
        <>
          <table className="table run-thin">
            <tbody>
              {rows.map((d) => (
                <tr key={d.container.id}>
                  <th scope="row">{d.container.code}</th>
                  <td>
                    <label>
                      <span className="visually-hidden">{say('run.seedlingsUpIn', { code: d.container.code })}</span>
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
                  note: rule === 'lot' ? say('run.fromLot', { words: words(d), lot }) : words(d),
                }),
              )
            }
          >
            {say('run.thinnedWriteDown')}
          </button>
        </>
      )}
      {entering.error && <ProblemNotice error={entering.error} />}
    </section>
  );
}

function RuleFields({
  keep,
  onKeep,
  rule,
  onRule,
  onDrawAgain,
}: {
  keep: string;
  onKeep: (keep: string) => void;
  rule: Rule;
  onRule: (rule: Rule) => void;
  onDrawAgain: () => void;
}) {
  return (
    <div className="run-fields">
      <Field label={say('run.seedlingsStay')}>
        {(props) => (
          <Form.Control type="number" min={1} max={100} value={keep} onChange={(e) => onKeep(e.target.value)} {...props} />
        )}
      </Field>
      <Field label={say('run.which')}>
        {(props) => (
          <Form.Select value={rule} onChange={(e) => onRule(e.target.value as Rule)} {...props}>
            <option value="lot">{say('run.byLot')}</option>
            <option value="middle">{say('run.middleRow')}</option>
          </Form.Select>
        )}
      </Field>
      {rule === 'lot' && (
        <button type="button" className="btn" onClick={onDrawAgain}>
          {say('run.drawAgain')}
        </button>
      )}
    </div>
  );
}
