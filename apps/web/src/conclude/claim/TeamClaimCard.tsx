import { say } from '@bright-sprout/words/say';
import { type TeamClaimView } from '@bright-sprout/contracts/answers/conclude';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { hasBegun, teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { type ReactNode, useMemo } from 'react';
import { EmblemMark } from '../../marks/EmblemMark';
import { Waiting } from '../../page/Notices';
import { type ClaimReading, readClaim, useClaimAnswer } from './useClaimAnswer';

/** A team's conclusion as it can be read. */
export function TeamClaimCard({
  view,
  records,
  children,
}: {
  view: TeamClaimView;
  records: InvestigationRecords;
  /** What stands beneath it: questions, notes. */
  children?: (reading: ClaimReading) => ReactNode;
}) {
  const claim = useMemo(() => teamClaimOf(view.entries), [view.entries]);
  const answer = useClaimAnswer(records, claim);
  const reading = readClaim(claim, answer);
  const { shown } = answer;
  return (
    <article className="team-claim" aria-label={say('conclude.claimOf', { nickname: view.team.nickname })}>
      <h2>
        <EmblemMark emblem={view.team.emblem} size={26} /> {view.team.nickname}
        <span className="second">
          {claim.ready ? say('conclude.shown') : hasBegun(claim) ? say('conclude.stillWriting') : say('common.nothingYet')}
        </span>
      </h2>
      {hasBegun(claim) && answer.facts === null && <Waiting>{say('conclude.readingIt')}</Waiting>}
      {reading.text !== '' && <p className="claimed">{reading.text}</p>}
      {reading.evidence.length > 0 && (
        <p>
          <b>{say('conclude.theySaw')}</b>{' '}
          {reading.evidence
            .map((e) => `${e.code ?? say('conclude.theMeanOf', { label: e.group.label })}: ${shown.words(e.value)}`)
            .join('; ')}
          .
        </p>
      )}
      {claim.reasoning.trim() !== '' && (
        <p>
          <b>{say('conclude.because')}</b> {claim.reasoning}
        </p>
      )}
      {children?.(reading)}
    </article>
  );
}
