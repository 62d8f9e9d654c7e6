import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { useTogether } from '../../../api/queries';
import { CheckFrame } from '../../../page/CheckFrame';
import { Loaded } from '../../../page/Notices';
import { ChoosePlant } from './ChoosePlant';
import { ReadingNow } from './ReadingNow';
import { ReadBefore } from './ReadBefore';
import './together.scss';

/** On the projector: the class reads one plant, every team sends what it reads, and all settle on one value. */
export function TogetherView() {
  return <CheckFrame>{(records) => <OfInvestigation records={records} />}</CheckFrame>;
}

function OfInvestigation({ records }: { records: InvestigationRecords }) {
  const query = useTogether(records.investigation.id);
  return (
    <Loaded query={query} what={say('together.readTogether')}>
      {(all) => {
        const open = all.find((t) => !t.closed);
        return (
          <div className="together">
            {open ? <ReadingNow key={open.id} open={open} records={records} /> : <ChoosePlant records={records} last={all[0]} />}
            <ReadBefore all={all.filter((t) => t.settledMm !== null)} records={records} />
          </div>
        );
      }}
    </Loaded>
  );
}
