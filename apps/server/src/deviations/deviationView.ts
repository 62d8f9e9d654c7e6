import { type DeviationView } from '@bright-sprout/contracts/answers/deviations';
import { type Deviation } from './deviation.entity';

export function deviationView({ id, containerId, kind, seeds, note }: Pick<Deviation, keyof DeviationView>): DeviationView {
  return { id, containerId, kind, seeds, note };
}
