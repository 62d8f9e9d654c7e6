import { type ProtocolName } from '@bright-sprout/core/plan/document/protocolWords';
import { type Protocol } from '@bright-sprout/core/plan/document/planDocument';
import { type ReactNode } from 'react';
import { PlantDrawing } from '../../../../drawing/PlantDrawing';
import { seedPath } from '../../../../drawing/seed';

const INK = '#2A1B2E';
const SOIL = '#8A7B82';

/** The school of a measure or of a depth, drawn: where the ruler ends, how deep the seed lies. Others have no picture. */
export function ProtocolGlyph({ name, value }: { name: ProtocolName; value: Protocol[ProtocolName] }): ReactNode {
  if (name === 'height') return <HeightGlyph value={value as Protocol['height']} />;
  if (name === 'depth') return <DepthGlyph value={value as Protocol['depth']} />;
  if (name === 'sprouted') return <SproutedGlyph value={value as Protocol['sprouted']} />;
  return null;
}

function HeightGlyph({ value }: { value: Protocol['height'] }) {
  const top = { 'growing-tip': 18, 'highest-point': 12, 'longest-leaf': 5 }[value];
  return (
    <svg viewBox="0 0 54 54" width="54" height="54" aria-hidden="true">
      <path d="M2 48h50" stroke={SOIL} strokeWidth="4" />
      <g transform="translate(22 46)">
        <PlantDrawing
          habit={value === 'longest-leaf' ? 'grass' : 'broad'}
          heightMm={value === 'longest-leaf' ? 41 : 28}
          leaves={value === 'longest-leaf' ? 2 : 4}
          face="height"
          scale={1}
        />
      </g>
      <path d={`M46 46V${top}M42 46h8M42 ${top}h8`} stroke={INK} strokeWidth="1.8" />
      <path d={`M22 ${top}H42`} stroke={INK} strokeDasharray="2 3" />
    </svg>
  );
}

function DepthGlyph({ value }: { value: Protocol['depth'] }) {
  const depth = { packet: 30, widths: 20, thickness: 9, surface: 0 }[value];
  const y = 12 + depth;
  return (
    <svg viewBox="0 0 54 54" width="54" height="54" aria-hidden="true">
      <rect x="2" y="14" width="50" height="38" fill="#E6E0E5" />
      <path d="M2 14h50" stroke={INK} strokeWidth="1.6" />
      {depth > 0 && <path d={`M15 14V${y}M31 14V${y}`} stroke={INK} strokeDasharray="2 3" />}
      <path d={seedPath(23, y, 6.5, 4)} fill="#F1E8D6" stroke={INK} strokeWidth="1.3" />
      {depth > 0 && <path d={`M44 14V${y}M40 14h8M40 ${y}h8`} stroke={INK} strokeWidth="1.6" />}
    </svg>
  );
}

function SproutedGlyph({ value }: { value: Protocol['sprouted'] }) {
  return (
    <svg viewBox="0 0 54 54" width="54" height="54" aria-hidden="true">
      {value === 'root-2mm' ? (
        <>
          <path d="M18 26q-8 4-6 16" fill="none" stroke={INK} strokeWidth="5" strokeLinecap="round" />
          <path d="M18 26q-8 4-6 16" fill="none" stroke="#fff" strokeWidth="2.6" strokeLinecap="round" />
          <path d={seedPath(27, 22, 12, 7)} fill="#F1E8D6" stroke={INK} strokeWidth="1.5" />
        </>
      ) : (
        <>
          <rect x="2" y="34" width="50" height="18" fill="#E6E0E5" />
          <path d="M2 34h50" stroke={INK} strokeWidth="1.6" />
          {value === 'shoot' ? (
            <path d="M24 34q-1-10 4-11t3 7" fill="none" stroke="#5F9640" strokeWidth="4" strokeLinecap="round" />
          ) : (
            <g transform="translate(27 34)">
              <PlantDrawing habit="broad" heightMm={22} leaves={0} face="leaves" scale={1} />
            </g>
          )}
        </>
      )}
    </svg>
  );
}
