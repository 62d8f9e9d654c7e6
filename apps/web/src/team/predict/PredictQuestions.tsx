import { say } from '@bright-sprout/words/say';
import { type BenchPrediction } from '@bright-sprout/contracts/answers/predictions';
import { RESOLUTION_UNIT } from '@bright-sprout/core/quantities/length';
import { TreatmentMark } from '../../marks/TreatmentMark';

const DAYS = Array.from({ length: 20 }, (_, i) => i + 1);

/** The day of the first sprout, tapped. */
export function FirstDay({
  asked,
  value,
  onChoose,
}: {
  asked: BenchPrediction;
  value: number | null;
  onChoose: (day: number) => void;
}) {
  return (
    <>
      <h1>{say('predict.afterManyDaysFirst', { speciesName: asked.speciesName.toLowerCase() })}</h1>
      <div className="predict-days" role="radiogroup" aria-label={say('predict.daysAfterSowing')}>
        {DAYS.map((d) => (
          <button key={d} type="button" role="radio" aria-checked={value === d} onClick={() => onChoose(d)}>
            {d}
          </button>
        ))}
      </div>
    </>
  );
}

/** How tall the tallest will be, typed. */
export function Height({ asked, value, onType }: { asked: BenchPrediction; value: string; onType: (height: string) => void }) {
  return (
    <>
      <h1>
        <label htmlFor="height">{say('predict.tallTallestDay', { heightDay: asked.heightDay })}</label>
      </h1>
      <p className="predict-height">
        <input
          id="height"
          inputMode="decimal"
          autoComplete="off"
          maxLength={8}
          value={value}
          onChange={(e) => onType(e.target.value)}
        />{' '}
        {RESOLUTION_UNIT[asked.resolution]}
      </p>
    </>
  );
}

/** Which treatment will be tallest. */
export function Winner({
  asked,
  value,
  onChoose,
}: {
  asked: BenchPrediction;
  value: string | null;
  onChoose: (code: string) => void;
}) {
  return (
    <>
      <h1>{say('predict.tallestEnd')}</h1>
      <div className="predict-winners" role="radiogroup" aria-label={say('predict.tallestInTheEnd')}>
        {asked.treatments.map((t) => (
          <button key={t.code} type="button" role="radio" aria-checked={value === t.code} onClick={() => onChoose(t.code)}>
            <TreatmentMark code={t.code} size={34} />
            <span>
              <b>{t.code}</b> {t.label}
            </span>
          </button>
        ))}
      </div>
    </>
  );
}
