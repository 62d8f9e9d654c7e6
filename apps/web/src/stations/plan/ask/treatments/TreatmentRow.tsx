import { say } from '@bright-sprout/words/say';
import { nextLevel } from '@bright-sprout/core/plan/document/levelNames';
import { recipesOf } from '@bright-sprout/core/plan/recipes/recipe';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { containerShape } from '@bright-sprout/core/seeds/containerShape';
import { counted } from '@bright-sprout/core/words/plural';
import { type CSSProperties, useRef } from 'react';
import { PICTURE } from '../../../../drawing/container/geometry';
import { drawnTogether, TreatmentPicture } from '../../../../drawing/container/TreatmentPicture';
import { TreatmentMark } from '../../../../marks/TreatmentMark';
import { useWidth } from '../../../../page/useWidth';
import { WordPanel } from '../../../../page/WordPanel';
import { type PartProps } from '../../partProps';
import { putFactor } from '../factorChange';
import { changedLevel } from '../levelChange';
import { AmountAxis } from './AmountAxis';
import { TreatmentPanel } from './TreatmentPanel';
import './treatments.scss';

const MOST_LEVELS = 6;
/** Narrower pictures stand in two or more rows. */
const NARROWEST = 168;
const WIDEST = 300;
const WIDEST_CROSSED = 250;

/** Every treatment as a picture that opens; a series of amounts on a line under them. */
export function TreatmentRow(props: PartProps) {
  const { plan, change, readOnly } = props;
  const row = useRef<HTMLDivElement>(null);
  const width = useWidth(row);
  const method = methodById(plan.methodId);
  const recipes = recipesOf(plan);
  if (!method || recipes.length === 0) return null;
  const together = drawnTogether(recipes, containerShape(method, plan.fillMl, plan.ownCarrier));
  const [factor, second, third] = plan.factors;
  const across = factor!.levels.length * (third ? second!.levels.length : 1);
  const canAdd = !second && factor!.levels.length < MOST_LEVELS && plan.kind !== 'viability';
  const wanted = second ? across : recipes.length + (canAdd ? 1 : 0);
  const columns = Math.max(1, Math.min(wanted, Math.floor(width / NARROWEST)));
  const wide = Math.min(width / columns, second ? WIDEST_CROSSED : WIDEST);
  const oneRow = columns === wanted;
  const series = !second && factor!.levels.length > 1 && factor!.levels.every((l) => l.amount !== null);
  const inOrder = second ? crossedOrder(recipes) : recipes;
  return (
    <section aria-label={say('plannerAsk.treatments')}>
      <div className="treatment-row" ref={row} style={{ '--columns': columns, '--wide': `${wide}px` } as CSSProperties}>
        {inOrder.map((recipe) => {
          const { code, label, control } = recipe.treatment;
          return (
            <div key={code} className="treatment-drawn" data-treatment={code}>
              <WordPanel
                name={say('plannerAsk.theControl', { code, label, control })}
                className="treatment-open"
                disabled={readOnly}
                wide
                word={
                  <>
                    <span className="treatment-name">
                      <TreatmentMark code={code} size={22} />
                      <b>{code}</b>
                      <span className="treatment-label">{label || '…'}</span>
                    </span>
                    <TreatmentPicture recipe={recipe} together={together} />
                  </>
                }
              >
                <TreatmentPanel {...props} treatment={recipe.treatment} />
              </WordPanel>
            </div>
          );
        })}
        {canAdd && (
          <button
            type="button"
            className="treatment-more"
            disabled={readOnly}
            onClick={() => putFactor(change, 0, { levels: [...factor!.levels, nextLevel(factor!)] })}
          >
            <span className="treatment-name">
              <b>{say('plannerAsk.oneMore')}</b>
              <span className="second">
                {say('plannerAsk.thenEach', {
                  containersEach: counted(plan.containersEach * (recipes.length + 1), method.container),
                })}
              </span>
            </span>
            <svg viewBox={`0 0 ${PICTURE.width} ${PICTURE.height}`} className="treatment-picture" aria-hidden="true">
              <path
                d="M22 16h104l-10 116H32zM74 56v40M54 76h40"
                fill="none"
                stroke="currentColor"
                strokeWidth="1.6"
                strokeDasharray="6 5"
              />
              <path d={`M0 ${PICTURE.base}H${PICTURE.width}`} stroke="currentColor" strokeWidth="2" />
            </svg>
          </button>
        )}
      </div>
      {series && (
        <AmountAxis
          factor={factor!}
          codes={levelCodes(recipes, factor!.levels)}
          pictureWide={oneRow ? wide : 0}
          disabled={readOnly}
          onAmount={(level, amount) => putFactor(change, 0, changedLevel(factor!, level, { amount }))}
        />
      )}
    </section>
  );
}

type Recipes = ReturnType<typeof recipesOf>;

/** Row by row: the first factor goes to the right, the second down; with a third, the first two go to the right. */
function crossedOrder(recipes: Recipes): Recipes {
  const levels = recipes[0]!.settings.map((_, f) => [...new Set(recipes.map((r) => r.settings[f]!.label))]);
  const place = (r: Recipes[number]) =>
    r.settings.reduceRight((sum, { label }, f) => sum * levels[f]!.length + levels[f]!.indexOf(label), 0);
  return [...recipes].sort((a, b) => place(a) - place(b));
}

/** Codes of the treatments that the levels are, in the levels' order. */
function levelCodes(recipes: Recipes, levels: readonly { label: string }[]): string[] {
  return levels.map(
    (l, i) => recipes.find((r) => r.treatment.levels[0] === l)?.treatment.code ?? recipes[i]?.treatment.code ?? 'A',
  );
}
