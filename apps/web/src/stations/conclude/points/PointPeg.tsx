/** A numbered peg, as it hangs under the tape. */
export function PointPeg({ number, open = false }: { number: number; open?: boolean }) {
  const [wide, tall] = open ? [40, 50] : [30, 36];
  return (
    <svg width={wide} height={tall + 8} viewBox={`0 0 ${wide} ${tall + 8}`} aria-hidden="true" className="point-peg">
      <path
        d={`M${wide / 2} 1L${wide - 1} ${tall * 0.26}V${tall - 1}H1V${tall * 0.26}z`}
        fill={open ? 'currentColor' : '#fff'}
        stroke="currentColor"
        strokeWidth="1.5"
      />
      <path
        d={`M2 ${tall + 1.5}h${wide - 4}m-${wide - 4} 0v6m${(wide - 4) / 3} -6v4m${(wide - 4) / 3} -4v4m${(wide - 4) / 3} -4v6`}
        stroke="currentColor"
        fill="none"
      />
      <text
        x={wide / 2}
        y={tall * 0.74}
        textAnchor="middle"
        fill={open ? '#fff' : 'currentColor'}
        style={{ fontSize: open ? 25 : 18 }}
      >
        {number}
      </text>
    </svg>
  );
}
