import { say } from '@bright-sprout/words/say';
import { leftOver } from '@bright-sprout/core/compare/causes/placeCause';
import { FigureFrame } from '../../../compare/figures/FigureFrame';
import { TrayFigure } from '../../../compare/figures/TrayFigure';
import { type CloserProps } from './closerProps';

/** What treatment and team leave, where each container stands. */
export function TrayPanel({ records, groups, question, shown }: CloserProps) {
  const { investigation } = records;
  const emblems = new Map(investigation.teams.map((t) => [t.nickname, t.emblem]));
  const left = leftOver({ groups, question }) ?? [];
  return (
    <FigureFrame
      name="on-the-tray"
      summary={say('compare.treatmentTeamLeaveWhere', { containerName: investigation.containerName })}
      caption={say('compare.aboveWhereStandsFar', { containerName: investigation.containerName })}
      table={
        <details className="mt-2">
          <summary>{say('compare.showNumbers')}</summary>
          <p>{left.map((l) => `${l.container.code} ${shown.signed(l.residual)}`).join(', ')}</p>
        </details>
      }
    >
      {(width) => (
        <TrayFigure
          width={width}
          pots={investigation.containers}
          groups={groups}
          question={question}
          shown={shown}
          emblems={emblems}
        />
      )}
    </FigureFrame>
  );
}
