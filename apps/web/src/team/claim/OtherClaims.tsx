import { say } from '@bright-sprout/words/say';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { hasBegun, teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { useState } from 'react';
import { TeamClaimCard } from '../../conclude/claim/TeamClaimCard';

/** What the other teams found out, once the teacher has opened it. */
export function OtherClaims({ others, records }: { others: readonly TeamClaimView[]; records: InvestigationRecords }) {
  const [open, setOpen] = useState(false);
  const written = others.filter((o) => hasBegun(teamClaimOf(o.entries)));
  return (
    <section aria-label={say('teamClaim.otherTeams')}>
      <h2>{say('teamClaim.otherTeamsFound')}</h2>
      {written.length === 0 ? (
        <p className="second">{say('teamClaim.otherTeamWrittenAnything')}</p>
      ) : open ? (
        <div className="team-claims">
          {written.map((o) => (
            <TeamClaimCard key={o.team.id} view={o} records={records} />
          ))}
        </div>
      ) : (
        <button type="button" className="btn" onClick={() => setOpen(true)}>
          {say('teamClaim.readOneAll', { countWritten: written.length })}
        </button>
      )}
    </section>
  );
}
