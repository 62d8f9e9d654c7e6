import { cautionsFor, protectiveGear, RULES_FIRST, toAskAbout } from '@bright-sprout/core/plan/cautions/cautions';
import { allOf } from '@bright-sprout/core/plan/layout/layOut';
import { mixingCards } from '@bright-sprout/core/plan/lists/mixingCards';
import { homeKit, shoppingList } from '@bright-sprout/core/plan/lists/prepare';
import { seedLessonSteps } from '@bright-sprout/core/plan/lists/seedLesson';
import { runSheet } from '@bright-sprout/core/plan/lists/runSheet';
import { runStepWords } from '@bright-sprout/core/plan/lists/runSheetWords';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { counted } from '@bright-sprout/core/words/plural';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
import { useState } from 'react';
import { Link } from 'react-router';
import { NotReached } from '../../../reach/NotReached';
import { useReach } from '../../../reach/useReach';
import { NotYet } from '../NotYet';
import { type PartProps } from '../partProps';
import { PrepareSentence } from './PrepareSentence';

/** What to buy, mix and mind, and what everybody does on sowing day; made to be printed. */
export function PreparePart(props: PartProps) {
  const { plan, out } = props;
  const [kitchen, setKitchen] = useState<Kitchen>('metric');
  return (
    <>
      <section className="section">
        <div className="d-flex flex-wrap justify-content-between gap-2 mb-3">
          <h2>To have at hand</h2>
          <span className="d-flex flex-wrap gap-2 no-print">
            {out && (
              <Link className="btn" to={`/plans/${props.planId}/print`}>
                Print room: labels, sheets, lists
              </Link>
            )}
            <button type="button" className="btn" onClick={() => print()}>
              Print all of this
            </button>
          </span>
        </div>
        <PrepareSentence {...props} kitchen={kitchen} onKitchen={setKitchen} />
        {out && <Shopping plan={plan} out={out} teams={props.group.teams.length} kitchen={kitchen} />}
      </section>
      {out ? <Lists {...props} out={out} /> : <NotYet />}
    </>
  );
}

function Shopping({ plan, out, teams, kitchen }: { plan: PartProps['plan']; out: WorkedOut; teams: number; kitchen: Kitchen }) {
  return (
    <table className="table">
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col">{teams > 0 ? 'Each team' : 'Needed'}</th>
          <th scope="col">In all, with spares</th>
        </tr>
      </thead>
      <tbody>
        {shoppingList(plan, out, teams, kitchen).map((l) => (
          <tr key={l.what}>
            <th scope="row">{l.what}</th>
            <td>{l.perTeam}</td>
            <td>{l.total}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Lists({ planId, plan, out }: PartProps & { out: WorkedOut }) {
  const cards = mixingCards(plan, out);
  const reach = useReach();
  return (
    <>
      {cards.map((card) => (
        <section key={card.title} className="section">
          <h2>{card.title}</h2>
          <ol>
            {card.steps.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ol>
          <p className="second mb-0">{card.limit}</p>
        </section>
      ))}
      {plan.seedLesson && (
        <section className="section">
          <h2>The lesson about the seeds</h2>
          <ol className="run-sheet">
            {seedLessonSteps(plan).map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ol>
        </section>
      )}
      <section className="section">
        <h2>Sowing day</h2>
        <ol className="run-sheet">
          {runSheet(plan, out)
            .map(runStepWords)
            .map((s) => (
              <li key={s}>{s}</li>
            ))}
        </ol>
      </section>
      <section className="section no-print">
        <h2>Labels</h2>
        <p>
          {counted(allOf(out.layout).length, 'label')} with code, mark and team
          {reach.address === null ? '; teams type the class code in.' : ', and a square that opens the container on a device.'}
        </p>
        {!reach.asked && reach.address === null && <NotReached />}
        <Link className="btn" to={`/plans/${planId}/print?what=stick-labels`}>
          Labels, on the sheets that you have
        </Link>
      </section>
      {plan.assignment === 'own-pot' && (
        <section className="section">
          <h2>What goes home</h2>
          <ul>
            {homeKit(plan, out).map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </section>
      )}
      <ToMind plan={plan} />
    </>
  );
}

/** What is to be minded with what the plan uses. */
export function ToMind({ plan }: Pick<PartProps, 'plan'>) {
  const cautions = cautionsFor(plan);
  const [gear, ask] = [protectiveGear(cautions), toAskAbout(cautions)];
  return (
    <section className="section">
      <h2>To mind</h2>
      <p>
        <b>{RULES_FIRST}</b>
      </p>
      {ask.length > 0 && <p>Ask families before you start about: {ask.join('; ')}.</p>}
      {gear.length > 0 && <p>Have at hand: {gear.join(', ')}.</p>}
      <ul className="cautions">
        {cautions.map((c) => (
          <li key={c.id} className={`caution-${c.gravity}`}>
            {c.say}
            {c.adult && ' An adult’s job.'} <span className="second">({c.from})</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
