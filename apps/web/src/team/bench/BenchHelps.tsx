import { say } from '@bright-sprout/words/say';
import { type GradeBand } from '@bright-sprout/core/words/gradeBand';
import { ReadAloud } from '../../page/ReadAloud';

/** Small ways out of the card: hear it read, see how to measure, measure for another day, go past the ruler's end. */
export function BenchHelps({
  band,
  aloud,
  onGuide,
  onOtherDay,
  onTaller,
}: {
  band: GradeBand;
  /** What is read to the youngest. */
  aloud: string;
  onGuide: () => void;
  /** Null where the day is already another one. */
  onOtherDay: (() => void) | null;
  /** Null while the plant is not as tall as a ruler. */
  onTaller: (() => void) | null;
}) {
  return (
    <p className="bench-helps">
      {(band === 'early' || band === 'primary') && <ReadAloud words={aloud} />}
      <button type="button" className="btn btn-plain" onClick={onGuide}>
        {say('bench.howToMeasure')}
      </button>
      {onOtherDay && band !== 'early' && (
        <button type="button" className="btn btn-plain" onClick={onOtherDay}>
          {say('bench.anotherDay')}
        </button>
      )}
      {onTaller && (
        <button type="button" className="btn btn-plain" onClick={onTaller}>
          {say('bench.tallerRuler')}
        </button>
      )}
    </p>
  );
}
