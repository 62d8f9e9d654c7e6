import { type InvestigationView } from '@bright-sprout/contracts/investigations';
import { daysBetween, formatDay, type IsoDay } from '@bright-sprout/core/calendar/days';
import { isNumeric, type Measure } from '@bright-sprout/core/measures/measure';
import { type AfterLoss, type BeforeSprouting } from '@bright-sprout/core/readings/policies';
import { RuledWord } from '../../page/RuledWord';

/** The question that is answered, as a sentence whose words open. */
export function CompareSentence({
  investigation,
  measures,
  measure,
  onMeasure,
  day,
  days,
  onDay,
  beforeSprouting,
  onBeforeSprouting,
  afterLoss,
  onAfterLoss,
}: {
  investigation: InvestigationView;
  measures: readonly Measure[];
  measure: Measure;
  onMeasure: (code: string) => void;
  day: IsoDay;
  /** The days on which somebody looked. */
  days: readonly IsoDay[];
  onDay: (day: IsoDay) => void;
  beforeSprouting: BeforeSprouting;
  onBeforeSprouting: (policy: BeforeSprouting) => void;
  afterLoss: AfterLoss;
  onAfterLoss: (policy: AfterLoss) => void;
}) {
  return (
    <div className="ruled-sentence">
      How does{' '}
      {measures.length > 1 ? (
        <RuledWord
          name="What is compared"
          value={measure.code}
          choices={measures.map((m) => ({ value: m.code, label: m.name }))}
          onChoose={onMeasure}
        />
      ) : (
        measure.name
      )}{' '}
      on{' '}
      <RuledWord
        name="Day"
        value={day}
        choices={days.map((d) => ({
          value: d,
          label: `day ${daysBetween(investigation.sownOn, d)}`,
          detail: formatDay(d),
        }))}
        onChoose={onDay}
      />{' '}
      differ by <b>{investigation.factor}</b> for <b>{investigation.speciesName.toLowerCase()}</b>, one mark per{' '}
      {investigation.containerName}
      {investigation.report === 'tallest' && ', its highest plant'}
      {isNumeric(measure) && measure.quantity !== 'count-of' && (
        <>
          , not up{' '}
          <RuledWord
            name="Not up yet"
            value={beforeSprouting}
            choices={[
              { value: 'exclude', label: 'left out', detail: 'It is in no mean; its name stands below.' },
              { value: 'zero', label: 'counting as zero', detail: 'It pulls the mean down: how tall are the pots?' },
            ]}
            onChoose={onBeforeSprouting}
          />
        </>
      )}
      , lost{' '}
      <RuledWord
        name="Lost"
        value={afterLoss}
        choices={[
          { value: 'exclude', label: 'left out', detail: 'It leaves the means from then on; its name stands below.' },
          { value: 'carry', label: 'staying as last seen', detail: 'Its last value is carried on.' },
          ...(isNumeric(measure)
            ? [{ value: 'zero' as const, label: 'counting as zero', detail: 'A loss pulls the mean down.' }]
            : []),
        ]}
        onChoose={onAfterLoss}
      />
      ?
    </div>
  );
}
