import { say } from '@bright-sprout/words/say';
import { nextLevel } from '@bright-sprout/core/plan/document/levelNames';
import { planTreatments } from '@bright-sprout/core/plan/document/planTreatments';
import { TextField } from '../../planFields';
import { type PartProps } from '../../partProps';
import { putFactor } from '../factorChange';
import { changedLevel, withoutLevel } from '../levelChange';
import { FactorLevel } from '../FactorLevel';

/** The steps of a factor with names, amounts and control. */
export function LevelsPanel({ plan, change, problems, index }: PartProps & { index: number }) {
  const factor = plan.factors[index]!;
  const treatments = planTreatments(plan);
  const codeOf = (level: number) =>
    plan.factors.length > 1 ? null : (treatments.find((t) => t.levels[0] === factor.levels[level])?.code ?? null);
  return (
    <section aria-label={say('plannerAsk.steps', { second: index > 0 })}>
      {factor.levels.map((level, i) => (
        <FactorLevel
          key={i}
          number={i + 1}
          level={level}
          factor={factor}
          code={codeOf(i)}
          usualKind={plan.speciesId}
          usualSeeds={plan.seedsEach}
          control={{
            group: `control-${index}`,
            chosen: factor.control === i,
            onChoose: () => putFactor(change, index, { control: i }),
          }}
          problem={problems.find((p) => p.field === `factors.${index}.levels.${i}`)?.sentence}
          onChange={(part) => putFactor(change, index, changedLevel(factor, i, part))}
          onRemove={factor.levels.length > 1 ? () => putFactor(change, index, withoutLevel(factor, i)) : null}
        />
      ))}
      <div className="d-flex gap-2 flex-wrap mb-2">
        <button
          type="button"
          className="btn"
          disabled={factor.levels.length >= 6}
          onClick={() => putFactor(change, index, { levels: [...factor.levels, nextLevel(factor)] })}
        >
          {say('plannerAsk.oneMore')}
        </button>
        <button
          type="button"
          className="btn btn-plain"
          disabled={factor.control === null}
          onClick={() => putFactor(change, index, { control: null })}
        >
          {say('plannerAsk.thereIsNoControl')}
        </button>
      </div>
      {factor.control === null && (
        <TextField
          label={say('plannerAsk.whyControl')}
          field={`factors.${index}.noControlReason`}
          problems={problems}
          value={factor.noControlReason}
          onChange={(noControlReason) => putFactor(change, index, { noControlReason })}
        />
      )}
    </section>
  );
}
