import { say } from '@bright-sprout/words/say';
import { type ContainerView, type InvestigationView } from '@bright-sprout/contracts/answers/investigations';
import { choiceFound, type Finding, numberFound } from '@bright-sprout/core/measures/finding';
import { valueWords } from '@bright-sprout/core/measures/findingWords';
import { choicesOf, type Measure } from '@bright-sprout/core/measures/measure';
import { parseFinding } from '@bright-sprout/core/measures/parseFinding';
import { measuresOf } from '@bright-sprout/core/measures/registry';
import { type ReactNode, useState } from 'react';
import { CHOICE, choiceShape } from '../../drawing/ChoiceDrawing';
import { habitOf } from '../../records/habitOf';
import { type Entry, foundIn, withFound } from './entry';
import { Stepper } from './Stepper';

interface Props {
  investigation: InvestigationView;
  container: ContainerView;
  /** Tag of the plant; what is of the container is asked once, at its first plant. */
  plant: string;
  entry: Entry;
  onChange: (entry: Entry) => void;
}

/** Everything that is measured beside the height, each with as few taps as it takes. */
export function MoreFields({ investigation, container, plant, entry, onChange }: Props) {
  const asked = measuresOf(investigation.bench).filter((m) => m.code !== 'height' && (m.of === 'plant' || plant === '1'));
  return (
    <>
      {asked.map((measure) => (
        <MeasureField
          key={measure.code}
          measure={measure}
          investigation={investigation}
          container={container}
          found={foundIn(entry, measure.code)}
          none={entry.state === 'not-up'}
          onFound={(finding) => onChange(withFound(entry, measure.code, finding))}
        />
      ))}
    </>
  );
}

interface FieldProps {
  measure: Measure;
  investigation: InvestigationView;
  container: ContainerView;
  found: Finding | null;
  /** Nothing is up: counts stand at none. */
  none: boolean;
  onFound: (finding: Finding | null) => void;
}

/** One measure as it is entered: by steps, by tapping a choice, or typed. */
function MeasureField(props: FieldProps) {
  switch (props.measure.entry) {
    case 'steps':
      return <StepsField {...props} />;
    case 'choices':
      return <ChoicesField {...props} />;
    default:
      return <TypedField {...props} />;
  }
}

function questionOf({ measure, investigation, container }: FieldProps): string {
  const { class: group, bench } = investigation;
  return measure.question(group.gradeBand, { habit: habitOf(investigation, container), sprouted: bench.sprouted });
}

function StepsField(props: FieldProps) {
  const { measure, investigation, container, found, none, onFound } = props;
  const ofSeeds = measure.quantity === 'count-of';
  const shown = { resolution: investigation.resolution, ...(ofSeeds ? { sown: container.seedsSown } : {}) };
  const one = measure.noun?.[0] ?? measure.name;
  const words = (n: number | null) => {
    if (n !== null) return valueWords(measure, n, shown);
    return ofSeeds ? questionOf(props) : `– ${measure.noun?.[1] ?? measure.name}`;
  };
  return (
    <Stepper
      words={words}
      less={ofSeeds ? say('bench.oneLess', { one }) : say('bench.oneThingLess', { one })}
      more={ofSeeds ? say('bench.oneMore', { one }) : say('bench.oneThingMore', { one })}
      value={found?.value ?? (ofSeeds && none ? 0 : null)}
      most={ofSeeds ? container.seedsSown : (measure.most ?? 1000)}
      onChange={(n) => onFound(numberFound(measure.code, n))}
    />
  );
}

/** A picture for a choice, where there is one. */
function pictureOf(measure: Measure, code: string): ReactNode {
  const shape = choiceShape(measure, code);
  return (
    shape && (
      <svg width={CHOICE.width} height={CHOICE.height} viewBox={`0 0 ${CHOICE.width} ${CHOICE.height}`} aria-hidden="true">
        {shape}
      </svg>
    )
  );
}

function ChoicesField(props: FieldProps) {
  const { measure, investigation, container, found, onFound } = props;
  const choices = choicesOf(measure, habitOf(investigation, container));
  // The best of a grade comes first, as one would say it.
  const shown = measure.quantity === 'grade' ? [...choices].reverse() : choices;
  return (
    <div className="bench-choices" role="group" aria-label={questionOf(props)}>
      {shown.map(({ code, words }) => (
        <button
          key={code}
          type="button"
          className={found?.choice === code ? 'on' : ''}
          aria-pressed={found?.choice === code}
          onClick={() => onFound(found?.choice === code ? null : choiceFound(measure.code, code))}
        >
          {pictureOf(measure, code)}
          {words}
        </button>
      ))}
    </div>
  );
}

/** A number with its unit. What does not fit is said and not kept. */
function TypedField(props: FieldProps) {
  const { measure, investigation, found, onFound } = props;
  const [typed, setTyped] = useState(
    found?.typed ?? (found?.value === null || found?.value === undefined ? '' : String(found.value)),
  );
  const read =
    typed.trim() === '' ? null : parseFinding(measure, typed, { resolution: investigation.resolution, unit: unitOf(measure) });
  return (
    <label className="bench-typed">
      {questionOf(props)}
      {measure.unit && measure.unit !== 'pH' && ` (${unitOf(measure)})`}
      <input
        inputMode="decimal"
        value={typed}
        maxLength={40}
        aria-invalid={read !== null && !read.ok}
        onChange={(e) => {
          setTyped(e.target.value);
          const now = parseFinding(measure, e.target.value, { resolution: investigation.resolution, unit: unitOf(measure) });
          onFound(now.ok ? now.finding : null);
        }}
      />
      {read !== null && !read.ok && <span className="bench-problem">{read.reason}</span>}
    </label>
  );
}

/** The unit of a number that is typed without one: small lengths are read in millimetres. */
const unitOf = (measure: Measure) => (measure.quantity === 'length' ? 'mm' : measure.unit);
