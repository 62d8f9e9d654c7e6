import { seedPath } from './seed';

const SEED = 14;
const USUAL = { rx: 3, ry: 2 };

/** A seed on wet paper, about (0, 0) in a cell of 60: with its root once it has sprouted. */
export function SeedOnPaper({ radii, sprouted }: { radii: { rx: number; ry: number } | null; sprouted: boolean }) {
  const { rx, ry } = radii ?? USUAL;
  const scale = SEED / Math.max(rx, ry);
  const root = `M${-rx * scale * 0.8} 0q-8 6-4 22`;
  return (
    <>
      {sprouted && (
        <>
          <path d={root} fill="none" stroke="#2A1B2E" strokeWidth="5" strokeLinecap="round" className="seed-root" />
          <path d={root} fill="none" stroke="#fff" strokeWidth="2.6" strokeLinecap="round" />
        </>
      )}
      <path d={seedPath(0, 0, rx * scale, ry * scale)} fill="#F1E8D6" stroke="#2A1B2E" strokeWidth="1.6" />
    </>
  );
}

/** A place in the soil from above: two seed leaves or a blade once it is up, else the hole that was closed. */
export function PlaceInSoil({ grass, up }: { grass: boolean; up: boolean }) {
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
