import { say } from '@bright-sprout/words/say';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { type Standing } from '@bright-sprout/core/readings/standing';
import { type LineUpGroup } from './lineUpGroup';
import { treatmentLook } from '../theme/treatments';

interface Props {
  /** A group of which a sample is drawn. */
  group: LineUpGroup;
  standings: ReadonlyMap<string, Standing>;
  measure: Measure;
  onWhole: () => void;
}

const HEIGHT = 16;

/** Under the name of a crowded group: how all of it stands, which part is drawn, and the way to all of it. */
export function CrowdLine({ group, standings, measure, onWhole }: Props) {
  const all = group.all!;
  const states = all.map((c) => standings.get(c.id)?.state ?? 'not-checked');
  const count = (...of: Standing['state'][]) => states.filter((s) => of.includes(s)).length;
  const tint = group.look === null ? '#E9E7EF' : treatmentLook(group.look).tint;
  const parts = [
    {
      n: count('measured'),
      words: say(measure.quantity === 'count-of' ? 'wall.counted' : 'wall.measured'),
      fill: tint,
      dashed: false,
    },
    { n: count('not-up'), words: say('common.notUpYet'), fill: '#6D5C63', dashed: false },
    { n: count('lost', 'thinned', 'moved'), words: say('wall.gone'), fill: 'none', dashed: true },
    { n: count('not-checked'), words: say('wall.notLookedAt'), fill: '#FFFFFF', dashed: true },
  ].filter((p) => p.n > 0);
  const before = (i: number) => parts.slice(0, i).reduce((sum, p) => sum + p.n, 0);
  return (
    <div className="wall-crowd">
      <svg width="100%" height={HEIGHT} viewBox={`0 0 ${all.length} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden="true">
        {parts.map(({ n, words, fill, dashed }, i) => (
          <rect
            key={words}
            x={before(i)}
            y="1"
            width={n}
            height={HEIGHT - 2}
            fill={fill}
            stroke="#2A1B2E"
            strokeWidth="1.3"
            strokeDasharray={dashed ? '4 3' : undefined}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      <p>
        {say('wall.drawnThemEvenlySpread', {
          parts: parts.map((p) => `${p.n} ${p.words}`).join(' · '),
          countAll: all.length,
          allParts: parts[0]!.words,
          countParts: parts.length,
          countContainers: group.containers.length,
          name: measure.name,
        })}
      </p>
      <button
        type="button"
        className="btn btn-plain"
        onClick={onWhole}
        aria-label={say('wall.seeAllOf', { countAll: all.length, title: group.title })}
      >
        {say('wall.seeAll', { countAll: all.length })}
      </button>
    </div>
  );
}
