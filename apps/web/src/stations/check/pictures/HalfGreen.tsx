import { inOneLine } from '@bright-sprout/core/words/inOneLine';
import { say } from '@bright-sprout/words/say';
import { halfGreenWords, reached } from '@bright-sprout/core/pictures/halfGreen';
import { type FrameCounted } from '../../../workers/filmQuestion';
import { type FilmDay, type TreatmentGreen } from './filmDays';
import { notCounted } from './notCounted';

/** When each treatment was half green, and which days say nothing about it. */
export function HalfGreen({
  lines,
  days,
  counted,
  usual,
}: {
  lines: readonly TreatmentGreen[];
  days: readonly FilmDay[];
  counted: ReadonlyMap<string, FrameCounted>;
  usual: boolean;
}) {
  const told = lines.map((l) =>
    say('pictures.containerIsHalfGreen', { code: l.code, label: l.label, halfGreenWords: halfGreenWords(reached(l.days, 50)) }),
  );
  const first = days.findIndex((d) => d.frame !== null);
  const missing = days
    .slice(Math.max(0, first))
    .filter((d) => d.frame === null && days.some((o) => o.frame && o.number > d.number));
  const refused = days.filter(({ frame }) => {
    const found = frame && counted.get(frame.id);
    return found && notCounted(found) !== null;
  });
  return (
    <div className="section half-green">
      <h2>{told.length === 0 ? say('pictures.nothingCountedYet') : `${told.join('; ')}.`}</h2>
      <p className="second">
        {inOneLine(
          missing.length === 0
            ? ''
            : say('pictures.daysWithoutPicture', {
                missing: missing.map((d) => d.number).join(', '),
                countMissing: missing.length,
              }),
          refused.length === 0
            ? ''
            : say('pictures.daysNotCounted', { refused: refused.map((d) => d.number).join(', '), countRefused: refused.length }),
          lines.some((l) => l.days.length > 0) && usual ? say('pictures.picturesPartGreenGreen') : '',
        )}
      </p>
    </div>
  );
}
