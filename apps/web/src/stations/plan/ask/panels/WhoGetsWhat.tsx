import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { type Assignment } from '@bright-sprout/core/plan/document/planDocument';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { Link } from 'react-router';
import { setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { PictureChoices } from './PictureChoices';

export const ASSIGNMENT_WORDS: Record<Assignment, { name: string; does: string }> = {
  'one-of-each': spoken({
    name: 'plannerAsk.everyTeam',
    does: 'plannerAsk.heavyHandFallsTreatments',
  }),
  'team-one-treatment': spoken({
    name: 'plannerAsk.teamTreatment',
    does: 'plannerAsk.teamTreatmentCannotTold',
  }),
  'class-shares': spoken({
    name: 'plannerAsk.classShares',
    does: 'plannerAsk.teamLooksAfterMeasures',
  }),
  'own-pot': spoken({
    name: 'plannerAsk.everyonePotHome',
    does: 'plannerAsk.numberBesideEmblemSays',
  }),
};

/** How containers are shared out among the teams. */
export function AssignmentChoices({ plan, change, out }: Pick<PartProps, 'plan' | 'change' | 'out'>) {
  return (
    <>
      <PictureChoices
        label={say('plannerAsk.containersShared')}
        value={plan.assignment}
        choices={(Object.keys(ASSIGNMENT_WORDS) as Assignment[]).map((value) => ({ value, ...ASSIGNMENT_WORDS[value] }))}
        onChoose={(assignment) => change(setting({ assignment, moved: {} }))}
      />
      {out && <p className="second mb-0 mt-2">{splitWords(out.layout.split)}</p>}
    </>
  );
}

export function WhoGetsWhat(props: PartProps) {
  return (
    <>
      <AssignmentChoices {...props} />
      <Link to={`/plans/${props.planId}/lay-out`}>{say('plannerAsk.whereStands')}</Link>
    </>
  );
}
