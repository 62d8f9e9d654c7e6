import { type InvestigationRecords } from '@bright-sprout/contracts/investigations';
import { classExpected, expectedAndCame, spanWords } from '@bright-sprout/core/conclude/expected/expectedAndCame';
import { formatLength } from '@bright-sprout/core/quantities/length';
import { useMemo, useRef } from 'react';
import { Link } from 'react-router';
import { expectations, lessonMeasure } from '../../../conclude/lessonFacts';
import { PointFigureView } from '../../../conclude/PointFigureView';
import { EmblemMark } from '../../../marks/EmblemMark';
import { Empty } from '../../../page/Notices';
import { useWidth } from '../../../page/useWidth';
import { comparedRecords } from '../../../records/comparedRecords';
import { ConcludeFrame } from '../ConcludeFrame';
import '../../../conclude/paper/paper.scss';

export function ExpectedView() {
  return <ConcludeFrame>{({ records }) => <Expected records={records} />}</ConcludeFrame>;
}

function Expected({ records }: { records: InvestigationRecords }) {
  const { investigation } = records;
  const { resolution, treatments } = investigation;
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 900);
  const rows = useMemo(
    () => expectedAndCame(comparedRecords(records), expectations(investigation), resolution),
    [records, investigation, resolution],
  );
  const all = useMemo(() => classExpected(rows, comparedRecords(records)), [rows, records]);
  const label = (code: string | null) => treatments.find((t) => t.code === code)?.label ?? '–';
  const length = (mm: number) => formatLength(mm, resolution);
  if (rows.length === 0)
    return (
      <Empty title="Nobody was asked before sowing">
        <p>
          Next time, ask the teams for their predictions in the plan: days to the first sprout, a height, which will be tallest.
        </p>
        <Link className="btn" to={`/investigations/${investigation.id}/conclude/next`}>
          What next
        </Link>
      </Empty>
    );
  const pegs = rows.flatMap((r) =>
    r.height.said !== null && r.height.came !== null
      ? [{ label: r.team, said: r.height.said, came: r.height.came.mm, marked: false }]
      : [],
  );
  const toCome = rows.find((r) => r.height.said !== null && r.height.came !== null && r.height.off === null);
  const said = [
    all.days.said > 0 &&
      `${all.days.right} of ${all.days.said} teams had the day of their first sprout right${all.firstUp ? `; the first of the class came up ${spanWords(all.firstUp)}` : ''}.`,
    all.heights.said > 0 &&
      `${all.heights.more} of ${all.heights.said} foresaw more than came, ${all.heights.less} less${all.heights.nearest ? `; ${all.heights.nearest.team} came nearest, ${length(Math.abs(all.heights.nearest.off))} off` : ''}.`,
    toCome &&
      `The heights were said for day ${toCome.height.asked}; day ${toCome.height.came!.dayNumber} is the nearest looked at so far, so they are not judged yet.`,
    all.winners.said > 0 &&
      `Most expected ${label(all.winners.most)} to be tallest; ${label(all.came)} is, as ${all.winners.right} of ${all.winners.said} had said.`,
  ].filter((s) => typeof s === 'string');
  return (
    <section aria-label="What we expected and what came">
      {said.map((s) => (
        <p key={s} className="expected-line">
          {s}
        </p>
      ))}
      {pegs.length > 0 && (
        <div
          ref={holder}
          role="img"
          aria-label={pegs.map((p) => `${p.label}: ${length(p.said)} said, ${length(p.came)} came`).join('; ')}
        >
          <PointFigureView
            figure={{ kind: 'pegs', rows: pegs }}
            records={records}
            measure={lessonMeasure(records)}
            width={width}
            height={Math.round(Math.min(360, Math.max(220, width * 0.3)))}
            small={false}
          />
          <p className="second">
            A line: what was said. The plant: the tallest of the team on the day looked at nearest to the one asked for.
          </p>
        </div>
      )}
      <div className="report-table" tabIndex={0} role="region" aria-label="What each team expected, and what came">
        <table className="table">
          <thead>
            <tr>
              <th scope="col">Team</th>
              <th scope="col">First sprout: said</th>
              <th scope="col">came</th>
              <th scope="col">Tallest: said</th>
              <th scope="col">came</th>
              <th scope="col">Tallest of all: said</th>
              <th scope="col">is</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((r) => {
              const team = investigation.teams.find((t) => t.nickname === r.team);
              return (
                <tr key={r.team}>
                  <th scope="row">
                    {team && <EmblemMark emblem={team.emblem} size={20} />} {r.team}
                  </th>
                  <td>{r.first.said === null ? '–' : `day ${r.first.said}`}</td>
                  <td>{r.first.came === null ? 'none is up' : spanWords(r.first.came)}</td>
                  <td>{r.height.said === null ? '–' : length(r.height.said)}</td>
                  <td>
                    {r.height.came === null
                      ? 'nothing measured'
                      : `${length(r.height.came.mm)}, read to within ${length((r.height.came.high - r.height.came.low) / 2)}, on day ${r.height.came.dayNumber}`}
                  </td>
                  <td>{label(r.winner.said)}</td>
                  <td>{label(r.winner.came)}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
