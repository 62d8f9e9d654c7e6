import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type HonestAndNaive, honestAndNaive } from '@bright-sprout/core/compare/seedlings';
import { type Interval } from '@bright-sprout/core/statistics/descriptives';
import { plural } from '@bright-sprout/core/words/plural';
import { treatmentLook } from '../../../theme/treatments';
import { FigureFrame } from '../../../compare/figures/FigureFrame';
import { axisOver, INK, INK_2, LINE } from '../../../compare/figures/figureKit';
import { Numbers } from '../../../compare/figures/otherTables';
import { PlantsInContainers } from '../../../compare/figures/PlantsInContainers';
import { type CloserProps } from './closerProps';

/** Seedlings in their containers, and the honest interval beside the one that takes each seedling for a container. */
export function SeedlingsPanel({ records, groups, shown, sureness }: CloserProps) {
  const { containerName: container } = records.investigation;
  const both = honestAndNaive(groups).flatMap((b): Both[number][] => {
    // The page's own interval, so that no two numbers of one thing stand on it.
    const own = sureness?.contrasts.find((c) => c.key === b.group.key)?.interval ?? null;
    const honest = own ?? (b.honest.ok ? b.honest.interval : null);
    return honest && b.naive.ok ? [{ ...b, honest, naive: b.naive.interval }] : [];
  });
  return (
    <div>
      <FigureFrame
        name="seedlings-in-their-pots"
        summary={say('compare.everyPlantInsidePlants', { container })}
        caption={say('compare.columnPlantsDashMean', { container })}
        table={<HonestTable both={both} shown={shown} container={container} />}
      >
        {(width) => <PlantsInContainers width={width} groups={groups} shown={shown} />}
      </FigureFrame>
      {both.length > 0 && (
        <FigureFrame
          name="honest-and-naive"
          summary={both
            .map((b) =>
              say('compare.againstHonestSeedlings', {
                label: b.group.label,
                against: b.control.label,
                honest: rangeOf(b.honest, shown),
                container: plural(container),
                asIfSeedlings: rangeOf(b.naive, shown),
              }),
            )
            .join('; ')}
          caption={say('compare.shortSpansTakeEvery', { container, containers: plural(container) })}
          table={null}
        >
          {(width) => <TwoSpans width={width} both={both} shown={shown} container={container} />}
        </FigureFrame>
      )}
    </div>
  );
}

type Both = (Omit<HonestAndNaive, 'honest' | 'naive'> & { honest: Interval; naive: Interval })[];

const rangeOf = ({ low, high }: Interval, shown: CloserProps['shown']) =>
  say('common.fromTo', { low: shown.signed(low), high: shown.signed(high) });

function TwoSpans({
  width,
  both,
  shown,
  container,
}: {
  width: number;
  both: Both;
  shown: CloserProps['shown'];
  container: string;
}) {
  const row = 104;
  const ends = both.flatMap((b) => [b.honest.low, b.honest.high, b.naive.low, b.naive.high]).map(shown.inUnit);
  const room = (Math.max(0, ...ends) - Math.min(0, ...ends)) * 0.06 || 1;
  const axis = axisOver(Math.min(0, ...ends) - room, Math.max(0, ...ends) + room, 12, width - 16, width < 500 ? 5 : 9);
  const height = both.length * row + 46;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true" className="figure">
      <path d={`M${axis.at(0)} 0V${both.length * row}`} stroke={INK} strokeDasharray="4 4" strokeWidth="1.4" />
      {both.map((b, i) => (
        <g key={b.group.key} transform={`translate(0 ${i * row})`}>
          <path d={`M12 ${row}H${width - 16}`} stroke={LINE} />
          {([b.honest, b.naive] as const).map((f, k) => {
            const [low, high] = [axis.at(shown.inUnit(f.low)), axis.at(shown.inUnit(f.high))];
            const y = 38 + k * 46;
            return (
              <g key={k}>
                <path
                  d={`M${low} ${y - 8}v16m0-8H${high}m0-8v16`}
                  stroke={k === 0 ? treatmentLook(b.group.treatment.code).colour : INK_2}
                  strokeWidth={k === 0 ? 4 : 2}
                  strokeDasharray={k === 0 ? undefined : '5 4'}
                  fill="none"
                />
                <text x={12} y={y - 15} className="figure-word figure-halo">
                  {k === 0
                    ? say('compare.pairAgainst', {
                        label: b.group.label,
                        against: b.control.label,
                        containers: b.containers,
                        container: plural(container),
                      })
                    : say('compare.asIfAllSeedlings', { plants: b.plants, container: plural(container) })}
                </text>
              </g>
            );
          })}
        </g>
      ))}
      {axis.major.map((v) => (
        <g key={v}>
          <path d={`M${axis.at(v)} ${both.length * row}v8`} stroke={INK} />
          <text x={axis.at(v)} y={both.length * row + 28} textAnchor="middle" className="figure-number">
            {v > 0 ? '+' : ''}
            {axis.label(v)}
          </text>
        </g>
      ))}
    </svg>
  );
}

function HonestTable({ both, shown, container }: { both: Both; shown: CloserProps['shown']; container: string }) {
  const heads = [
    say('compare.againstLabel', { label: both[0]?.control.label ?? '' }),
    say('compare.honestBy', { container }),
    say('compare.asIfSeedlingsWere', { container: plural(container) }),
    say('compare.evidenceOverstated'),
  ];
  return (
    <Numbers heads={heads}>
      {both.map((b) => (
        <tr key={b.group.key}>
          <th scope="row">{b.group.label}</th>
          <td>{rangeOf(b.honest, shown)}</td>
          <td>{rangeOf(b.naive, shown)}</td>
          <td>
            {b.designEffect === null
              ? say('compare.cannotTold')
              : say('compare.times', { designEffect: decimal(b.designEffect, 1) })}
          </td>
        </tr>
      ))}
    </Numbers>
  );
}
