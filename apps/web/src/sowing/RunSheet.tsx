import { say } from '@bright-sprout/words/say';
import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { runStepWords } from '@bright-sprout/core/plan/lists/runSheetWords';
import { Form } from 'react-bootstrap';
import { type Entering } from '../entry/useEntering';
import './sowing.scss';

interface Props {
  investigation: InvestigationView;
  entering: Pick<Entering, 'care' | 'saveCare' | 'takeBackCare'>;
  /** Whose ticks can be set here; null for the teacher, who ticks for everybody. */
  teamId: string | null;
}

/** The steps of sowing day as a checklist. What the teacher ticks counts for all teams. */
export function RunSheet({ investigation, entering, teamId }: Props) {
  const { runSheet: steps, teams } = investigation;
  const ticks = entering.care.filter((c) => c.kind === 'sowing-step');
  const of = (step: number) => ticks.filter((c) => c.task === String(step));
  const done = steps.filter((_, i) => of(i).some((c) => c.teamId === null || c.teamId === teamId)).length;
  if (steps.length === 0) return null;
  return (
    <section className="section">
      <h2>{say('sowing.sowingDayDone', { done, countSteps: steps.length })}</h2>
      <ol className="run-steps">
        {steps.map(runStepWords).map((step, i) => (
          <li key={step}>
            <Step step={step} index={i} ticks={of(i)} entering={entering} teamId={teamId} teams={teams.length} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Step({
  step,
  index,
  ticks,
  entering,
  teamId,
  teams,
}: Pick<Props, 'entering' | 'teamId'> & { step: string; index: number; ticks: CareView[]; teams: number }) {
  const own = ticks.find((c) => c.teamId === teamId);
  const forAll = ticks.some((c) => c.teamId === null);
  const others = new Set(ticks.filter((c) => c.teamId !== null).map((c) => c.teamId)).size;
  return (
    <>
      <Form.Check
        type="checkbox"
        id={`step-${index}`}
        label={step}
        checked={own !== undefined || forAll}
        disabled={teamId !== null && forAll}
        onChange={() => (own ? entering.takeBackCare(own.id) : entering.saveCare({ kind: 'sowing-step', task: String(index) }))}
      />
      {teamId !== null && forAll && <span className="second"> {say('sowing.teacherTicked')}</span>}
      {teamId === null && !forAll && others > 0 && <span className="second"> {say('sowing.ofTeams', { others, teams })}</span>}
    </>
  );
}
