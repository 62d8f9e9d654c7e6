import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { FACTOR_SUBJECTS, type Factor, type FactorSubject, type PlanKind } from '@bright-sprout/core/plan/document/planDocument';
import { kindFor } from '@bright-sprout/core/plan/document/kindFor';
import { withUnit } from '@bright-sprout/core/plan/document/levelNames';
import { SUBJECT_WORDS, usualFactor } from '@bright-sprout/core/plan/document/usualFactor';
import { unitsOf } from '@bright-sprout/core/plan/recipes/additive';
import { useState } from 'react';
import { SubjectGlyph } from '../../../../drawing/container/SubjectGlyph';
import { ChoiceField, setting, TextField } from '../../planFields';
import { type PartProps } from '../../partProps';
import { cross, overKinds, putFactor, uncross } from '../factorChange';
import { PictureChoices } from './PictureChoices';

const KIND_NAMES: Record<PlanKind, string> = spoken({
  'one-factor': 'plannerAsk.thingChangedAgainstControl',
  'dose-series': 'plannerAsk.seriesAmounts',
  'two-factors': 'plannerAsk.twoThingsCrossed',
  crowding: 'plannerAsk.crowdingThinning',
  'side-by-side': 'plannerAsk.kindsSideSide',
  'age-ladder': 'plannerAsk.everyAgeDay',
  patch: 'plannerAsk.patchSeenAbove',
  viability: 'plannerAsk.testSeedLot',
  looking: 'plannerAsk.lookingWithoutComparing',
});

/** Subjects offered before somebody asks for all. */
const FIRST: readonly FactorSubject[] = ['light', 'water', 'salt', 'feed', 'depth', 'crowding', 'kind'];

/** What is changed: chosen by picture, whole with its usual steps; its name and unit; and whether it meets a second thing. */
export function FactorPanel({ plan, change, problems, group, index }: PartProps & { index: number }) {
  const [all, setAll] = useState(false);
  const factor = plan.factors[index]!;
  const early = group.gradeBand === 'early';
  const shown = FACTOR_SUBJECTS.filter((s) => all || FIRST.includes(s) || s === factor.subject);
  const choose = (subject: FactorSubject) => {
    const next = subjectChanged(factor, subject, early);
    putFactor(change, index, next);
    if (plan.factors.length === 1 && plan.kind !== 'patch' && plan.kind !== 'viability')
      change(setting({ kind: kindFor({ ...factor, ...next }) }));
  };
  return (
    <section aria-label={say('plannerAsk.changedSecond', { someIndex: index > 0 })}>
      <PictureChoices
        label={say('plannerAsk.itIsAbout')}
        value={factor.subject}
        choices={shown.map((s) => ({
          value: s,
          picture: <SubjectGlyph subject={s} />,
          name: SUBJECT_WORDS[s].name,
          does: SUBJECT_WORDS[s].about,
        }))}
        onChoose={choose}
      />
      <button type="button" className="btn btn-plain mb-2" onClick={() => setAll(!all)}>
        {all ? say('plannerAsk.showFewer') : say('plannerAsk.showChanged')}
      </button>
      <div className="planner-pair">
        <TextField
          label={say('plannerAsk.nameIt')}
          field={`factors.${index}.name`}
          problems={problems}
          value={factor.name}
          onChange={(name) => putFactor(change, index, { name })}
          placeholder={say('plannerAsk.saltWater')}
        />
        {!early && (
          <TextField
            label={say('plannerAsk.unitAmounts')}
            field={`factors.${index}.unit`}
            problems={problems}
            value={factor.unit}
            onChange={(unit) => putFactor(change, index, withUnit(factor, unit))}
            placeholder={unitsOf(factor.subject)[0] ?? ''}
            hint={
              unitsOf(factor.subject).length > 1
                ? say('plannerAsk.mixingWorked', { unitsOf: unitsOf(factor.subject).join(', ') })
                : undefined
            }
          />
        )}
      </div>
      {index === 0 && (
        <ChoiceField
          label={say('plannerAsk.kindExperiment')}
          field="kind"
          problems={problems}
          value={plan.kind}
          choices={(Object.keys(KIND_NAMES) as PlanKind[]).map((value) => ({ value, name: KIND_NAMES[value] }))}
          onChange={(kind) => change(setting({ kind }))}
        />
      )}
      {plan.factors.length < 2 && (
        <button type="button" className="btn" onClick={() => cross(change)}>
          {say('plannerAsk.crossSecondThing')}
        </button>
      )}
      {plan.factors.length === 2 && plan.factors.every((f) => f.subject !== 'kind') && (
        <button type="button" className="btn" onClick={() => overKinds(change)}>
          {say('plannerAsk.overKindsSeed')}
        </button>
      )}
      {plan.factors.length > 1 && (
        <button type="button" className="btn" onClick={() => uncross(change, index)}>
          {say('plannerAsk.doNotCross')}
        </button>
      )}
    </section>
  );
}

/** The factor about something else: whole as it is usual; one with a unit of one's own keeps its steps. */
function subjectChanged(factor: Factor, subject: FactorSubject, early: boolean): Factor {
  const own = factor.unit !== '' && !unitsOf(factor.subject).includes(factor.unit);
  return own ? { ...factor, subject } : usualFactor(subject, early);
}
