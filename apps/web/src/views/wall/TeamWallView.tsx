import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useSharedInvestigation } from '../../api/queries';
import { DayRibbon } from '../../components/DayRibbon';
import { Loaded } from '../../components/Notices';
import { ribbonDays } from '../../components/ribbonDays';
import { Wall } from './Wall';

/** The class's wall on a team's device, while the teacher shares it. */
export function TeamWallView() {
  const { id = '' } = useParams();
  const query = useSharedInvestigation(id);
  return (
    <div className="page">
      <header className="page-head">
        <Link className="group-tag" to="/bench">
          Our pots
        </Link>
        <h1>{query.data?.investigation.question ?? 'The whole class'}</h1>
      </header>
      <Loaded query={query} what="the class’s plants">
        {(records) => <SharedWall records={records} />}
      </Loaded>
    </div>
  );
}

function SharedWall({ records }: { records: InvestigationRecords }) {
  const days = ribbonDays(records);
  const [chosen, setChosen] = useState<string | null>(null);
  const known = days.map((d) => d.day);
  const day = chosen ?? known[known.length - 1] ?? null;
  if (day === null) return <p>Nobody has checked a pot yet.</p>;
  return (
    <>
      <DayRibbon
        sownOn={records.investigation.sownOn}
        last={known[known.length - 1]!}
        recorded={days}
        chosen={day}
        onChoose={setChosen}
      />
      <Wall records={records} day={day} before={known[known.indexOf(day) - 1] ?? null} />
    </>
  );
}
