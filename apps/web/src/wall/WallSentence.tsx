import { say } from '@bright-sprout/words/say';
import { spoken } from '@bright-sprout/words/spoken';
import { Say } from '../words/Say';
import { type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { type IsoDay, weekdayName } from '@bright-sprout/core/calendar/days';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { RuledWord } from '../page/RuledWord';
import { type Grouping, groupingsOf } from './wallGroups';

/** How the plants stood at the check before: drawn behind them, or not. */
export type Outline = 'last' | 'none';

const GROUPING_WORDS: Record<Grouping, string> = spoken({
  treatment: 'wall.treatment',
  team: 'wall.team',
  kind: 'wall.kind',
  age: 'wall.age',
});

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** What the wall shows, as a sentence whose words open. */
export function WallSentence({
  investigation,
  measures,
  measure,
  onMeasure,
  by,
  onGrouping,
  before,
  outline,
  onOutline,
}: {
  investigation: InvestigationView;
  measures: readonly Measure[];
  measure: Measure;
  onMeasure: (code: string) => void;
  by: Grouping;
  onGrouping: (by: Grouping) => void;
  /** The check before, where its outline can be drawn. */
  before: IsoDay | null;
  outline: Outline;
  onOutline: (outline: Outline) => void;
}) {
  return (
    <div className="ruled-sentence wall-sentence">
      {measures.length > 1 ? (
        <>
          <Say
            it="wall.whatOfSpecies"
            what={
              <RuledWord
                name={say('wall.whatIsShown')}
                value={measure.code}
                choices={measures.map((m) => ({ value: m.code, label: capital(m.name) }))}
                onChoose={onMeasure}
              />
            }
            species={investigation.speciesName.toLowerCase()}
          />
        </>
      ) : (
        investigation.speciesName
      )}{' '}
      <Say
        it="wall.linedUpByWhat"
        what={
          <RuledWord
            name={say('wall.linedUpBy')}
            value={by}
            choices={groupingsOf(investigation).map((g) => ({ value: g, label: GROUPING_WORDS[g] }))}
            onChoose={onGrouping}
          />
        }
        hasBefore={before !== null}
        outline={
          before && (
            <RuledWord
              name={say('wall.outline')}
              value={outline}
              choices={[
                { value: 'last', label: say('wall.sOutline', { before: weekdayName(before) }) },
                { value: 'none', label: say('wall.noOutline') },
              ]}
              onChoose={onOutline}
            />
          )
        }
      />
    </div>
  );
}
