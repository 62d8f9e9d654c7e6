import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { teamClaimOf } from '@bright-sprout/core/conclude/claim/claimEntries';
import { learnedWords } from '@bright-sprout/core/plan/document/learned';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useChangeLesson, useClaims, useLesson } from '../../../api/queries';
import { Report } from '../../../conclude/report/Report';
import { Loaded } from '../../../page/Notices';
import { ConcludeFrame } from '../ConcludeFrame';
import { useNextSteps } from '../next/useNextSteps';

export function ReportView() {
  return <ConcludeFrame>{({ records }) => <ReportOfChosen records={records} />}</ConcludeFrame>;
}

function ReportOfChosen({ records }: { records: InvestigationRecords }) {
  const { investigation } = records;
  const [search, setSearch] = useSearchParams();
  const claims = useClaims(investigation.id);
  const lesson = useLesson(investigation.id);
  const change = useChangeLesson(investigation.id);
  const steps = useNextSteps(records).steps;
  const team = investigation.teams.find((t) => t.id === search.get('of')) ?? null;
  const of = useMemo(() => team && { id: team.id, nickname: team.nickname }, [team]);
  const next = useMemo(
    () => (steps ?? []).map((s) => learnedWords(s.learned, investigation.containerName)),
    [steps, investigation.containerName],
  );
  const key = team?.id ?? 'class';
  return (
    <section aria-label={say('report.report')}>
      <div className="d-flex flex-wrap gap-2 mb-3 no-print" role="group" aria-label={say('report.whoseReport')}>
        <button type="button" className="btn" aria-pressed={team === null} onClick={() => setSearch({})}>
          {say('common.theClassTitle')}
        </button>
        {investigation.teams.map((t) => (
          <button
            key={t.id}
            type="button"
            className="btn"
            aria-pressed={team?.id === t.id}
            onClick={() => setSearch({ of: t.id })}
          >
            {t.nickname}
          </button>
        ))}
      </div>
      <Loaded query={claims} what={say('report.teamsWritten')}>
        {(all) => {
          const own = all.find((c) => c.team.id === team?.id);
          const arrangement =
            lesson.data?.document.reports.find((r) => r.of === key)?.arrangement ?? (own ? teamClaimOf(own.entries).report : '');
          return (
            <Report
              key={key}
              records={records}
              of={of}
              claims={all}
              next={next}
              arrangement={arrangement}
              onArrange={(text) =>
                change.mutate((d) => ({
                  ...d,
                  reports: [...d.reports.filter((r) => r.of !== key), { of: key, arrangement: text }],
                }))
              }
            />
          );
        }}
      </Loaded>
    </section>
  );
}
