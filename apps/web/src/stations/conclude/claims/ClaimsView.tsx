import { type TeamClaimView } from '@bright-sprout/contracts/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { Link } from 'react-router';
import { useChangeInvestigation, useChangeLesson, useClaims, useLesson } from '../../../api/queries';
import { TeamClaimCard } from '../../../conclude/claim/TeamClaimCard';
import { type AskedQuestion } from '../../../conclude/claim/useClaimAnswer';
import { Loaded, ProblemNotice } from '../../../page/Notices';
import { ConcludeFrame } from '../ConcludeFrame';
import { TeacherNotes } from './TeacherNotes';
import '../../../conclude/claim/claim.scss';

export function ClaimsView() {
  return <ConcludeFrame>{({ records }) => <Claims records={records} />}</ConcludeFrame>;
}

function Claims({ records }: { records: InvestigationRecords }) {
  const { investigation } = records;
  const claims = useClaims(investigation.id);
  const lesson = useLesson(investigation.id);
  const changeLesson = useChangeLesson(investigation.id);
  const change = useChangeInvestigation(investigation);
  const open = lesson.data?.document.claimsOpen ?? false;
  const error = changeLesson.error ?? change.error;
  return (
    <section aria-label="Claims">
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3">
        {investigation.sharedWithTeams ? (
          <>
            <span>
              Teams write theirs at <b>What we found out</b> on their devices.
            </span>
            <button
              type="button"
              className="btn"
              aria-pressed={open}
              onClick={() => changeLesson.mutate((d) => ({ ...d, claimsOpen: !open }))}
            >
              {open ? 'All teams can read all claims: close them' : 'Open the claims for the class to read'}
            </button>
          </>
        ) : (
          <>
            <span>To conclude, teams look at the whole class’s records. They are not open to them yet.</span>
            <button
              type="button"
              className="btn-next"
              disabled={change.isPending}
              onClick={() => change.mutate({ sharedWithTeams: true })}
            >
              Let teams conclude
            </button>
          </>
        )}
      </div>
      {error && <ProblemNotice error={error} />}
      <Loaded query={claims} what="what the teams have written">
        {(all) =>
          all.length === 0 ? (
            <p>
              This class has no teams. <Link to={`/classes/${investigation.class.id}`}>Make some</Link>, and each writes its own
              conclusion.
            </p>
          ) : (
            <>
              <p className="second">
                {all.filter((c) => teamClaimOf(c.entries).ready).length} of {all.length} claims are in. A question that the page
                would ask stands beneath; it is a question, not a mark.
              </p>
              <div className="team-claims">
                {all.map((view) => (
                  <TeacherCard key={view.team.id} view={view} records={records} />
                ))}
              </div>
            </>
          )
        }
      </Loaded>
    </section>
  );
}

function TeacherCard({ view, records }: { view: TeamClaimView; records: InvestigationRecords }) {
  return (
    <TeamClaimCard view={view} records={records}>
      {({ asksOfClaim, asksOfReasoning, asksOfEvidence }) => {
        const asked = [...asksOfClaim, ...asksOfEvidence, ...asksOfReasoning];
        return (
          <>
            {asked.length > 0 && (
              <ul className="quiet">
                {asked.map((q, i) => (
                  <li key={i}>
                    {ASKED_WORDS[q.code]}: “{q.facts.word.trim()}”{q.kept ? ' · kept, they can say why' : ' · asked'}
                  </li>
                ))}
              </ul>
            )}
            <TeacherNotes investigationId={records.investigation.id} view={view} />
          </>
        );
      }}
    </TeamClaimCard>
  );
}

const ASKED_WORDS: Record<AskedQuestion['code'], string> = {
  'too-sure': 'Surer than the records',
  'wrong-direction': 'The marks say otherwise',
  beyond: 'Beyond what was grown',
  cause: 'A cause without a fair test',
  'one-plant': 'One plant for all',
  'no-difference': 'A wide range is not “no difference”',
};
