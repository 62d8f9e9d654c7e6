import { say } from '@bright-sprout/words/say';
import { Say } from '../../../words/Say';
import { type InvestigationRecords } from '@bright-sprout/contracts/answers/investigations';
import { type LessonDocument } from '@bright-sprout/contracts/conclude';
import { moved } from '@bright-sprout/core/conclude/points/arranged';
import { dayAndDate } from '@bright-sprout/core/calendar/days';
import { useEffect, useRef, useState } from 'react';
import { useChangeLesson } from '../../../api/queries';
import { Grains } from '../../../conclude/Grains';
import { PointFigureView } from '../../../conclude/PointFigureView';
import { type Looked } from '../../../page/InvestigationFrame';
import { Empty, ProblemNotice, Waiting } from '../../../page/Notices';
import { useWidth } from '../../../page/useWidth';
import { type Measure } from '@bright-sprout/core/measures/measure';
import { ConcludeFrame } from '../ConcludeFrame';
import { OwnPointForm } from './OwnPointForm';
import { PointPeg } from './PointPeg';
import { type ShownPoint, usePoints } from './usePoints';

export function TalkingPointsView() {
  return <ConcludeFrame>{({ records, hang }) => <TalkingPoints records={records} hang={hang} />}</ConcludeFrame>;
}

function TalkingPoints({ records, hang }: Pick<Looked, 'records' | 'hang'>) {
  const { points, measure, error } = usePoints(records);
  const [chosen, setChosen] = useState<string | null>(null);
  const [showHidden, setShowHidden] = useState(false);
  const change = useChangeLesson(records.investigation.id);
  const shown = points?.filter((p) => !p.hidden) ?? null;
  const open = shown?.find((p) => p.key === chosen) ?? shown?.[0] ?? null;
  useEffect(() => {
    hang((shown ?? []).map((p) => ({ day: p.day, name: String(p.number), open: p === open })));
    return () => hang([]);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- both are made anew from these
  }, [points, open?.key, hang]);
  if (error) return <ProblemNotice error={error} />;
  if (points === null || shown === null) return <Waiting>{say('points.lookingThroughRecorded')}</Waiting>;
  const hidden = points.filter((p) => p.hidden);
  const edit = (next: (d: LessonDocument) => LessonDocument) => change.mutate(next);
  const toggled = (list: string[], key: string) => (list.includes(key) ? list.filter((k) => k !== key) : [...list, key]);
  const acts = (p: ShownPoint) => ({
    onPin: () => edit((d) => ({ ...d, pinned: toggled(d.pinned, p.key) })),
    onHide: () => edit((d) => ({ ...d, hidden: toggled(d.hidden, p.key) })),
    onMove: (by: -1 | 1) => edit((d) => ({ ...d, order: moved(points, p.key, by) })),
    onRemove: p.own ? () => edit((d) => ({ ...d, own: d.own.filter((o) => o.id !== p.own!.id) })) : null,
  });
  return (
    <section aria-label={say('points.talkingPoints')} className="talking-points">
      {open ? (
        <OpenPoint key={open.key} point={open} records={records} measure={measure} {...acts(open)} />
      ) : (
        <Empty title={say('points.nothingStandsFar')}>
          <p>{say('points.pointsFoundRecordCome')}</p>
        </Empty>
      )}
      <div>
        <h2 className="points-title">
          <Say
            it="points.thingThingsPlantsAsk"
            countShown={shown.length}
            span={(inside) => <span className="second">{inside}</span>}
          />
        </h2>
        <ol className="points-list">
          {shown
            .filter((p) => p !== open)
            .map((p) => (
              <li key={p.key}>
                <button type="button" className="point-row" onClick={() => setChosen(p.key)}>
                  <PointPeg number={p.number!} />
                  <span className="point-thumb">
                    {p.found && (
                      <PointFigureView
                        figure={p.found.figure}
                        records={records}
                        measure={measure}
                        width={112}
                        height={66}
                        small
                      />
                    )}
                  </span>
                  <span className="point-words">
                    <b>{p.title}</b>
                    <span>{p.asks}</span>
                  </span>
                </button>
                <PointActs point={p} {...acts(p)} />
              </li>
            ))}
        </ol>
        <div className="points-foot">
          <OwnPointForm records={records} onAdd={(own) => edit((d) => ({ ...d, own: [...d.own, own] }))} />
          {hidden.length > 0 && (
            <button type="button" className="btn btn-plain" aria-expanded={showHidden} onClick={() => setShowHidden(!showHidden)}>
              {say('points.hiddenPoints', { countHidden: hidden.length, showHidden })}
            </button>
          )}
        </div>
        {showHidden && (
          <ul className="points-hidden">
            {hidden.map((p) => (
              <li key={p.key}>
                {p.title}{' '}
                <button type="button" className="btn btn-plain" onClick={acts(p).onHide}>
                  {say('points.showAgain')}
                </button>
              </li>
            ))}
          </ul>
        )}
        {change.error && <ProblemNotice error={change.error} />}
      </div>
    </section>
  );
}

interface Acts {
  onPin: () => void;
  onHide: () => void;
  onMove: (by: -1 | 1) => void;
  /** Only what the teacher wrote can be taken away. */
  onRemove: (() => void) | null;
}

function PointActs({ point, onPin, onHide, onMove, onRemove }: { point: ShownPoint } & Acts) {
  return (
    <span className="point-acts">
      <button type="button" className="point-act" aria-pressed={point.pinned} onClick={onPin}>
        {point.pinned ? say('points.pinned') : say('points.pin')}
      </button>
      <button
        type="button"
        className="point-act"
        onClick={() => onMove(-1)}
        aria-label={say('points.earlier', { title: point.title })}
      >
        ↑
      </button>
      <button
        type="button"
        className="point-act"
        onClick={() => onMove(1)}
        aria-label={say('points.later', { title: point.title })}
      >
        ↓
      </button>
      <button type="button" className="point-act" onClick={onRemove ?? onHide}>
        {onRemove ? say('common.takeAway') : say('points.hide')}
      </button>
      <span className="point-odds second">
        <Grains chance={point.found?.chance ?? null} />
        {point.luck
          ? point.luck.often.replace(/^in /, '').replace(/ classes$/, '')
          : point.own
            ? say('points.yours')
            : say('points.noLuckInIt')}
      </span>
    </span>
  );
}

function OpenPoint({
  point,
  records,
  measure,
  ...acts
}: { point: ShownPoint; records: InvestigationRecords; measure: Measure } & Acts) {
  const holder = useRef<HTMLDivElement>(null);
  const width = useWidth(holder, 620);
  const [working, setWorking] = useState(false);
  const { sownOn } = records.investigation;
  return (
    <article className="point-open" aria-label={say('points.point', { number: point.number })}>
      <header>
        <PointPeg number={point.number!} open />
        <div>
          <h2>{point.title}</h2>
          <p className="point-asks">{point.asks}</p>
        </div>
        <PointActs point={point} {...acts} />
      </header>
      <div ref={holder} role="img" aria-label={point.title} className="point-figure">
        {point.found && width > 60 && (
          <PointFigureView
            figure={point.found.figure}
            records={records}
            measure={measure}
            width={width}
            height={Math.round(Math.min(352, Math.max(240, width * 0.56)))}
            small={false}
          />
        )}
      </div>
      <div className="point-foot">
        <span>
          <Grains chance={point.found?.chance ?? null} />{' '}
          {point.luck
            ? say('points.luckAloneDoes', { often: point.luck.often })
            : point.own
              ? say('points.ownPoint')
              : say('points.happenedLuckQuestion')}
        </span>
        {point.luck && (
          <button type="button" className="btn btn-plain" aria-expanded={working} onClick={() => setWorking(!working)}>
            {working ? say('points.foldWorking') : say('points.showWorking')}
          </button>
        )}
      </div>
      {working && point.luck && (
        <p className="second">
          {say('points.countedPoint', { counted: point.luck.counted, dayAndDate: dayAndDate(sownOn, point.day, ', ') })}
        </p>
      )}
    </article>
  );
}
