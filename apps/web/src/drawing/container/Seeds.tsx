import { say } from '@bright-sprout/words/say';
import { type Recipe } from '@bright-sprout/core/plan/recipes/recipe';
import { Shapes } from '../PlantDrawing';
import { drawPlant } from '../plant';
import { seedPath, seedRadii } from '../seed';
import { INK, PALE } from './ContainerCut';
import { PICTURE, type DrawnContainer } from './geometry';

const MOST_DRAWN = 9;
const SMALLEST = 2.2;
const LARGEST = 9;
/** Shallower than this a ruler would have no room, mm. */
const LEAST_DEPTH = 4;
/** Less than this is no room for a depth in words. */
const NARROW = 72;

const depthOf = ({ wayIn }: Recipe) => ('depthMm' in wayIn ? (wayIn.depthMm[0] + wayIn.depthMm[1]) / 2 : 0);

/** The seeds where they lie, true to the container in size and depth; the ruler beside them has ink where depth differs. */
export function SeedsInside({ recipe, at, inked, dark }: { recipe: Recipe; at: DrawnContainer; inked: boolean; dark: boolean }) {
  const { wayIn, seeds, species } = recipe;
  const depth = depthOf(recipe);
  const { silhouette } = at.shape;
  const lying = silhouette === 'bag' ? at.surface + 16 : silhouette === 'box' ? PICTURE.base - 9 : at.surface;
  const y =
    wayIn.way === 'laid' ? lying - (silhouette === 'sponge' ? 9 : 0) : Math.min(PICTURE.base - 6, at.surface + depth * at.scale);
  const { rx, ry } = seedRadii(species);
  const size = Math.min(LARGEST, Math.max(SMALLEST, rx * at.scale)) / Math.max(rx, 0.01);
  const room = 2 * at.half(y) - 24 - (depth > LEAST_DEPTH ? 26 : 0);
  const shown = Math.max(1, Math.min(MOST_DRAWN, seeds, Math.floor(room / (2 * rx * size + 1.5))));
  const step = Math.min(2.6 * rx * size + 3, room / shown);
  const first = PICTURE.middle - (depth > LEAST_DEPTH ? 12 : 0) - ((shown - 1) * step) / 2;
  return (
    <g>
      {wayIn.way === 'holes' && (
        <path
          d={`M${first - 7} ${at.surface}V${y}M${first + (shown - 1) * step + 7} ${at.surface}V${y}`}
          stroke={PALE}
          strokeDasharray="2 3"
        />
      )}
      {Array.from({ length: shown }, (_, i) => (
        <path
          key={i}
          d={seedPath(first + i * step, y, rx * size, Math.max(1.4, ry * size))}
          fill="#F1E8D6"
          stroke={INK}
          strokeWidth="1.2"
        />
      ))}
      {depth > LEAST_DEPTH && <DepthRuler at={at} y={y} recipe={recipe} inked={inked} dark={dark} />}
    </g>
  );
}

function DepthRuler({
  at,
  y,
  recipe,
  inked,
  dark,
}: {
  at: DrawnContainer;
  y: number;
  recipe: Recipe;
  inked: boolean;
  dark: boolean;
}) {
  const x = PICTURE.middle + at.half(y) - 18;
  const colour = dark ? '#fff' : inked ? INK : '#8C8494';
  const depth = depthOf(recipe);
  const every = depth > 25 ? 10 : 5;
  const ticks = Array.from({ length: Math.floor(depth / every) + 1 }, (_, i) => at.surface + i * every * at.scale);
  // Under the seeds, or beside the ruler where they lie too deep for that.
  const under = PICTURE.base - y > 24;
  // In what is narrow there is no room for words: they stand over it.
  const narrow = 2 * at.half(y) < NARROW;
  return (
    <g stroke={colour} strokeWidth={inked ? 1.8 : 1.2}>
      <path d={`M${x - 6} ${at.surface}H${x}V${y}H${x - 6}`} fill="none" />
      {ticks.map((tick) => (
        <path key={tick} d={`M${x} ${tick}h-4`} />
      ))}
      <text
        x={under || narrow ? PICTURE.middle : x - 9}
        y={narrow ? at.rim - 8 : under ? y + 21 : at.surface + (y - at.surface) / 2 + 5}
        textAnchor={under || narrow ? 'middle' : 'end'}
        className={`${inked ? 'drawn-strong' : 'drawn-word'}${dark && !narrow ? ' on-dark' : ''}`}
        stroke="none"
      >
        {depthWords(recipe)}
      </text>
    </g>
  );
}

/** Millimetres below a centimetre and where there is a range, else centimetres. */
function depthWords({ wayIn }: Recipe): string {
  const [from, to] = 'depthMm' in wayIn ? wayIn.depthMm.map(Math.round) : [0, 0];
  if (from !== to) return say('drawing.fromToMillimetres', { from, to });
  return to! < 10 ? say('drawing.toMillimetres', { to }) : say('drawing.toCentimetres', { to: to! / 10 });
}

/** Seedlings that will stand on the soil: as many as stay. */
export function Seedlings({ recipe, at, count }: { recipe: Recipe; at: DrawnContainer; count: number }) {
  const shown = Math.min(12, count);
  const room = 2 * at.half(at.surface) - 18;
  return (
    <g>
      {Array.from({ length: shown }, (_, i) => (
        <g key={i} transform={`translate(${PICTURE.middle - room / 2 + ((i + 0.5) * room) / shown} ${at.surface})`}>
          <Shapes shapes={drawPlant({ habit: recipe.species.habit, heightMm: 26, leaves: 2, face: `${i}` }, 0.9)} />
        </g>
      ))}
    </g>
  );
}
