import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type ReportBlock, type ReportFigure, type ReportSection } from '@bright-sprout/core/conclude/report/report';
import { placesOf } from '@bright-sprout/core/compare/places';
import { type Ref, useMemo } from 'react';
import { HAIR, INK, INK_2 } from '../../compare/figures/figureKit';
import { MarkShape } from '../../marks/TreatmentMark';
import { lessonOf, lineOf } from '@bright-sprout/core/conclude/points/lesson';
import { LinesPoint } from '../figures/LinesPoint';
import { lessonFacts, lessonMeasure } from '../lessonFacts';
import { ClaimFigure } from '../claim/ClaimFigure';
import { type ClaimAnswer } from '../claim/useClaimAnswer';
import { type ReportOf } from './reportFacts';
import '../paper/paper.scss';

const WIDTH = 700;

/** A report as it is read on the page; its drawings are those of the PDF and the Word file. */
export function ReportPaper({
  sections,
  records,
  of,
  answer,
  ref,
}: {
  sections: readonly ReportSection[];
  records: InvestigationRecords;
  of: ReportOf;
  answer: ClaimAnswer;
  ref: Ref<HTMLElement>;
}) {
  const team = records.investigation.teams.find((t) => t.id === of?.id) ?? null;
  const figure = (name: ReportFigure) =>
    name === 'tray' ? (
      <SmallTray records={records} own={of?.id ?? null} />
    ) : name === 'course' ? (
      <Course records={records} />
    ) : (
      <ClaimFigure
        width={WIDTH}
        groups={answer.groups}
        shown={answer.shown}
        investigation={records.investigation}
        team={team}
        picked={[]}
        onPick={null}
      />
    );
  return (
    <article className="report-paper" ref={ref} aria-label={say('conclude.report')}>
      {sections.map((s) => (
        <section key={s.part}>
          <h2>{s.title}</h2>
          {s.blocks.map((b, i) => (
            <Block key={i} block={b} figure={figure} />
          ))}
        </section>
      ))}
    </article>
  );
}

/** Means of all treatments over the days. */
function Course({ records }: { records: InvestigationRecords }) {
  const measure = useMemo(() => lessonMeasure(records), [records]);
  const lines = useMemo(() => {
    const lesson = lessonOf({ ...lessonFacts(records, null), measure });
    return lesson === null ? [] : records.investigation.treatments.map((t) => ({ key: t.code, points: lineOf(lesson, t.code) }));
  }, [records, measure]);
  return (
    <LinesPoint
      figure={{ kind: 'lines', lines, stretch: null, cross: null }}
      records={records}
      measure={measure}
      width={WIDTH}
      height={280}
      small={false}
    />
  );
}

function Block({ block, figure }: { block: ReportBlock; figure: (name: ReportFigure) => React.ReactNode }) {
  switch (block.kind) {
    case 'paragraph':
      return <p className={block.strong ? 'strong' : undefined}>{block.text}</p>;
    case 'list': {
      const items = block.items.map((item, i) => <li key={i}>{item}</li>);
      return block.numbered ? <ol>{items}</ol> : <ul>{items}</ul>;
    }
    case 'table':
      return (
        <div className="report-table">
          <table>
            <thead>
              <tr>
                {block.head.map((h) => (
                  <th key={h} scope="col">
                    {h}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {block.rows.map((row, i) => (
                <tr key={i}>
                  {row.map((cell, k) => (
                    <td key={k}>{cell}</td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          {block.caption && <p className="second">{block.caption}</p>}
        </div>
      );
    case 'figure':
      return (
        <figure data-report-figure={block.figure} tabIndex={0}>
          {figure(block.figure)}
          <figcaption>{block.caption}</figcaption>
        </figure>
      );
    case 'lines':
      return (
        <div>
          {Array.from({ length: block.count }, (_, i) => (
            <div key={i} className="write-line" />
          ))}
          <p className="second">{block.label}</p>
        </div>
      );
  }
}

/** The tray from above, window at the top: small enough for a page. */
function SmallTray({ records: { investigation }, own }: { records: InvestigationRecords; own: string | null }) {
  const { containers } = investigation;
  const places = useMemo(() => placesOf(containers), [containers]);
  const columns = Math.max(1, ...places.map((p) => p.x + 1));
  const rows = Math.max(1, ...places.map((p) => p.row + 1));
  const size = Math.min(46, (WIDTH - 4) / columns);
  const top = 24;
  const height = top + rows * size + 4;
  return (
    <svg
      width={WIDTH}
      height={height}
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="figure"
      role="img"
      aria-label={say('conclude.whereStood')}
    >
      <path d={`M2 ${top - 4}H${2 + columns * size}`} stroke={INK} strokeWidth="3" />
      <text x="2" y="14" className="figure-word" fill={INK_2}>
        {say('common.window')}
      </text>
      {places.map((p) => {
        const c = containers.find((k) => k.id === p.id)!;
        const [x, y] = [2 + p.x * size, top + p.row * size];
        return (
          <g key={p.id}>
            <rect
              x={x + 1}
              y={y + 1}
              width={size - 2}
              height={size - 2}
              fill="#fff"
              stroke={own !== null && c.teamId === own ? INK : HAIR}
              strokeWidth={own !== null && c.teamId === own ? 2.4 : 1.2}
            />
            <g transform={`translate(${x + size / 2} ${y + size * 0.34})`}>
              <MarkShape code={c.treatment} size={Math.min(16, size * 0.4)} />
            </g>
            {size > 20 && (
              <text x={x + size / 2} y={y + size - 6} textAnchor="middle" className="figure-small">
                {c.code}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
