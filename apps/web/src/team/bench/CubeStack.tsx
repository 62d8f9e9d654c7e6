const TONES = ['#DCECF9', '#FFFFFF'];
const WIDEST = 26;

/** Counting cubes of a centimetre, piled up beside the ruler as high as the plant: for those who count before they read a scale. */
export function CubeStack({ mm, x, y, side }: { mm: number; x: number; y: (mm: number) => number; side: number }) {
  const cubes = Math.round(mm / 10);
  const wide = Math.min(WIDEST, side);
  return (
    <g data-cubes={cubes}>
      {Array.from({ length: cubes }, (_, i) => (
        <rect
          key={i}
          x={x}
          y={y(10 * (i + 1))}
          width={wide}
          height={y(10 * i) - y(10 * (i + 1))}
          fill={TONES[Math.floor(i / 5) % 2]}
          stroke="#2A1B2E"
          strokeWidth="1.4"
        />
      ))}
    </g>
  );
}
