import { type Emblem } from '@bright-sprout/contracts/access';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { type Habit } from '@bright-sprout/core/seeds/catalogue';
import { EmblemMark } from '../../../marks/EmblemMark';
import { MarkShape } from '../../../marks/TreatmentMark';
import { PlantDrawing } from '../../../drawing/PlantDrawing';
import { INK, SOIL } from '../../../compare/figures/figureKit';

export interface DealtPot {
  id: string;
  code: string;
  value: number;
  habit: Habit;
}

export interface DealtTeam {
  team: string;
  emblem: Emblem | null;
  pots: DealtPot[];
  /** For each label, the pot under which it lies now; labels keep their order, so that each can be seen moving. */
  labels: { treatment: string; pot: number; key: string }[];
}

const SLOT = 40;
const TALL = 92;

/** The class's own pots by team. Their labels are taken off and dealt again: each flies to the pot it is dealt to. */
export function DealtPots({
  teams,
  highest,
  shown,
  quick,
  codeOf,
}: {
  teams: readonly DealtTeam[];
  highest: number;
  shown: Shown;
  quick: boolean;
  codeOf: (key: string) => string;
}) {
  const scale = (TALL - 8) / Math.max(1e-9, highest);
  return (
    <div className="dealt-teams">
      {teams.map(({ team, emblem, pots, labels }) => (
        <div key={team} className="dealt-team">
          <svg width={pots.length * SLOT + 6} height={TALL + 88} aria-hidden="true">
            <path d={`M2 ${TALL}H${pots.length * SLOT + 2}`} stroke={SOIL} strokeWidth="4" />
            {pots.map((pot, i) => (
              <g key={pot.id} transform={`translate(${3 + SLOT * (i + 0.5)} ${TALL})`}>
                {shown.drawsPlants && pot.value > 0 ? (
                  <PlantDrawing habit={pot.habit} heightMm={pot.value} leaves={null} face={pot.code} scale={scale} />
                ) : (
                  <rect
                    x="-7"
                    y={-Math.max(2, pot.value * scale)}
                    width="14"
                    height={Math.max(2, pot.value * scale)}
                    fill="#fff"
                    stroke={INK}
                    strokeWidth="1.4"
                  />
                )}
                <path d="M-18 2h36l-4 30h-28z" fill="#fff" stroke={INK} strokeWidth="1.6" />
                <text y="24" textAnchor="middle" className="dealt-value">
                  {shown.number(pot.value)}
                </text>
              </g>
            ))}
            {labels.map(({ treatment, pot, key }) => (
              <g
                key={key}
                className={`dealt-label${quick ? ' quick' : ''}`}
                style={{ transform: `translate(${3 + SLOT * (pot + 0.5)}px, ${TALL + 38}px)` }}
              >
                <path d="M-13 0h26v34l-13 13l-13-13z" fill="#fff" stroke={INK} strokeWidth="1.6" />
                <text y="18" textAnchor="middle" className="dealt-code">
                  {codeOf(treatment)}
                </text>
                <g transform="translate(0 28)">
                  <MarkShape code={treatment} size={13} />
                </g>
              </g>
            ))}
          </svg>
          <p>
            {emblem && <EmblemMark emblem={emblem} size={22} />} {team}
          </p>
        </div>
      ))}
    </div>
  );
}
