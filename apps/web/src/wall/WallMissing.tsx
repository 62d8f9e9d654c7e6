import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type Standing } from '@bright-sprout/core/readings/standing';

/** More than so many are counted instead of named. */
const MOST_NAMED = 16;

/** Who is in no mean, by name. */
export function WallMissing({
  investigation,
  standings,
}: {
  investigation: InvestigationRecords['investigation'];
  standings: Map<string, Standing>;
}) {
  const codes = (fits: (s: Standing) => boolean) =>
    investigation.containers.filter((c) => fits(standings.get(c.id)!)).map((c) => c.code);
  const parts = (
    [
      [say('common.notUpYet'), codes((s) => s.state === 'not-up')],
      ['lost', codes((s) => s.state === 'lost')],
      [say('wall.withoutHeight'), codes((s) => s.state === 'measured' && s.heightMm === null)],
      [say('wall.notLookedAt'), codes((s) => s.state === 'not-checked')],
    ] as [string, string[]][]
  ).filter(([, list]) => list.length > 0);
  if (parts.length === 0) return null;
  return (
    <p className="second wall-missing">
      {say('wall.seeThemMeanCounts', {
        parts: parts.map(([word, list]) => `${list.length > MOST_NAMED ? list.length : list.join(', ')} ${word}`).join(' · '),
      })}
    </p>
  );
}
