import { say } from '@bright-sprout/words/say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
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
      <Empty title={say('expected.nobodyAskedBeforeSowing')}>
        <p>{say('expected.nextTimeAskTeams')}</p>
        <Link className="btn" to={`/investigations/${investigation.id}/conclude/next`}>
          {say('common.whatNext')}
        </Link>
      </Empty>
    );
  const pegs = rows.flatMap((r) =>
    r.height.said !== null && r.height.came !== null
      ? [{ label: r.team, said: r.height.said, came: r.height.came.mm, marked: false }]
      : [],
  );
  const said = sentences(rows, all, label, length);
  return (
    <section aria-label={say('expected.expectedCame')}>
      {said.map((s) => (
        <p key={s} className="expected-line">
          {s}
        </p>
      ))}
      {pegs.length > 0 && (
        <div
          ref={holder}
          role="img"
          aria-label={pegs
            .map((p) => say('expected.saidCame', { label: p.label, said: length(p.said), came: length(p.came) }))
            .join('; ')}
        >
          <PointFigureView
            figure={{ kind: 'pegs', rows: pegs }}
            records={records}
            measure={lessonMeasure(records)}
            width={width}
            height={Math.round(Math.min(360, Math.max(220, width * 0.3)))}
            small={false}
          />
          <p className="second">{say('expected.lineSaidPlantTallest')}</p>
        </div>
      )}
      <TeamTable rows={rows} investigation={investigation} label={label} length={length} />
    </section>
  );
}

type Rows = ReturnType<typeof expectedAndCame>;
type Label = (code: string | null) => string;
type Length = (mm: number) => string;

/** How the class as a whole foresaw it; what nobody said is left out. */
function sentences(rows: Rows, all: ReturnType<typeof classExpected>, label: Label, length: Length): string[] {
  const toCome = rows.find((r) => r.height.said !== null && r.height.came !== null && r.height.off === null);
  return [
    all.days.said > 0 &&
      say('expected.teamsDayFirstSprout', {
        right: all.days.right,
        said: all.days.said,
        spanWords: all.firstUp && spanWords(all.firstUp),
        firstUp: Boolean(all.firstUp),
      }),
    all.heights.said > 0 &&
      say('expected.foresawMoreCameLess', {
        more: all.heights.more,
        said: all.heights.said,
        less: all.heights.less,
        team: all.heights.nearest?.team,
        length: all.heights.nearest && length(Math.abs(all.heights.nearest.off)),
        nearest: Boolean(all.heights.nearest),
      }),
    toCome && say('expected.heightsSaidDayDay', { asked: toCome.height.asked, dayNumber: toCome.height.came!.dayNumber }),
    all.winners.said > 0 &&
      say('expected.mostExpectedTallestSaid', {
        label: label(all.winners.most),
        tallest: label(all.came),
        right: all.winners.right,
        said: all.winners.said,
      }),
  ].filter((s) => typeof s === 'string');
}

function TeamTable({
  rows,
  investigation,
  label,
  length,
}: {
  rows: Rows;
  investigation: InvestigationRecords['investigation'];
  label: Label;
  length: Length;
}) {
  return (
    <div className="report-table" tabIndex={0} role="region" aria-label={say('expected.teamExpectedCame')}>
      <table className="table">
        <thead>
          <tr>
            <th scope="col">{say('common.team')}</th>
            <th scope="col">{say('expected.firstSproutSaid')}</th>
            <th scope="col">{say('expected.came')}</th>
            <th scope="col">{say('expected.tallestSaid')}</th>
            <th scope="col">{say('expected.came')}</th>
            <th scope="col">{say('expected.tallestOfAllSaid')}</th>
            <th scope="col">{say('expected.is')}</th>
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
                <td>{r.first.said === null ? '–' : say('expected.dayGuessed', { said: r.first.said })}</td>
                <td>{r.first.came === null ? say('expected.noneIsUp') : spanWords(r.first.came)}</td>
                <td>{r.height.said === null ? '–' : length(r.height.said)}</td>
                <td>
                  {r.height.came === null
                    ? say('expected.nothingMeasured')
                    : say('expected.readWithinDay', {
                        length: length(r.height.came.mm),
                        within: length((r.height.came.high - r.height.came.low) / 2),
                        dayNumber: r.height.came.dayNumber,
                      })}
                </td>
                <td>{label(r.winner.said)}</td>
                <td>{label(r.winner.came)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
