import { say } from '@bright-sprout/words/say';
import { type Assignment } from '@bright-sprout/core/plan/document/planDocument';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { Link } from 'react-router';
import { setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { PictureChoices } from './PictureChoices';

export const ASSIGNMENT_WORDS: Record<Assignment, { name: string; does: string }> = {
  'one-of-each': {
    get name() {
      return say('plannerAsk.everyTeam');
    },
    get does() {
      return say('plannerAsk.heavyHandFallsTreatments');
    },
  },
  'team-one-treatment': {
    get name() {
      return say('plannerAsk.teamTreatment');
    },
    get does() {
      return say('plannerAsk.teamTreatmentCannotTold');
    },
  },
  'class-shares': {
    get name() {
      return say('plannerAsk.classShares');
    },
    get does() {
      return say('plannerAsk.teamLooksAfterMeasures');
    },
  },
  'own-pot': {
    get name() {
      return say('plannerAsk.everyonePotHome');
    },
    get does() {
      return say('plannerAsk.numberBesideEmblemSays');
    },
  },
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
