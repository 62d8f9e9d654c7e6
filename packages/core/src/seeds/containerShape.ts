import { type GrowingMethod } from './catalogue';

/** How a container looks cut open from the side. */
export type Silhouette = 'pot' | 'cell' | 'trough' | 'box' | 'dome' | 'bag' | 'jar' | 'sponge';

export interface ContainerShape {
  silhouette: Silhouette;
  /** At the height of the filling, mm. */
  wideMm: number;
  /** From the bottom to the rim, mm. */
  highMm: number;
  /** From the bottom to the top of soil, paper or sponge, mm. */
  fillMm: number;
}

/** Height of the filling over its width: pots are a little higher than wide, pots for trees much. */
const SLENDER = 1.2;
const VERY_SLENDER = 2.5;
/** Free rim above the soil. */
const RIM_MM = 12;
/** Ground of a section, of a row of a long box, and of a box with a lid, as they are laid out; mm by mm. */
const GROUND = { sections: [120, 150], rows: [600, 60], dome: [170, 110] } as const;

/**
 * What so much of a filling comes to in a container of a method; from volumes, as nobody measures a cup.
 * @param own ground of a section, row or box of one's own, mm
 */
export function containerShape(
  { id, paper, stands }: GrowingMethod,
  fillMl: number,
  own: { wideMm: number; deepMm: number } | null = null,
): ContainerShape {
  if (paper) return PAPER[id] ?? PAPER.bag_pocket!;
  const mm3 = 1000 * Math.max(1, fillMl);
  const ground = own && ([own.wideMm, own.deepMm] as const);
  if (stands === 'sections' || stands === 'rows') return flat('trough', mm3, ground ?? GROUND[stands]);
  if (id === 'dome_box') return flat('dome', mm3, ground ?? GROUND.dome);
  const slender = stands === 'cells' ? 1 : id === 'deep_tree_pot' ? VERY_SLENDER : SLENDER;
  const wideMm = Math.cbrt((4 * mm3) / (Math.PI * slender));
  const fillMm = wideMm * slender;
  return { silhouette: stands === 'cells' ? 'cell' : 'pot', wideMm, fillMm, highMm: fillMm + (stands === 'cells' ? 4 : RIM_MM) };
}

function flat(silhouette: Silhouette, mm3: number, [wideMm, deepMm]: readonly [number, number]): ContainerShape {
  const fillMm = mm3 / (wideMm * deepMm);
  return { silhouette, wideMm: Math.min(wideMm, 200), fillMm, highMm: fillMm + (silhouette === 'dome' ? 70 : RIM_MM) };
}

const PAPER: Record<string, ContainerShape> = {
  bag_pocket: { silhouette: 'bag', wideMm: 170, highMm: 190, fillMm: 95 },
  ball_in_bag: { silhouette: 'bag', wideMm: 120, highMm: 150, fillMm: 45 },
  paper_jar: { silhouette: 'jar', wideMm: 75, highMm: 120, fillMm: 110 },
  sponge: { silhouette: 'sponge', wideMm: 110, highMm: 26, fillMm: 22 },
  clear_box_paper: { silhouette: 'box', wideMm: 120, highMm: 35, fillMm: 3 },
};
