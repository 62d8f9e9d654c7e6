import { type Assignment } from '@bright-sprout/core/plan/document/planDocument';
import { splitWords } from '@bright-sprout/core/plan/layout/splitWords';
import { Link } from 'react-router';
import { ChoiceField, setting } from '../../planFields';
import { type PartProps } from '../../partProps';

const ASSIGNMENT_NAMES: Record<Assignment, string> = {
  'one-of-each': 'every team has one of each',
  'team-one-treatment': 'each team has one treatment',
  'class-shares': 'the class shares all',
  'own-pot': 'everyone has a pot at home',
};

/** How containers are shared out among the teams. */
export function AssignmentField({ plan, change, problems, out }: Pick<PartProps, 'plan' | 'change' | 'problems' | 'out'>) {
  return (
    <ChoiceField
      label="Containers are shared out so that"
      field="assignment"
      problems={problems}
      hint={out ? splitWords(out.layout.split) : undefined}
      value={plan.assignment}
      choices={(Object.keys(ASSIGNMENT_NAMES) as Assignment[]).map((value) => ({ value, name: ASSIGNMENT_NAMES[value] }))}
      onChange={(assignment) => change(setting({ assignment, moved: {} }))}
    />
  );
}

export function WhoGetsWhat(props: PartProps) {
  return (
    <>
      <AssignmentField {...props} />
      <Link to={`/plans/${props.planId}/lay-out`}>Where each stands</Link>
    </>
  );
}
