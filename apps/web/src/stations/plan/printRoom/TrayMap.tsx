import { say } from '@bright-sprout/words/say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { mm, type Paper } from '../../../print/paper';
import { TrayPlan } from '../../../sowing/TrayPlan';
import { type Printable } from './printable';

/** Where everything stands, along the page. */
export function trayPages(investigation: InvestigationView, paper: Paper): Printable['pages'] {
  const teams = [
    ...investigation.teams.map((t) => ({
      emblem: t.emblem,
      nickname: t.nickname,
      pots: investigation.containers.filter((c) => c.teamId === t.id),
    })),
    { emblem: null, nickname: say('common.theClassTitle'), pots: investigation.containers.filter((c) => c.teamId === null) },
  ].filter((t) => t.pots.length > 0);
  if (teams.length === 0) return say('printRoom.containersYet');
  return [
    {
      label: say('printRoom.trayMapWindowTop'),
      content: (
        <>
          <text x={mm(12)} y={mm(20)} fontSize="30" className="paper-heading">
            {say('printRoom.trayMap')}
          </text>
          <text x={mm(12)} y={mm(27)} fontSize="16" className="paper-second">
            {investigation.question}
          </text>
          {/* Along the page, the window to the right: turned with it the map is as large as the paper lets it be. */}
          <g transform={`translate(${paper.width - mm(14)} ${mm(36)}) rotate(90)`}>
            <svg
              width={paper.height - mm(36 + 16)}
              height={paper.width - mm(28)}
              preserveAspectRatio="xMinYMin"
              className="print-room-tray"
            >
              <TrayPlan teams={teams} />
            </svg>
          </g>
        </>
      ),
    },
  ];
}
