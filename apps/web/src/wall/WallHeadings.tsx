import { say } from '@bright-sprout/words/say';
import { type TeamView } from '@bright-sprout/contracts/answers/classes';
import { type ExpectedView, type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { summaryNumber, summaryUnit } from '@bright-sprout/core/measures/summaryWords';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { EmblemMark } from '../marks/EmblemMark';
import { CrowdLine } from './CrowdLine';
import { type LineUpGroup } from './lineUpGroup';
import { TreatmentMark } from '../marks/TreatmentMark';

/** What stands over each group: its mark and name, its mean, and who expected it to win. */
export function WallHeadings({
  groups,
  measure,
  total,
  investigation,
  standings,
  onWhole,
}: {
  groups: LineUpGroup[];
  measure: Measure;
  total: number;
  investigation: InvestigationRecords['investigation'];
  standings: ReadonlyMap<string, Standing>;
  /** A group is to be seen as a whole. */
  onWhole: (key: string) => void;
}) {
  const columns = groups.map((g) => `${Math.max(1, g.containers.length)}fr`).join(' ');
  // Seeds are told in the words below the title; ranks have no mean worth a big number.
  const meaned = measure.summedUp === 'mean' || measure.summedUp === 'median';
  return (
    <div className="wall-headings" style={{ gridTemplateColumns: columns, width: total }}>
      {groups.map((group) => {
        const believers =
          group.letter && measure.drawn === 'height' ? investigation.expected.filter((e) => e.winner === group.letter) : [];
        return (
          <div key={group.key} className="wall-heading">
            {group.look && <TreatmentMark code={group.look} size={22} />}
            {group.emblem && <EmblemMark emblem={group.emblem} size={26} />}
            {group.letter && <span className="wall-letter">{group.letter}</span>}
            <span className="wall-what">
              <b>{group.title}</b>
              <span>{group.detail}</span>
            </span>
            {group.summary && meaned && (
              <span className="wall-mean">
                {summaryNumber(measure, group.summary.mean, investigation.resolution)}
                <small>{summaryUnit(measure, investigation.resolution)}</small>
              </span>
            )}
            {believers.length > 0 && <Believers teams={investigation.teams} expected={believers} />}
            {group.all && <CrowdLine group={group} standings={standings} measure={measure} onWhole={() => onWhole(group.key)} />}
          </div>
        );
      })}
    </div>
  );
}

/** The teams that expected this treatment to be the tallest. */
function Believers({ teams, expected }: { teams: TeamView[]; expected: ExpectedView[] }) {
  const own = teams.filter((t) => expected.some((e) => e.teamId === t.id));
  return (
    <span className="wall-believers">
      {say('wall.expectedTallest')}{' '}
      {own.map((t) => (
        <span key={t.id} title={t.nickname}>
          <EmblemMark emblem={t.emblem} size={16} />
          <span className="visually-hidden">{t.nickname} </span>
        </span>
      ))}
    </span>
  );
}
