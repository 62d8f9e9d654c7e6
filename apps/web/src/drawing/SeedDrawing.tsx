import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { seedPath, seedRadii } from './seed';

const BOX = { width: 108, height: 46 };

/** One seed of a kind, length by width, to the same scale as its neighbours; the largest fills the box. */
export function SeedDrawing({ species, largestMm }: { species: Species; largestMm: number }) {
  const radii = seedRadii(species);
  const scale = Math.min((BOX.width - 8) / largestMm, (BOX.height - 6) / (largestMm * 0.8));
  const rx = Math.max(1.2, radii.rx * scale);
  const ry = Math.max(1, Math.min(radii.ry * scale, BOX.height / 2 - 2));
  const [cx, cy] = [BOX.width / 2, BOX.height / 2];
  return (
    <svg viewBox={`0 0 ${BOX.width} ${BOX.height}`} width={BOX.width} height={BOX.height} aria-hidden="true">
      <path d={seedPath(cx, cy, rx, ry)} fill="#F1E8D6" stroke="#2A1B2E" strokeWidth="1.5" />
      {rx > 6 && (
        <path
          d={`M${cx - rx * 0.7} ${cy}C${cx - rx * 0.2} ${cy - ry * 0.3} ${cx + rx * 0.3} ${cy - ry * 0.2} ${cx + rx * 0.75} ${cy}`}
          fill="none"
          stroke="#2A1B2E"
          strokeWidth="0.8"
        />
      )}
    </svg>
  );
}
