import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useSharedInvestigation } from '../../api/queries';
import { DayTape } from '../../tape/DayTape';
import { Loaded } from '../../page/Notices';
import { recordedOn, dayTapeOf } from '@bright-sprout/core/tape/dayTape';
import { Wall } from '../../wall/Wall';

/** The class's wall on a team's device, while the teacher shares it. */
export function TeamWallView() {
  const { id = '' } = useParams();
  const query = useSharedInvestigation(id);
  return (
    <div className="page">
      <header className="page-head">
        <Link className="group-tag" to="/bench">
          {say('wall.ourPots')}
        </Link>
        <h1>{query.data?.investigation.question ?? say('wall.wholeClass')}</h1>
      </header>
      <Loaded query={query} what={say('wall.classsPlants')}>
        {(records) => <SharedWall records={records} />}
      </Loaded>
    </div>
  );
}

function SharedWall({ records }: { records: InvestigationRecords }) {
  const today = todayIn(records.investigation.class.timeZone);
  const tape = useMemo(() => dayTapeOf(records, today), [records, today]);
  const [chosen, setChosen] = useState<string | null>(null);
  const known = recordedOn(tape);
  const day = chosen ?? known[known.length - 1] ?? null;
  if (day === null) return <p>{say('wall.nobodyCheckedPotYet')}</p>;
  return (
    <>
      <DayTape tape={tape} sownOn={records.investigation.sownOn} chosen={day} onChoose={setChosen} />
      <Wall records={records} day={day} before={known[known.indexOf(day) - 1] ?? null} team />
    </>
  );
}
