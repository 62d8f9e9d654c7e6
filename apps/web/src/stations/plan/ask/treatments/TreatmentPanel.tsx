import { say } from '@bright-sprout/words/say';
import { type PlannedTreatment } from '@bright-sprout/core/plan/document/planTreatments';
import { type PartProps } from '../../partProps';
import { putFactor } from '../factorChange';
import { FactorLevel } from '../FactorLevel';
import { changedLevel, withoutLevel } from '../levelChange';

/** A treatment as it is made: its step of every factor. */
export function TreatmentPanel({ plan, change, problems, treatment }: PartProps & { treatment: PlannedTreatment }) {
  // Numbers of seeds go with the kind, where kinds differ; else with the first thing that is changed.
  const seedsBy = plan.factors.find((f) => f.subject === 'kind') ?? plan.factors[0];
  return plan.factors.map((factor, f) => {
    const at = factor.levels.indexOf(treatment.levels[f]!);
    if (at === -1) return null;
    return (
      <section key={f} aria-label={factor.name}>
        <h3>{factor.name || say('plannerAsk.whatIsChanged')}</h3>
        <FactorLevel
          number={at + 1}
          level={factor.levels[at]!}
          factor={factor}
          code={plan.factors.length > 1 ? null : treatment.code}
          usualKind={plan.speciesId}
          usualSeeds={plan.seedsEach}
          ownSeeds={factor === seedsBy}
          control={{
            group: `control-of-${treatment.code}-${f}`,
            chosen: factor.control === at,
            onChoose: () => putFactor(change, f, { control: at }),
          }}
          problem={problems.find((p) => p.field === `factors.${f}.levels.${at}`)?.sentence}
          onChange={(part) => putFactor(change, f, changedLevel(factor, at, part))}
          onRemove={factor.levels.length > 1 ? () => putFactor(change, f, withoutLevel(factor, at)) : null}
        />
      </section>
    );
  });
}
