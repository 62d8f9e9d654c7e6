import { MarkShape } from '../../marks/TreatmentMark';

/** The label as it stands in the container: its code, its treatment in words and by its mark. */
export function BenchLabel({ plant, x, y }: { plant: { code: string; treatment: string; label: string }; x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <path d="M-50 0H50V96L0 136L-50 96Z" fill="#fff" stroke="#2A1B2E" strokeWidth="2" />
      <text y="42" textAnchor="middle" className="label-code">
        {plant.code.length > 5 ? `${plant.code.slice(0, 4)}…` : plant.code}
      </text>
      <text y="64" textAnchor="middle" className="label-words">
        {plant.label.length > 12 ? `${plant.label.slice(0, 11)}…` : plant.label}
      </text>
      <g transform="translate(0 88)">
        <MarkShape code={plant.treatment} size={26} />
      </g>
    </g>
  );
}
