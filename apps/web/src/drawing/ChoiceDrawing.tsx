import { type Measure } from '@bright-sprout/core/measures/measure';
import { asVigour, type Vigour } from './plant';

/** Room of a drawn choice. */
export const CHOICE = { width: 52, height: 42 };

const STAGE_PATHS: Record<string, string> = {
  hook: 'M22 38V20q0-10 9-10t6 8',
  spear: 'M26 38V10l4-6l3 8v26',
  'seed-leaves': 'M26 38V18M26 18q-14 2-16-8q12-4 16 8zM26 18q14 2 16-8q-12-4-16 8z',
  'first-blade': 'M26 38V20q0-14 8-17q2 14-4 22v13',
  'true-leaves':
    'M26 38V8M26 26q-14 2-16-7q12-4 16 7zM26 26q14 2 16-7q-12-4-16 7zM26 10q-8-2-8-8q8 0 8 8zM26 10q8-2 8-8q-8 0-8 8z',
  'more-blades': 'M24 38V18q0-14 8-16q1 12-4 20v16M24 30q-10-4-14 4M28 26q10-8 16-2',
  bud: 'M26 38V16M26 28q-12 0-13-7q10-2 13 7zM20 10q6-10 12 0q0 7-6 7t-6-7z',
  flower: 'M26 38V20M26 14a5 5 0 1 0 .1 0zM26 4v6M26 18v6M16 14h6M30 14h6M19 7l4 4M33 7l-4 4M19 21l4-4M33 21l-4-4',
};

/** What a plant looks like at a stage, as a child would draw it. */
function StageShape({ stage }: { stage: string }) {
  return (
    <path
      d={`M6 39H46${STAGE_PATHS[stage] ?? ''}`}
      fill="none"
      stroke="currentColor"
      strokeWidth="2"
      strokeLinejoin="round"
      strokeLinecap="round"
    />
  );
}

const VIGOUR_LEAF: Record<Vigour, { light: string; dark: string; droop: number }> = {
  good: { light: '#8FBF57', dark: '#5F9640', droop: 0 },
  fair: { light: '#A9C25C', dark: '#7D9C44', droop: 18 },
  poor: { light: '#C2C46B', dark: '#9A9C4B', droop: 42 },
};

/** A leaf of the shared scale: its colour, and how far it hangs. */
function VigourShape({ vigour }: { vigour: Vigour }) {
  const { light, dark, droop } = VIGOUR_LEAF[vigour];
  return (
    <g transform={`rotate(${droop} 10 34)`} stroke="#2A1B2E" strokeWidth="1.5">
      <path d="M10 34C14 12 30 6 46 8C44 24 30 34 10 34Z" fill={light} />
      <path d="M10 34C22 26 36 16 46 8C44 24 30 34 10 34Z" fill={dark} />
      {vigour === 'poor' && <path d="M46 8C40 9 37 12 36 16L42 20C45 16 46 12 46 8Z" fill="#DDBB66" />}
    </g>
  );
}

/** A picture for a choice of a measure, in a room of `CHOICE`; null where there is none. */
export function choiceShape({ drawn }: Pick<Measure, 'drawn'>, code: string) {
  if (drawn === 'stage') return <StageShape stage={code} />;
  const vigour = drawn === 'vigour' ? asVigour(code) : undefined;
  return vigour ? <VigourShape vigour={vigour} /> : null;
}
