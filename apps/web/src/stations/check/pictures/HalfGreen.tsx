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
  const told = lines.map((l) => `${l.code}, ${l.label}, is ${halfGreenWords(reached(l.days, 50))}`);
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
      <h2>{told.length === 0 ? 'Nothing is counted yet.' : `${told.join('; ')}.`}</h2>
      <p className="second">
        {missing.length > 0 &&
          `Day ${missing.map((d) => d.number).join(', ')} ${missing.length === 1 ? 'has' : 'have'} no picture. `}
        {refused.length > 0 &&
          `Day ${refused.map((d) => d.number).join(', ')} ${refused.length === 1 ? 'is' : 'are'} not counted. `}
        {lines.some((l) => l.days.length > 0) &&
          usual &&
          'These pictures do not part into green and not green by themselves yet: a usual value parts them.'}
      </p>
    </div>
  );
}
