import { type CareView } from '@bright-sprout/contracts/answers/care';
import { type CareEvent } from './careEvent.entity';

export function careView({ id, teamId, kind, task, day, amountMl, skipped, note, recordedAt }: CareEvent): CareView {
  return { id, teamId, kind, task, day, amountMl, skipped, note, recordedAt: recordedAt.toISOString() };
}
