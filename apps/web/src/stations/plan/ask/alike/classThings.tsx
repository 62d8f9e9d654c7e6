import { say } from '@bright-sprout/words/say';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { counted } from '@bright-sprout/core/words/plural';
import { Glyph } from '../../../../drawing/container/SubjectGlyph';
import { type PartProps } from '../../partProps';
import { GoalPanel } from '../panels/GoalPanel';
import { PredictionsPanel } from '../panels/PredictionsPanel';
import { WhoGetsWhat } from '../panels/WhoGetsWhat';
import { type AlikeThing } from './alikeThing';

/** Places, the goal line, and what teams predict. */
export function classThings(props: PartProps): AlikeThing[] {
  const { plan } = props;
  const moved = Object.keys(plan.moved).length > 0;
  return [
    {
      key: 'places',
      glyph: (
        <Glyph size={36}>
          <path d="M6 40h36M9 40l-2-14h10l-2 14M21 40l-2-14h10l-2 14M33 40l-2-14h10l-2 14M12 18q12-16 24 0m0 0l-1-7m1 7l-7-1" />
        </Glyph>
      ),
      says: moved ? say('plannerAsk.movedHand') : say('plannerAsk.placesLot'),
      more: ASSIGNED[plan.assignment],
      fields: ['trays'],
      panel: <WhoGetsWhat {...props} />,
    },
    ...(plan.measures.includes('height') ? [goalItem(props)] : []),
    {
      key: 'guess',
      glyph: (
        <Glyph size={36}>
          <path d="M12 42V14m0 0h22l4 6-4 6H12M20 42V30" />
        </Glyph>
      ),
      says: plan.predictions.length > 0 ? `${counted(plan.predictions.length, 'prediction')}` : say('plannerAsk.noPredictions'),
      more: plan.askTeams ? say('plannerAsk.teamsAskedNow') : say('plannerAsk.beforeSowing'),
      fields: [],
      panel: <PredictionsPanel {...props} />,
    },
  ];
}

function goalItem({ plan, change, problems }: PartProps): AlikeThing {
  return {
    key: 'goal',
    glyph: (
      <Glyph size={36}>
        <path d="M6 42h36M20 42V16m0 8q-8 0-9-8 9 0 9 8zm0-8q8 0 9-8-9 0-9 8z" />
        <path d="M6 7h36" strokeDasharray="5 4" />
      </Glyph>
    ),
    says: plan.goal ? say('plannerAsk.asTallAs', { name: plan.goal.name }) : say('plannerAsk.goalLine'),
    more: plan.goal ? say('plannerAsk.cmWall', { mm: plan.goal.mm / 10 }) : say('plannerAsk.asTallAsOpen'),
    fields: ['goal'],
    panel: <GoalPanel plan={plan} change={change} problems={problems} />,
  };
}

const ASSIGNED: Record<PlanDocument['assignment'], string> = {
  get 'one-of-each'() {
    return say('plannerAsk.oneOfEachFor');
  },
  get 'team-one-treatment'() {
    return say('plannerAsk.treatmentTeam');
  },
  'class-shares': 'the class shares all',
  get 'own-pot'() {
    return say('plannerAsk.potEveryoneHome');
  },
};
