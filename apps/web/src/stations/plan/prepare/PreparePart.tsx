import { say } from '@bright-sprout/words/say';
import { cautionsFor, protectiveGear, rulesFirst, toAskAbout } from '@bright-sprout/core/plan/cautions/cautions';
import { allOf } from '@bright-sprout/core/plan/layout/layOut';
import { mixingCards } from '@bright-sprout/core/plan/lists/mixingCards';
import { homeKit, shoppingList } from '@bright-sprout/core/plan/lists/prepare';
import { seedLessonSteps } from '@bright-sprout/core/plan/lists/seedLesson';
import { runSheet } from '@bright-sprout/core/plan/lists/runSheet';
import { runStepWords } from '@bright-sprout/core/plan/lists/runSheetWords';
import { type WorkedOut } from '@bright-sprout/core/plan/workedOut/workOut';
import { type Kitchen } from '@bright-sprout/core/quantities/volume';
import { useState } from 'react';
import { Link } from 'react-router';
import { NotReached } from '../../../wayIn/NotReached';
import { useWayIn } from '../../../wayIn/useWayIn';
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
          <h2>{say('prepare.toHaveAtHand')}</h2>
          <span className="d-flex flex-wrap gap-2 no-print">
            {out && (
              <Link className="btn" to={`/plans/${props.planId}/print`}>
                {say('prepare.printRoomLabelsSheets')}
              </Link>
            )}
            <button type="button" className="btn" onClick={() => print()}>
              {say('prepare.printAllOfThis')}
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
    <div className="table-scroll">
      {' '}
      <table className="table">
        <thead>
          <tr>
            <th scope="col">{say('common.what')}</th>
            <th scope="col">{teams > 0 ? say('prepare.eachTeam') : say('prepare.needed')}</th>
            <th scope="col">{say('prepare.inAllWithSpares')}</th>
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
    </div>
  );
}

function Lists({ planId, plan, out }: PartProps & { out: WorkedOut }) {
  const cards = mixingCards(plan, out);
  const reach = useWayIn();
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
          <h2>{say('prepare.lessonAboutSeeds')}</h2>
          <ol className="run-sheet">
            {seedLessonSteps(plan).map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ol>
        </section>
      )}
      <section className="section">
        <h2>{say('common.sowingDay')}</h2>
        <ol className="run-sheet">
          {runSheet(plan, out)
            .map(runStepWords)
            .map((s) => (
              <li key={s}>{s}</li>
            ))}
        </ol>
      </section>
      <section className="section no-print">
        <h2>{say('prepare.labels')}</h2>
        <p>{say('prepare.labelLabelsCodeMark', { countAllOf: allOf(out.layout).length, noAddress: reach.address === null })}</p>
        {!reach.asked && reach.address === null && <NotReached />}
        <Link className="btn" to={`/plans/${planId}/print?what=stick-labels`}>
          {say('prepare.labelsSheets')}
        </Link>
      </section>
      {plan.assignment === 'own-pot' && (
        <section className="section">
          <h2>{say('prepare.goesHome')}</h2>
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
      <h2>{say('prepare.toMind')}</h2>
      <p>
        <b>{rulesFirst()}</b>
      </p>
      {ask.length > 0 && <p>{say('prepare.askFamiliesBeforeStart', { ask: ask.join('; ') })}</p>}
      {gear.length > 0 && <p>{say('prepare.haveAtHand', { gear: gear.join(', ') })}</p>}
      <ul className="cautions">
        {cautions.map((c) => (
          <li key={c.id} className={`caution-${c.gravity}`}>
            {c.say}
            {c.adult && ` ${say('prepare.adultsJob')}`} <span className="second">({c.from})</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
