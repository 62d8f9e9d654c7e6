import { say } from '@bright-sprout/words/say';
import { type ClassView } from '@bright-sprout/contracts/answers/classes';

/** The teams of a class as choices; first the class itself, which has no team. */
export function teamChoices(group: Pick<ClassView, 'teams'> | undefined): [string, string][] {
  return [['', say('common.theClass')], ...(group?.teams ?? []).map((t): [string, string] => [t.id, t.nickname])];
}
