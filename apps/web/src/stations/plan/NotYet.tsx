import { say } from '@bright-sprout/words/say';
import { Empty } from '../../page/Notices';

/** Shown where a part has nothing to show yet. */
export function NotYet() {
  return (
    <Empty title={say('planner.somethingMissingBeforeWorks')}>
      <p>{say('planner.listBesideSays')}</p>
    </Empty>
  );
}
