import { additiveOf } from '@bright-sprout/core/plan/recipes/additive';
import { type Recipe } from '@bright-sprout/core/plan/recipes/recipe';
import { type FactorSubject } from '@bright-sprout/core/plan/document/planDocument';
import { type ContainerShape } from '@bright-sprout/core/seeds/containerShape';
import { treatmentLook } from '../../theme/treatments';
import { Beaker, besideOf, brightnessOf, Given } from './Beside';
import { ContainerCut, INK } from './ContainerCut';
import { PICTURE, standing } from './geometry';
import { Seedlings, SeedsInside } from './Seeds';
import './treatmentPicture.scss';

/** What has to be known of all treatments to draw one beside the others. */
export interface DrawnTogether {
  shape: ContainerShape;
  /** Largest amount of every subject that differs. */
  most: Partial<Record<FactorSubject, number>>;
  mostDoseMl: number;
}

export function drawnTogether(recipes: readonly Recipe[], shape: ContainerShape): DrawnTogether {
  const most: DrawnTogether['most'] = {};
  for (const { settings } of recipes)
    for (const { subject, amount } of settings) most[subject] = Math.max(most[subject] ?? 0, amount ?? 0);
  return { shape, most, mostDoseMl: Math.max(40, ...recipes.map((r) => 1.25 * pouredMl(r))) };
}

/** What is measured out for it: each watering, or the first where it gets no other, mL. */
const pouredMl = ({ doseMl, firstWaterMl }: Recipe) => doseMl ?? Math.round(firstWaterMl?.[1] ?? 0);

/** Dissolved in the water that is poured. */
const POURED: readonly FactorSubject[] = ['salt', 'acid', 'feed', 'water'];
const OPEN = /^no\b|without|open|none|bare/i;

/** One treatment as a picture: its container cut open; what differs has ink and colour, what is alike is pale. */
export function TreatmentPicture({ recipe, together }: { recipe: Recipe; together: DrawnTogether }) {
  const look = treatmentLook(recipe.treatment.code);
  const at = standing(together.shape);
  const of = (subject: FactorSubject) => recipe.settings.find((s) => s.subject === subject);
  const share = (subject: FactorSubject) => (of(subject)?.amount ?? 0) / Math.max(1e-9, together.most[subject] ?? 0);
  // What is given to each container once is no water that is poured.
  const once = recipe.settings.filter((s) => POURED.includes(s.subject) && additiveOf(s)?.into === 'each');
  const poured = recipe.settings.filter((s) => POURED.includes(s.subject) && !once.includes(s));
  const soil = of('soil') !== undefined || of('chalk') !== undefined;
  const crowding = of('crowding');
  const beside = recipe.settings
    .map((s) => ({ s, drawn: besideOf(recipe, s, look, together.most[s.subject] ?? 0) }))
    .filter((b) => b.drawn !== null);
  const given = once.filter((s) => (s.amount ?? 0) > 0);
  const light = of('light');
  const dark = light !== undefined && brightnessOf(light.label, light.amount, light.unit) === 0;
  return (
    <svg className="treatment-picture" viewBox={`0 0 ${PICTURE.width} ${PICTURE.height}`} aria-hidden="true">
      <ContainerCut
        at={at}
        filling={{ dark: soil, chalk: share('chalk'), other: of('soil') ? recipe.treatment.code.charCodeAt(0) - 65 : 0 }}
      />
      <SeedsInside recipe={recipe} at={at} inked={of('depth') !== undefined} dark={soil} />
      {crowding && crowding.amount !== null && <Seedlings recipe={recipe} at={at} count={crowding.amount} />}
      {of('cover') && !OPEN.test(of('cover')!.label) && <Hood at={at} fill={look.tint} opacity={0.6} />}
      {dark && <Hood at={at} fill={INK} opacity={0.82} />}
      {poured.length > 0 && (
        <Beaker
          doseMl={pouredMl(recipe)}
          mostMl={together.mostDoseMl}
          strengths={poured.filter((s) => s.subject !== 'water').map((s) => share(s.subject))}
          ownDose={of('water') !== undefined}
          look={look}
        />
      )}
      {given.map((s, i) => (
        <Given key={s.subject} setting={s} share={share(s.subject)} look={look} nth={i} />
      ))}
      {beside.length > 0 && poured.length === 0 && given.length === 0 && beside[0]!.drawn}
      {beside.length > 0 && poured.length > 0 && <g transform="translate(118 -4) scale(0.46)">{beside[0]!.drawn}</g>}
      <path d={`M0 ${PICTURE.base}H${PICTURE.width}`} stroke={INK} strokeWidth="2" />
    </svg>
  );
}

/** Something put over the container: a clear cover, or a box that keeps out the light. */
function Hood({ at, fill, opacity }: { at: ReturnType<typeof standing>; fill: string; opacity: number }) {
  const top = Math.max(2, at.rim - 14);
  const [left, right] = [at.left - 8, at.right + 8];
  return (
    <g>
      <path
        d={`M${left} ${PICTURE.base}V${top + 12}l12-12H${right - 12}l12 12V${PICTURE.base}`}
        fill={fill}
        fillOpacity={opacity}
        stroke={INK}
        strokeWidth="1.8"
      />
    </g>
  );
}
