import { type ContainerView, type InvestigationView } from '@bright-sprout/contracts/investigations';
import {
  COUNT_QUESTIONS,
  COUNT_WORDS,
  type MoreFound,
  type OwnMeasure,
  ownProblem,
  STAGE_WORDS,
  stagesOf,
  VIGOUR_WORDS,
  VIGOURS,
} from '@bright-sprout/core/bench/benchProtocol';
import { useState } from 'react';
import { habitOf } from '../../records/habitOf';
import { type Entry, withMore } from './entry';
import { StageDrawing, VigourLeaf } from './StageDrawing';

interface Props {
  investigation: InvestigationView;
  container: ContainerView;
  entry: Entry;
  onChange: (entry: Entry) => void;
}

/** Everything that the protocol asks for beside the height, each with as few taps as it takes. */
export function MoreFields({ investigation, container, entry, onChange }: Props) {
  const { measures, own, sprouted } = investigation.bench;
  const set = (part: MoreFound) => onChange(withMore(entry, part));
  return (
    <>
      {measures.includes('count-up') && (
        <Stepper
          words={(n) => (n === null ? COUNT_QUESTIONS[sprouted] : `${n} of ${container.seedsSown} ${COUNT_WORDS[sprouted]}`)}
          less="One less is up"
          more="One more is up"
          value={entry.more.countUp ?? (entry.state === 'not-up' ? 0 : null)}
          most={container.seedsSown}
          onChange={(countUp) => set({ countUp })}
        />
      )}
      {measures.includes('leaves') && (
        <Stepper
          words={(n) => `${n ?? '–'} ${n === 1 ? 'leaf' : 'leaves'}`}
          less="One leaf less"
          more="One leaf more"
          value={entry.leaves}
          most={99}
          onChange={(leaves) => onChange({ ...entry, leaves })}
        />
      )}
      {measures.includes('stage') && (
        <div className="bench-choices" role="group" aria-label="Stage">
          {stagesOf(habitOf(investigation, container)).map((stage) => (
            <button
              key={stage}
              type="button"
              className={entry.more.stage === stage ? 'on' : ''}
              aria-pressed={entry.more.stage === stage}
              onClick={() => set({ stage: entry.more.stage === stage ? undefined : stage })}
            >
              <StageDrawing stage={stage} />
              {STAGE_WORDS[stage]}
            </button>
          ))}
        </div>
      )}
      {measures.includes('colour') && (
        <div className="bench-choices" role="group" aria-label="Colour and vigour">
          {VIGOURS.map((vigour) => (
            <button
              key={vigour}
              type="button"
              className={entry.more.vigour === vigour ? 'on' : ''}
              aria-pressed={entry.more.vigour === vigour}
              onClick={() => set({ vigour: entry.more.vigour === vigour ? undefined : vigour })}
            >
              <VigourLeaf vigour={vigour} />
              {VIGOUR_WORDS[vigour]}
            </button>
          ))}
        </div>
      )}
      {measures.includes('root-length') && (
        <label className="bench-typed">
          Longest root, mm
          <input
            inputMode="numeric"
            value={entry.more.rootMm ?? ''}
            onChange={(e) => {
              const mm = Number(e.target.value);
              set({ rootMm: e.target.value === '' || !Number.isFinite(mm) ? undefined : Math.min(2000, Math.max(0, mm)) });
            }}
          />
        </label>
      )}
      {own.map((measure) => (
        <Own
          key={measure.id}
          measure={measure}
          value={entry.more.own?.[measure.id]}
          onChange={(value) => {
            const answers = { ...entry.more.own };
            if (value === undefined) delete answers[measure.id];
            else answers[measure.id] = value;
            set({ own: Object.keys(answers).length > 0 ? answers : undefined });
          }}
        />
      ))}
    </>
  );
}

/** Counting up and down with two big keys. */
export function Stepper({
  words,
  less,
  more,
  value,
  most,
  onChange,
}: {
  words: (n: number | null) => string;
  less: string;
  more: string;
  value: number | null;
  most: number;
  onChange: (n: number) => void;
}) {
  return (
    <div className="bench-leaves" role="group" aria-label={more}>
      <button type="button" aria-label={less} disabled={value === 0} onClick={() => onChange(Math.max(0, (value ?? 0) - 1))}>
        −
      </button>
      <span role="status">{words(value)}</span>
      <button
        type="button"
        aria-label={more}
        disabled={value === most}
        onClick={() => onChange(Math.min(most, (value ?? 0) + 1))}
      >
        +
      </button>
    </div>
  );
}

/** A measure that the teacher defined. What does not fit is said and not kept. */
function Own({
  measure,
  value,
  onChange,
}: {
  measure: OwnMeasure;
  value: number | string | undefined;
  onChange: (value: number | string | undefined) => void;
}) {
  const [typed, setTyped] = useState(value === undefined ? '' : String(value));
  const problem = typed.trim() === '' ? null : ownProblem(measure, typed.replace(',', '.'));
  if (measure.kind === 'choice')
    return (
      <div className="bench-choices" role="group" aria-label={measure.name}>
        {measure.choices.map((choice) => (
          <button
            key={choice}
            type="button"
            className={value === choice ? 'on' : ''}
            aria-pressed={value === choice}
            onClick={() => onChange(value === choice ? undefined : choice)}
          >
            {choice}
          </button>
        ))}
      </div>
    );
  return (
    <label className="bench-typed">
      {measure.name}
      {measure.unit && `, ${measure.unit}`}
      <input
        inputMode="decimal"
        value={typed}
        aria-invalid={problem !== null}
        onChange={(e) => {
          setTyped(e.target.value);
          const number = e.target.value.trim().replace(',', '.');
          onChange(number === '' || ownProblem(measure, number) !== null ? undefined : Number(number));
        }}
      />
      {problem && <span className="bench-problem">{problem}</span>}
    </label>
  );
}
