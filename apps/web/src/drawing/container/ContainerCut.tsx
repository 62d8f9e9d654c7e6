import { outline, PICTURE, scattered, type DrawnContainer } from './geometry';

export const INK = '#2A1B2E';
export const PALE = '#AFA8B8';
const DARK_SOIL = '#8A7B82';
const PALE_SOIL = '#E6E0E5';

/** What the filling looks like: pale where it is alike for all, dark where soil itself differs, with what is stirred in. */
export interface Filling {
  dark: boolean;
  /** White lumps of chalk, 0 to 1 of the most. */
  chalk: number;
  /** Another soil than the first: its place among them. */
  other: number;
}

/** A container cut open, with what it is filled with. */
export function ContainerCut({ at, filling }: { at: DrawnContainer; filling: Filling }) {
  const { silhouette } = at.shape;
  if (silhouette === 'bag') return <Bag at={at} />;
  if (silhouette === 'jar') return <Jar at={at} />;
  if (silhouette === 'sponge') return <Sponge at={at} />;
  const { base, middle } = PICTURE;
  const closed = silhouette === 'dome' || silhouette === 'box';
  return (
    <g>
      {silhouette === 'box' ? (
        <path d={`${outline(at, base - 6, base)}Z`} fill="#fff" stroke={PALE} />
      ) : (
        <path d={`${outline(at, at.surface, base)}Z`} fill={filling.dark ? DARK_SOIL : PALE_SOIL} />
      )}
      {silhouette !== 'box' && <Crumbs at={at} filling={filling} />}
      <path d={outline(at, at.rim, base)} fill="none" stroke={filling.dark ? INK : PALE} strokeWidth="1.5" />
      {closed ? (
        <path
          d={`M${at.left - 3} ${at.rim + 12}V${at.rim}H${at.right + 3}V${at.rim + 12}`}
          fill="none"
          stroke={PALE}
          strokeWidth="2.2"
        />
      ) : (
        <path d={`M${at.left - 3} ${at.rim}H${at.right + 3}`} stroke={filling.dark ? INK : PALE} strokeWidth="2.2" />
      )}
      {silhouette !== 'box' && (
        <path
          d={`M${middle - at.half(at.surface)} ${at.surface}H${middle + at.half(at.surface)}`}
          stroke={filling.dark ? INK : PALE}
          strokeWidth="1.5"
        />
      )}
    </g>
  );
}

/** Grains of soil, lumps of chalk, pebbles of another soil. */
function Crumbs({ at, filling }: { at: DrawnContainer; filling: Filling }) {
  const { base, middle } = PICTURE;
  const place = ([x, y]: [number, number]) => {
    const top = at.surface + 6 + y * (base - at.surface - 12);
    return [middle + (2 * x - 1) * (at.half(top) - 6), top] as const;
  };
  const grains = scattered(26).map(place);
  const lumps = scattered(Math.round(34 * filling.chalk)).map(place);
  return (
    <g>
      {grains.map(([x, y], i) => (
        <path key={i} d={`M${x} ${y}h3`} stroke={filling.dark ? '#5F5058' : '#CFC7CF'} strokeWidth="1.4" />
      ))}
      {filling.other > 0 &&
        scattered(12 + 10 * filling.other)
          .map(place)
          .map(([x, y], i) => (
            <circle key={i} cx={x} cy={y} r={2 + (i % 3) * 0.6} fill="#D9CBB0" stroke={INK} strokeWidth="0.7" />
          ))}
      {lumps.map(([x, y], i) => (
        <path key={i} d={`M${x - 3} ${y}l2-3 4 1 0 4-4 1z`} fill="#fff" stroke={INK} strokeWidth="0.7" />
      ))}
    </g>
  );
}

function Bag({ at }: { at: DrawnContainer }) {
  const { base } = PICTURE;
  const wide = at.right - at.left;
  return (
    <g>
      <rect x={at.left} y={at.rim} width={wide} height={base - at.rim} fill="#fff" stroke={PALE} strokeWidth="1.5" />
      <path d={`M${at.left} ${at.rim + 8}h${wide}M${at.left} ${at.rim + 11}h${wide}`} stroke={PALE} strokeWidth="1.2" />
      <rect x={at.left + 5} y={at.surface} width={wide - 10} height={base - at.surface - 5} fill={PALE_SOIL} stroke={PALE} />
    </g>
  );
}

function Jar({ at }: { at: DrawnContainer }) {
  const { base } = PICTURE;
  const wide = at.right - at.left;
  const water = 18 * at.scale;
  return (
    <g>
      <path
        d={`M${at.left + 6} ${at.rim}v7q-6 3-6 9V${base}h${wide}V${at.rim + 16}q0-6-6-9v-7z`}
        fill="#fff"
        stroke={PALE}
        strokeWidth="1.5"
      />
      <rect x={at.left + 4} y={at.surface} width={wide - 8} height={base - at.surface - 3} fill={PALE_SOIL} />
      <rect x={at.left + 2} y={base - water} width={wide - 4} height={water - 1} fill="#DCECF9" fillOpacity="0.75" />
      <path d={`M${at.left + 2} ${base - water}h${wide - 4}`} stroke={PALE} />
    </g>
  );
}

function Sponge({ at }: { at: DrawnContainer }) {
  const { base, middle } = PICTURE;
  const wide = at.right - at.left;
  return (
    <g>
      <path d={`M${at.left - 14} ${base - 7}q4 7 14 7h${wide}q10 0 14-7z`} fill="#fff" stroke={PALE} strokeWidth="1.5" />
      <rect
        x={at.left}
        y={at.surface - 6}
        width={wide}
        height={base - at.surface}
        rx="4"
        fill={PALE_SOIL}
        stroke={PALE}
        strokeWidth="1.5"
      />
      {scattered(16).map(([x, y], i) => (
        <circle
          key={i}
          cx={middle + (2 * x - 1) * (wide / 2 - 6)}
          cy={at.surface + y * (base - at.surface - 12)}
          r={1 + (i % 3) * 0.7}
          fill="#CFC7CF"
        />
      ))}
    </g>
  );
}
