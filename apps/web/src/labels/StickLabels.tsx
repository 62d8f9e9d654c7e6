import { type ClassView } from '@bright-sprout/contracts/classes';
import { containerLink } from '@bright-sprout/core/reach/shortLink';
import { EmblemMark } from '../marks/EmblemMark';
import { TreatmentMark } from '../marks/TreatmentMark';
import { Square } from '../reach/Square';
import './stickLabels.scss';

export interface LabelledPot {
  code: string;
  treatment: string;
  team: ClassView['teams'][number] | null;
  /** Whose of the team's it is, where everybody has one at home. */
  childNumber?: number | null;
  /** It stands in reserve. */
  inReserve?: boolean;
}

/** Labels to cut out and fix to the sticks: code, mark and team in print, and a square that opens the container. */
export function StickLabels({
  pots,
  labels,
  joinCode,
  investigationId,
  address,
}: {
  pots: readonly LabelledPot[];
  /** What each treatment gets, line by line, by code. */
  labels: ReadonlyMap<string, readonly string[]>;
  joinCode: string;
  investigationId: string;
  /** Where devices in the room reach this server; null for labels without a square. */
  address: string | null;
}) {
  return (
    <ul className="stick-labels">
      {pots.map((pot) => (
        <li key={pot.code} className="stick-label">
          <span className="stick-label-code">
            <TreatmentMark code={pot.treatment} size={24} />
            <b>{pot.code}</b>
            {pot.team && <EmblemMark emblem={pot.team.emblem} size={26} />}
            {pot.childNumber && <b className="stick-label-child">{pot.childNumber}</b>}
          </span>
          {address !== null && (
            <Square
              className="stick-label-square"
              text={containerLink(address, joinCode, investigationId, pot.code)}
              name={`Opens ${pot.code}`}
            />
          )}
          <span className="stick-label-text">
            {(labels.get(pot.treatment) ?? []).map((line) => (
              <span key={line} className="d-block">
                {line}
              </span>
            ))}
            {pot.inReserve && <span className="d-block">in reserve</span>}
            {joinCode}
          </span>
        </li>
      ))}
    </ul>
  );
}
