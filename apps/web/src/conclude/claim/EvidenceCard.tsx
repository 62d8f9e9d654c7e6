import { decimal } from '@bright-sprout/words/numbers';
import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { daysBetween } from '@bright-sprout/core/calendar/days';
import { type Shown } from '@bright-sprout/core/compare/shown';
import { growthLines } from '@bright-sprout/core/compare/growthLines';
import { measureOf } from '@bright-sprout/core/measures/registry';
import { counted } from '@bright-sprout/core/words/plural';
import { useState } from 'react';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { INK, SOIL } from '../../compare/figures/figureKit';
import { MarkShape, TreatmentMark } from '../../marks/TreatmentMark';
import { habitOf } from '../../records/habitOf';
import { type ClaimReading } from './useClaimAnswer';

type Piece = ClaimReading['evidence'][number];

/** A piece of evidence: its number and its plant; a tap shows how that plant grew. */
export function EvidenceCard({
  piece,
  records,
  shown,
  day,
  own,
  onPutBack,
}: {
  piece: Piece;
  records: InvestigationRecords;
  shown: Shown;
  day: string;
  /** The team's own containers. */
  own: ReadonlySet<string>;
  onPutBack: (() => void) | null;
}) {
  const [open, setOpen] = useState(false);
  const { investigation } = records;
  const { ref, group, value } = piece;
  const container = ref.kind === 'mark' ? investigation.containers.find((c) => c.id === ref.containerId) : undefined;
  const middle = group.dots.reduce<(typeof group.dots)[number] | null>(
    (best, d) => (best === null || Math.abs(d.value - value) < Math.abs(best.value - value) ? d : best),
    null,
  );
  const drawn = container ?? middle?.container;
  const scale = 74 / Math.max(1, ...group.dots.map((d) => d.value), value);
  return (
    <article className="evidence-card">
      <button type="button" className="evidence-face" aria-expanded={open} onClick={() => setOpen(!open)}>
        <svg width="58" height="84" viewBox="0 0 58 84" aria-hidden="true">
          {shown.drawsPlants && drawn ? (
            <g transform="translate(29 78)">
              <PlantDrawing
                habit={habitOf(investigation, drawn)}
                heightMm={value}
                leaves={null}
                face={drawn.code}
                scale={scale}
              />
            </g>
          ) : (
            <g transform="translate(29 44)">
              <MarkShape code={group.treatment.code} size={30} />
            </g>
          )}
          <rect y="78" width="58" height="5" fill={SOIL} />
        </svg>
        <span>
          <span className="evidence-name">
            <TreatmentMark code={group.treatment.code} size={18} />{' '}
            {piece.code ??
              say('conclude.meanOfContainers', { containers: counted(piece.containers, investigation.containerName) })}
          </span>
          <b>{shown.words(value)}</b>
          <span className="second">
            {container && own.has(container.id) ? say('conclude.oursToo', { label: group.label }) : group.label}
          </span>
        </span>
      </button>
      {onPutBack && (
        <button type="button" className="evidence-back" onClick={onPutBack}>
          {say('conclude.putBack')}
        </button>
      )}
      {open && container && <Days records={records} containerId={container.id} day={day} />}
      {open && !container && (
        <p className="second mb-0">{group.dots.map((d) => `${d.container.code} ${shown.number(d.value)}`).join(' · ')}</p>
      )}
    </article>
  );
}

/** The plant on every day on which it was measured, to one scale. */
function Days({ records, containerId, day }: { records: InvestigationRecords; containerId: string; day: string }) {
  const { investigation, readings } = records;
  const container = investigation.containers.find((c) => c.id === containerId)!;
  const upTo = readings.filter((r) => r.containerId === containerId && r.day <= day);
  const [line] = growthLines([container], upTo, measureOf('height')!);
  const points = line?.points ?? [];
  if (points.length === 0) return <p className="second mb-0">{say('conclude.heightTaken')}</p>;
  const most = Math.max(...points.map((p) => p.value));
  const wide = 36;
  return (
    <svg
      width="100%"
      viewBox={`0 0 ${Math.max(200, points.length * wide)} 100`}
      role="img"
      aria-label={say('conclude.sownDaysBefore', {
        code: container.code,
        points: points.map((p) => say('conclude.dayCm', { dayNumber: p.dayNumber, height: decimal(p.value / 10, 1) })).join(', '),
        daysBetween: daysBetween(container.sownOn, day),
      })}
      className="evidence-days"
    >
      {points.map((p, i) => (
        <g key={p.dayNumber}>
          <g transform={`translate(${wide * (i + 0.5)} 78)`}>
            <PlantDrawing
              habit={habitOf(investigation, container)}
              heightMm={p.value}
              leaves={null}
              face={container.code}
              scale={72 / most}
            />
          </g>
          <text x={wide * (i + 0.5)} y="96" textAnchor="middle" className="figure-small" fill={INK}>
            {p.dayNumber}
          </text>
        </g>
      ))}
      <rect y="78" width="100%" height="4" fill={SOIL} />
    </svg>
  );
}
