import { type Assignment } from '@bright-sprout/core/plan/document/planDocument';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { Link } from 'react-router';
import { setting } from '../../planFields';
import { type PartProps } from '../../partProps';
import { PictureChoices } from './PictureChoices';

export const ASSIGNMENT_WORDS: Record<Assignment, { name: string; does: string }> = {
  'one-of-each': { name: 'every team has one of each', does: 'A heavy hand falls on all treatments alike.' },
  'team-one-treatment': { name: 'each team has one treatment', does: 'A team and its treatment cannot be told apart.' },
  'class-shares': { name: 'the class shares all', does: 'Any team looks after and measures any of them.' },
  'own-pot': { name: 'everyone has a pot at home', does: 'A number beside the emblem says whose it is; no name is needed.' },
};

/** How containers are shared out among the teams. */
export function AssignmentChoices({ plan, change, out }: Pick<PartProps, 'plan' | 'change' | 'out'>) {
  return (
    <>
      <PictureChoices
        label="Containers are shared out so that"
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
      <Link to={`/plans/${props.planId}/lay-out`}>Where each stands</Link>
    </>
  );
}
