import { type ClassView } from '@bright-sprout/contracts/classes';
import QRCode from 'qrcode';
import { useMemo } from 'react';
import { EmblemMark } from '../marks/EmblemMark';
import { TreatmentMark } from '../marks/TreatmentMark';
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

/** Where a scanned label leads: the team joins and its container opens. */
export function potAddress(joinCode: string, investigationId: string, code: string): string {
  return `${location.origin}/join?${new URLSearchParams({ code: joinCode, investigation: investigationId, pot: code }).toString()}`;
}

/** Labels to cut out and fix to the sticks: code, mark and team in print, and a square that opens the container. */
export function StickLabels({
  pots,
  labels,
  joinCode,
  investigationId,
}: {
  pots: readonly LabelledPot[];
  /** What each treatment gets, line by line, by code. */
  labels: ReadonlyMap<string, readonly string[]>;
  joinCode: string;
  investigationId: string;
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
          <Square text={potAddress(joinCode, investigationId, pot.code)} name={`Opens ${pot.code}`} />
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

/** A QR code as one path; the quiet zone is part of the picture. */
function Square({ text, name }: { text: string; name: string }) {
  const { path, side } = useMemo(() => {
    const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
    const cells = Array.from({ length: modules.size ** 2 }, (_, i) => i).filter((i) => modules.data[i]);
    return {
      side: modules.size + 8,
      path: cells.map((i) => `M${4 + (i % modules.size)} ${4 + Math.floor(i / modules.size)}h1v1h-1z`).join(''),
    };
  }, [text]);
  return (
    <svg viewBox={`0 0 ${side} ${side}`} className="stick-label-square" role="img" aria-label={name} shapeRendering="crispEdges">
      <rect width={side} height={side} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
