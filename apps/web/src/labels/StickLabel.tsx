import { MarkShape } from '../marks/TreatmentMark';

/** A label as it is written on the stick in the pot: code and silhouette, pointing down. The origin is its top centre. */
export function StickLabelShape({
  code,
  treatment,
  width = 30,
  height = 40,
  dashed = false,
}: {
  code: string;
  treatment: string;
  width?: number;
  height?: number;
  dashed?: boolean;
}) {
  const w = width / 2;
  const long = code.length > 3;
  const shown = code.length > 5 ? `${code.slice(0, 4)}…` : code;
  return (
    <>
      <path
        d={`M${-w} 0H${w}V${height * 0.72}L0 ${height}L${-w} ${height * 0.72}Z`}
        fill="#fff"
        stroke={dashed ? '#5F5266' : '#2A1B2E'}
        strokeWidth="1.3"
        strokeDasharray={dashed ? '3 2' : undefined}
      />
      <text
        y={height * 0.4}
        textAnchor="middle"
        className={`stick-code${long ? ' long' : ''}`}
        fill={dashed ? '#5F5266' : '#2A1B2E'}
      >
        {shown}
      </text>
      {!dashed && (
        <g transform={`translate(0 ${height * 0.66})`}>
          <MarkShape code={treatment} size={11} />
        </g>
      )}
    </>
  );
}
