import { say } from '@bright-sprout/words/say';
import { type PointFigure } from '@bright-sprout/core/conclude/points/point';
import { PlantDrawing } from '../../drawing/PlantDrawing';
import { MarkShape } from '../../marks/TreatmentMark';
import { habitOf } from '../../records/habitOf';
import { axisOver, INK, INK_2, LINE, linesOf, SOIL } from '../../compare/figures/figureKit';
import { ValueAxis } from '../../compare/figures/ValueAxis';
import { EMBLEM_PATHS } from '../../theme/emblems';
import { type PointProps, roomOf, shownIn } from './pointKit';

type Of<K extends PointFigure['kind']> = PointProps & { figure: Extract<PointFigure, { kind: K }> };

/** A value struck through beside the one that took its place, with its plant between them. */
export function StruckPoint({ figure, records, measure, width, height, small }: Of<'struck'>) {
  const shown = shownIn(records, measure);
  const container = records.investigation.containers.find((c) => c.id === figure.containerId);
  const room = roomOf(small);
  const bottom = height - (small ? 6 : 30);
  const high = Math.max(shown.inUnit(figure.was), shown.inUnit(figure.now)) * 1.08;
  const axis = axisOver(0, high, bottom, room.top);
  const x = small ? width * 0.34 : width * 0.4;
  const size = small ? 15 : 30;
  const at = (v: number) => axis.at(shown.inUnit(v));
  /** Where a number stands beside its height: inside the figure. */
  const below = (v: number) => Math.min(bottom - 3, Math.max(room.top + size * 0.8, at(v) + size * 0.3));
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      <rect x={room.left} y={room.top} width={width - room.left - room.right} height={bottom - room.top} fill="#fff" />
      {!small && <ValueAxis axis={axis} x={room.left} to={width - room.right} unit={shown.unit} top={room.top} bottom={bottom} />}
      <path
        d={`M${x - 24} ${at(figure.was)}h48M${x} ${at(figure.was)}V${bottom}`}
        stroke={INK}
        strokeWidth="1.5"
        strokeDasharray="4 4"
      />
      {container && shown.drawsPlants && (
        <g transform={`translate(${x} ${bottom})`}>
          <PlantDrawing
            habit={habitOf(records.investigation, container)}
            heightMm={figure.now}
            leaves={null}
            face={container.code}
            scale={((bottom - room.top) / high) * shown.inUnit(1)}
          />
        </g>
      )}
      <g fontSize={size}>
        <text x={x + 34} y={below(figure.was)} className="figure-code" style={{ fontSize: size }} fill={INK_2}>
          {shown.number(figure.was)}
        </text>
        <path d={`M${x + 30} ${below(figure.was) - size * 0.34}h${size * 2.3}`} stroke={INK} strokeWidth={small ? 1.6 : 2.6} />
        <text x={x + 34} y={below(figure.now)} className="figure-code" style={{ fontSize: size }}>
          {shown.number(figure.now)}
        </text>
      </g>
      <rect x={room.left} y={bottom} width={width - room.left - room.right} height={small ? 4 : 6} fill={SOIL} />
    </svg>
  );
}

/** How many of each treatment it happened to: a pot each, inked where it did; beyond what can be told apart a bar. */
export function CountsPoint({ figure, width, height, small }: Of<'counts'>) {
  const room = roomOf(small);
  const left = small ? 20 : 168;
  const row = (height - room.top - 8) / figure.rows.length;
  const most = Math.max(1, ...figure.rows.map((r) => r.of));
  const right = small ? 6 : 96;
  const slot = (width - left - right) / most;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      {figure.rows.map((r, i) => {
        const y = room.top + row * (i + 0.5);
        const tall = Math.min(row * 0.72, small ? 9 : 56);
        const wide = Math.min(slot - 2, small ? 34 : 0.86 * tall);
        return (
          <g key={r.key}>
            <g transform={`translate(${small ? 9 : 20} ${y})`}>
              <MarkShape code={r.key} size={small ? 9 : 18} />
            </g>
            {!small && (
              <text x={38} y={y + 5} className="figure-word">
                {linesOf(r.label, 15, 1)[0]}
              </text>
            )}
            {slot >= 5 ? (
              Array.from({ length: r.of }, (_, n) => (
                <path
                  key={n}
                  d={`M${left + slot * n + 1} ${y - tall / 2}h${wide}l-${wide * 0.12} ${tall}h-${wide * 0.76}z`}
                  fill={n < r.out ? INK : '#fff'}
                  stroke={INK}
                  strokeWidth={small ? 0.8 : 1.4}
                />
              ))
            ) : (
              <>
                <rect x={left} y={y - tall / 2} width={slot * r.of} height={tall} fill="#fff" stroke={INK} />
                <rect x={left} y={y - tall / 2} width={slot * r.out} height={tall} fill={INK} />
              </>
            )}
            {!small && (
              <text x={width - 8} y={y + 6} textAnchor="end" className="figure-code">
                {say('conclude.outOf', { out: r.out, of: r.of })}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}

/** What each team said, a peg, beside the plant that came. */
export function PegsPoint({ figure, records, measure, width, height, small }: Of<'pegs'>) {
  const { investigation } = records;
  const shown = shownIn(records, measure);
  const room = roomOf(small);
  const bottom = height - (small ? room.bottom : 46);
  const high = Math.max(...figure.rows.flatMap((r) => [r.said, r.came]).map(shown.inUnit)) * 1.08;
  const axis = axisOver(0, high, bottom, room.top);
  const slot = (width - room.left - room.right) / figure.rows.length;
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      <rect x={room.left} y={room.top} width={width - room.left - room.right} height={bottom - room.top} fill="#fff" />
      {!small && <ValueAxis axis={axis} x={room.left} to={width - room.right} unit={shown.unit} top={room.top} bottom={bottom} />}
      {figure.rows.map((r, i) => {
        const x = room.left + slot * (i + 0.5);
        const peg = axis.at(shown.inUnit(r.said));
        const team = investigation.teams.find((t) => t.nickname === r.label);
        const wide = Math.min(small ? 6 : 22, slot * 0.36);
        return (
          <g key={r.label}>
            {r.marked && <rect x={x - slot / 2} y={room.top} width={slot} height={bottom - room.top} fill="#E9E7EF" />}
            <path d={`M${x} ${axis.at(shown.inUnit(r.came))}V${peg}`} stroke={INK} strokeWidth="1.2" strokeDasharray="3 3" />
            <g transform={`translate(${x} ${bottom})`}>
              <PlantDrawing
                habit={investigation.habit}
                heightMm={r.came}
                leaves={null}
                face={r.label}
                scale={((bottom - room.top) / high) * shown.inUnit(1)}
              />
            </g>
            <path d={`M${x - wide} ${peg}h${2 * wide}`} stroke={INK} strokeWidth={small ? 2 : 3} />
            {!small && team && (
              <path
                d={EMBLEM_PATHS[team.emblem]}
                transform={`translate(${x - 12} ${bottom + 12})`}
                fillRule="evenodd"
                fill={INK}
              />
            )}
          </g>
        );
      })}
      <rect x={room.left} y={bottom} width={width - room.left - room.right} height={small ? 4 : 6} fill={SOIL} />
    </svg>
  );
}

/** The tray with what treatment and team leave of each container: longer up is more, down is less. */
export function TrayPoint({ figure, records, width, height, small }: Of<'tray'>) {
  const columns = Math.max(...figure.cells.map((c) => c.x)) + 1;
  const rows = Math.max(...figure.cells.map((c) => c.row)) + 1;
  const most = Math.max(...figure.cells.map((c) => Math.abs(c.left))) || 1;
  const top = small ? 8 : 34;
  const [wide, tall] = [(width - 16) / columns, (height - top - 8) / rows];
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} className="figure" aria-hidden="true">
      <path d={`M8 ${top - 4}H${width - 8}`} stroke={INK} strokeWidth={small ? 1.5 : 3} />
      {!small && (
        <text x={8} y={18} className="figure-word">
          {say('conclude.windowAboveLineMore')}
        </text>
      )}
      {figure.cells.map((c) => {
        const code = records.investigation.containers.find((k) => k.id === c.containerId)?.code ?? '';
        const [x, y] = [8 + wide * c.x, top + tall * c.row];
        const size = (Math.abs(c.left) / most) * tall * 0.42;
        return (
          <g key={c.containerId}>
            <rect x={x + 1} y={y + 1} width={wide - 2} height={tall - 2} fill="#fff" stroke={LINE} />
            <path d={`M${x + 3} ${y + tall / 2}h${wide - 6}`} stroke={INK} strokeWidth="0.8" />
            <rect
              x={x + wide * 0.3}
              y={c.left > 0 ? y + tall / 2 - size : y + tall / 2}
              width={wide * 0.4}
              height={size}
              fill={c.left > 0 ? INK : '#fff'}
              stroke={INK}
              strokeWidth="1"
            />
            {!small && wide > 26 && (
              <text x={x + 4} y={y + 16} className="figure-small">
                {code}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
