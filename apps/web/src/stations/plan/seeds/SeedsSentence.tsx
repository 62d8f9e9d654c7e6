import { nounOf } from '@bright-sprout/core/words/plural';
import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { formatDay, isIsoDay } from '@bright-sprout/core/calendar/days';
import { type PlanDocument } from '@bright-sprout/core/plan/document/planDocument';
import { SEED_LOOK_WORDS } from '@bright-sprout/core/plan/document/seedLookWords';
import { type Recipe } from '@bright-sprout/core/plan/recipes/recipe';
import { methodById } from '@bright-sprout/core/seeds/catalogue';
import { listInWords } from '@bright-sprout/core/words/listInWords';
import { type ReactNode } from 'react';
import { ContainersEach, MethodChoices } from '../ask/panels/ContainersPanel';
import { SeedNumbers } from '../ask/panels/SeedNumbers';
import { FillField } from '../ask/panels/VolumeFields';
import { type PartProps } from '../partProps';
import { SentenceWord } from '../SentenceWord';
import { SeedLessonPanel } from './SeedLessonPanel';
import { SparePanel, spareWords } from './SparePanel';

/** Grown in what, how many seeds, what is to spare and what is done with them first, in sentences whose words open. */
export function SeedsSentence(props: PartProps) {
  const { plan, change, problems, readOnly, out } = props;
  const method = methodById(plan.methodId);
  const container = method?.container ?? nounOf('container');
  const word = (name: string, says: string, fields: readonly string[], panel: ReactNode, wide = false) => (
    <SentenceWord name={name} says={says} fields={fields} wide={wide} problems={problems} readOnly={readOnly}>
      {panel}
    </SentenceWord>
  );
  return (
    <div className="asked-as">
      <Say
        it="plannerSeeds.grownFilledLeftAlone"
        grownIn={word(
          say('plannerSeeds.wayGrowing'),
          method?.grownIn ?? say('common.nothingYet'),
          ['methodId'],
          <MethodChoices plan={plan} change={change} />,
          true,
        )}
        how={word(
          say('common.containers'),
          say('plannerSeeds.ofEachTreatment', { containersEach: plan.containersEach }),
          ['containersEach'],
          <ContainersEach {...props} />,
        )}
        filling={word(
          say('plannerSeeds.filling'),
          say('plannerSeeds.fill', { ml: plan.fillMl }),
          ['fillMl'],
          <FillField plan={plan} change={change} problems={problems} />,
        )}
        unattendedDays={method?.unattendedDays ?? 0}
        method={Boolean(method)}
        container={container}
        seeds={word(
          say('plannerSeeds.seeds'),
          seedsWords(plan, out?.recipes ?? []),
          ['seedsEach', 'keep'],
          <SeedNumbers {...props} />,
        )}
        spare={word(say('plannerSeeds.toSpare'), spareWords(plan), ['sparePercent', 'packetSeeds'], <SparePanel {...props} />)}
        before={word(
          say('plannerSeeds.lessonAboutSeeds'),
          lessonWords(plan),
          ['seedLesson'],
          <SeedLessonPanel plan={plan} change={change} problems={problems} />,
        )}
      />
    </div>
  );
}

/** `2 to 4 seeds, 1 stays`: over all treatments. */
function seedsWords({ seedsEach, keep, seedsCounted, kind }: PlanDocument, recipes: readonly Recipe[]): string {
  const range = (values: number[]) => {
    const [low, high] = [Math.min(...values), Math.max(...values)];
    return low === high ? `${low}` : say('common.fromTo', { low, high });
  };
  const seeds = recipes.length > 0 ? range(recipes.map((r) => r.seeds)) : `${seedsEach}`;
  const kept = recipes.flatMap((r) => (r.keep === null ? [] : [r.keep]));
  const stay =
    kept.length === 0
      ? recipes.length > 0 || kind === 'patch'
        ? say('plannerSeeds.allStay')
        : say('plannerSeeds.keepStay', { keep })
      : `${range(kept)} ${range(kept) === '1' ? say('plannerSeeds.stays') : say('plannerSeeds.stayLower')}`;
  return say('plannerSeeds.seedsAndStay', { seedsCounted, seeds, stay });
}

function lessonWords({ seedLesson }: PlanDocument): string {
  if (!seedLesson) return say('plannerSeeds.nobodyLooksSeeds');
  const looks = listInWords(seedLesson.looks.map((l) => SEED_LOOK_WORDS[l].name));
  return say('plannerSeeds.teamsOn', { looks, on: formatDay(seedLesson.on), dated: isIsoDay(seedLesson.on) });
}
