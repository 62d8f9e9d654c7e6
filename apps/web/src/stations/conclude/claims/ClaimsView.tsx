import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../../../words/Say';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
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
    <section aria-label={say('claimsOfTeams.claims')}>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3">
        {investigation.sharedWithTeams ? (
          <>
            <span>
              <Say it="claimsOfTeams.teamsWriteTheirsFound" b={(inside) => <b>{inside}</b>} />
            </span>
            <button
              type="button"
              className="btn"
              aria-pressed={open}
              onClick={() => changeLesson.mutate((d) => ({ ...d, claimsOpen: !open }))}
            >
              {open ? say('claimsOfTeams.teamsReadClaimsClose') : say('claimsOfTeams.openClaimsClassRead')}
            </button>
          </>
        ) : (
          <>
            <span>{say('claimsOfTeams.concludeTeamsLookWhole')}</span>
            <button
              type="button"
              className="btn-next"
              disabled={change.isPending}
              onClick={() => change.mutate({ sharedWithTeams: true })}
            >
              {say('claimsOfTeams.letTeamsConclude')}
            </button>
          </>
        )}
      </div>
      {error && <ProblemNotice error={error} />}
      <Loaded query={claims} what={say('claimsOfTeams.teamsWritten')}>
        {(all) =>
          all.length === 0 ? (
            <p>
              <Say
                it="claimsOfTeams.classTeamsMakeSome"
                link={(inside) => <Link to={`/classes/${investigation.class.id}`}>{inside}</Link>}
              />
            </p>
          ) : (
            <>
              <p className="second">
                {say('claimsOfTeams.claimsQuestionPageAsk', {
                  claims: all.filter((c) => teamClaimOf(c.entries).ready).length,
                  teams: all.length,
                })}
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
                    {ASKED_WORDS[q.code]}: “{q.facts.word.trim()}” ·{' '}
                    {q.kept ? say('claimsOfTeams.keptSayWhy') : say('claimsOfTeams.asked')}
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

const ASKED_WORDS: Record<AskedQuestion['code'], string> = spoken({
  'too-sure': 'claimsOfTeams.surerRecords',
  'wrong-direction': 'claimsOfTeams.marksSayDifferently',
  beyond: 'claimsOfTeams.beyondGrown',
  cause: 'claimsOfTeams.causeWithoutFairTest',
  'one-plant': 'claimsOfTeams.onePlantForAll',
  'no-difference': 'claimsOfTeams.wideRangeDifference',
});
