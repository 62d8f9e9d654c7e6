import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type PredictionKind, PREDICTIONS } from '@bright-sprout/core/plan/document/planDocument';
import { Form } from 'react-bootstrap';
import { useLive } from '../../../../api/live';
import { useTeamPredictions } from '../../../../api/queries';
import { TeamPredictions } from '../../../../sowing/TeamPredictions';
import { setting } from '../../planFields';
import { type PartProps } from '../../partProps';

const NAMES: Record<PredictionKind, string> = spoken({
  'first-sprout-day': 'plannerAsk.dayFirstSprout',
  'height-on-day': 'plannerAsk.heightDay',
  'which-wins': 'plannerAsk.tallestEnd',
});

/** What teams are asked to predict, whether they are asked now, and who has answered. */
export function PredictionsPanel({ planId, group, plan, change }: PartProps) {
  // Answers come in while teams are asked.
  useLive();
  const answers = useTeamPredictions(planId);
  return (
    <section>
      <h3>{say('plannerAsk.predictionsBeforeSowing')}</h3>
      <div className="planner-ticks">
        {PREDICTIONS.map((kind) => (
          <Form.Check
            key={kind}
            id={`predict-${kind}`}
            type="checkbox"
            label={NAMES[kind]}
            checked={plan.predictions.includes(kind)}
            onChange={(e) =>
              change((p) => ({
                ...p,
                predictions: PREDICTIONS.filter((k) => (k === kind ? e.target.checked : p.predictions.includes(k))),
              }))
            }
          />
        ))}
      </div>
      <Form.Check
        id="ask-teams"
        type="checkbox"
        label={say('plannerAsk.askTeamsNowDevices')}
        disabled={group.teams.length === 0}
        checked={plan.askTeams}
        onChange={(e) => change(setting({ askTeams: e.target.checked }))}
      />
      {plan.askTeams && (
        <p className="second">
          {say('plannerAsk.teamsPredictedSowingLocks', { countData: answers.data?.length ?? 0, countTeams: group.teams.length })}
        </p>
      )}
      {answers.data && answers.data.length > 0 && <TeamPredictions predictions={answers.data} />}
    </section>
  );
}
