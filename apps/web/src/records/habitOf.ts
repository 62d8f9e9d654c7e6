import { type ContainerView, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';

/** How the plants of a container are drawn and measured: kinds side by side differ. */
export function habitOf({ treatments, habit }: InvestigationView, { treatment }: Pick<ContainerView, 'treatment'>): Habit {
  return treatments.find((t) => t.code === treatment)?.habit ?? habit;
}
