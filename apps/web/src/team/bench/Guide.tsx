import { say } from '@bright-sprout/words/say';
import { type BenchProtocol } from '@bright-sprout/core/bench/benchProtocol';
import { type RulerResolution } from '@bright-sprout/core/quantities/length';
import { guideSteps, RESOLUTION_STEP } from './guideSteps';

/** How to measure, drawn: shown the first time, and whenever somebody asks. */
export function Guide({
  bench,
  resolution,
  onClose,
}: {
  bench: BenchProtocol;
  resolution: RulerResolution;
  onClose: () => void;
}) {
  const steps = guideSteps(bench);
  return (
    <section className="bench-guide" aria-label={say('bench.howToMeasure')}>
      <h2>{say('bench.howToMeasure')}</h2>
      <ol>
        {steps.map((step) => (
          <li key={step.words}>
            <svg viewBox="0 0 150 126" aria-hidden="true">
              {step.drawing}
            </svg>
            <span>{step.words}</span>
          </li>
        ))}
      </ol>
      {bench.measures.includes('height') && <p>{RESOLUTION_STEP[resolution]}</p>}
      <button type="button" className="btn btn-next large" onClick={onClose}>
        {say('bench.weKnowHow')}
      </button>
    </section>
  );
}
