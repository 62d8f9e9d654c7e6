import { say } from '@bright-sprout/words/say';
import { type Recipe, type Setting } from '@bright-sprout/core/plan/recipes/recipe';
import { usualHeightMm } from '@bright-sprout/core/seeds/usualHeight';
import { type ReactNode } from 'react';
import { PlantDrawing } from '../PlantDrawing';
import { seedPath } from '../seed';
import { INK, PALE } from './ContainerCut';
import { PICTURE, scattered } from './geometry';

/** Where things stand beside the container. */
const LEFT = 158;
const WIDE = 46;
const RIGHT = LEFT + WIDE;
const { base } = PICTURE;

export interface Colours {
  colour: string;
  tint: string;
}

/** A measuring beaker with what is poured each time; one grain of ink for so much of what is dissolved in it. */
export function Beaker({
  doseMl,
  mostMl,
  strengths,
  ownDose,
  look,
}: {
  doseMl: number;
  mostMl: number;
  /** Of everything that is dissolved in it, 0 to 1 of the strongest; the second is drawn square. */
  strengths: readonly number[];
  /** The amount of water itself differs. */
  ownDose: boolean;
  look: Colours;
}) {
  const top = base - 92;
  const level = base - (74 * Math.min(doseMl, mostMl)) / Math.max(1, mostMl);
  const coloured = ownDose || strengths.some((s) => s > 0);
  const [round = 0, square = 0] = strengths;
  const inside = (x: number, y: number): [number, number] => [LEFT + 4 + x * (WIDE - 8), level + 4 + y * (base - level - 7)];
  const line = coloured ? INK : PALE;
  return (
    <g>
      <rect x={LEFT + 1} y={level} width={WIDE - 2} height={base - level} fill={coloured ? look.tint : '#EDEBF1'} />
      <path d={`M${LEFT + 1} ${level}H${RIGHT - 1}`} stroke={line} strokeWidth="1.5" />
      {scattered(Math.round(90 * round)).map(([x, y], i) => {
        const [cx, cy] = inside(x, y);
        return <circle key={i} cx={cx} cy={cy} r="1.6" fill={look.colour} />;
      })}
      {scattered(Math.round(26 * square)).map(([y, x], i) => {
        const [cx, cy] = inside(x, y);
        return <rect key={i} x={cx - 2} y={cy - 2} width="4" height="4" fill="#fff" stroke={INK} />;
      })}
      <path d={`M${LEFT - 4} ${top}l4 4V${base}H${RIGHT}V${top}`} fill="none" stroke={line} strokeWidth="1.6" />
      {[0.25, 0.5, 0.75].map((t) => (
        <path key={t} d={`M${RIGHT} ${base - t * 84}h-6`} stroke={line} />
      ))}
      <text x={RIGHT + 4} y={level + 5} className={ownDose ? 'drawn-strong' : 'drawn-word'}>
        {doseMl}
      </text>
      <text x={RIGHT + 4} y={level + 20} className="drawn-word">
        {say('drawing.millilitres')}
      </text>
    </g>
  );
}

/** A vial with what is given to each container once: as full as its share of the largest amount. */
export function Given({ setting, share, look, nth }: { setting: Setting; share: number; look: Colours; nth: number }) {
  const [x, high, wide] = [LEFT + 2 + nth * 26, 54, 20];
  const level = base - 6 - share * (high - 14);
  return (
    <g>
      <rect x={x + 1} y={level} width={wide - 2} height={base - level} fill={look.colour} fillOpacity="0.55" />
      <path
        d={`M${x - 3} ${base - high}h${wide + 6}M${x} ${base - high}V${base}h${wide}V${base - high}`}
        fill="none"
        stroke={INK}
        strokeWidth="1.6"
      />
      <text x={x + wide / 2} y={base - high - 22} textAnchor="middle" className="drawn-strong">
        {setting.amount}
      </text>
      <text x={x + wide / 2} y={base - high - 7} textAnchor="middle" className="drawn-word">
        {setting.unit}
      </text>
    </g>
  );
}

function Thermometer({ degrees, look }: { degrees: number | null; look: Colours }) {
  const x = LEFT + WIDE / 2;
  const top = base - 104;
  const full = degrees === null ? 0.5 : Math.min(1, Math.max(0.05, degrees / 35));
  const column = base - 22 - full * (base - 34 - top);
  return (
    <g>
      <rect x={x - 6} y={top} width="12" height={base - 18 - top} rx="6" fill="#fff" stroke={INK} strokeWidth="1.5" />
      <rect x={x - 2.5} y={column} width="5" height={base - 16 - column} fill={look.colour} />
      <circle cx={x} cy={base - 12} r="11" fill={look.colour} stroke={INK} strokeWidth="1.5" />
      {[0, 1, 2, 3].map((n) => (
        <path key={n} d={`M${x + 8} ${base - 22 - (n / 3.5) * (base - 34 - top)}h6`} stroke={INK} />
      ))}
    </g>
  );
}

/** A bowl in which seeds soak, or a dry saucer. */
function Bowl({ hours, look }: { hours: number; look: Colours }) {
  const y = base - 26;
  return (
    <g>
      {hours > 0 && <path d={`M${LEFT + 2} ${y}h${WIDE - 4}q-3 23-14 24h${-(WIDE - 32)}q-11-1-14-24z`} fill={look.tint} />}
      <path
        d={`M${LEFT - 4} ${y - 6}h${WIDE + 8}q-4 32-18 32h${-(WIDE - 28)}q-14 0-18-32z`}
        fill="none"
        stroke={INK}
        strokeWidth="1.6"
      />
      {[0, 1, 2, 3].map((i) => (
        <path
          key={i}
          d={seedPath(LEFT + 10 + i * 8.5, base - 7 - (i % 2) * 5, 4.4, 3)}
          fill="#F1E8D6"
          stroke={INK}
          strokeWidth="1.1"
        />
      ))}
    </g>
  );
}

/** A packet of seeds, with its years. */
function Packet({ years, look }: { years: number | null; look: Colours }) {
  return (
    <g>
      <path d={`M${LEFT} ${base}V${base - 62}l6-6h${WIDE - 12}l6 6V${base}z`} fill={look.tint} stroke={INK} strokeWidth="1.5" />
      <path d={`M${LEFT} ${base - 54}H${RIGHT}`} stroke={INK} />
      <text x={LEFT + WIDE / 2} y={base - 24} textAnchor="middle" className="drawn-strong">
        {years ?? '?'}
      </text>
      <text x={LEFT + WIDE / 2} y={base - 8} textAnchor="middle" className="drawn-word">
        {years === 1 ? say('drawing.year') : say('drawing.years')}
      </text>
    </g>
  );
}

/** The plant as tall as it usually is at an age, all ages at one scale. */
function PlantOfAge({ recipe, days, oldest }: { recipe: Recipe; days: number; oldest: number }) {
  const { species } = recipe;
  const height = usualHeightMm(species, days);
  const scale = 112 / Math.max(30, usualHeightMm(species, oldest));
  const x = LEFT + WIDE / 2;
  return (
    <g>
      <path d={`M${LEFT - 10} ${base}h${WIDE + 20}`} stroke={INK} strokeWidth="2" />
      {height > 0 ? (
        <g transform={`translate(${x} ${base})`}>
          <PlantDrawing habit={species.habit} heightMm={height} leaves={null} face={recipe.treatment.code} scale={scale} />
        </g>
      ) : (
        <path d={`M${x - 12} ${base}q12-12 24 0z`} fill="#8A7B82" stroke={INK} />
      )}
    </g>
  );
}

/** The sun as it reaches the place: with rays, half, or behind a hood. */
function Light({ setting: { label, amount, unit }, look }: { setting: Setting; look: Colours }) {
  const [x, y] = [LEFT + WIDE / 2, base - 88];
  const bright = brightnessOf(label, amount, unit);
  const rays = Math.round(10 * bright);
  return (
    <g>
      <circle cx={x} cy={y} r="13" fill={bright === 0 ? INK : bright < 0.6 ? look.tint : '#fff'} stroke={INK} strokeWidth="1.6" />
      {Array.from({ length: rays }, (_, i) => {
        const turn = (2 * Math.PI * i) / 10;
        const [dx, dy] = [Math.cos(turn), Math.sin(turn)];
        return <path key={i} d={`M${x + 18 * dx} ${y + 18 * dy}L${x + 26 * dx} ${y + 26 * dy}`} stroke={INK} strokeWidth="1.8" />;
      })}
      {amount !== null && (
        <text x={x} y={base - 34} textAnchor="middle" className="drawn-strong">
          {amount} {unit}
        </text>
      )}
    </g>
  );
}

const DARK = /dark|cupboard|drawer|closed box|no light/i;
const DIM = /dim|curtain|shad|north|corner|away/i;

/** From 0, dark, to 1; by hours of a day where there are any, else by the name. */
export function brightnessOf(label: string, amount: number | null, unit: string): number {
  if (amount !== null && /h/.test(unit)) return Math.min(1, amount / 16);
  return DARK.test(label) ? 0 : DIM.test(label) ? 0.4 : 1;
}

/** A luggage label for what has no picture of its own. */
function Tag({ look }: { look: Colours }) {
  return (
    <g>
      <path
        d={`M${LEFT} ${base - 6}V${base - 46}l12-14h${WIDE - 24}l12 14v40z`}
        fill={look.tint}
        stroke={INK}
        strokeWidth="1.5"
      />
      <circle cx={LEFT + WIDE / 2} cy={base - 48} r="4" fill="#fff" stroke={INK} />
      <path d={`M${LEFT + 8} ${base - 30}h${WIDE - 16}M${LEFT + 8} ${base - 20}h${WIDE - 22}`} stroke={INK} />
    </g>
  );
}

/** What a setting of a treatment looks like beside its container; null where the container itself shows it. */
export function besideOf(recipe: Recipe, setting: Setting, look: Colours, most: number): ReactNode {
  const { subject, amount } = setting;
  if (subject === 'temperature') return <Thermometer degrees={amount} look={look} />;
  if (subject === 'soaking') return <Bowl hours={amount ?? 1} look={look} />;
  if (subject === 'seed-age') return <Packet years={amount} look={look} />;
  if (subject === 'age') return <PlantOfAge recipe={recipe} days={amount ?? 0} oldest={most} />;
  if (subject === 'light') return <Light setting={setting} look={look} />;
  return subject === 'place' || subject === 'other' ? <Tag look={look} /> : null;
}
