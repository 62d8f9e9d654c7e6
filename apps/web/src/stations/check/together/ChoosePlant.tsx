import { say } from '@bright-sprout/words/say';
import { todayIn } from '@bright-sprout/core/clock/clock';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type TogetherView as Gathered } from '@bright-sprout/contracts/answers/together';
import { dayInZone } from '@bright-sprout/core/calendar/days';
import { hasEnded } from '@bright-sprout/core/readings/reading';
import { standingsOn } from '@bright-sprout/core/readings/standing';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { v7 } from 'uuid';
import { request } from '../../../api/client';
import { useWrite } from '../../../api/queries';
import { ContainerChoice } from '../../../entry/ContainerChoice';
import { ProblemNotice } from '../../../page/Notices';

/** The plant that everybody is to read. */
export function ChoosePlant({
  records: { investigation, readings },
  last,
}: {
  records: InvestigationRecords;
  last: Gathered | undefined;
}) {
  const today = todayIn(investigation.class.timeZone);
  const standings = standingsOn(
    investigation.containers.map((c) => c.id),
    readings,
    today,
  );
  const alive = investigation.containers.filter((c) => !hasEnded(standings.get(c.id)!.state));
  const begin = useWrite(
    (containerId: string) => request('PUT', `/together/${v7()}`, { investigationId: investigation.id, containerId }),
    'investigations',
  );
  const settled = last && last.settledMm !== null && dayInZone(new Date(last.openedAt), investigation.class.timeZone) === today;
  return (
    <section className="section together-main">
      <h2>
        {settled
          ? say('together.isSettled', { code: last.code, settledMm: formatLength(last.settledMm!, investigation.resolution) })
          : say('together.readPlantTogether')}
      </h2>
      <p>{say('together.putPlantWhereEverybody')}</p>
      {investigation.phase === 'growing' ? (
        <ContainerChoice
          label={say('together.plantRead')}
          containers={alive}
          disabled={begin.isPending}
          onToggle={begin.mutate}
        />
      ) : (
        <p>{say('together.investigationFinishedNothingMore')}</p>
      )}
      {begin.error && <ProblemNotice error={begin.error} />}
    </section>
  );
}
