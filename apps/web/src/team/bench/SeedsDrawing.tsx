import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { useRef } from 'react';
import { useWidth } from '../../page/useWidth';
import { seedRadii } from '../../drawing/seed';
import { PlaceInSoil, SeedOnPaper } from '../../drawing/SproutDrawing';
import { BenchLabel } from './BenchLabel';

interface Props {
  plant: { code: string; treatment: string; label: string };
  /** Null for a kind that the catalogue does not know. */
  species: Species | null;
  /** Seeds lie on paper, where their roots are seen; else they lie in soil and only what is up is seen. */
  paper: boolean;
  sown: number;
  /** As many as were counted; null before anybody has. */
  up: number | null;
}

const HEIGHT = 250;
const LABEL_ROOM = 130;
const LARGEST_CELL = 74;
/** More are not told apart on a phone. */
const MOST_DRAWN = 120;

/** What was sown in one container, seed by seed, with as many sprouted as were counted. */
export function SeedsDrawing({ plant, species, paper, sown, up }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 390);
  const drawn = Math.min(sown, MOST_DRAWN);
  const { wide, high } = { wide: width - LABEL_ROOM - 32, high: HEIGHT - 44 };
  const columns = Math.min(drawn, Math.max(1, Math.ceil(Math.sqrt((drawn * wide) / high))));
  const rows = Math.ceil(drawn / columns);
  const cell = Math.min(LARGEST_CELL, wide / columns, high / rows);
  const left = 24 + (wide - columns * cell) / 2;
  const top = (HEIGHT - rows * cell) / 2;
  return (
    <div ref={holder} className="bench-drawing">
      <svg width={width} height={HEIGHT} aria-hidden="true">
        <rect
          x="16"
          y="12"
          width={wide + 16}
          height={HEIGHT - 24}
          fill={paper ? '#fff' : '#6D5C63'}
          stroke="#2A1B2E"
          strokeWidth="2"
        />
        {Array.from({ length: drawn }, (_, i) => (
          <g
            key={i}
            transform={`translate(${left + ((i % columns) + 0.5) * cell} ${top + (Math.floor(i / columns) + 0.5) * cell}) scale(${cell / 60})`}
          >
            {paper ? (
              <SeedOnPaper radii={species && seedRadii(species)} sprouted={i < (up ?? 0)} />
            ) : (
              <PlaceInSoil grass={species?.habit === 'grass'} up={i < (up ?? 0)} />
            )}
          </g>
        ))}
        <BenchLabel plant={plant} x={width - 70} y={HEIGHT - 150} />
      </svg>
    </div>
  );
}
