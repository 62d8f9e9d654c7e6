import { say } from '@bright-sprout/words/say';
import { type ContainerView, type InvestigationView, type ReadingView } from '@bright-sprout/contracts/answers/investigations';
import { findingOf } from '@bright-sprout/core/measures/finding';
import { findingWords, valueNumber } from '@bright-sprout/core/measures/findingWords';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { sumUp } from '@bright-sprout/core/measures/sumUp';
import { summaryNumber, summaryWords } from '@bright-sprout/core/measures/summaryWords';
import { readingWords } from '@bright-sprout/core/readings/readingWords';
import { foundOf, type Standing } from '@bright-sprout/core/readings/standing';
import { StickLabelShape } from '../labels/StickLabel';
import { treatmentLook } from '../theme/treatments';
import { type LineUpGroup } from './lineUpGroup';

interface Props {
  groups: readonly LineUpGroup[];
  standings: ReadonlyMap<string, Standing>;
  readings: readonly ReadingView[];
  investigation: InvestigationView;
  measure: Measure;
  width: number;
  chosen: string | null;
  onChoose: (containerId: string) => void;
}

const HEIGHT = 260;

/** Containers by a measure that no drawn plant shows: a column each, all at one scale, with what was found in words. */
export function ValueWall({ groups, standings, readings, investigation, measure, width, chosen, onChoose }: Props) {
  const columns = groups.map((g) => `${Math.max(1, g.containers.length)}fr`).join(' ');
  // One scale for every day, so that moving along the tape is growing.
  const highest = readings.reduce(
    (most, r) => Math.max(most, findingOf(r, measure.code)?.value ?? 0),
    Math.max(measure.quantity === 'share' ? 100 : 0, measure.choices.length, 1e-9),
  );
  return (
    <div className="value-wall" style={{ gridTemplateColumns: columns, width }}>
      {groups.map((g) => (
        <div key={g.key} className="value-group">
          {g.containers.map((c) => (
            <ValuePlace
              key={c.id}
              container={c}
              standing={standings.get(c.id)!}
              investigation={investigation}
              measure={measure}
              highest={highest}
              chosen={chosen === c.id}
              onChoose={onChoose}
            />
          ))}
        </div>
      ))}
    </div>
  );
}

function ValuePlace({
  container,
  standing,
  investigation,
  measure,
  highest,
  chosen,
  onChoose,
}: { container: ContainerView; standing: Standing; highest: number; chosen: boolean } & Pick<
  Props,
  'investigation' | 'measure' | 'onChoose'
>) {
  const { code, treatment: letter, id, seedsSown } = container;
  const treatment = investigation.treatments.find((t) => t.code === letter)!;
  const found = foundOf(standing, measure.code);
  const value = sumUp(measure, found, seedsSown);
  const words = wordsOf(standing, investigation, measure, value, found);
  const share = value === null ? 0 : Math.max(0, value / highest);
  return (
    <button
      type="button"
      className={`value-place${chosen ? ' chosen' : ''}`}
      aria-pressed={chosen}
      aria-label={`${code}, ${treatment.label}: ${words}`}
      onClick={() => onChoose(id)}
    >
      <svg viewBox={`0 0 40 ${HEIGHT}`} height={HEIGHT} width="40" aria-hidden="true">
        {value !== null && (
          <rect
            x="7"
            y={HEIGHT - 4 - share * (HEIGHT - 12)}
            width="26"
            height={share * (HEIGHT - 12)}
            fill={treatmentLook(letter).tint}
            stroke={treatmentLook(letter).colour}
            strokeWidth="2"
          />
        )}
        <path d={`M0 ${HEIGHT - 3}H40`} stroke="#6D5C63" strokeWidth="6" />
      </svg>
      <svg viewBox="-18 0 36 44" width="36" height="44" aria-hidden="true">
        <StickLabelShape code={code} treatment={letter} dashed={standing.state === 'lost'} />
      </svg>
      <b className={value === null ? 'state' : 'numeral'}>
        {value === null ? words : shortWords(investigation, measure, value, found)}
      </b>
    </button>
  );
}

/** What stands under the column: a number without its noun, or the words of a choice. */
function shortWords(
  { resolution }: InvestigationView,
  measure: Measure,
  value: number,
  found: ReturnType<typeof foundOf>,
): string {
  if (measure.choices.length > 0) return summaryWords(measure, value, resolution);
  const [only] = found;
  return found.length === 1 && only!.value !== null
    ? valueNumber(measure, only!.value, { resolution })
    : summaryNumber(measure, value, resolution);
}

function wordsOf(
  standing: Standing,
  { resolution, bench }: InvestigationView,
  measure: Measure,
  value: number | null,
  found: ReturnType<typeof foundOf>,
): string {
  if (found.length === 1) return findingWords(measure, found[0]!, { resolution });
  if (value !== null) return summaryWords(measure, value, resolution);
  if (found[0]) return findingWords(measure, found[0], { resolution });
  if (standing.state === 'lost') return 'lost';
  if (standing.reading === null) return say('wall.notLookedAt');
  return standing.state === 'measured'
    ? say('wall.withoutNamed', { name: measure.name })
    : readingWords(standing.reading, { resolution, own: bench.own });
}
