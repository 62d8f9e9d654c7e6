import { type Species } from '@bright-sprout/core/seeds/catalogue';
import { useRef } from 'react';
import { seedPath, seedRadii } from '../../components/SeedDrawing';
import { useWidth } from '../../components/useWidth';
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
              <OnPaper species={species} sprouted={i < (up ?? 0)} />
            ) : (
              <InSoil grass={species?.habit === 'grass'} up={i < (up ?? 0)} />
            )}
          </g>
        ))}
        <BenchLabel plant={plant} x={width - 70} y={HEIGHT - 150} />
      </svg>
    </div>
  );
}

const SEED_MM = 14;

/** A seed on wet paper, about (0, 0) in a cell of 60: with root and shoot once it has sprouted. */
function OnPaper({ species, sprouted }: { species: Species | null; sprouted: boolean }) {
  const { rx, ry } = species ? seedRadii(species) : { rx: 3, ry: 2 };
  const scale = SEED_MM / Math.max(rx, ry);
  return (
    <>
      {sprouted && (
        <>
          <path
            d={`M${-rx * scale * 0.8} 0q-8 6-4 22`}
            fill="none"
            stroke="#2A1B2E"
            strokeWidth="5"
            strokeLinecap="round"
            className="seed-root"
          />
          <path d={`M${-rx * scale * 0.8} 0q-8 6-4 22`} fill="none" stroke="#fff" strokeWidth="2.6" strokeLinecap="round" />
        </>
      )}
      <path d={seedPath(0, 0, rx * scale, ry * scale)} fill="#F1E8D6" stroke="#2A1B2E" strokeWidth="1.6" />
    </>
  );
}

/** A place in the soil from above: two seed leaves or a blade once it is up, else the hole that was closed. */
function InSoil({ grass, up }: { grass: boolean; up: boolean }) {
  if (!up) return <circle r="9" fill="#5F5058" stroke="#C9C5D1" strokeWidth="1.2" strokeDasharray="3 3" />;
  if (grass)
    return <path d="M-2 20Q-10-8 8-24Q6-4 4 20Z" fill="#8FBF57" stroke="#2A1B2E" strokeWidth="1.6" className="seed-up" />;
  return (
    <>
      <path
        d="M0 0C-6-14-22-14-24-2C-20 8-6 8 0 0ZM0 0C6-14 22-14 24-2C20 8 6 8 0 0Z"
        fill="#8FBF57"
        stroke="#2A1B2E"
        strokeWidth="1.6"
        className="seed-up"
      />
      <circle r="3" fill="#5F9640" />
    </>
  );
}
