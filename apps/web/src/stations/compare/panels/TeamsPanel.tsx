import { say } from '@bright-sprout/words/say';
import { teamStrip } from '@bright-sprout/core/compare/figures/teamStrip';
import { FigureFrame } from '../../../compare/figures/FigureFrame';
import { Numbers } from '../../../compare/figures/otherTables';
import { TeamStripFigure } from '../../../compare/figures/TeamStripFigure';
import { type CloserProps } from './closerProps';

/** As many answers as teams: each team's own difference. */
export function TeamsPanel({ records, groups, shown }: CloserProps) {
  const { teams, treatments } = records.investigation;
  const strips = teamStrip(groups);
  const emblems = new Map(teams.map((t) => [t.nickname, t.emblem]));
  const control = treatments.find((t) => t.control)?.label ?? groups[0]?.label ?? '';
  const words = strips
    .map((s) =>
      say('compare.teamsFoundLess', {
        label: s.group.label,
        found: s.teams.filter((t) => t.difference < 0).length,
        teams: s.teams.length,
        control,
      }),
    )
    .join('; ');
  return (
    <FigureFrame
      name="team-by-team"
      summary={say('compare.teamsOwnDifference', { words })}
      caption={say('compare.teamFarRestQuestion', { words })}
      table={
        <Numbers heads={[say('common.team'), ...strips.map((s) => s.group.label)]}>
          {teams.map((t) => (
            <tr key={t.id}>
              <th scope="row">{t.nickname}</th>
              {strips.map((s) => {
                const own = s.teams.find((o) => o.team === t.nickname);
                return <td key={s.group.key}>{own ? shown.signed(own.difference) : '–'}</td>;
              })}
            </tr>
          ))}
        </Numbers>
      }
    >
      {(width) => <TeamStripFigure width={width} strips={strips} shown={shown} emblems={emblems} />}
    </FigureFrame>
  );
}
